import { type AnyNode, type Document, type Element, isTag } from 'domhandler'
import { DomUtils } from 'htmlparser2'
import type { Picture, Shape, Span, Stroke } from '../../core/proof/types'
import { type Look, lookOf, PLAIN, propertiesOf } from './cascade'
import { harmless } from './harmless'
import { lengthOf } from './lengths'
import { IDENTITY, type Matrix, matrixOf, numbersIn, times, translation, viewing } from './matrix'
import { type Declared, declaredBy } from './sheet'
import { DRAWN } from './svgShapes'
import { type SvgText, textsOf } from './svgText'
import { treeOf } from './xml'

/** A drawing as it is read, with what its labels were read from. */
export interface Drawing extends Picture {
  readonly texts: readonly SvgText[]
  readonly title: string
  /** The language that it says it is in; empty where it says none. */
  readonly language: string
  /** Pictures made of pixels that stand in it. */
  readonly images: number
  /** The drawing as a file of its own, without what runs or refers to elsewhere. */
  svg(): string
}

/** What is drawn only where something refers to it, or not at all. */
const UNDRAWN = new Set([
  'defs',
  'symbol',
  'clippath',
  'mask',
  'pattern',
  'marker',
  'lineargradient',
  'radialgradient',
  'filter',
  'metadata',
  'style',
  'script',
  'title',
  'desc',
  'foreignobject',
])
const MOST_USES = 8
const MOST_USED = 20_000
const DEFAULT_SIZE = { width: 300, height: 150 }

interface Here {
  readonly matrix: Matrix
  readonly look: Look
  readonly groups: readonly number[]
  readonly uses: number
}
/** What is gathered on the way through a drawing. */
interface Gathered {
  readonly texts: SvgText[]
  readonly strokes: Stroke[]
  readonly shapes: Shape[]
  readonly declared: Declared
  readonly byId: ReadonlyMap<string, Element>
  spanAt(start: number, end: number): Span
  groups: number
  used: number
  images: number
}

/** The size of a drawing's own box: as it says, or that of its viewBox. */
function sizeOf(svg: Element): { width: number; height: number } {
  const [, , across, down] = numbersIn(svg.attribs.viewBox ?? '')
  const said = (name: string) => {
    const text = svg.attribs[name] ?? ''
    return text.endsWith('%') ? null : lengthOf(text)
  }
  const [width, height] = [said('width'), said('height')]
  if (width && height) return { width, height }
  if (!across || !down)
    return { width: width || DEFAULT_SIZE.width, height: height || DEFAULT_SIZE.height }
  if (width) return { width, height: (width * down) / across }
  return height ? { width: (height * across) / down, height } : { width: across, height: down }
}
function viewOf(svg: Element, own: Readonly<Record<string, string>>, isOutermost: boolean): Matrix {
  const { width, height } = sizeOf(svg)
  const at = (name: string) => (isOutermost ? 0 : (lengthOf(own[name]) ?? 0))
  const box = { x: at('x'), y: at('y'), width, height }
  const viewBox = numbersIn(svg.attribs.viewBox ?? '')
  return viewBox.length === 4
    ? viewing(viewBox, box, svg.attribs.preserveAspectRatio)
    : translation(box.x, box.y)
}

const hrefOf = ({ attribs }: Element): string =>
  (attribs.href ?? attribs['xlink:href'] ?? '').trim()

function use(element: Element, own: Record<string, string>, here: Here, all: Gathered): void {
  const target = all.byId.get(hrefOf(element).slice(1))
  if (!target || here.uses >= MOST_USES || ++all.used > MOST_USED) return
  const at = translation(lengthOf(own.x) ?? 0, lengthOf(own.y) ?? 0)
  const inner = { ...here, matrix: times(here.matrix, at), uses: here.uses + 1 }
  if (target.name === 'symbol')
    return children(target, { ...inner, matrix: times(inner.matrix, symbolView(target, own)) }, all)
  walk(target, inner, all)
}
/** A symbol lies in the box that its use gives it. */
function symbolView(symbol: Element, own: Record<string, string>): Matrix {
  const viewBox = numbersIn(symbol.attribs.viewBox ?? '')
  if (viewBox.length !== 4) return IDENTITY
  const box = {
    x: 0,
    y: 0,
    width: lengthOf(own.width) ?? viewBox[2]!,
    height: lengthOf(own.height) ?? viewBox[3]!,
  }
  return viewing(viewBox, box, symbol.attribs.preserveAspectRatio)
}

