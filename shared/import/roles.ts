import type { Role } from '../../core/data/roles'
import type { Header } from './header'
import { isShare } from '../../core/units'
import type { ColumnReason } from '../study/columnReason'

/** What tells the role of a column of numbers. */
export interface Facts {
  readonly count: number
  /** Whether all are whole, above zero, and nothing but digits. */
  readonly areBare: boolean
  readonly least: number
  readonly largest: number
  /** The digits that all have; null where they differ. */
  readonly width: number | null
  readonly areDistinct: boolean
  /** Whether each is as far from the one before as any other, or the same again. */
  readonly areSteady: boolean
}
export interface Judged {
  readonly role: Role
  /** null where nothing but its cells says so. */
  readonly why: ColumnReason | null
  /** The roles between which only its owner can tell. */
  readonly asks?: readonly Role[]
}

const [FIRST_YEAR, LAST_YEAR] = [1500, 2199]
const [RECENT, SOON] = [1900, 2100]
/** Digits of one width from which they may be codes, and from which no quantity has them. */
const [CODE_WIDTH, LONG_WIDTH] = [5, 16]
const FEWEST = 4

type Rule = (facts: Facts, header: Header) => Judged | null
/** The first that says something holds. */
const rules: readonly Rule[] = [
  ({ areBare }, { isCode }) =>
    areBare && isCode ? { role: 'code', why: { code: 'codeHeader' } } : null,
  ({ areBare, width, areDistinct }) =>
    areBare && width !== null && width >= LONG_WIDTH && areDistinct
      ? { role: 'code', why: { code: 'codeDigits', width } }
      : null,
  ({ areBare, least, largest, areSteady }, header) => {
    if (!areBare || least < FIRST_YEAR || largest > LAST_YEAR || header.unit || header.power > 0)
      return null
    if (header.isYear) return { role: 'year', why: { code: 'yearHeader' } }
    if (least < RECENT || largest > SOON) return null
    return areSteady
      ? { role: 'year', why: { code: 'years', from: least, to: largest } }
      : {
          role: 'number',
          why: { code: 'maybeYears', from: least, to: largest },
          asks: ['number', 'year'],
        }
  },
  ({ areBare, width, areDistinct, count }, { unit, power, isRatio }) =>
    areBare &&
    width !== null &&
    width >= CODE_WIDTH &&
    areDistinct &&
    count >= FEWEST &&
    !unit &&
    power === 0 &&
    !isRatio
      ? {
          role: 'number',
          why: { code: 'maybeCodes', width },
          asks: ['number', 'code'],
        }
      : null,
  (_, { unit, isRatio }) =>
    isShare(unit) || isRatio ? { role: 'ratio', why: { code: 'ratioHeader' } } : null,
]

/**
 * The role of a column of numbers.
 *
 * @example roleOfNumbers({ …, least: 2021, largest: 2024, areSteady: true }, headerOf('y')).role // 'year'
 */
export function roleOfNumbers(facts: Facts, header: Header): Judged {
  for (const rule of rules) {
    const judged = rule(facts, header)
    if (judged) return judged
  }
  return { role: 'number', why: null }
}

const CODE_LIKE = /^(?=.*\d)(?=.*\p{L})[\p{L}\d]+(?:[-/._][\p{L}\d]+)*$/u
const MONTH =
  /^(?:\d{4}-(?:0[1-9]|1[0-2])|Q[1-4][\s/-]?\d{4}|\d{4}[\s/-]?Q[1-4]|\p{L}{3,9}\.?[\s-]\d{4})$/u

/** The role of a column of texts that are no dates of days. */
export function roleOfTexts(texts: Iterable<string>): Judged {
  let [some, codes, months] = [0, 0, 0]
  for (const text of texts) {
    const own = text.trim()
    if (own === '') continue
    some++
    if (CODE_LIKE.test(own)) codes++
    if (MONTH.test(own)) months++
    if (codes < some && months < some) break
  }
  if (some > 0 && months === some) return { role: 'date', why: { code: 'months' } }
  if (some > 0 && codes === some) return { role: 'code', why: { code: 'lettersAndDigits' } }
  return { role: 'text', why: null }
}
