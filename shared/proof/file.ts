import type { Finding } from '../../core/checks/types'
import type { Axis } from '../../core/proof/axis'
import { type ReadColumn, readColumns } from '../../core/proof/columns'
import {
  findingsOfAxis,
  findingsOfColumn,
  findingsOfMarks,
  type Readers,
} from '../../core/proof/findings'
import { readPicture, type ReadPicture } from '../../core/proof/picture'
import type { Span } from '../../core/proof/types'
import { decodedAs } from '../import/files/text'
import { type HtmlTable, pageOf } from './html'
import { type Drawing, drawingsOf } from './svg'
import { ProofError } from './xml'

/** What a finding is about: an axis, the marks of a chart, a column. */
export type About =
  | { readonly kind: 'axis'; readonly axis: Axis; readonly chart: number }
  | { readonly kind: 'marks'; readonly chart: number }
  | { readonly kind: 'column'; readonly column: ReadColumn; readonly table: number }
export interface PlacedFinding extends Finding {
  readonly about: About
  /** Where its labels stand in the file, label by label. */
  readonly spans: readonly Span[]
}

/** A chart with what was read of it. */
export interface ReadChart {
  readonly drawing: Drawing
  readonly read: ReadPicture
}
export interface ReadTable {
  readonly table: HtmlTable
  readonly columns: readonly ReadColumn[]
}
/** A finished work, read. */
export interface ReadFile {
  /** Without its byte order mark. */
  readonly text: string
  readonly mark: '' | '\ufeff'
  /** Whether it can be written back: a file of another encoding than UTF-8 would change all over. */
  readonly isUtf8: boolean
  readonly charts: readonly ReadChart[]
  readonly tables: readonly ReadTable[]
  readonly findings: readonly PlacedFinding[]
  /** Why nothing could be read; null where something was. */
  readonly unread: string | null
}

/** Characters of a file; larger ones are refused before they are read. */
export const MOST_BYTES = 64 * 2 ** 20
const PAGE = /^<(?:!doctype\s+html|html|head|body|table|figure|div|main|section)\b/i
/** What stands behind the comments that a text begins with: found comment by comment. */
function withoutComments(text: string): string {
  const behindBlanks = (from: number): number => {
    let at = from
    while (/\s/.test(text[at] ?? '')) at++
    return at
  }
  let at = behindBlanks(0)
  while (text.startsWith('<!--', at)) {
    const end = text.indexOf('-->', at)
    if (end < 0) break
    at = behindBlanks(end + '-->'.length)
  }
  return text.slice(at, at + LONGEST_TAG)
}
/** Characters in which the tag that tells a page is found. */
const LONGEST_TAG = 100
const DRAWING = /<(?:\w+:)?svg[\s>]/i
const BOM = /^\ufeff/
const hasMark = ([a, b, c]: Uint8Array): boolean => a === 0xef && b === 0xbb && c === 0xbf

const why = {
  neither: 'the file is neither SVG nor HTML: use a chart as SVG or a table as HTML',
  pixels: 'the chart is an image of pixels, so it has no text to read: export it as SVG',
  outlines: 'its labels are outlines instead of text: export it again with text kept as text',
  canvas: 'a script draws the chart on a canvas, and scripts are not run: save it as SVG',
  empty: 'it contains no text',
  none: 'no axis, data label or column of numbers was found: an axis needs two numbers in line with ticks, or three without',
} as const

/** Why a work in which nothing was found could not be read. */
function whyUnread(
  charts: readonly ReadChart[],
  tables: readonly HtmlTable[],
  hasCanvas: boolean,
): string {
  const drawings = charts.map(({ drawing }) => drawing)
  const texts = drawings.reduce((sum, one) => sum + one.texts.length, 0)
  if (texts === 0 && tables.length === 0) {
    if (drawings.some(({ images }) => images > 0)) return why.pixels
    if (drawings.some(({ shapes, strokes }) => shapes.length + strokes.length > 0))
      return why.outlines
    return hasCanvas ? why.canvas : why.empty
  }
  return why.none
}

const textsAt = (read: ReadPicture, labels: Axis['labels'], at: readonly number[]): Span[] =>
  at.map((place) => read.piecesOf(labels[place]!)[0]!.at)

function findingsOfChart({ read }: ReadChart, chart: number, readers: Readers): PlacedFinding[] {
  const ofAxes = read.axes.flatMap((axis) =>
    findingsOfAxis(axis, readers).map((finding) => ({
      ...finding,
      about: { kind: 'axis' as const, axis, chart },
      spans: textsAt(read, axis.labels, finding.at),
    })),
  )
  if (!read.marksReader) return ofAxes
  const labels = read.marks.map(({ label }) => label)
  const ofMarks = findingsOfMarks(read.marks, read.marksReader, readers).map((finding) => ({
    ...finding,
    about: { kind: 'marks' as const, chart },
    spans: textsAt(read, labels, finding.at),
  }))
  return [...ofAxes, ...ofMarks]
}
const findingsOfTable = (
  { columns }: ReadTable,
  table: number,
  readers: Readers,
): PlacedFinding[] =>
  columns.flatMap((column) =>
    findingsOfColumn(column, readers).map((finding) => ({
      ...finding,
      about: { kind: 'column' as const, column, table },
      spans: finding.at.map((place) => column.cells[place]!.at),
    })),
  )

interface Works {
  readonly drawings: readonly Drawing[]
  readonly tables: readonly HtmlTable[]
  readonly language: string
  readonly hasCanvas: boolean
}
/** The drawings and tables of a text. @throws ProofError for what is neither SVG nor HTML */
function worksIn(text: string): Works {
  if (PAGE.test(withoutComments(text))) return pageOf(text)
  if (!DRAWING.test(text)) throw new ProofError(why.neither)
  const drawings = drawingsOf(text)
  const language = drawings.map((one) => one.language).find(Boolean) ?? ''
  return { drawings, tables: [], language, hasCanvas: false }
}

/**
 * Reads a finished work, whatever program made it, and says what is wrong with its numbers. Nothing
 * in it is run, and nothing that it refers to is loaded.
 *
 * @param bytes of an SVG or an HTML file
 * @param readersOf who reads it and may have written it, by the language that it says it is in
 * @throws ProofError for a file that is neither, too large, or broken, with the place
 */
export function readWork(bytes: Uint8Array, readersOf: (language: string) => Readers): ReadFile {
  if (bytes.length > MOST_BYTES)
    throw new ProofError(
      `it has ${Math.ceil(bytes.length / 2 ** 20)} MB, but the limit is ${MOST_BYTES / 2 ** 20} MB`,
    )
  const { text: whole, isUtf8 } = decodedAs(bytes)
  const text = whole.replace(BOM, '')
  const { drawings, tables: found, language, hasCanvas } = worksIn(text)
  const readers = readersOf(language)
  const charts = drawings.map((drawing) => ({
    drawing,
    read: readPicture(drawing, readers.writers),
  }))
  const tables = found.map((table) => ({
    table,
    columns: readColumns(table.columns, readers.writers),
  }))
  const isEmpty =
    charts.every(({ read }) => read.axes.length === 0 && read.marks.length === 0) &&
    tables.every(({ columns }) => columns.length === 0)
  return {
    text,
    mark: hasMark(bytes) ? '\ufeff' : '',
    isUtf8,
    charts,
    tables,
    findings: [
      ...charts.flatMap((chart, at) => findingsOfChart(chart, at, readers)),
      ...tables.flatMap((table, at) => findingsOfTable(table, at, readers)),
    ],
    unread: isEmpty ? whyUnread(charts, found, hasCanvas) : null,
  }
}
