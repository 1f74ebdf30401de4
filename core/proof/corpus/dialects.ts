import type { Plot } from './charts'
import {
  ACROSS,
  anchorOf,
  BOTTOM,
  DOWN,
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
  WIDE,
  widthOf,
} from './frame'
import type { Random } from './random'
import { raisedSpans } from './raisedSpans'

/** A way of writing charts: structure, nesting, styling and splitting of its own. */
export interface Dialect {
  readonly id: string
  draw(plot: Plot, random: Random): string
}

/** Each tick a group with a line and a text, moved to its place. */
const groups: Dialect = {
  id: 'tick-groups',
  draw: (plot) =>
    svg(
      plot,
      `<g transform="translate(${LEFT},${TOP})">${plot.axes
        .map((axis) => {
          const upright = isUpright(axis)
          const origin = upright
            ? `translate(${line(axis) - LEFT},0)`
            : `translate(0,${line(axis) - TOP})`
          const [x, y] = [ACROSS[axis.side] * 9, DOWN[axis.side] * 9]
          const anchor = anchorOf(axis)
          return `<g class="axis" transform="${origin}" fill="none" font-size="10" font-family="sans-serif" text-anchor="${anchor}"><path class="domain" stroke="currentColor" d="${upright ? `M${ACROSS[axis.side] * 6},${HIGH + 0.5}H0.5V0.5H${ACROSS[axis.side] * 6}` : `M0.5,6V0.5H${WIDE + 0.5}V6`}"></path>${each(
            axis,
            (label, place) =>
              `<g class="tick" opacity="1" transform="translate(${upright ? `0,${place - TOP + 0.5}` : `${place - LEFT + 0.5},0`})"><line stroke="currentColor" ${upright ? `x2="${ACROSS[axis.side] * 6}"` : 'y2="6"'}></line><text fill="currentColor" ${upright ? `x="${x}"` : `y="${y}"`} dy="${upright ? '0.32em' : '0.71em'}">${label}</text></g>`,
          )}</g>`
        })
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect fill="#579" x="${x - LEFT}" y="${y - TOP}" width="${width}" height="${height}"></rect><text font-size="11" text-anchor="middle" x="${x - LEFT + width / 2}" y="${y - TOP - 4}">${label}</text>`,
      )}</g>`,
    ),
}

/** Everything in one place, styled by a sheet with classes. */
const flat: Dialect = {
  id: 'flat-classes',
  draw: (plot) =>
    svg(
      plot,
      `<style>.lab{font:11px sans-serif;fill:#333}.e{text-anchor:end}.m{text-anchor:middle}.tk{stroke:#999;stroke-width:1}</style><rect width="540" height="340" fill="#fff"/>${plot.axes
        .map((axis) =>
          each(axis, (label, place) => {
            const edge = line(axis)
            if (!isUpright(axis))
              return `<line class="tk" x1="${place}" x2="${place}" y1="${BOTTOM}" y2="${BOTTOM + 5}"/><text class="lab m" x="${place}" y="${BOTTOM + 18}">${label}</text>`
            const out = ACROSS[axis.side]
            return `<line class="tk" x1="${edge}" x2="${edge + 5 * out}" y1="${place}" y2="${place}"/><text class="lab${out < 0 ? ' e' : ''}" x="${edge + 8 * out}" y="${place + 4}">${label}</text>`
          }),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${y}" width="${width}" height="${height}" style="fill:teal"/><text class="lab m" x="${x + width / 2}" y="${y - 3}">${label}</text>`,
      )}`,
    ),
}

/** A drawing in millimetres within one in its own units, shown at another size. */
const nested: Dialect = {
  id: 'nested-viewboxes',
  draw: (plot) =>
    `<?xml version="1.0" encoding="UTF-8" standalone="no"?>\n<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="180mm" height="120mm" viewBox="0 0 1080 720" preserveAspectRatio="xMinYMin meet"${lang(plot)}><svg x="40" y="20" width="1000" height="640" viewBox="0 0 540 340" preserveAspectRatio="xMidYMid">${plot.axes
      .map(
        (axis) =>
          `<g style="font-size:9pt;text-anchor:${anchorOf(axis)}">${each(axis, (label, place) =>
            isUpright(axis)
              ? `<polyline points="${line(axis)},${place} ${line(axis) + 4 * ACROSS[axis.side]},${place}" stroke="black"/><text x="${line(axis) + 7 * ACROSS[axis.side]}" y="${place}" dominant-baseline="central">${label}</text>`
              : `<polyline points="${place},${BOTTOM} ${place},${BOTTOM + 4}" stroke="black"/><text x="${place}" y="${BOTTOM + 8}" dominant-baseline="hanging">${label}</text>`,
          )}</g>`,
      )
      .join('')}${eachBar(
      plot,
      ({ x, y, width, height, label }) =>
        `<path d="M${x} ${y}h${width}v${height}h${-width}z"/><text style="font-size:8pt" text-anchor="middle" x="${x + width / 2}" y="${y - 4}">${label}</text>`,
    )}</svg></svg>`,
}

/** Ticks as uses of one small path, in groups with ids; texts kept, styled by themselves. */
const markers: Dialect = {
  id: 'used-markers',
  draw: (plot) =>
    `<?xml version="1.0" encoding="utf-8" standalone="no"?>\n<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN"\n  "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd">\n<svg height="340pt" version="1.1" viewBox="0 0 540 340" width="540pt" xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"${lang(plot)}><defs><style type="text/css">*{stroke-linecap:butt;stroke-linejoin:round;}</style></defs><g id="figure_1"><g id="patch_1"><path d="M 0 340 L 540 340 L 540 0 L 0 0 z " style="fill:#ffffff;"/></g><g id="axes_1">${eachBar(
      plot,
      ({ x, y, width, height, label }, at) =>
        `<g id="bar_${at}"><path clip-path="url(#c)" d="M ${x} ${y + height} L ${x + width} ${y + height} L ${x + width} ${y} L ${x} ${y} z " style="fill:#1f77b4;"/></g><g id="value_${at}"><text style="font-size:10px;text-anchor:middle;" x="${x + width / 2}" y="${y - 3}" transform="rotate(-0, ${x + width / 2}, ${y - 3})">${label}</text></g>`,
    )}${plot.axes
      .map((axis, n) => {
        const upright = isUpright(axis)
        const out = ACROSS[axis.side]
        return `<g id="axis_${n}"><defs><path d="M 0 0 L ${upright ? `${3.5 * out} 0` : '0 3.5'} " id="m${n}" style="stroke:#000000;stroke-width:0.8;"/></defs>${each(
          axis,
          (label, place, at) => {
            const [x, y] = upright ? [line(axis), place] : [place, BOTTOM]
            const [tx, ty] = upright ? [x + 7 * out, y + 3.8] : [x, y + 14.6]
            const anchor = anchorOf(axis)
            return `<g id="tick_${n}_${at}"><g id="line2d_${at}"><g><use style="stroke:#000000;" x="${x}" xlink:href="#m${n}" y="${y}"/></g></g><g id="text_${at}"><text style="font: 10px 'Sans'; text-anchor: ${anchor}" x="${tx}" y="${ty}" transform="rotate(-0 ${tx} ${ty})">${label}</text></g></g>`
          },
        )}</g>`
      })
      .join('')}</g></g></svg>`,
}

/** All ticks of an axis in one path, all labels in a group behind. */
const onePath: Dialect = {
  id: 'one-path',
  draw: (plot) =>
    svg(
      plot,
      `${plot.axes
        .map((axis) => {
          const upright = isUpright(axis)
          const out = ACROSS[axis.side]
          const ticks = each(axis, (_, place) =>
            upright ? `M${line(axis)} ${place}h${6 * out}` : `M${place} ${BOTTOM}v6`,
          )
          return `<g stroke="#000" fill="none"><path d="${ticks}"/></g><g class="labels">${each(
            axis,
            (label, place) =>
              upright
                ? `<g transform="translate(${line(axis) + 10 * out} ${place})"><text alignment-baseline="middle" style="font-size: 12px; text-anchor: ${out < 0 ? 'end' : 'start'}">${label}</text></g>`
                : `<g transform="translate(${place} ${BOTTOM + 20})"><text style="font-size: 12px; text-anchor: middle">${label}</text></g>`,
          )}</g>`
        })
        .join('')}<g class="bars">${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<g transform="translate(${x} ${y})"><rect width="${width}" height="${height}" rx="2" fill="#c63"/><text x="${width / 2}" y="14" text-anchor="middle" font-size="11" fill="#fff">${label}</text></g>`,
      )}</g>`,
    ),
}

