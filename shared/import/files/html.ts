import { Parser } from 'htmlparser2'
import { superscript } from '../../../core/decimal/superscript'
import { type CellCount, cellCount } from '../cellCount'
import { tabular, type Sheet } from './cells'
import { decoded } from './text'
import type { FileForm, Tabular } from './types'

/** Cells that reach over more than this are taken to reach no further. */
const MOST_SPANNED = 1000
const UNSEEN = new Set(['script', 'style', 'template', 'noscript'])
const PAGE = /^\uFEFF?\s*<(?:!doctype html|html|head|meta|body|table)\b/i
const FIRST_BYTES = 200
const CELLS = new Set(['td', 'th'])

/** A cell that goes on in the rows below it. */
interface Hanging {
  readonly text: string
  left: number
}
interface Open {
  name: string
  readonly rows: string[][]
  hanging: (Hanging | undefined)[]
  row: string[] | null
  cell: { text: string; across: number; down: number } | null
}

/** How many rows or columns a cell reaches over, by its attribute. @example spanIn('2') // 2 */
export const spanIn = (text: string | undefined): number => {
  const count = Number(text ?? 1)
  return Number.isInteger(count) && count > 0 ? Math.min(count, MOST_SPANNED) : 1
}

/** Puts the cells that hang from rows above into a row, up to the next free place. */
function fill(table: Open, row: string[], count: CellCount): void {
  for (;;) {
    const hanging = table.hanging[row.length]
    if (!hanging) return
    hanging.left--
    if (hanging.left === 0) table.hanging[row.length] = undefined
    count.implied(1)
    row.push(hanging.text)
  }
}

function endCell(table: Open, count: CellCount): void {
  const { cell, row } = table
  if (!cell || !row) return
  const text = cell.text.replace(/\s+/g, ' ').trim()
  for (let at = 0; at < cell.across; at++) {
    fill(table, row, count)
    if (at === 0) count.written(1)
    else count.implied(1)
    if (cell.down > 1) table.hanging[row.length] = { text, left: cell.down - 1 }
    row.push(text)
  }
  table.cell = null
}
function endRow(table: Open, count: CellCount): void {
  endCell(table, count)
  if (!table.row) return
  fill(table, table.row, count)
  table.rows.push(table.row)
  table.row = null
}

/** Of a text before a power its end is looked at: a ten, or a letter of two units. */
const LONGEST_BASE = 2
/**
 * What a raised text says: a power behind a ten or a letter, a footnote's mark elsewhere, which is
 * left out.
 */
export function raised(before: string, text: string): string {
  const isPower =
    /^[-−]?\d+$/.test(text.trim()) && /(?:10|\p{L})$/u.test(before.slice(-LONGEST_BASE))
  return isPower ? superscript(Number(text.trim().replace('−', '-'))) : ''
}

/** Every table of a page that holds others in no cell, with its caption. */
function tablesIn(html: string): Sheet[] {
  const [done, open]: [Open[], Open[]] = [[], []]
  const count = cellCount()
  let unseen = 0
  let caption = false
  let sup: string | null = null
  const now = () => open.at(-1)
  const parser = new Parser({
    onopentag(tag, attributes) {
      if (UNSEEN.has(tag)) unseen++
      if (tag === 'table') open.push({ name: '', rows: [], hanging: [], row: null, cell: null })
      const table = now()
      if (!table) return
      if (tag === 'caption') caption = true
      if (tag === 'tr') {
        endRow(table, count)
        table.row = []
      }
      if (CELLS.has(tag)) {
        endCell(table, count)
        table.row ??= []
        table.cell = {
          text: '',
          across: spanIn(attributes.colspan),
          down: spanIn(attributes.rowspan),
        }
      }
      if (tag === 'sup' && table.cell) sup = ''
      if (tag === 'br' && table.cell) table.cell.text += ' '
    },
    ontext(text) {
      const table = now()
      if (!table || unseen > 0) return
      if (sup !== null) sup += text
      else if (caption) table.name += text
      else if (table.cell) table.cell.text += text
    },
    onclosetag(tag) {
      if (UNSEEN.has(tag)) unseen--
      const table = now()
      if (!table) return
      if (tag === 'sup' && sup !== null) {
        if (table.cell) table.cell.text += raised(table.cell.text, sup)
        sup = null
      }
      if (tag === 'caption') caption = false
      if (CELLS.has(tag)) endCell(table, count)
      if (tag === 'tr') endRow(table, count)
      if (tag === 'table') {
        endRow(table, count)
        done.push(open.pop()!)
      }
    },
  })
  parser.end(html)
  return done.map(({ name, rows }, at) => ({
    name: name.replace(/\s+/g, ' ').trim() || `table ${at + 1}`,
    rows,
  }))
}

/**
 * A table of a page as delimited text: the largest, where none is wanted.
 *
 * @throws ImportError where the page has no table
 * @example tableOfPage('<table><tr><th>kg<tr><td>4</table>').text // 'kg\n4'
 */
export function tableOfPage(html: string, part?: number): Tabular {
  const sheets = tablesIn(html)
  const sizes = sheets.map(({ rows }) => rows.reduce((sum, row) => sum + row.length, 0))
  const largest = sizes.reduce((best, size, at) => (size > sizes[best]! ? at : best), 0)
  return tabular(sheets, part ?? (sizes.length > 0 ? largest : undefined))
}

/** A page with tables: the cells as they are shown, those that reach over several repeated. */
export const html: FileForm = {
  id: 'html',
  begins: (bytes) => PAGE.test(decoded(bytes.subarray(0, FIRST_BYTES))),
  read: async (bytes, part) => tableOfPage(decoded(bytes), part),
}
