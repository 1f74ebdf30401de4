import { type DecimalMark, isMissing, readCell } from './cells'
import { type ImportedColumn, rowsText } from './column'
import { intake } from './intake'
import { type AskedOrder, isUnclear, reasonForDates } from './dates'
import { ImportError } from './error'
import { readRows } from './rows'

export interface ImportedTable {
  readonly delimiter: string
  readonly decimalMark: DecimalMark
  readonly rowCount: number
  readonly columns: readonly ImportedColumn[]
  /** What was done that the file did not ask for. */
  readonly notices: readonly string[]
}

/** Whether a first line names the columns: some cell of it is neither number nor missing. */
const isHeader = (row: readonly string[]): boolean =>
  row.some(
    (cell) => readCell(cell, '.') === null && readCell(cell, ',') === null && !isMissing(cell),
  )

/** A name for each column, none twice. */
function namesOf(given: readonly string[], isNamed: boolean, notices: string[]): string[] {
  if (!isNamed)
    notices.push(
      'The first line holds only numbers, so it was taken as data; the columns are named by their place.',
    )
  const names: string[] = []
  given.forEach((own, at) => {
    const base = own || `column ${at + 1}`
    let name = base
    for (let n = 2; names.includes(name); n++) name = `${base} (${n})`
    if (isNamed && !own) notices.push(`Column ${at + 1} has no name; it is called “${name}”.`)
    else if (name !== base)
      notices.push(`The name “${base}” stands twice; the later column is called “${name}”.`)
    names.push(name)
  })
  return names
}

/** A column whose dates are read as somebody said that they are meant. */
const withDates = (
  column: ImportedColumn,
  dates: Readonly<Record<string, AskedOrder>>,
): ImportedColumn =>
  isUnclear(column.reason) && dates[column.name]
    ? { ...column, reason: reasonForDates(dates[column.name]!) }
    : column

/**
 * Reads comma-, semicolon- or tab-separated text: finds the delimiter, the decimal mark and
 * what each column holds. Nothing is dropped: what is no number is listed by row.
 *
 * @param text a whole file; a byte order mark, quotes and line breaks in quoted cells are fine
 * @param dates how dates are meant that can be read in two ways, by the name of their column
 * @throws ImportError for text that is no table
 * @example readTable('site;kg\nHolm;1,5').columns[1].cells() // ['1.5']
 */
export function readTable(
  text: string,
  dates: Readonly<Record<string, AskedOrder>> = {},
): ImportedTable {
  const take = (mark: DecimalMark, texts: ReadonlySet<number>) =>
    readRows(text, {
      isHeader,
      column: (at, delimiter) => intake({ mark, delimiter, keepsTexts: texts.has(at) }),
    })
  let rows = take('.', new Set())
  if (rows.rowCount === 0)
    throw new ImportError(
      'There is a header but no row below it. Paste at least one row of values.',
    )
  const decimalMark: DecimalMark =
    rows.columns.reduce((votes, column) => votes + column.votes, 0) < 0 ? ',' : '.'
  // Rare enough to read the text once more: points that part groups, texts among plain numbers.
  if (decimalMark === ',') rows = take(decimalMark, new Set())
  const { delimiter, header, rowCount, ragged, blank, columns: intakes } = rows
  const notices: string[] = []
  if (blank > 0) notices.push(`${blank} blank ${blank === 1 ? 'line was' : 'lines were'} left out.`)
  const names = namesOf(
    intakes.map((_, at) => header?.[at]?.trim() ?? ''),
    header !== null,
    notices,
  )
  if (ragged.length > 0)
    notices.push(
      `${ragged.length} of ${rowCount} rows have another number of cells than the first line (${rowsText(ragged)}); absent cells count as missing, and no cell was dropped.`,
    )
  if (decimalMark === ',') notices.push('Numbers were read with a decimal comma.')
  const read = intakes.map((column, at) => column.finish(names[at]!))
  const lacking = new Set(read.flatMap((column, at) => (column ? [] : [at])))
  const again = lacking.size > 0 ? take(decimalMark, lacking).columns : []
  const columns = read.map((column, at) =>
    withDates(column ?? again[at]!.finish(names[at]!)!, dates),
  )
  return { delimiter, decimalMark, rowCount, columns, notices }
}
