import { add, compare, multiply, subtract, sum } from '../decimal/arithmetic'
import { type Decimal, ZERO } from '../decimal/decimal'
import { divide } from '../decimal/round'

type Cells = readonly (Decimal | null)[]
const isZero = (value: Decimal) => compare(value, ZERO) === 0
/** A quotient; missing where it would divide by zero. */
const over = (a: Decimal, b: Decimal): Decimal | null => (isZero(b) ? null : divide(a, b))
const rowwise =
  (by: (a: Decimal, b: Decimal) => Decimal | null) =>
  (a: Cells, b: Cells): (Decimal | null)[] =>
    a.map((one, at) => (one && b[at] ? by(one, b[at]) : null))

/** What a column can be made of two others, row by row; `share` is made of one. */
export const derivations = {
  sum: { title: 'the sum of', joins: 'and', ratio: false, of: rowwise(add) },
  difference: { title: 'the difference of', joins: 'less', ratio: false, of: rowwise(subtract) },
  product: { title: 'the product of', joins: 'and', ratio: false, of: rowwise(multiply) },
  ratio: { title: 'the ratio of', joins: 'to', ratio: true, of: rowwise(over) },
  change: {
    title: 'the change to',
    joins: 'from',
    ratio: true,
    of: rowwise((now, before) => over(subtract(now, before), before)),
  },
  share: {
    title: 'the share of all of',
    joins: '',
    ratio: true,
    of: (a: Cells): (Decimal | null)[] => {
      const whole = sum(a.filter((value) => value !== null))
      return a.map((value) => value && over(value, whole))
    },
  },
} as const
export type DerivationId = keyof typeof derivations
export const DERIVATION_IDS = Object.keys(derivations) as [DerivationId, ...DerivationId[]]

/**
 * A column made of others, exact but for quotients, which are rounded to 60 digits where they do
 * not end; missing where a cell is, or where it would divide by zero.
 *
 * @example derive('ratio', [decimal(1), null], [decimal(8), decimal(2)]) // [0.125, null]
 */
export const derive = (id: DerivationId, a: Cells, b: Cells): (Decimal | null)[] =>
  derivations[id].of(a, b)
