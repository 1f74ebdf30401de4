import { toText } from '../../core/decimal/decimal'
import { element } from '../element'
import { escapeMarkup } from '../escape'
import { LEADING } from '../forms/places'
import type { Geometry, Shape } from '../forms/types'
import { lineOf, wrapped } from './layout'
import { binOf } from './legend'
import { linesOf } from './marks'
import {
  beginsAt,
  calloutOf,
  COLOURS,
  INK,
  keyOf,
  legendOf,
  MARK,
  noteOf,
  RULE,
  SHADES,
  text,
  wordsOf,
} from './pictureWords'
import type { PageValues, PanelDrawing } from './values'

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
  | 'adjusted.marks'
  | 'beside'
  | 'calledOut'
  | 'chart'
  | 'direction'
  | 'drawing'
  | 'edges'
  | 'fontSize'
  | 'form'
  | 'geometries'
  | 'grid'
  | 'layout'
  | 'legendLabels'
  | 'markLabels'
  | 'markSize'
  | 'panels'
  | 'said.callout'
  | 'said.headline'
  | 'said.sentence'
  | 'shown'
  | 'tickLabels'
  | 'title.axis'
  | 'title.legend'
>

function axisOf({ tickLabels }: Drawn, panel: PanelDrawing, geometry: Geometry): string {
  if (!panel.hasAxis) return ''
  return geometry.ticks
    .map((tick, at) => {
      const [x1, y1, x2, y2] = tick.line
      const line = element('line', { x1, y1, x2, y2, stroke: tick.isZero ? INK : RULE })
      const value = panel.drawing.ticks.values[at]
      const behind = { 'data-surface': 'axis', 'data-value': value && toText(value) }
      return line + text(tickLabels[panel.firstTick + at] ?? '', tick, behind)
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
        const behind =
          line === 0
            ? { 'data-surface': 'marks', 'data-value': toText(panel.drawing.groups[at]!.value) }
            : {}
        const spot = { ...label, y: label.y - markSize * LEADING * up }
        return text(words, spot, { ...size, ...behind })
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

/** What an export says of a picture besides. */
export interface PictureFacts {
  /** What a screen reader says of it. */
  readonly title: string
  /** Where it comes from, and how it is made again. */
  readonly from: string
}

/**
 * The chart of a page with its words, its legend, its key of colours and its callout, drawn without
 * a browser; the number stands behind each label of its axis and its marks.
 *
 * @param page as it stands; of one that has nothing to draw, the picture says its words alone
 * @returns SVG, all of whose texts are escaped
 * @example pagePicture(pageSnapshot(sources)) // '<svg xmlns="http://www.w3.org/2000/svg" …'
 */
export function pagePicture(page: Drawn, facts?: PictureFacts): string {
  const { grid, panels, geometries, fontSize, drawing, layout } = page
  const width = grid.width * Math.min(grid.across, Math.max(1, panels.length))
  const rows = drawing ? Math.ceil(panels.length / grid.across) : 0
  const charts = geometries.map((geometry, at) => {
    const panel = panels[at]!
    const x = (at % grid.across) * grid.width
    const y = Math.floor(at / grid.across) * grid.height
    const title = panel.name ?? (at === 0 ? page['title.axis'] : '')
    const parts = [
      text(title, { x: beginsAt(page, grid.width), y: 12, anchor: 'start' }),
      axisOf(page, panel, geometry),
      marksOf(page, panel, geometry),
      labelsOf(page, panel, geometry),
      namesOf(panel, geometry, fontSize),
      calloutOf(page, panel, geometry),
    ]
    return element('g', { transform: `translate(${x} ${y})` }, parts.join(''))
  })
  const chart = { svg: charts.join(''), height: rows * grid.height }
  const legend = drawing ? legendOf(page, width) : { svg: '', height: 0 }
  const isAbove = layout.legend === 'above'
  let height = 0
  const parts = [
    ...[wordsOf(page, width), keyOf(page, width)],
    ...(isAbove ? [legend, chart] : [chart, legend]),
    noteOf(page, width),
  ].map((part) => {
    const placed = element('g', { transform: `translate(0 ${height})` }, part.svg)
    height += part.height
    return part.svg === '' ? '' : placed
  })
  return element(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: `0 0 ${width} ${Math.ceil(height)}`,
      ...(facts
        ? { width, height: Math.ceil(height), role: 'img', 'aria-label': facts.title }
        : {}),
      'font-family': 'sans-serif',
      'font-size': fontSize,
      fill: INK,
      ...(page.direction === 'rtl' ? { direction: 'rtl' } : {}),
    },
    (facts ? element('metadata', {}, escapeMarkup(facts.from)) : '') + parts.join(''),
  )
}
