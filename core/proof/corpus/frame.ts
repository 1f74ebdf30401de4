import type { DrawnAxis, Plot } from './charts'

/** Where the plot of every made chart lies, and what its marks measure. */
export const [LEFT, TOP, WIDE, HIGH] = [70, 24, 400, 260]
export const [BOTTOM, RIGHT] = [TOP + HIGH, LEFT + WIDE]
export const round = (value: number): number => Math.round(value * 100) / 100
export const isUpright = ({ side }: DrawnAxis): boolean => side === 'left' || side === 'right'
/** Where a label stands along its axis, in the plot's own pixels. */
const along = (axis: DrawnAxis, at: number): number =>
  round(isUpright(axis) ? BOTTOM - HIGH * axis.places[at]! : LEFT + WIDE * axis.places[at]!)
const escape = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
export const lang = ({ language }: Plot): string =>
  language === '' ? '' : ` xml:lang="${language}"`
export const each = (
  axis: DrawnAxis,
  draw: (label: string, place: number, at: number) => string,
): string => axis.labels.map((label, at) => draw(escape(label), along(axis, at), at)).join('')
const bar = ({ bars }: Plot, at: number) => {
  const band = WIDE / bars.length
  const x = round(LEFT + band * (at + 0.2))
  const height = round(HIGH * bars[at]!.end)
  return {
    x,
    width: round(band * 0.6),
    y: round(BOTTOM - height),
    height,
    label: escape(bars[at]!.label),
  }
}
export const eachBar = (
  plot: Plot,
  draw: (one: ReturnType<typeof bar>, at: number) => string,
): string => plot.bars.map((_, at) => draw(bar(plot, at), at)).join('')
/** How wide a text is, roughly, as a writer that measures would have it. */
export const widthOf = (text: string, size: number): number =>
  [...text].reduce((sum, one) => sum + (/[.,’:' \u00a0\u202f]/.test(one) ? 0.27 : 0.53), 0) * size
export const svg = (plot: Plot, inner: string, more = ''): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="540" height="340" viewBox="0 0 540 340"${lang(plot)}${more}>${inner}</svg>`

export const [ACROSS, DOWN] = [
  { left: -1, right: 1, top: 0, bottom: 0 },
  { left: 0, right: 0, top: -1, bottom: 1 },
]
export const line = ({ side }: DrawnAxis): number =>
  ({ left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM })[side]

/** How labels of an axis are anchored at it. */
export const anchorOf = ({ side }: DrawnAxis): 'end' | 'start' | 'middle' => {
  if (side === 'left') return 'end'
  return side === 'right' ? 'start' : 'middle'
}
