import { type AnyNode, type Document, type Element, isTag, isText } from 'domhandler'
import { DomUtils } from 'htmlparser2'
import { parse } from 'parse5'
import { adapter } from 'parse5-htmlparser2-tree-adapter'
import { type Decimal, parseDecimal } from '../../core/decimal/decimal'
import type { TextCell, TextColumn } from '../../core/proof/columns'
import type { Span } from '../../core/proof/types'
import { raised, spanIn } from '../import/files/html'
import { headerOf } from '../import/header'
import { TOTAL } from '../import/totals'
import { type Drawing, drawingOf, placesIn, svgsIn } from './svg'
import { type Source, sourceOf } from './svgText'
import { MOST_DEEP, MOST_ELEMENTS, ProofError, tooDeep, tooMany } from './xml'

/** A cell with what it was read from. */
export interface HtmlCell extends TextCell {
  readonly sources: readonly Source[]
  readonly element: Element
}
export interface HtmlTable {
  readonly title: string
  readonly columns: readonly (Omit<TextColumn, 'cells'> & { readonly cells: readonly HtmlCell[] })[]
}
export interface Page {
  readonly tables: readonly HtmlTable[]
  readonly drawings: readonly Drawing[]
  readonly language: string
  readonly hasCanvas: boolean
}

const UNSAID = new Set(['script', 'style', 'template', 'noscript'])
const isNamed = (node: AnyNode, ...names: string[]): node is Element =>
  isTag(node) && names.includes(node.name)

/** The text of a cell; powers in `sup` behind a ten or a letter as raised digits, others left out. */
function textIn(node: AnyNode, sources: Source[], before = ''): string {
  if (isText(node)) {
    if (node.data.trim() !== '') sources.push(sourceOf(node))
    return node.data
  }
  if (!isTag(node) || UNSAID.has(node.name)) return ''
  if (node.name === 'br') return ' '
  if (node.name === 'sup') {
    const power = raised(before.trimEnd(), DomUtils.textContent(node))
    if (power !== '') textInside(node, sources, before)
    return power
  }
  return textInside(node, sources, before)
}
function textInside(element: Element, sources: Source[], before: string): string {
  let text = ''
  for (const child of element.children) text += textIn(child, sources, before + text)
  return text
}

const DATA = ['data-value', 'data-sort', 'data-sort-value', 'data-order', 'data-number', 'data-raw']
/** The number that a cell carries beside its text. */
function carried(element: Element): Decimal | null {
  const inner = DomUtils.findOne((node) => isNamed(node, 'data', 'meter'), element.children, true)
  const texts = [...DATA.map((name) => element.attribs[name]), inner?.attribs.value]
  for (const text of texts) {
    const number = text === undefined ? null : parseDecimal(text.trim())
    if (number) return number
  }
  return null
}

const clean = (text: string): string => text.replace(/\s+/g, ' ').trim()

interface Placed {
  readonly element: Element
  readonly text: string
  readonly sources: readonly Source[]
  readonly isHead: boolean
}
type Row = { readonly cells: (Placed | undefined)[]; readonly part: string }

/** The rows of a table, its cells in the columns that they stand in; inner tables are their own. */
function rowsOf(table: Element): Row[] {
  const hanging = new Map<number, { cell: Placed; left: number }>()
  const rows = DomUtils.find((node) => isNamed(node, 'tr'), table.children, true, Infinity)
    .filter(isTag)
    .filter((row) => nearestTable(row) === table)
  return rows.map((row) => {
    const cells: (Placed | undefined)[] = []
    const fill = () => {
      for (let one = hanging.get(cells.length); one; one = hanging.get(cells.length)) {
        if (--one.left === 0) hanging.delete(cells.length)
        cells.push(undefined)
      }
    }
    for (const element of row.children) {
      if (!isNamed(element, 'td', 'th')) continue
      fill()
      const sources: Source[] = []
      const text = clean(textInside(element, sources, ''))
      const cell = { element, text, sources, isHead: element.name === 'th' }
      const down = spanIn(element.attribs.rowspan)
      for (let across = spanIn(element.attribs.colspan); across > 0; across--) {
        if (down > 1) hanging.set(cells.length, { cell, left: down - 1 })
        cells.push(cell)
      }
    }
    fill()
    const parent = row.parent
    return { cells, part: parent && isTag(parent) ? parent.name : '' }
  })
}
function nearestTable(node: AnyNode): Element | null {
  for (let up = node.parent; up; up = up.parent) if (isNamed(up, 'table')) return up
  return null
}

