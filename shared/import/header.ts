import type { Style } from '../../core/style/fields'
import { besideOf, unitNamed } from '../../core/style/namedUnits'

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
const LAST = /\s(\S{2,}|[%€$£‰])$/
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
  'ms',
  'miles',
])

/** The texts of a header in which it may name unit and rung, each with what stands before it. */
function saidIn(name: string): { text: string; before: string }[] {
  const last = LAST.exec(name)?.[1]
  const isLast = last && !OTHER_WORDS.has(last) && unitNamed(last)
  return [BRACKETS, BEHIND, ALONE, ...(isLast ? [LAST] : [])].flatMap((pattern) => {
    const found = pattern.exec(name)
    if (!found?.[1]) return []
    const before = name.slice(0, found.index).trim()
    return [{ text: found[1].trim().replace(/^in\s+/i, ''), before }]
  })
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
    const named = unitNamed(unit)
    if (named || (power > 0 && unit === ''))
      return { unit: named, power, title: before || name, ...flags }
  }
  return { unit: null, power: 0, title: name, ...flags }
}
