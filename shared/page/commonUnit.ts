import { shift } from '../../core/decimal/arithmetic'
import { type Decimal, toText } from '../../core/decimal/decimal'
import { recordedIn, type Recorded } from '../../core/label/context'
import type { Row, Value } from '../../core/label/types'
import { amountOf, isFiniteAmount } from '../../core/label/value'
import { type Conversion, convertedDecimal, unconverted } from '../../core/measures/apply'
import { areAlike, baseUnitOf, conversionOf } from '../../core/measures/convert'
import { baseOf, rateConversion } from '../../core/measures/rates'
import { NOTHING, toDecimal } from '../../core/measures/rational'
import { recordedBy, type Unit, unitKinds } from '../../core/units'
import { type Cell, decimalOf, type UnitsByRow, unitsByRow } from '../quantities'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'

/** The unit that all rows of a quantity are brought to before anything is added or drawn. */
export interface CommonUnit extends UnitsByRow {
  /** A code of ISO 4217 or an id of CLDR. */
  readonly unit: string
  /** What leads there from each unit of the rows; null where it is the unit itself. */
  readonly from: ReadonlyMap<string, Conversion | null>
}

/** The unit that each row names, as a style says it. */
export const unitByRow = ({ kind, column }: UnitsByRow): Unit =>
  unitKinds[kind].byCells!.inColumn(column)

/** The text of a cell that names a unit. */
export const unitIn = (cell: unknown): string => String(cell ?? '').trim()

/** The units of rows that have a number, the one of most rows first; null where one names none. */
function unitsIn(cells: readonly Cell[], names: readonly Cell[]): string[] | null {
  const counts = new Map<string, number>()
  for (const [at, cell] of cells.entries()) {
    if (cell === null || cell === '') continue
    const unit = unitIn(names[at])
    if (unit === '') return null
    counts.set(unit, (counts.get(unit) ?? 0) + 1)
  }
  return [...counts].sort((a, b) => b[1] - a[1]).map(([unit]) => unit)
}

/** Whether a conversion leads from every decimal to a decimal. */
const endsExactly = ({ scale, shift: moved }: Conversion): boolean =>
  toDecimal(scale) !== null && toDecimal(moved) !== null

type Conversions = CommonUnit['from']
/**
 * What leads from each unit to one of them, exactly; null where something does not.
 *
 * @param units by the cells that name them
 */
function leadTo(
  unit: string,
  units: ReadonlyMap<string, string>,
  conversionTo: (from: string, to: string) => Conversion | null,
): Conversions | null {
  const found = new Map<string, Conversion | null>()
  for (const [cell, from] of units) {
    const conversion = from === unit ? null : conversionTo(from, unit)
    if (from !== unit && (!conversion || !endsExactly(conversion))) return null
    found.set(cell, conversion)
  }
  return found
}

/** How each kind of unit is brought to another, and which unit is tried first. */
const KINDS: {
  readonly [Kind in UnitsByRow['kind']]: {
    first(units: readonly string[], rates: NonNullable<StudyDocument['rates']>): string[]
    convert(
      from: string,
      to: string,
      how: { rates: NonNullable<StudyDocument['rates']>; isChange: boolean },
    ): Conversion | null
  }
} = {
  currency: {
    first: (units, rates) =>
      units.length > 1 ? [baseOf(rates) ?? units[0]!, ...units] : [...units],
    convert: (from, to, { rates }) => rateConversion(rates, from, to),
  },
  measure: {
    first: (units) => [...units, baseUnitOf(units[0]!)],
    convert(from, to, { isChange }) {
      if (!areAlike(from, to)) return null
      const conversion = conversionOf(from, to)
      return isChange ? { ...conversion, shift: NOTHING } : conversion
    },
  },
}

const namedBy = (kind: UnitsByRow['kind']) => unitKinds[kind].byCells!.named
/** The code or the id of the unit that a cell names; null where it names none. */
export const unitNamedBy = (kind: UnitsByRow['kind'], cell: unknown): string | null =>
  namedBy(kind)(unitIn(cell))

/**
 * The unit that rows are brought to: of currencies the base of the rates, of measures the first in
 * which every row is a decimal exactly.
 *
 * @param cellsOf the cells of a column
 * @returns null where no rows name a unit, one names none, or nothing leads from one to another
 */
