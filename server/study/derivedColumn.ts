import { derivations, derive, type Takes } from '../../core/data/derive'
import { fitsDouble, shift } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toNumber, toText } from '../../core/decimal/decimal'
import type { ImportedColumn } from '../../shared/import/types'
import { columnInCommon, unitIn, withUnits } from '../../shared/page/commonUnit'
import {
  type Cell,
  decimalOf,
  quantityOf,
  type UnitsByRow,
  unitsByRow,
} from '../../shared/quantities'
import type { ColumnReason } from '../../shared/study/columnReason'
import type { DatasetMeta } from '../../shared/study/dataset'
import type { StudyDocument } from '../../shared/study/document'
import type { NewColumn } from '../../shared/study/requests'
import { type Recording, recordingOf } from './derivedQuantity'
import {
  type CountedIn,
  countedIn,
  isUnitless,
  joinedUnit,
  meetingOf,
  titleOf,
} from './derivedUnits'
import { recordedBy } from '../../core/units'

/** A column that cannot be made: its name is taken, or what it is made of is not there. */
export class ColumnError extends Error {
  override name = 'ColumnError'
}

/** Units that a message names at most. */
const MOST_NAMED = 5

/** A derived column as it is kept. */
function columnOf(
  name: string,
  reason: ColumnReason,
  values: readonly (Decimal | null)[],
): ImportedColumn {
  const isDouble = values.every((value) => !value || fitsDouble(value))
  return {
    name,
    kind: 'number',
    reason,
    missing: values.filter((value) => !value).length,
    unread: [],
    doubles: isDouble
      ? Float64Array.from(values, (value) => (value ? toNumber(value) : NaN))
      : null,
    cells: () => values.map((value) => value && toText(value)),
  }
}

/** The part of a request that a way of making a column needs. */
const NEEDED: Record<Takes, 'and' | 'number' | null> = {
  nothing: null,
  column: 'and',
  groups: 'and',
  number: 'number',
}
/** What a way of making a column takes, in words. */
const TAKEN: Record<Takes, string> = {
  nothing: 'one column',
  column: 'two columns of numbers',
  groups: 'a column of numbers and one of names',
  number: 'a column and a number, such as 1000',
}
/** What a column is made of, and where its cells come from. */
export interface ToDerive {
  readonly dataset: DatasetMeta
  readonly document: StudyDocument
  readonly column: NewColumn
  readonly cellsOf: (datasetId: string, name: string) => Cell[]
}

/** A column of numbers that another is made of: true values, and what they count. */
interface Source {
  readonly values: readonly (Decimal | null)[]
  readonly counted: CountedIn
}

/** The columns that a new one is made of. */
function sourcesOf({ dataset, document, cellsOf }: ToDerive) {
  const kindOf = (wanted: string) => dataset.columns.find((one) => one.name === wanted)?.kind
  const own = (wanted: string) => quantityOf(document, dataset.id, wanted)
  const unitsOf = (wanted: string) => {
    const quantity = own(wanted)
    return quantity ? unitsByRow(document, quantity) : null
  }
  const trueValues = (cells: readonly Cell[], recorded: number) =>
    cells.map((cell) => {
      const value = decimalOf(cell)
      return value && shift(value, recorded)
    })
  /** What the rows of a column that share no unit are in. */
  function mixedIn(column: string): ColumnError {
    const named = cellsOf(dataset.id, unitsOf(column)!.column).map(unitIn)
    const units = [...new Set(named)].filter(Boolean).slice(0, MOST_NAMED).join(', ')
    return new ColumnError(
      named.includes('')
        ? `Some rows of “${column}” name no unit: fill them in, and make the column again.`
        : `The rows of “${column}” are in ${units}, which cannot be put together. Enter exchange rates, or show the rows of one unit, and make the column again.`,
    )
  }
  function numbers(wanted: string, isByRow: boolean): Source {
    if (kindOf(wanted) !== 'number')
      throw new ColumnError(`“${wanted}” is no column of numbers in ${dataset.name}.`)
    const quantity = own(wanted)
    const recorded = quantity?.recorded ?? 0
    const asRecorded = cellsOf(dataset.id, wanted)
    const units = unitsOf(wanted)
    if (!quantity || !units || isByRow)
      return {
        values: trueValues(asRecorded, recorded),
        counted: units ? null : countedIn(quantity),
      }
    const { cells, common } = columnInCommon(
      withUnits(document, quantity),
      document.rates,
      (name) => cellsOf(dataset.id, name),
    )!
    if (!common && asRecorded.some((cell) => cell !== null)) throw mixedIn(wanted)
    return {
      values: trueValues(cells, recorded),
      counted: common && (recordedBy(common.kind, common.unit) as CountedIn),
    }
  }
  function groups(wanted: string) {
    if (kindOf(wanted) !== 'text')
      throw new ColumnError(`“${wanted}” is no column of names in ${dataset.name}.`)
    return cellsOf(dataset.id, wanted).map((cell) => (cell === null ? null : String(cell)))
  }
  return { own, unitsOf, numbers, groups }
}
type Sources = ReturnType<typeof sourcesOf>