/** The whole chart drawn upwards, its texts turned back. */
const upwards: Dialect = {
  id: 'y-upwards',
  draw: (plot) =>
    svg(
      plot,
      `<g transform="matrix(1 0 0 -1 0 340)">${plot.axes
        .map((axis) =>
          each(axis, (label, place) => {
            const upright = isUpright(axis)
            const out = ACROSS[axis.side]
            const [x, y] = upright ? [line(axis), 340 - place] : [place, 340 - BOTTOM]
            const [tx, ty] = upright ? [x + 8 * out, y - 4] : [x, y - 18]
            const anchor = anchorOf(axis)
            return `<path stroke="#444" d="M ${x} ${y} l ${upright ? `${5 * out} 0` : '0 -5'}"/><text transform="translate(${tx} ${ty}) scale(1 -1)" font-size="11px" text-anchor="${anchor}">${label}</text>`
          }),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${340 - y - height}" width="${width}" height="${height}"/><text transform="translate(${x + width / 2} ${340 - y + 4}) scale(1,-1)" font-size="11px" text-anchor="middle">${label}</text>`,
      )}</g>`,
    ),
}

/** Each text placed by a matrix of its own, in a span with classes of a sheet. */
const matrices: Dialect = {
  id: 'matrix-spans',
  draw: (plot) =>
    `<?xml version="1.0" encoding="utf-8"?>\n<!-- Drawn by hand -->\n<svg version="1.1" xmlns="http://www.w3.org/2000/svg" x="0px" y="0px" viewBox="0 0 540 340" xml:space="preserve"${lang(plot)}>\n<style type="text/css">\n\t.st0{fill:none;stroke:#231F20;stroke-miterlimit:10;}\n\t.st1{font-family:'Sans-Regular';}\n\t.st2{font-size:12px;}\n</style>\n${plot.axes
      .map((axis) =>
        each(axis, (label, place, at) => {
          const upright = isUpright(axis)
          const out = ACROSS[axis.side]
          const width = widthOf(axis.labels[at]!, 12)
          const beside = out < 0 ? line(axis) - 8 - width : line(axis) + 8
          const x = upright ? beside : place - width / 2
          const y = upright ? place + 4 : BOTTOM + 18
          const tick = upright
            ? `x1="${line(axis)}" y1="${place}" x2="${line(axis) + 5 * out}" y2="${place}"`
            : `x1="${place}" y1="${BOTTOM}" x2="${place}" y2="${BOTTOM + 5}"`
          return `<line class="st0" ${tick}/>\n<text transform="matrix(1 0 0 1 ${round(x)} ${round(y)})"><tspan x="0" y="0" class="st1 st2">${label}</tspan></text>\n`
        }),
      )
      .join('')}${eachBar(
      plot,
      ({ x, y, width, height, label }) =>
        `<rect x="${x}" y="${y}" fill="#8CC" width="${width}" height="${height}"/><text transform="matrix(1 0 0 1 ${round(x + width / 2 - widthOf(label, 12) / 2)} ${y - 4})" class="st1 st2">${label}</text>\n`,
    )}</svg>`,
}

/** Ticks and grid lines as thin boxes. */
const boxes: Dialect = {
  id: 'thin-boxes',
  draw: (plot) =>
    svg(
      plot,
      `${plot.axes
        .map((axis) =>
          each(axis, (label, place) =>
            isUpright(axis)
              ? `<rect x="${LEFT}" y="${place - 0.5}" width="${WIDE}" height="1" fill="#ddd"/><text x="${line(axis) + 6 * ACROSS[axis.side]}" y="${place + 3.5}" font-size="10" text-anchor="${axis.side === 'left' ? 'end' : 'start'}">${label}</text>`
              : `<rect x="${place - 0.5}" y="${BOTTOM}" width="1" height="6" fill="#000"/><text x="${place}" y="${BOTTOM + 17}" font-size="10" text-anchor="middle">${label}</text>`,
          ),
        )
        .join('')}${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="#468"/><text x="${x + width / 2}" y="${y - 5}" font-size="10" text-anchor="middle">${label}</text>`,
      )}`,
    ),
}

