import type { Dialect } from './dialects'
import {
  ACROSS,
  BOTTOM,
  each,
  eachBar,
  HIGH,
  isUpright,
  lang,
  LEFT,
  line,
  RIGHT,
  round,
  svg,
  TOP,
  widthOf,
} from './frame'

/** Ticks as uses of a symbol, axes moved by CSS, names of elements with a prefix. */
const symbols: Dialect = {
  id: 'symbols-and-css',
  draw: (plot) =>
    svg(
      plot,
      `<defs><symbol id="tick-h" viewBox="0 0 10 2" overflow="visible"><line x1="0" y1="1" x2="10" y2="1" stroke="#000"/></symbol><symbol id="tick-v"><line x1="0" y1="0" x2="0" y2="6" stroke="#000"/></symbol></defs><style><![CDATA[ svg .labels > text { font-size: 0.7rem } .y.left text { text-anchor: end; dominant-baseline: middle } .y.right text { dominant-baseline: middle } .x text { text-anchor: middle } ]]></style>${plot.axes
        .map((axis) => {
          const upright = isUpright(axis)
          const out = ACROSS[axis.side]
          const move = upright ? `translate(${line(axis)}px, 0px)` : `translate(0px, ${BOTTOM}px)`
          return `<g class="labels ${upright ? 'y' : 'x'} ${axis.side}" style="transform: ${move}">${each(
            axis,
            (label, place) =>
              upright
                ? `<use href="#tick-h" x="${out < 0 ? -10 : 0}" y="${place - 1}" width="10" height="2"/><text x="${14 * out}" y="${place}">${label}</text>`
                : `<use xlink:href="#tick-v" x="${place}" y="0"/><text x="${place}" y="19">${label}</text>`,
          )}</g>`
        })
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${y}" width="${width}" height="${height}"/><text style="font-size:11px;text-anchor:middle" x="${x + width / 2}" y="${y - 4}">${label}</text>`,
      )}`,
    ),
}

/** Every character at a place of its own. */
const glyphs: Dialect = {
  id: 'placed-glyphs',
  draw: (plot) => {
    const spread = (label: string, from: number, size: number) => {
      const plain = label.replaceAll('&amp;', '&')
      const xs = [...plain].map((_, at) =>
        round(from + widthOf([...plain].slice(0, at).join(''), size)),
      )
      return xs.join(' ')
    }
    return svg(
      plot,
      `${plot.axes
        .map((axis) =>
          each(axis, (label, place) => {
            const width = widthOf(label, 11)
            const out = ACROSS[axis.side]
            if (!isUpright(axis))
              return `<path d="M${place},${BOTTOM}L${place},${BOTTOM + 6}" stroke="#000"/><text font-size="11"><tspan x="${spread(label, place - width / 2, 11)}" y="${BOTTOM + 18}">${label}</tspan></text>`
            const from = out < 0 ? line(axis) - 9 - width : line(axis) + 9
            return `<path d="M${line(axis)},${place}L${line(axis) + 6 * out},${place}" stroke="#000"/><text font-size="11"><tspan x="${spread(label, from, 11)}" y="${place + 4}">${label}</tspan></text>`
          }),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<path d="M${x},${y + height}L${x},${y}L${x + width},${y}L${x + width},${y + height}Z" fill="#36c"/><text font-size="11" x="${spread(label, x + width / 2 - widthOf(label, 11) / 2, 11)}" y="${y - 4}">${label}</text>`,
      )}`,
    )
  },
}

