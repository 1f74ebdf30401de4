import { PROSAIC, type Prosaic } from './messages'
import { textWidth } from '../../core/text/advance'
import { element } from '../element'
import { escapeMarkup } from '../escape'
import { LEADING } from '../forms/places'
import type { Geometry, Spot } from '../forms/types'
import { freeSpot } from './calloutSpot'
import { ADJUSTED_NOTE } from './totals'
import type { PageValues, PanelDrawing } from './values'

/** Colours that can be told on light and on dark ground alike. */
export const [INK, RULE, MARK] = ['#7a7065', '#b5a992', '#5b9382']
export const SHADES = ['#c3d8cd', '#a3c4b6', '#7fab9c', '#5b9382', '#3c7a69'] as const
export const COLOURS = [
  ...['#3f8270', '#b98a4a', '#a05a63'],
  ...['#7d93a8', '#b5ab7c', '#a8a29a'],
] as const
/** The gap below the words, in CSS pixels. */
const GAP = 10
/** The type of the words above the chart: sizes in CSS pixels. */
const TYPE = {
  headline: { size: 20, weight: 600 },
  sentence: { size: 14, weight: 400 },
} as const satisfies Record<Prosaic, object>

export type Attributes = Readonly<Record<string, string | number | undefined>>
/** A text at a spot. */
export const text = (words: string, { x, y, anchor }: Spot, attributes: Attributes = {}): string =>
  element('text', { x, y, 'text-anchor': anchor, ...attributes }, escapeMarkup(words))

/** A part of a picture, and what it takes of the height. */
export interface PicturePart {
  readonly svg: string
  readonly height: number
}
type Directed = Pick<PageValues, 'direction'>

/** Where words begin: at the side from which they are read. */
export const beginsAt = ({ direction }: Directed, width: number): number =>
  direction === 'rtl' ? width : 0

/** Words in as many lines as they need. */
function linesIn(words: string, width: number, size: number): string[] {
  const lines: string[] = []
  for (const word of words.split(' ')) {
    const longer = `${lines.at(-1)} ${word}`
    if (lines.length > 0 && textWidth(longer, size, '600') < width) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}

type Said = Directed & Pick<PageValues, 'said.headline' | 'said.sentence' | 'shown'>
/** Headline and sentence, line under line. */
export function wordsOf(page: Said, width: number): PicturePart {
  let y = 0
  const lines = PROSAIC.filter((id) => page.shown.includes(id)).flatMap((id) => {
    const { size, weight } = TYPE[id]
    return linesIn(page[`said.${id}`].text, width, size).map((line) => {
      y += size * LEADING
      const spot = { x: beginsAt(page, width), y, anchor: 'start' } as const
      return text(line, spot, { 'font-size': size, 'font-weight': weight })
    })
  })
  return { svg: lines.join(''), height: lines.length === 0 ? 0 : y + GAP }
}

/** What is said of labels that were adjusted; empty where none was. */
export function noteOf(
  page: Directed & Pick<PageValues, 'adjusted.marks' | 'fontSize' | 'shown'>,
  width: number,
): PicturePart {
  const { fontSize, shown } = page
  if (page['adjusted.marks'].size === 0 || !shown.includes('marks')) return { svg: '', height: 0 }
  const lines = linesIn(ADJUSTED_NOTE, width, fontSize)
  const spotOf = (row: number) =>
    ({ x: beginsAt(page, width), y: fontSize * (1 + LEADING * row), anchor: 'start' }) as const
  return {
    svg: lines.map((line, row) => text(line, spotOf(row))).join(''),
    height: fontSize * LEADING * lines.length + GAP,
  }
}

/** Sides of a swatch, and what stands beside it and between two. */
const [SWATCH, ASIDE, BETWEEN] = [10, 6, 16]
/** Swatches with what they stand for, in as many lines as they need. */
function swatches(
  page: Directed & Pick<PageValues, 'fontSize'>,
  width: number,
  items: readonly { readonly fill: string | null; readonly words: string; surface?: string }[],
): PicturePart {
  const { fontSize } = page
  const isMirrored = page.direction === 'rtl'
  let [x, y] = [0, fontSize]
  const parts = items.map(({ fill, words, surface }, at) => {
    const beside = fill === null ? 0 : SWATCH + ASIDE
    const room = beside + textWidth(words, fontSize)
    if (x > 0 && x + room > width) [x, y] = [0, y + fontSize * LEADING]
    const place = (left: number) => (isMirrored ? width - left : left)
    const swatch =
      fill === null
        ? ''
        : element('rect', {
            x: isMirrored ? place(x + SWATCH) : x,
            ...{ y: y - SWATCH + 1, width: SWATCH, height: SWATCH, rx: 2, fill },
          })
    const spot = { x: place(x + beside), y, anchor: 'start' } as const
    x += room + BETWEEN
    return swatch + text(words, spot, surface ? { 'data-surface': surface, 'data-at': at - 1 } : {})
  })
  return { svg: parts.join(''), height: items.length === 0 ? 0 : y + GAP }
}

/** What the shades of marks stand for. */
export function legendOf(
  page: Directed & Pick<PageValues, 'fontSize' | 'legendLabels' | 'shown' | 'title.legend'>,
  width: number,
): PicturePart {
  if (!page.shown.includes('legend')) return { svg: '', height: 0 }
  return swatches(page, width, [
    { fill: null, words: page['title.legend'] },
    ...page.legendLabels.map((words, at) => ({
      ...{ fill: SHADES[at] ?? MARK, words, surface: 'legend' },
    })),
  ])
}
/** What the colours of pieces stand for. */
export const keyOf = (
  page: Directed & Pick<PageValues, 'fontSize' | 'drawing'>,
  width: number,
): PicturePart =>
  swatches(
    page,
    width,
    (page.drawing?.stacks?.names ?? []).map((words, at) => ({ fill: COLOURS[at] ?? MARK, words })),
  )

/** The width of a note, and its height as far as it is placed by it. */
const [NOTE_WIDTH, NOTE_HEIGHT] = [150, 40]
type Called = Pick<PageValues, 'calledOut' | 'chart' | 'fontSize' | 'grid' | 'said.callout'>
/** The callout of a panel at its mark, with the line that leads there; empty where it has none. */
export function calloutOf(page: Called, panel: PanelDrawing, { marks }: Geometry): string {
  const { calledOut, chart, fontSize, grid } = page
  const at = calledOut === null ? -1 : calledOut - panel.first
  const mark = marks[at]?.label
  if (!mark) return ''
  const labels = marks.map(({ label }) => label)
  const note = { width: NOTE_WIDTH, height: NOTE_HEIGHT }
  const usual = freeSpot(labels, at, note, grid.width)
  const { x = usual.x, y = usual.y } = chart.callout ?? usual
  const left = Math.max(0, Math.min(grid.width - NOTE_WIDTH, mark.x + x))
  const top = Math.max(0, mark.y + y)
  const lead = element('line', {
    ...{ x1: mark.x, y1: top < mark.y ? mark.y - fontSize : mark.y + 3 },
    ...{ x2: Math.min(left + NOTE_WIDTH, Math.max(left, mark.x)), y2: top + fontSize },
    stroke: INK,
  })
  const lines = linesIn(page['said.callout'].text, NOTE_WIDTH, fontSize).map((line, row) =>
    text(line, {
      ...{ x: left + ASIDE, y: top + fontSize * (1 + LEADING * row), anchor: 'start' },
    }),
  )
  return lead + lines.join('')
}