/** That each row of a new column is made in its own unit, and how it names the one of the result. */
interface Kept {
  /** null where the units cancel. */
  readonly units: UnitsByRow | null
}
/**
 * How rows name the units of a new column, where each is made in the unit of its row; null where all
 * are brought to one first.
 */
function unitsKept({ by, of, and }: NewColumn, { own, unitsOf }: Sources): Kept | null {
  if (!('isByRow' in derivations[by])) return null
  const { takes } = derivations[by]
  const units = unitsOf(of)
  if (takes !== 'column' || and === undefined) return units && { units }
  const others = unitsOf(and)
  if (units && others) {
    const isSame = units.column === others.column && units.kind === others.kind
    return isSame && by !== 'product' ? { units: by === 'ratio' ? null : units } : null
  }
  const isNumber = (name: string) => !unitsOf(name) && isUnitless(countedIn(own(name)))
  if (units && isNumber(and) && (by === 'product' || by === 'ratio')) return { units }
  return others && isNumber(of) && by === 'product' ? { units: others } : null
}

/** The values of a column made of two, and what they count. @throws ColumnError where it cannot be */
function ofTwo(
  { by, of, and }: NewColumn,
  first: Source,
  other: Source,
  rates: StudyDocument['rates'],
): Source {
  const meeting = meetingOf(other.counted, first.counted, rates)
  const isProduct = by === 'product'
  if (!isProduct && 'into' in meeting) {
    const column = other.values.map((value) => value && meeting.into(value))
    return {
      values: derive(by, first.values, { column }),
      counted: by === 'ratio' && other.counted !== null ? null : first.counted,
    }
  }
  const unit = joinedUnit(first.counted, other.counted, isProduct ? 1 : -1)
  if ('needsOneUnit' in derivations[by] || !unit) {
    const [from, to] = [titleOf(first.counted), titleOf(other.counted)]
    throw new ColumnError(
      `“${of}” is in ${from} and “${and!}” in ${to}: they cannot be ${isProduct ? 'multiplied' : 'added or compared'}. Choose columns of one unit${isMoney(first, other) ? ', or enter exchange rates' : ''}.`,
    )
  }
  const values = derive(by, first.values, { column: [...other.values] })
  return {
    values: values.map((value) => value && unit.into(value)),
    counted: { compound: unit.unit },
  }
}
const isMoney = (...sources: readonly Source[]): boolean =>
  sources.every(({ counted }) => counted !== null && 'currency' in counted)

/** The numbers of a derived column and what they count. @throws ColumnError saying what stands against it */
function madeOf(given: ToDerive): { made: Source; units: UnitsByRow | null } {
  const { by, of, and, number } = given.column
  const { takes, title } = derivations[by]
  const needs = NEEDED[takes]
  if (needs && given.column[needs] === undefined)
    throw new ColumnError(`${title} … takes ${TAKEN[takes]}.`)
  const sources = sourcesOf(given)
  const kept = unitsKept(given.column, sources)
  const units = kept?.units ?? null
  const first = sources.numbers(of, kept !== null)
  if (takes === 'column') {
    const other = sources.numbers(and!, kept !== null)
    return { units, made: ofTwo(given.column, first, other, given.document.rates) }
  }
  const values = derive(by, first.values, {
    ...(takes === 'groups' && { groups: sources.groups(and!) }),
    ...(takes === 'number' && { number: decimal(number!) }),
  })
  return { units, made: { ...first, values } }
}

/** How a column was calculated. */
export const derivedReason = ({ by, of, and, number }: NewColumn): ColumnReason => ({
  code: 'derived',
  by,
  of,
  ...(and === undefined ? {} : { and }),
  ...(number === undefined ? {} : { number }),
})

/** A column made of others, and how the quantity of it is recorded. */
export interface Derived {
  readonly column: ImportedColumn
  readonly told: Recording
}
/**
 * A column made of others of its data set.
 *
 * @throws ColumnError saying what stands against it
 */
export function derivedColumn(given: ToDerive): Derived {
  const { column, document, dataset } = given
  const { made, units } = madeOf(given)
  const like = quantityOf(document, dataset.id, column.of)
  const other = column.and === undefined ? undefined : quantityOf(document, dataset.id, column.and)
  return {
    column: columnOf(column.name, derivedReason(column), made.values),
    told: recordingOf({ by: column.by, counted: made.counted, units, like, other }),
  }
}