/** Labels turned by 45 degrees below, and by 90 beside; ticks as polylines. */
const turned: Dialect = {
  id: 'turned-labels',
  draw: (plot) =>
    svg(
      plot,
      `${plot.axes
        .map((axis) =>
          each(axis, (label, place) => {
            if (!isUpright(axis))
              return `<polyline fill="none" stroke="#333" points="${place},${BOTTOM} ${place},${BOTTOM + 6}"/><text font-size="11" text-anchor="end" transform="translate(${place + 3},${BOTTOM + 16}) rotate(-45)">${label}</text>`
            const out = ACROSS[axis.side]
            const x = line(axis) + 9 * out
            return `<polyline fill="none" stroke="#333" points="${line(axis)},${place} ${line(axis) + 6 * out},${place}"/><text font-size="11" text-anchor="${out < 0 ? 'end' : 'start'}" x="${x}" y="${place + 4}">${label}</text>`
          }),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<polygon points="${x},${y} ${x + width},${y} ${x + width},${y + height} ${x},${y + height}"/><text font-size="11" text-anchor="middle" transform="rotate(0) translate(${x + width / 2} ${y - 4})">${label}</text>`,
      )}`,
    ),
}

/** A drawing inline in a page, with entities, and the frame of the plot in a box. */
const inline: Dialect = {
  id: 'inline-in-page',
  draw: (plot) =>
    `<!DOCTYPE html>\n<html${plot.language ? ` lang="${plot.language}"` : ''}><head><meta charset="utf-8"><title>Harvest</title></head><body><h1>Harvest</h1><p>By site, 2018&ndash;2022</p><figure><svg width=540 height=340 viewBox="0 0 540 340"><rect x=${LEFT} y=${TOP} width=${RIGHT - LEFT} height=${HIGH} fill=none stroke=black />${plot.axes
      .map(
        (axis) =>
          `<g font-size=12>${each(axis, (label, place) =>
            isUpright(axis)
              ? `<line x1=${line(axis)} x2=${line(axis) + 5 * ACROSS[axis.side]} y1=${place} y2=${place} stroke=black /><text x=${line(axis) + 8 * ACROSS[axis.side]} y=${place} dy=0.33em text-anchor=${axis.side === 'left' ? 'end' : 'start'}>${label.replaceAll('\u00a0', '&nbsp;').replaceAll('−', '&minus;')}</text>`
              : `<line x1=${place} x2=${place} y1=${BOTTOM} y2=${BOTTOM + 5} stroke=black /><text x=${place} y=${BOTTOM + 18} text-anchor=middle>${label.replaceAll('\u00a0', '&nbsp;')}</text>`,
          )}</g>`,
      )
      .join('')}${eachBar(
      plot,
      ({ x, y, width, height, label }) =>
        `<rect x=${x} y=${y} width=${width} height=${height} /><text x=${x + width / 2} y=${y - 4} font-size=11 text-anchor=middle>${label}</text>`,
    )}</svg></figure></body></html>`,
}

const POWER = /^(.*?)(×10)(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/u
const DIGITS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const lowered = (text: string): string =>
  [...text].map((one) => (one === '⁻' ? '-' : String(DIGITS.indexOf(one)))).join('')
/** Mantissa, ×10 and exponent as texts of their own; entities of its own, a byte order mark. */
const split: Dialect = {
  id: 'split-texts',
  draw: (plot) => {
    const text = (x: number, y: number, size: number, label: string) =>
      `<text x="${round(x)}" y="${round(y)}" font-size="${size}">${label}</text>`
    const rich = (label: string, end: number, y: number, anchor: 'end' | 'start' | 'middle') => {
      const [, head = label, ten = '', power = ''] = POWER.exec(label) ?? []
      const widths = [widthOf(head, 11), widthOf(ten, 11), widthOf(lowered(power), 8)]
      const whole = widths.reduce((sum, one) => sum + one, 0)
      const from = end - whole * { end: 1, middle: 0.5, start: 0 }[anchor]
      return ten === ''
        ? text(from, y, 11, head)
        : text(from, y, 11, head) +
            text(from + widths[0]!, y, 11, ten) +
            text(from + widths[0]! + widths[1]!, y - 5, 8, lowered(power))
    }
    return `\ufeff<?xml version="1.0"?>\n<!DOCTYPE svg [\n<!ENTITY ns "http://www.w3.org/2000/svg">\n<!ENTITY co "Osprind">\n]>\n<svg xmlns="&ns;" width="540" height="340"${lang(plot)}><title>&co; harvest</title>${plot.axes
      .map((axis) =>
        each(axis, (label, place) => {
          const out = ACROSS[axis.side]
          return isUpright(axis)
            ? `<g><line x1="${line(axis)}" x2="${line(axis) + 5 * out}" y1="${place}" y2="${place}" stroke="#000"/>${rich(label, line(axis) + 8 * out, place + 4, out < 0 ? 'end' : 'start')}</g>`
            : `<g><line x1="${place}" x2="${place}" y1="${BOTTOM}" y2="${BOTTOM + 5}" stroke="#000"/>${rich(label, place, BOTTOM + 17, 'middle')}</g>`
        }),
      )
      .join('')}${eachBar(
      plot,
      ({ x, y, width, height, label }) =>
        `<rect x="${x}" y="${y}" width="${width}" height="${height}"/>${rich(label, x + width / 2, y - 4, 'middle')}`,
    )}</svg>`
  },
}

/** Ways of writing that were added after the readers stood. */
export const laterDialects: readonly Dialect[] = [symbols, glyphs, turned, inline, split]
