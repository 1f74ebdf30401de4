import { strFromU8 } from 'fflate'
import { SaxesParser } from 'saxes'
import { shift } from '../../../core/decimal/arithmetic'
import { parseDecimal, toText } from '../../../core/decimal/decimal'
import { unzip } from '../../unpack'
import { LIMITS } from '../../limits'
import { type CellCount, cellCount, checkColumns } from '../cellCount'
import { ImportError } from '../error'
import { type Sheet, tabular } from './cells'
import { currenciesApart } from './currencies'
import { numberStyles } from './numberStyles'
import type { FileForm } from './types'

/** A sheet repeats its empty rows and columns to its own end: beyond these none is looked at. */
const [MOST_ROWS, MOST_COLUMNS] = [LIMITS.rows, LIMITS.columns]
/** Bytes of the sheets, unpacked. */
const MOST_BYTES = 512 * 2 ** 20
const PARTS = ['content.xml', 'styles.xml']

type Attributes = Readonly<Record<string, string>>
/** How the value of a cell is written, by the type that it has (ISO/IEC 26300-3, 19.389). */
const written: Readonly<Record<string, (cell: Attributes) => string | undefined>> = {
  float: (cell) => cell['office:value'],
  percentage(cell) {
    const value = parseDecimal(cell['office:value'] ?? '')
    return value ? `${toText(shift(value, 2))}%` : undefined
  },
  currency: (cell) =>
    [cell['office:value'], cell['office:currency']].filter((text) => text !== undefined).join(' '),
  date: (cell) => cell['office:date-value']?.replace(/T00:00:00(?:\.0+)?$/, ''),
  time: (cell) => hoursOf(cell['office:time-value']),
  boolean: (cell) => cell['office:boolean-value'],
  string: (cell) => cell['office:string-value'],
}
/** "PT01H30M00S" as 1:30:00. */
function hoursOf(text: string | undefined): string | undefined {
  const found = /^PT(\d+)H(\d+)M(\d+)(?:[.,]\d+)?S$/.exec(text ?? '')
  return found ? `${Number(found[1])}:${found[2]}:${found[3]}` : text
}
const countIn = (text: string | undefined, most: number): number =>
  Math.min(Math.max(1, Number(text ?? 1) || 1), most)

/** A sheet while it is read. */
interface OpenSheet {
  readonly name: string
  readonly rows: string[][]
  /** How often each style stands on numbers of a column. */
  readonly styled: Map<string, number>[]
  /** The currencies of a column's cells. */
  readonly codes: Set<string>[]
  /** The styles of columns whose cells name none. */
  readonly usual: (string | undefined)[]
}

/** What is taken of a document so far. */
interface Taken {
  readonly sheets: OpenSheet[]
  row: string[] | null
  /** Blank cells since the last one that says something. */
  blank: number
  /** How often the row stands, and empty rows that count only where another row follows. */
  repeated: number
  waiting: number
  cell: { readonly attributes: Attributes; text: string | null } | null
  /** Elements that are open and no part of the cells. */
  aside: number
  readonly count: CellCount
}

const NUMERIC = new Set(['float', 'percentage', 'currency'])
function noteStyle(sheet: OpenSheet | undefined, at: number, own: string | undefined): void {
  const style = own ?? sheet?.usual[at]
  if (!sheet || style === undefined) return
  const counts = (sheet.styled[at] ??= new Map<string, number>())
  counts.set(style, (counts.get(style) ?? 0) + 1)
}
function noteCurrency(sheet: OpenSheet | undefined, at: number, code: string | undefined): void {
  if (sheet && code !== undefined) (sheet.codes[at] ??= new Set()).add(code)
}
/** The style that most numbers of a column have. */
const mostly = (counts: ReadonlyMap<string, number> | undefined): string | undefined =>
  [...(counts ?? [])].sort((a, b) => b[1] - a[1])[0]?.[0]

function endCell(taken: Taken): void {
  const { cell, row, count } = taken
  if (!cell || !row) return
  taken.cell = null
  const { attributes, text } = cell
  const value = written[attributes['office:value-type'] ?? '']?.(attributes) ?? text ?? ''
  const repeated = countIn(attributes['table:number-columns-repeated'], LIMITS.rows)
  if (value === '') {
    // A sheet repeats its blank cells to its own end: they count where another cell follows.
    taken.blank += repeated
    return
  }
  const width = row.length + taken.blank + repeated
  checkColumns(width)
  count.written(1)
  count.implied(taken.blank + repeated - 1)
  while (row.length < width - repeated) row.push('')
  taken.blank = 0
  while (row.length < width) {
    if (NUMERIC.has(attributes['office:value-type']!))
      noteStyle(taken.sheets.at(-1), row.length, attributes['table:style-name'])
    noteCurrency(taken.sheets.at(-1), row.length, attributes['office:currency'])
    row.push(value)
  }
}
function endRow(taken: Taken): void {
  const { row, repeated } = taken
  const rows = taken.sheets.at(-1)?.rows
  if (!row || !rows) return
  if (row.every((text) => text === ''))
    taken.waiting = Math.min(taken.waiting + repeated, LIMITS.blankRows)
  else {
    taken.count.implied((repeated - 1) * row.length)
    for (; taken.waiting > 0 && rows.length < MOST_ROWS; taken.waiting--) rows.push([])
    for (let at = 0; at < repeated && rows.length < MOST_ROWS; at++) rows.push(row)
  }
  taken.row = null
}
const addText = (taken: Taken, text: string): void => {
  if (taken.cell?.text != null) taken.cell.text += text
}
const beginCell = (taken: Taken, attributes: Attributes): void =>
  void (taken.cell = { attributes, text: null })

