import { add, compare, multiply, subtract, sum } from '../decimal/arithmetic'
import { type Decimal, ZERO } from '../decimal/decimal'
import { divide } from '../decimal/round'

type Cells = readonly (Decimal | null)[]
/** What a column is made with, beside the one that it is made of. */
export interface Given {
  readonly column: Cells
  readonly number: Decimal
  /** The group that each row belongs to. */
  readonly groups: readonly (string | null)[]
}
export type Takes = keyof Given | 'nothing'
/** What a derived column measures, beside what it is made of. */
type Makes = 'the same' | 'a change' | 'a ratio' | 'a share' | 'another'
interface Derivation {
  readonly title: string
  /** What joins the column and what it is made with, in words. */
  readonly joins: string
  readonly takes: Takes
  readonly makes: Makes
  /** Whether both columns must be in one unit, as what is added or compared must. */
  readonly needsOneUnit?: boolean
  /** Whether each cell is made of its own row alone, so that rows may be in units of their own. */
  readonly isByRow?: boolean
  of(cells: Cells, given: Given): (Decimal | null)[]
}

const isZero = (value: Decimal) => compare(value, ZERO) === 0
/** A quotient; missing where it would divide by zero. */
const over = (a: Decimal, b: Decimal): Decimal | null => (isZero(b) ? null : divide(a, b))
const growth = (now: Decimal, before: Decimal) => over(subtract(now, before), before)
type ByTwo = (a: Decimal, b: Decimal) => Decimal | null

const rowwise =
  (by: ByTwo): Derivation['of'] =>
  (a, { column }) =>
    a.map((one, at) => (one && column[at] ? by(one, column[at]) : null))
const withNumber =
  (by: ByTwo): Derivation['of'] =>
  (a, { number }) =>
    a.map((one) => one && by(one, number))
const sinceRowBefore =
  (by: ByTwo): Derivation['of'] =>
  (a) =>
    a.map((one, at) => {
      const before = a[at - 1]
      return one && before ? by(one, before) : null
    })

/** A total that goes on from row to row; a missing cell has none, and adds nothing. */
function running(cells: Cells): (Decimal | null)[] {
  let total = ZERO
  return cells.map((value) => {
    if (value) total = add(total, value)
    return value && total
  })
}

/** Of each cell its share of its group. */
function shares(cells: Cells, groups: Given['groups']): (Decimal | null)[] {
  const members = new Map<string | null, Decimal[]>()
  cells.forEach((value, at) => {
    const group = groups[at] ?? null
    const all = members.get(group) ?? []
    if (value) all.push(value)
    members.set(group, all)
  })
  const wholes = new Map([...members].map(([group, all]) => [group, sum(all)]))
  return cells.map((value, at) => value && over(value, wholes.get(groups[at] ?? null)!))
}

/** What a column can be made of another, row by row. To add a way, add a line. */
export const derivations = {
  sum: {
    title: 'the sum of',
    joins: 'and',
    takes: 'column',
    makes: 'the same',
    needsOneUnit: true,
    isByRow: true,
    of: rowwise(add),
  },
  difference: {
    title: 'the difference of',
    joins: 'less',
    takes: 'column',
    makes: 'the same',
    needsOneUnit: true,
    isByRow: true,
    of: rowwise(subtract),
  },
  product: {
    title: 'the product of',
    joins: 'and',
    takes: 'column',
    makes: 'another',
    isByRow: true,
    of: rowwise(multiply),
  },
  ratio: {
    title: 'the ratio of',
    joins: 'to',
    takes: 'column',
    makes: 'a ratio',
    isByRow: true,
    of: rowwise(over),
  },
  change: {
    title: 'the change to',
    joins: 'from',
    takes: 'column',
    makes: 'a share',
    needsOneUnit: true,
    isByRow: true,
    of: rowwise(growth),
  },
  share: {
    title: 'the share of all of',
    joins: '',
    takes: 'nothing',
    makes: 'a share',
    of: (a) => shares(a, []),
  },
  groupShare: {
    title: 'the share, in its group, of',
    joins: 'grouped by',
    takes: 'groups',
    makes: 'a share',
    of: (a, { groups }) => shares(a, groups),
  },
  times: {
    title: 'the multiple of',
    joins: 'by the number',
    takes: 'number',
    makes: 'the same',
    isByRow: true,
    of: withNumber(multiply),
  },
  over: {
    title: 'the quotient of',
    joins: 'divided by the number',
    takes: 'number',
    makes: 'the same',
    isByRow: true,
    of: withNumber(over),
  },
  plus: {
    title: 'the increase of',
    joins: 'by the number',
    takes: 'number',
    makes: 'the same',
    of: withNumber(add),
  },
  rowChange: {
    title: 'the difference to the row before, of',
    joins: '',
    takes: 'nothing',
    makes: 'a change',
    of: sinceRowBefore(subtract),
  },
  rowGrowth: {
    title: 'the growth since the row before, of',
    joins: '',
    takes: 'nothing',
    makes: 'a share',
    of: sinceRowBefore(growth),
  },
  running: {
    title: 'the running total of',
    joins: '',
    takes: 'nothing',
    makes: 'the same',
    of: running,
  },
} as const satisfies Record<string, Derivation>
export type DerivationId = keyof typeof derivations
export const DERIVATION_IDS = Object.keys(derivations) as [DerivationId, ...DerivationId[]]

const NOTHING: Given = { column: [], number: ZERO, groups: [] }
/**
 * A column made of another, exact but for quotients, which are rounded to 60 digits where they do
 * not end; missing where a cell is, or where it would divide by zero.
 *
 * @param given what it is made with, where it takes something
 * @example derive('ratio', [decimal(1), null], { column: [decimal(8), decimal(2)] }) // [0.125, null]
 */
export const derive = (
  id: DerivationId,
  cells: Cells,
  given: Partial<Given> = {},
): (Decimal | null)[] => (derivations[id] as Derivation).of(cells, { ...NOTHING, ...given })
