import { centreOf, isLevel, middleOf } from '../../core/proof/edges'
import type { Axis } from '../../core/proof/axis'
import { tokenOf } from '../../core/proof/token'
import type { PlacedText } from '../../core/proof/types'
import { headerOf } from '../import/header'
import type { ReadChart } from './file'

/** How far from the labels of its axis a title stands, in sizes of its type. */
const FAR = 6
const isTurned = ({ angle }: PlacedText): boolean => Math.abs(Math.abs(angle) - 90) < 1
const hasLetters = ({ text }: PlacedText): boolean => /\p{L}/u.test(text)

/** The middle of a text, however it is turned. */
function centresOf(text: PlacedText): [x: number, y: number] {
  if (!isTurned(text)) return [centreOf(text), middleOf(text)]
  const along = { start: 0.5, middle: 0, end: -0.5 }[text.anchor] * text.width
  return [text.x, text.y + along * Math.sign(text.angle)]
}

/** How far a text stands from an axis whose title it may be; null where it is none. */
function awayFrom(text: PlacedText, { side, isUpright, labels }: Axis): number | null {
  const [x, y] = centresOf(text)
  const across = labels.map((label) => centreOf(label.text))
  const down = labels.map((label) => middleOf(label.text))
  const [left, right] = [Math.min(...across), Math.max(...across)]
  const [top, bottom] = [Math.min(...down), Math.max(...down)]
  if (!isUpright) {
    const away = side === 'top' ? top - y : y - bottom
    return isLevel(text) && x > left && x < right && away > 0 ? away : null
  }
  if (isTurned(text)) {
    const away = side === 'right' ? x - right : left - x
    return y > top && y < bottom && away > 0 ? away : null
  }
  // Over the labels of its axis, and beginning or ending at them.
  const away = top - y
  const isOver = Math.abs(x - (side === 'right' ? right : left)) < text.width / 2 + FAR * text.size
  return isLevel(text) && isOver && away > 0 ? away : null
}

/** A title of the whole chart is so much larger than the labels of its axis. */
const LARGER = 1.25
const names = (text: string): boolean => {
  const { unit, power } = headerOf(text)
  return unit !== null || power !== 0
}

/**
 * The text that says what an axis shows; null where none stands at it. One that names a unit comes
 * before others, and one that is turned as its axis is before one that stands over it.
 */
export function titleOf(axis: Axis, { drawing, read }: ReadChart): string | null {
  const used = new Set<PlacedText>(
    [...read.axes.flatMap(({ labels }) => labels), ...read.marks.map(({ label }) => label)].flatMap(
      (label) => read.piecesOf(label),
    ),
  )
  const found = drawing.texts
    .filter((text) => !used.has(text) && hasLetters(text) && tokenOf(text.text) === null)
    .flatMap((text) => {
      const away = awayFrom(text, axis)
      const isOfChart = !isTurned(text) && text.size > LARGER * axis.labels[0]!.text.size
      if (away === null || away > FAR * text.size || (isOfChart && !names(text.text))) return []
      return [{ text: text.text, rank: [!names(text.text), !isTurned(text)].map(Number), away }]
    })
    .sort((a, b) => a.rank[0]! - b.rank[0]! || a.rank[1]! - b.rank[1]! || a.away - b.away)[0]
  return found?.text ?? null
}

/** What a chart says of its numbers: the title of an axis, or of all where that names a unit. */
export interface Titled {
  readonly text: string
  /** The power of ten that it names. */
  readonly power: number
}
/**
 * What the numbers of an axis are: by its own title, or else by that of the chart where it names a
 * unit or a power.
 */
export function titledOf(axis: Axis, chart: ReadChart): Titled | null {
  const own = titleOf(axis, chart)
  const all = [...(own === null ? [] : [own]), chart.drawing.title]
  const naming = all.find(names)
  if (naming !== undefined) return { text: naming, power: headerOf(naming).power }
  return own === null ? null : { text: own, power: 0 }
}
