import { derivations, derive, type Takes } from '../../core/data/derive'
import { fitsDouble, shift } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toNumber, toText } from '../../core/decimal/decimal'
import type { ImportedColumn } from '../../shared/import/types'
import { type Cell, decimalOf, quantityOf } from '../../shared/quantities'
import { type DatasetMeta, MADE } from '../../shared/study/dataset'
import type { StudyDocument } from '../../shared/study/document'
import type { NewColumn } from '../../shared/study/requests'
import { countedIn, meetingOf } from './derivedUnits'

/** A column that cannot be made: its name is taken, or what it is made of is not there. */
export class ColumnError extends Error {
  override name = 'ColumnError'
}

/** A derived column as it is kept. */
function columnOf(
  name: string,
  reason: string,
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

/** The numbers of a derived column. @throws ColumnError saying what stands against it */
function valuesOf({ dataset, document, column, cellsOf }: ToDerive) {
  const { by, of, and, number } = column
  const { takes, title, makes } = derivations[by]
  const needs = NEEDED[takes]
  if (needs && column[needs] === undefined)
    throw new ColumnError(`${title} … takes ${TAKEN[takes]}.`)
  const kindOf = (wanted: string) => dataset.columns.find((one) => one.name === wanted)?.kind
  const own = (wanted: string) => quantityOf(document, dataset.id, wanted)
  // What columns are recorded in may differ: they meet as true values, in one unit.
  const numbersOf = (wanted: string) => {
    if (kindOf(wanted) !== 'number')
      throw new ColumnError(`“${wanted}” is no column of numbers in ${dataset.name}.`)
    const recorded = own(wanted)?.recorded ?? 0
    return cellsOf(dataset.id, wanted).map((cell) => {
      const value = decimalOf(cell)
      return value && shift(value, recorded)
    })
  }
  const groupsOf = (wanted: string) => {
    if (kindOf(wanted) !== 'text')
      throw new ColumnError(`“${wanted}” is no column of names in ${dataset.name}.`)
    return cellsOf(dataset.id, wanted).map((cell) => (cell === null ? null : String(cell)))
  }
  /** The other column, in the unit of the first where they are added or compared. */
  function inUnitOf(first: string, other: string): (Decimal | null)[] {
    const meeting = meetingOf(countedIn(own(other)), countedIn(own(first)))
    if ('into' in meeting) return numbersOf(other).map((value) => value && meeting.into(value))
    // A quotient of two units is a number of its own; what is added or compared is in one.
    if (!('needsOneUnit' in derivations[by])) return numbersOf(other)
    throw new ColumnError(
      `“${first}” is in ${meeting.to} and “${other}” in ${meeting.from}: they cannot be added or compared. Choose columns of one unit.`,
    )
  }
  return derive(by, numbersOf(of), {
    ...(takes === 'column' && {
      column: makes === 'another' ? numbersOf(and!) : inUnitOf(of, and!),
    }),
    ...(takes === 'groups' && { groups: groupsOf(and!) }),
    ...(takes === 'number' && { number: decimal(number!) }),
  })
}

/** How a column came to be, in words. */
export const derivedHow = ({ by, of, and, number }: NewColumn): string =>
  `${MADE}${derivations[by].title} ${[of, and ?? number].filter(Boolean).join(` ${derivations[by].joins} `)}`

/**
 * A column made of others of its data set.
 *
 * @throws ColumnError saying what stands against it
 */
export const derivedColumn = (given: ToDerive): ImportedColumn =>
  columnOf(given.column.name, derivedHow(given.column), valuesOf(given))