function children(element: Element | Document, here: Here, all: Gathered): void {
  for (const child of element.children) walk(child, here, all)
}

function walk(node: AnyNode, here: Here, all: Gathered): void {
  if (!isTag(node) || UNDRAWN.has(node.name.toLowerCase())) return
  const own = propertiesOf(node, all.declared)
  const look = lookOf(own, here.look)
  if (!look) return
  const matrix = own.transform ? times(here.matrix, matrixOf(own.transform)) : here.matrix
  const { groups, uses } = here
  const inner: Here = { matrix, look, groups, uses }
  const name = node.name.startsWith('svg:') ? node.name.slice('svg:'.length) : node.name
  if (name === 'use') return use(node, own, inner, all)
  if (name === 'image') all.images++
  if (name === 'text') {
    const { declared, spanAt } = all
    if (!look.isHidden)
      for (const text of textsOf(node, { matrix, look, groups, declared, spanAt }))
        all.texts.push(text)
    return
  }
  const draw = DRAWN[name]
  if (draw) {
    if (look.isHidden) return
    const isFilled = look.fill !== 'none' && look.fill !== 'transparent'
    const { strokes, shapes } = draw(own, matrix, isFilled)
    strokes.forEach((one) => all.strokes.push(one))
    shapes.forEach((one) => all.shapes.push(one))
    return
  }
  const view = name === 'svg' ? viewOf(node, own, here.groups.length === 0) : IDENTITY
  children(
    node,
    { ...inner, matrix: times(matrix, view), groups: [...here.groups, ++all.groups] },
    all,
  )
}

/** Finds line and column of a place in a text. @example placesIn('a\nb')(2, 3).line // 2 */
export function placesIn(text: string): (start: number, end: number) => Span {
  const starts = [0]
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1)
  return (start, end) => {
    let [low, high] = [0, starts.length - 1]
    while (low < high) {
      const middle = (low + high + 1) >> 1
      if (starts[middle]! <= start) low = middle
      else high = middle - 1
    }
    return { start, end, line: low + 1, column: start - starts[low]! + 1 }
  }
}

const textIn = (node: AnyNode | undefined): string =>
  node ? DomUtils.textContent(node).replace(/\s+/g, ' ').trim() : ''

/** The drawings of a tree: those that lie in no other. */
export const svgsIn = (tree: Document): Element[] =>
  DomUtils.find(
    (node) => isTag(node) && /^(?:svg:)?svg$/.test(node.name),
    tree.children,
    true,
    1000,
  ).filter((node): node is Element => {
    for (let up = node.parent; up; up = up.parent)
      if (isTag(up) && /^(?:svg:)?svg$/.test(up.name)) return false
    return isTag(node)
  })

/**
 * Every text, line and form of a drawing, after all transforms, viewBoxes and style sheets.
 *
 * @param svg its outermost element
 * @param spanAt where places stand in the file
 */
export function drawingOf(svg: Element, tree: Document, spanAt: Gathered['spanAt']): Drawing {
  const tags = DomUtils.find(isTag, [svg], true, Infinity) as Element[]
  const sheets = tags.filter(({ name }) => name === 'style').map((one) => DomUtils.textContent(one))
  const all: Gathered = {
    texts: [],
    strokes: [],
    shapes: [],
    declared: declaredBy(sheets, tree),
    byId: new Map(tags.flatMap((one) => (one.attribs.id ? [[one.attribs.id, one] as const] : []))),
    spanAt,
    groups: 0,
    used: 0,
    images: 0,
  }
  walk(svg, { matrix: IDENTITY, look: PLAIN, groups: [], uses: 0 }, all)
  const { texts, strokes, shapes, images } = all
  const title = textIn(svg.children.find((node) => isTag(node) && node.name === 'title'))
  const language = svg.attribs['xml:lang'] ?? svg.attribs.lang ?? ''
  return {
    ...sizeOf(svg),
    texts,
    strokes,
    shapes,
    images,
    title,
    language,
    svg: () => harmless(svg),
  }
}

/** The drawings of a file of SVG. @throws ProofError for what is no well-formed XML */
export function drawingsOf(text: string): Drawing[] {
  const tree = treeOf(text)
  const spanAt = placesIn(text)
  return svgsIn(tree).map((svg) => drawingOf(svg, tree, spanAt))
}