const opens: Readonly<Record<string, (taken: Taken, attributes: Attributes) => void>> = {
  'table:table'(taken, attributes) {
    const name = attributes['table:name'] ?? `sheet ${taken.sheets.length + 1}`
    taken.sheets.push({ name, rows: [], styled: [], codes: [], usual: [] })
    taken.waiting = 0
  },
  'table:table-column'({ sheets }, attributes) {
    const usual = sheets.at(-1)?.usual
    const count = countIn(attributes['table:number-columns-repeated'], MOST_COLUMNS)
    for (let at = 0; at < count && usual && usual.length < MOST_COLUMNS; at++)
      usual.push(attributes['table:default-cell-style-name'])
  },
  'table:table-row'(taken, attributes) {
    taken.row = []
    taken.blank = 0
    taken.repeated = countIn(attributes['table:number-rows-repeated'], MOST_ROWS)
  },
  'table:table-cell': beginCell,
  'table:covered-table-cell': beginCell,
  'text:p'({ cell }) {
    if (cell) cell.text = cell.text === null ? '' : `${cell.text} `
  },
  'text:s': (taken, attributes) => addText(taken, ' '.repeat(countIn(attributes['text:c'], 100))),
  'text:tab': (taken) => addText(taken, ' '),
  // What is noted beside a cell is no part of it.
  'office:annotation': (taken) => void taken.aside++,
}
const closes: Readonly<Record<string, (taken: Taken) => void>> = {
  'table:table-cell': endCell,
  'table:covered-table-cell': endCell,
  'table:table-row': endRow,
  'office:annotation': (taken) => void taken.aside--,
}
const isPart = ({ aside }: Taken, name: string): boolean =>
  aside === 0 || name === 'office:annotation'

/**
 * The sheets of a document's content.
 *
 * @param styles of the document, which are read first where they stand in a file of their own
 * @throws ImportError for one that is broken
 */
function sheetsIn(xml: string, styles = ''): readonly Sheet[] {
  const written = numberStyles()
  if (styles) parse(styles, written)
  const taken: Taken = {
    ...{ sheets: [], row: null, blank: 0, repeated: 1, waiting: 0, cell: null, aside: 0 },
    count: cellCount(),
  }
  parse(xml, {
    open(name, attributes) {
      written.open(name, attributes)
      if (isPart(taken, name)) opens[name]?.(taken, attributes)
    },
    close(name) {
      written.close(name)
      if (isPart(taken, name)) closes[name]?.(taken)
    },
    text(text) {
      written.text(text)
      if (taken.aside === 0) addText(taken, text)
    },
  })
  return taken.sheets.map(({ name, rows, styled, codes }) => ({
    name,
    rows: currenciesApart(rows, codes),
    styles: Array.from(styled, (counts) => written.styleOf(mostly(counts) ?? '') ?? null),
  }))
}

/** What takes the elements of a document. */
interface Takes {
  open(name: string, attributes: Attributes): void
  close(name: string): void
  text(text: string): void
}
/** @throws ImportError for a document that is broken */
function parse(xml: string, takes: Takes): void {
  const parser = new SaxesParser()
  parser.on('opentag', ({ name, attributes }) => takes.open(name, attributes))
  parser.on('closetag', ({ name }) => takes.close(name))
  parser.on('text', takes.text)
  parser.on('error', (error) => {
    throw new ImportError(`This spreadsheet is broken: ${error.message}`)
  })
  parser.write(xml).close()
}

/** The content of a packed document, and its styles. @throws ImportError where it has none */
function contentOf(bytes: Uint8Array): [content: string, styles: string] {
  const files = (() => {
    try {
      return unzip(bytes, (name) => PARTS.includes(name), MOST_BYTES)
    } catch (error) {
      throw new ImportError(`This spreadsheet cannot be unpacked: ${(error as Error).message}.`)
    }
  })()
  const content = files['content.xml']
  if (!content)
    throw new ImportError(
      'This packed file is no OpenDocument spreadsheet. Save it as .ods or .csv in the program that made it.',
    )
  return [strFromU8(content), files['styles.xml'] ? strFromU8(files['styles.xml']) : '']
}

/**
 * An OpenDocument spreadsheet (ISO/IEC 26300): the values of cells as they are kept, not as they
 * are shown; percent, money and dates by the types of their cells.
 */
export const ods: FileForm = {
  id: 'ods',
  begins: (bytes) => bytes[0] === 0x50 && bytes[1] === 0x4b,
  read: async (bytes, part) => {
    const isFlat = bytes[0] === 0x3c || bytes[0] === 0xef
    const [content, styles] = isFlat ? [new TextDecoder().decode(bytes), ''] : contentOf(bytes)
    return tabular(sheetsIn(content, styles), part)
  },
}