/** No ticks at all: grid lines from edge to edge, labels beside. */
const grid: Dialect = {
  id: 'grid-alone',
  draw: (plot) =>
    svg(
      plot,
      `<g id="grid" stroke="#e0e0e0">${plot.axes
        .map((axis) =>
          each(axis, (_, place) =>
            isUpright(axis)
              ? `<line x1="${LEFT}" y1="${place}" x2="${RIGHT}" y2="${place}"/>`
              : `<line x1="${place}" y1="${TOP}" x2="${place}" y2="${BOTTOM}"/>`,
          ),
        )
        .join('')}</g><g id="texts" font-size="12">${plot.axes
        .map((axis) =>
          each(axis, (label, place) =>
            isUpright(axis)
              ? `<text text-anchor="${axis.side === 'left' ? 'end' : 'start'}" x="${line(axis) + 5 * ACROSS[axis.side]}" y="${place}" dy=".35em">${label}</text>`
              : `<text text-anchor="middle" x="${place}" y="${BOTTOM + 16}">${label}</text>`,
          ),
        )
        .join('')}</g>${eachBar(
        plot,
        ({ x, y, width, height, label }) =>
          `<rect x="${x}" y="${y}" width="${width}" height="${height}"/><text x="${x + width / 2}" y="${y}" dy="-.4em" font-size="12" text-anchor="middle">${label}</text>`,
      )}`,
    ),
}

export const dialects: readonly Dialect[] = [
  groups,
  flat,
  nested,
  markers,
  onePath,
  upwards,
  matrices,
  boxes,
  grid,
  raisedSpans,
]
