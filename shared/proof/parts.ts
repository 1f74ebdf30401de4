import type { Style } from '../../core/style/fields'
import { styleOf } from '../../core/proof/style'
import type { Part } from './mend'
import type { ReadFile } from './file'

/** All that can be written anew in a file: its axes, its data labels, its columns. */
export const partsOf = ({ charts, tables }: Pick<ReadFile, 'charts' | 'tables'>): Part[] => [
  ...charts.flatMap((chart): Part[] => [
    ...chart.read.axes.map((axis) => ({ kind: 'axis' as const, chart, axis })),
    ...(chart.read.marks.length > 0 ? [{ kind: 'marks' as const, chart }] : []),
  ]),
  ...tables.flatMap(({ columns }) =>
    columns.map((column) => ({ kind: 'column' as const, column })),
  ),
]

/** A part in words. @example partWords(part) // 'left axis' */
export function partWords(part: Part): string {
  if (part.kind === 'axis') return `${part.axis.side} axis`
  return part.kind === 'marks' ? 'data labels' : `column “${part.column.name}”`
}

/** The part of a name: the side of an axis, `marks`, or the head of a column. */
export const namedPart = (
  parts: readonly Part[],
  { axis, column }: { readonly axis?: string; readonly column?: string },
): Part | undefined =>
  parts.find((part) => {
    if (part.kind === 'axis') return part.axis.side === axis
    return part.kind === 'marks' ? axis === 'marks' : part.column.name === column
  })

/** The style that a part is written in, as far as its labels tell. */
export function styleNow(part: Part): Style {
  if (part.kind === 'axis') return styleOf(part.axis.said, part.axis.way.reader)
  if (part.kind === 'column') return styleOf(part.column.said, part.column.way.reader)
  const { marks, marksReader } = part.chart.read
  return styleOf(
    marks.map(({ said }) => said),
    marksReader!,
  )
}

/** A style for a part: what it does not say of region and unit stays as it is. */
export function styleFor(part: Part, style: Style): Style {
  const { locale, unit, factor } = styleNow(part)
  const kept = {
    ...(locale ? { locale } : {}),
    ...(unit ? { unit } : {}),
    ...(factor ? { factor } : {}),
  }
  return style.unit === undefined
    ? { ...kept, ...style }
    : { ...(locale ? { locale } : {}), ...style }
}
