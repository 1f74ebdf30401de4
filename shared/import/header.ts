import type { Style } from '../../core/style/fields'
import { besideOf, powerOfMoney } from '../../core/style/besideNumbers'
import { priceUnit } from '../../core/style/compoundUnits'
import { unitNamed } from '../../core/units/names'
import { measureOf } from '../../core/units'

/** What the header of a column says about its numbers. */
export interface Header {
  /** The unit that it names; null for none. */
  readonly unit: NonNullable<Style['unit']> | null
  /** The power of ten that it names: 3 for thousands. */
  readonly power: number
  /** What it names without unit and rung. */
  readonly title: string
  readonly isCode: boolean
  readonly isYear: boolean
  readonly isRatio: boolean
}

const CODE =
  /(?:^|[\s_.-])(?:ids?|codes?|zip|zipcode|postcodes?|postal|plz|accounts?|acct|iban|bic|isbn|issn|ean|gtin|phone|telephone|tel|mobile|fax|sku|barcode|vin|uuid|key|kennung|konto|code postal)(?:$|[\s_.-])|(?:^|\s)(?:account|order|invoice|customer|member|ticket|serial|part|item|article|route|line|train|bus|tram|flight|room|house|lot|row|record)[\s_](?:no\.?|nr\.?|num|number|#)$|^(?:#|no\.?|nr\.?|№)$/i
const YEAR =
  /(?:^|[\s_.-])(?:years?|yr|fy|season|vintage|jahr|jahre|année|annee|año|ano|anno|rok|jaar|built|founded|born|died|opened|since|vintage)(?:$|[\s_.-])/i
const RATIO =
  /(?:^|[\s_.(-])(?:share|shares|ratio|rate|proportion|percent|percentage|pct|fraction|quota|anteil|quote|taux|part)(?:$|[\s_.),-])|\bper\b|%/i

const BRACKETS = /[([]([^()[\]]+)[)\]]\s*$/
const BEHIND = /(?:,\s*(?:in\s+)?|\s+in\s+)([^,]+)$/i
/** All of a name, where it says no more: in thousands. */
const ALONE = /^in\s+(.+)$/i
const LAST = /[\s_](\S{2,}|[%€$£‰])$/
/** A quotient in words: kilometres per day, litres per 100 km. */
const QUOTIENT = /(?:^|[\s,])(\S+\s+per\s+(?:\d+\s+)?\S+)$/i
/** What is counted for each of a unit. */
const PER = /\sper\s+(?:\d+\s+)?\S+$/i
/** Codes that stand in small letters behind the name of a column: price_eur. */
const SMALL_CODE = /_(eur|usd|gbp|chf|jpy|cny|inr|cad|aud|sek|nok|dkk|pln|brl)$/
/** Words that are units elsewhere, and say something else at the end of a header. */
const OTHER_WORDS = new Set([
  'min',
  'days',
  'years',
  'hours',
  'minutes',
  'months',
  'weeks',
  'bar',
  'miles',
])

/** Whether the last word of a header is a unit, with a rung before it where it is money: k€. */
const isUnit = (last: string): boolean =>
  !OTHER_WORDS.has(last) && (unitNamed(last) !== null || powerOfMoney(last) !== null)
/** Signs of money and of parts, which are no words. */
const SIGNS = /[\p{Sc}%‰]/u
/**
 * Whether a header is nothing but a unit: the symbol of a measure, of several letters, or a sign
 * with or without a rung: kWh, %, k€.
 */
function isAllUnit(name: string): boolean {
  if (SIGNS.test(name)) return isUnit(name)
  return name.length > 1 && !OTHER_WORDS.has(name) && measureOf(unitNamed(name)) !== null
}

/** The texts of a header in which it may name unit and rung, each with what stands before it. */
function saidIn(name: string): { text: string; before: string }[] {
  const last = LAST.exec(name)?.[1]
  // People per km are in no kilometres.
  const isLast = last !== undefined && isUnit(last) && !PER.test(name)
  const code = SMALL_CODE.exec(name)
  const found = [BRACKETS, QUOTIENT, BEHIND, ALONE, ...(isLast ? [LAST] : [])].flatMap(
    (pattern) => {
      const one = pattern.exec(name)
      if (!one?.[1]) return []
      const before = name.slice(0, one.index).replace(/[,\s]+$/, '')
      return [{ text: one[1].trim().replace(/^in\s+/i, ''), before }]
    },
  )
  if (code) found.push({ text: code[1]!.toUpperCase(), before: name.slice(0, code.index) })
  return isAllUnit(name) ? [...found, { text: name, before: '' }] : found
}

/**
 * What a header says of its numbers.
 *
 * @example headerOf('revenue (€ million)') // { unit: { kind: 'currency', code: 'EUR' }, power: 6, … }
 */
export function headerOf(name: string): Header {
  const flags = { isCode: CODE.test(name), isYear: YEAR.test(name), isRatio: RATIO.test(name) }
  for (const { text, before } of saidIn(name)) {
    const { power, unit } = besideOf(text.replace(/\bof\b\s*/i, ''))
    const price = priceUnit(unit) ? ({ kind: 'symbol', text: unit } as const) : null
    const named = unitNamed(unit) ?? price
    if (named || (power > 0 && unit === ''))
      return {
        ...{ unit: named, power, title: before || name, ...flags },
        // A quotient of measures is a number with a unit, and no share; prices do not add up.
        isRatio: price !== null || (flags.isRatio && measureOf(named) === null),
      }
  }
  return { unit: null, power: 0, title: name, ...flags }
}
