import { textWidth } from '../../core/text/advance'
import { element } from '../element'
import { escapeMarkup } from '../escape'
import { LEADING } from '../forms/places'
import type { Geometry, Shape, Spot } from '../forms/types'
import { lineOf, wrapped } from './layout'
import { binOf } from './legend'
import { linesOf } from './marks'
import type { PageValues, PanelDrawing } from './values'

/** Colours that can be told on light and on dark ground alike. */
const [INK, RULE, MARK] = ['#7a7065', '#b5a992', '#5b9382']
const SHADES = ['#c3d8cd', '#a3c4b6', '#7fab9c', '#5b9382', '#3c7a69'] as const
const COLOURS = ['#3f8270', '#b98a4a', '#a05a63', '#7d93a8', '#b5ab7c', '#a8a29a'] as const
/** Sizes of the words above the chart, in CSS pixels. */
const [HEADLINE, SENTENCE, GAP] = [20, 14, 10]

type Attributes = Readonly<Record<string, string | number>>
const text = (words: string, { x, y, anchor }: Spot, attributes: Attributes = {}): string =>
  element('text', { x, y, 'text-anchor': anchor, ...attributes }, escapeMarkup(words))

function shapeOf(shape: Shape, fill: string, dot: number): string {
  if (shape.kind === 'path')
    return element('path', { d: shape.d, fill, transform: `translate(${shape.x} ${shape.y})` })
  if (shape.kind === 'dot') return element('circle', { cx: shape.x, cy: shape.y, r: dot, fill })
  if (shape.kind === 'stack')
    return shape.rects
      .map((rect, at) => element('rect', { ...rect, fill: COLOURS[at] ?? MARK }))
      .join('')
  const { kind: _, ...rect } = shape
  return element('rect', { ...rect, fill })
}

type Drawn = Pick<
  PageValues,
  | 'beside'
  | 'chart'
  | 'direction'
  | 'drawing'
  | 'edges'
  | 'fontSize'
  | 'form'
  | 'geometries'
  | 'grid'
  | 'markLabels'
  | 'markSize'
  | 'panels'
  | 'said.headline'
  | 'said.sentence'
  | 'shown'
  | 'tickLabels'
  | 'title.axis'
>

/** Where words begin: at the side from which they are read. */
const beginsAt = ({ direction }: Drawn, width: number): number => (direction === 'rtl' ? width : 0)

function axisOf({ tickLabels }: Drawn, panel: PanelDrawing, geometry: Geometry): string {
  if (!panel.hasAxis) return ''
  return geometry.ticks
    .map((tick, at) => {
      const [x1, y1, x2, y2] = tick.line
      const line = element('line', { x1, y1, x2, y2, stroke: tick.isZero ? INK : RULE })
      return line + text(tickLabels[at] ?? '', tick)
    })
    .join('')
}

function marksOf(page: Drawn, panel: PanelDrawing, { marks, line, area }: Geometry): string {
  const { form, edges } = page
  const { groups, labelled } = panel.drawing
  const hasLabel = new Set(labelled)
  const fillOf = (at: number): string => {
    if (edges.length > 0) return SHADES[binOf(groups[at]!.value, edges)] ?? MARK
    return form.isShaded ? SHADES[(at % (SHADES.length - 1)) + 1]! : MARK
  }
  const radius = (at: number) => (hasLabel.has(at) ? form.dot.labelled : form.dot.bare)
  return [
    area ? element('path', { d: area, fill: SHADES[0] }) : '',
    line ? element('path', { d: line, fill: 'none', stroke: MARK, 'stroke-width': 2 }) : '',
    ...marks.map(({ shape }, at) => shapeOf(shape, fillOf(at), radius(at))),
  ].join('')
}

function labelsOf(page: Drawn, panel: PanelDrawing, { marks }: Geometry): string {
  if (!page.shown.includes('marks')) return ''
  const { beside, markLabels, markSize, chart } = page
  const lines = linesOf(chart)
  const size = { 'font-size': markSize, 'font-weight': 600 }
  return panel.drawing.labelled
    .flatMap((at, i) =>
      Array.from({ length: lines }, (_, line) => {
        const { label } = marks[at]!
        const up = label.rises ? lines - 1 - line : (lines - 1) / 2 - line
        const words = lineOf(beside, markLabels, i + panel.firstLabel, line)
        return text(words, { ...label, y: label.y - markSize * LEADING * up }, size)
      }),
    )
    .join('')
}

const namesOf = (panel: PanelDrawing, { names }: Geometry, fontSize: number): string =>
  names
    .flatMap((place) =>
      wrapped(panel.drawing.groups[place.at]!.category, place).map((line, row) =>
        text(line, { ...place, y: place.y + fontSize * LEADING * row }),
      ),
    )
    .join('')

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

/** Headline and sentence, line under line, and how much of the height they take. */
function wordsOf(page: Drawn, width: number): { readonly svg: string; readonly height: number } {
  let y = 0
  const lines = (['headline', 'sentence'] as const)
    .filter((id) => page.shown.includes(id))
    .flatMap((id) => {
      const size = id === 'headline' ? HEADLINE : SENTENCE
      const weight = id === 'headline' ? 600 : 400
      return linesIn(page[`said.${id}`].text, width, size).map((line) => {
        y += size * LEADING
        const spot = { x: beginsAt(page, width), y, anchor: 'start' } as const
        return text(line, spot, { 'font-size': size, 'font-weight': weight })
      })
    })
  return { svg: lines.join(''), height: lines.length === 0 ? 0 : y + GAP }
}

/**
 * The chart of a page with the words above it, drawn without a browser.
 *
 * @param page as it stands; of one that has nothing to draw, the picture says its words alone
 * @returns SVG, all of whose texts are escaped
 * @example pagePicture(pageSnapshot(sources)) // '<svg xmlns="http://www.w3.org/2000/svg" …'
 */
export function pagePicture(page: Drawn): string {
  const { grid, panels, geometries, fontSize, drawing } = page
  const width = grid.width * Math.min(grid.across, Math.max(1, panels.length))
  const words = wordsOf(page, width)
  const charts = geometries.map((geometry, at) => {
    const panel = panels[at]!
    const x = (at % grid.across) * grid.width
    const y = words.height + Math.floor(at / grid.across) * grid.height
    const title = panel.name ?? (at === 0 ? page['title.axis'] : '')
    const parts = [
      text(title, { x: beginsAt(page, grid.width), y: 12, anchor: 'start' }),
      axisOf(page, panel, geometry),
      marksOf(page, panel, geometry),
      labelsOf(page, panel, geometry),
      namesOf(panel, geometry, fontSize),
    ]
    return element('g', { transform: `translate(${x} ${y})` }, parts.join(''))
  })
  const rows = drawing ? Math.ceil(panels.length / grid.across) : 0
  const height = Math.ceil(words.height + rows * grid.height)
  return element(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: `0 0 ${width} ${height}`,
      'font-family': 'sans-serif',
      'font-size': fontSize,
      fill: INK,
      ...(page.direction === 'rtl' ? { direction: 'rtl' } : {}),
    },
    words.svg + charts.join(''),
  )
}
