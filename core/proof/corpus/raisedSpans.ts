import type { Dialect } from './dialects'
import { ACROSS, BOTTOM, each, eachBar, isUpright, line, svg } from './frame'

const POWER = /^(.*10)(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/u
const DIGITS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const lowered = (text: string): string =>
  [...text].map((one) => (one === '⁻' ? '−' : String(DIGITS.indexOf(one)))).join('')
/** Exponents as raised spans. */
export const raisedSpans: Dialect = {
  id: 'raised-spans',
  draw: (plot, random) => {
    const isShifted = random.next() < 0.5
    const rich = (label: string) => {
      const [, head, power] = POWER.exec(label) ?? []
      if (head === undefined) return label
      return isShifted
        ? `${head}<tspan baseline-shift="super" font-size="70%">${lowered(power!)}</tspan>`
        : `${head}<tspan dy="-4" font-size="7">${lowered(power!)}</tspan>`
    }
    return svg(
      plot,
      `${plot.axes
        .map((axis) =>
          each(axis, (label, place) =>
            isUpright(axis)
              ? `<g><line x1="${line(axis)}" x2="${line(axis) + 5 * ACROSS[axis.side]}" y1="${place}" y2="${place}" stroke="red"/><text x="${line(axis) + 8 * ACROSS[axis.side]}" y="${place + 3.6}" font-size="10" text-anchor="${axis.side === 'left' ? 'end' : 'start'}">${rich(label)}</text></g>`
              : `<g><line x1="${place}" x2="${place}" y1="${BOTTOM}" y2="${BOTTOM + 5}" stroke="red"/><text x="${place}" y="${BOTTOM + 16}" font-size="10" text-anchor="middle">${rich(label)}</text></g>`,
          ),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${y}" width="${width}" height="${height}"/><text x="${x + width / 2}" y="${y - 4}" font-size="10" text-anchor="middle">${rich(label)}</text>`,
      )}`,
    )
  },
}