const isHeadRow = ({ cells, part }: Row): boolean =>
  part === 'thead' || (cells.length > 0 && cells.every((cell) => !cell || cell.isHead))
const isTotalRow = ({ cells, part }: Row): boolean =>
  part === 'tfoot' || TOTAL.test(cells[0]?.text ?? '')

function tableOf(table: Element, spanAt: (start: number, end: number) => Span): HtmlTable {
  const rows = rowsOf(table)
  const head = rows.filter(isHeadRow)
  const body = rows.filter((row) => !isHeadRow(row))
  const caption = table.children.find((node) => isNamed(node, 'caption'))
  const title = caption ? clean(DomUtils.textContent(caption)) : ''
  const count = Math.max(0, ...rows.map(({ cells }) => cells.length))
  const captionPower = headerOf(title).power
  const columns = Array.from({ length: count }, (_, column) => {
    const heads = head.map(({ cells }) => cells[column]?.text ?? '').filter(Boolean)
    const name = [...new Set(heads)].join(' ')
    const power = heads.map((text) => headerOf(text).power).find((one) => one !== 0)
    const cells = body.map(({ cells: row }): HtmlCell => {
      const cell = row[column]
      // A cell that reaches over several columns stands in the first of them.
      const isOwn = cell !== undefined && row.indexOf(cell) === column
      const [start, end] = [cell?.element.startIndex ?? 0, (cell?.element.endIndex ?? 0) + 1]
      const first = isOwn ? cell.sources[0] : undefined
      return {
        text: isOwn ? cell.text : '',
        at: spanAt(first ? first.start + first.lead : start, first?.end ?? end),
        value: isOwn ? carried(cell.element) : null,
        sources: isOwn ? cell.sources : [],
        element: cell?.element ?? table,
      }
    })
    const totals = body.flatMap((row, at) => (isTotalRow(row) ? [at] : []))
    return { at: column, name, cells, power: power ?? captionPower, totals }
  })
  return { title, columns }
}

/**
 * A page as browsers read it, by the HTML standard's own rules; its nodes say where they stand.
 * Those that no tag of the page opens, such as a left out tbody, stand where their parent does.
 */
function treeOf(text: string): Document {
  const tree = parse(text, { treeAdapter: adapter, sourceCodeLocationInfo: true })
  const waiting: { node: AnyNode; around: number; depth: number }[] = [
    { node: tree, around: 0, depth: 0 },
  ]
  let count = 0
  for (let one = waiting.pop(); one; one = waiting.pop()) {
    const { node, around, depth } = one
    if (++count > MOST_ELEMENTS) throw new ProofError(tooMany)
    if (depth > MOST_DEEP) throw new ProofError(tooDeep)
    const { startOffset, endOffset } = node.sourceCodeLocation ?? {}
    const start = startOffset ?? around
    node.startIndex = start
    node.endIndex = (endOffset ?? start + 1) - 1
    if (!('children' in node)) continue
    for (const child of node.children)
      waiting.push({ node: child, around: start, depth: depth + 1 })
  }
  return tree
}

/**
 * The tables of a page and the drawings that stand in it.
 *
 * @param text without a byte order mark
 */
export function pageOf(text: string): Page {
  const tree = treeOf(text)
  const spanAt = placesIn(text)
  const tags = DomUtils.find(isTag, tree.children, true, Infinity).filter(isTag)
  return {
    tables: tags.filter(({ name }) => name === 'table').map((one) => tableOf(one, spanAt)),
    drawings: svgsIn(tree).map((svg) => drawingOf(svg, tree, spanAt)),
    language: tags.find(({ attribs }) => attribs.lang)?.attribs.lang ?? '',
    hasCanvas: tags.some(({ name }) => name === 'canvas'),
  }
}