export function commonUnitOf(
  units: UnitsByRow | null,
  { column, kind }: Pick<Quantity, 'column' | 'kind'>,
  cellsOf: (name: string) => readonly Cell[] | undefined,
  rates: NonNullable<StudyDocument['rates']> = [],
): CommonUnit | null {
  const [cells, names] = units ? [cellsOf(column), cellsOf(units.column)] : []
  const found = cells && names ? unitsIn(cells, names) : null
  if (!units || !found || found.length === 0) return null
  const { first, convert } = KINDS[units.kind]
  const byCell = new Map(
    found.flatMap((cell) => {
      const unit = namedBy(units.kind)(cell)
      return unit === null ? [] : [[cell, unit] as const]
    }),
  )
  if (byCell.size < found.length) return null
  const how = { rates, isChange: kind === 'change' }
  for (const unit of first([...new Set(byCell.values())], rates)) {
    const from = leadTo(unit, byCell, (one, to) => convert(one, to, how))
    if (from) return { ...units, unit, from }
  }
  return null
}

/** A value in the common unit of its quantity. @param unit that its row names */
export function inCommon(
  { from }: CommonUnit,
  value: Decimal,
  unit: string,
  recorded: number,
): Decimal {
  const conversion = from.get(unit)
  if (!conversion) return value
  return shift(convertedDecimal(shift(value, recorded), conversion), -recorded)
}

/**
 * A value in the unit that its row names: the value as it is where the row names none, or the common
 * one.
 */
export function inUnitOfRow(
  { column, from }: CommonUnit,
  value: Value,
  row: Row | undefined,
  { recorded = 0 }: Recorded,
): Value {
  const conversion = from.get(unitIn(row?.[column]))
  const amount = conversion ? amountOf(value) : null
  if (!conversion || !isFiniteAmount(amount)) return value
  return toText(shift(unconverted(shift(amount, recorded), conversion, false), -recorded))
}

/** Whether some row is in another unit than the common one. */
const converts = ({ from }: CommonUnit): boolean => [...from.values()].some(Boolean)

/**
 * The cells of a column in the common unit of its quantity: the same cells where all rows are in it.
 *
 * @param names the cells that name the units
 */
export function cellsInCommon(
  common: CommonUnit | null,
  cells: readonly Cell[],
  names: readonly Cell[],
  recorded = 0,
): readonly Cell[] {
  if (!common || !converts(common)) return cells
  return cells.map((cell, at) => {
    const unit = unitIn(names[at])
    const value = common.from.get(unit) ? decimalOf(cell) : null
    return value ? toText(inCommon(common, value, unit, recorded)) : cell
  })
}

/** What a quantity says of how its cells are recorded. */
export type RecordedQuantity = Pick<Quantity, 'recorded' | 'measure' | 'kind' | 'currency'>

/**
 * What the values of a quantity are recorded in, once its rows were brought to a common unit.
 *
 * @param valuesIn whether values are in the common unit, or still in that of their row
 * @example recordedInCommon(revenue, common, rates, 'common').currency // 'EUR'
 */
export function recordedInCommon(
  { recorded: power, measure, kind: sort, currency }: RecordedQuantity,
  common: CommonUnit | null,
  rates: StudyDocument['rates'],
  valuesIn: 'common' | 'row' = 'common',
): Recorded {
  const recorded = recordedIn({ recorded: power, measure, kind: sort, currency, rates })
  if (!common) return recorded
  const { kind, unit, column } = common
  return {
    ...recorded,
    ...recordedBy(kind, unit),
    rates,
    units: { column, valuesIn },
  }
}

/** A column of a quantity in its common unit, and how it is recorded then. */
export interface ColumnInCommon {
  readonly cells: readonly Cell[]
  readonly recorded: Recorded
  readonly common: CommonUnit | null
  /** The column and the cells that name the units, where rows name any. */
  readonly names: readonly (readonly [string, readonly Cell[]])[]
}

/** A quantity with all that decides how its column is brought to one unit. */
export interface WithUnits extends RecordedQuantity, Pick<Quantity, 'id' | 'column' | 'title'> {
  readonly byRow: UnitsByRow | null
}
/** What of a quantity decides how its column is brought to one unit. */
export const withUnits = (document: StudyDocument, quantity: Quantity): WithUnits => {
  const { id, column, title, recorded, measure, kind, currency } = quantity
  const byRow = unitsByRow(document, quantity)
  return { id, column, title, recorded, measure, kind, currency, byRow }
}

/**
 * The cells of a quantity in the common unit of its rows.
 *
 * @param cellsOf the cells of a column; undefined where it is not here
 * @returns null where the quantity's own column is not here
 */
export function columnInCommon(
  quantity: WithUnits,
  rates: StudyDocument['rates'],
  cellsOf: (name: string) => readonly Cell[] | undefined,
): ColumnInCommon | null {
  const { column, byRow } = quantity
  const own = cellsOf(column)
  if (!own) return null
  const units = byRow && cellsOf(byRow.column)
  const common = units ? commonUnitOf(byRow, quantity, cellsOf, rates) : null
  return {
    common,
    cells: units ? cellsInCommon(common, own, units, quantity.recorded) : own,
    recorded: recordedInCommon(quantity, common, rates),
    names: byRow && units ? [[byRow.column, units]] : [],
  }
}
