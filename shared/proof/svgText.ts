import { isTag, isText, type AnyNode, type Element, type Text } from 'domhandler'
import { superscript } from '../../core/decimal/superscript'
import type { Anchor, PlacedText, Span } from '../../core/proof/types'
import { textWidth } from '../../core/text/advance'
import { type Look, lookOf, propertiesOf } from './cascade'
import { lengthOf, lengthsOf } from './lengths'
import { angleOf, heightOf, type Matrix, placed, widthOf } from './matrix'
import type { Declared } from './sheet'

/** A piece of source text that a label was read from. */
export interface Source {
  readonly start: number
  readonly end: number
  /** How many blanks stand before its first character. */
  readonly lead: number
}
/** A text of a drawing, with what it was read from. */
export interface SvgText extends PlacedText {
  readonly element: Element
  readonly sources: readonly Source[]
  /** Where it is anchored on its baseline, in its own units. */
  readonly local: { readonly x: number; readonly y: number }
  /** Whether a style, which goes before attributes, sets its anchor. */
  readonly isAnchorSet: boolean
}

export interface TextSetting {
  readonly matrix: Matrix
  readonly look: Look
  readonly groups: readonly number[]
  readonly declared: Declared
  spanAt(start: number, end: number): Span
}

/** How far the alphabetic baseline lies under each other one, in sizes of the type. */
const BASELINES: Readonly<Record<string, number>> = {
  middle: 0.32,
  central: 0.36,
  mathematical: 0.4,
  hanging: 0.75,
  'text-before-edge': 0.8,
  'before-edge': 0.8,
  'text-top': 0.8,
  top: 0.8,
  'text-after-edge': -0.2,
  'after-edge': -0.2,
  'text-bottom': -0.2,
  ideographic: -0.12,
}
const ANCHORS: Readonly<Record<string, Anchor>> = { middle: 'middle', end: 'end' }
/** A line moved by more than this many sizes is another line. */
const NEXT_LINE = 0.85
const RAISED = 0.15
/** Pieces lie this near to be one text, in sizes. */
const JOINED = 0.35
const UNSAID = new Set(['title', 'desc', 'metadata'])
const DIGITS = /^[-−–+]?\d+$/
const MAY_BE_RAISED = /(?:10|\d|\p{L})$/u

interface Piece {
  text: string
  x: number
  y: number
  look: Look
  sources: Source[]
}
/** Where the next text goes. */
interface Pen {
  x: number
  y: number
  readonly pieces: Piece[]
  /** How far the line was moved up where it stands. */
  raised: number
  /** Whether the next text begins a piece of its own. */
  isNew: boolean
}

const raisedBy = (own: Record<string, string>, size: number): number => {
  const shift = own['baseline-shift']
  if (shift === 'super') return 0.4 * size
  if (shift === undefined || shift === 'sub' || shift === 'baseline') return 0
  return lengthOf(shift, size, size) ?? 0
}

function addText(pen: Pen, text: string, look: Look, source: Source, raised: number): void {
  const last = pen.isNew ? undefined : pen.pieces.at(-1)
  if (!last) {
    if (text.trim() === '') return
    pen.pieces.push({ text, x: pen.x, y: pen.y, look, sources: [source] })
    pen.isNew = false
    return
  }
  const isPower =
    raised > RAISED * last.look.size &&
    DIGITS.test(text.trim()) &&
    MAY_BE_RAISED.test(last.text.trimEnd().slice(-2))
  last.text += isPower ? superscript(Number(text.trim().replace(/[−–]/, '-'))) : text
  if (text.trim() !== '') last.sources.push(source)
}

/** What a text node was read from. */
export const sourceOf = ({ startIndex, endIndex, data }: Text): Source => ({
  start: startIndex!,
  end: endIndex! + 1,
  lead: data.length - data.trimStart().length,
})

/** Moves the pen as an element says, before its first character. */
function movePen(pen: Pen, own: Record<string, string>, { size }: Look): void {
  const [x] = lengthsOf(own.x, size)
  const [y] = lengthsOf(own.y, size)
  const [dx = 0] = lengthsOf(own.dx, size)
  const [dy = 0] = lengthsOf(own.dy, size)
  const down = (y ?? pen.y) + dy - pen.y
  if (pen.isNew || x !== undefined || Math.abs(down) >= NEXT_LINE * size) {
    pen.x = (x ?? pen.x) + dx
    pen.y += down
    pen.isNew = true
    pen.raised = 0
  } else if (y !== undefined) pen.raised = pen.y - y - dy
  // Where a line was moved up it stays there, until it is moved back.
  else pen.raised -= dy
}

function walk(node: AnyNode, pen: Pen, look: Look, setting: TextSetting, shifted: number): void {
  if (isText(node)) {
    const text = node.data.replace(/\s+/g, ' ')
    const source = sourceOf(node)
    addText(pen, text, look, source, pen.raised + shifted)
    return
  }
  if (!isTag(node)) {
    if ('children' in node) node.children.forEach((one) => walk(one, pen, look, setting, shifted))
    return
  }
  if (UNSAID.has(node.name)) return
  const own = propertiesOf(node, setting.declared)
  const inner = lookOf(own, look)
  if (!inner || inner.isHidden) return
  movePen(pen, own, inner)
  const up = shifted + raisedBy(own, inner.size)
  for (const child of node.children) walk(child, pen, inner, setting, up)
}

const rightOf = ({ text, x, look }: Piece): number => x + textWidth(text, look.size)
/** Pieces that stand right behind each other on one line, as where each digit has its place. */
function joinedPieces(pieces: readonly Piece[]): Piece[] {
  const joined: Piece[] = []
  for (const piece of pieces) {
    const last = joined.at(-1)
    const isNext =
      last !== undefined &&
      last.y === piece.y &&
      last.look.size === piece.look.size &&
      piece.look.anchor === 'start' &&
      Math.abs(piece.x - rightOf(last)) <= JOINED * piece.look.size
    if (isNext) {
      last.text += piece.text
      last.sources.push(...piece.sources)
    } else joined.push({ ...piece })
  }
  return joined
}

/**
 * The texts of a `text` element: one for each place at which it begins a line; exponents that are
 * raised in it as the digits that they are.
 */
export function textsOf(element: Element, setting: TextSetting): SvgText[] {
  const { matrix, groups, declared } = setting
  const own = propertiesOf(element, declared)
  const look = setting.look
  const pen: Pen = { x: 0, y: 0, pieces: [], raised: 0, isNew: true }
  movePen(pen, own, look)
  for (const child of element.children) walk(child, pen, look, setting, 0)
  return joinedPieces(pen.pieces).flatMap((piece): SvgText[] => {
    const text = piece.text.replace(/\s+/g, ' ').trim()
    if (text === '') return []
    const { size } = piece.look
    const down = (BASELINES[piece.look.baseline] ?? 0) * size
    const [x, y] = placed(matrix, piece.x, piece.y + down)
    const length = lengthOf(own.textLength, size) ?? textWidth(text, size)
    const [first] = piece.sources
    const [start, end] = [first!.start + first!.lead, piece.sources.at(-1)!.end]
    return [
      {
        text,
        x,
        y,
        anchor: ANCHORS[piece.look.anchor] ?? 'start',
        size: size * heightOf(matrix),
        angle: angleOf(matrix),
        width: length * widthOf(matrix),
        at: setting.spanAt(start, end),
        groups,
        element,
        sources: piece.sources,
        local: { x: piece.x, y: piece.y },
        isAnchorSet: own['text-anchor'] !== element.attribs['text-anchor'],
      },
    ]
  })
}
