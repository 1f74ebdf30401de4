import { centreOf, middleOf } from '../../core/proof/edges'
import { tokenOf } from '../../core/proof/token'
import type { Axis } from '../../core/proof/axis'
import type { MarkLabel } from '../../core/proof/marks'
import type { Said } from '../../core/proof/read'
import { headerOf } from '../import/header'
import type { ReadChart, ReadFile } from './file'
import { titledOf } from './titles'
import { trimmed } from './trimmed'

/** The numbers of a finished work as a table of text cells. */
export interface WorkTable {
  readonly name: string
  readonly rows: readonly (readonly string[])[]
}

/** The name that stands under a mark, or beside it. */
function nameOf({ shape }: MarkLabel, { drawing }: ReadChart): string {
  const [x, y] = [shape.x + shape.width / 2, shape.y + shape.height / 2]
  const found = drawing.texts
    .filter((text) => tokenOf(text.text) === null)
    .map((text) => {
      const [dx, dy] = [Math.abs(centreOf(text) - x), Math.abs(middleOf(text) - y)]
      const beside = dy <= shape.height / 2 ? dx : Infinity
      return { text: text.text, away: dx <= shape.width / 2 ? dy : beside }
    })
    .sort((a, b) => a.away - b.away)[0]
  return found && found.away < Infinity ? found.text : ''
}

/**
 * What heads a column of a chart's numbers: their title, by which they are brought in. Labels that
 * say their power themselves leave none for it.
 */
function headOf(axes: readonly Axis[], said: readonly Said[], chart: ReadChart): string {
  const titled = axes.flatMap((axis) => titledOf(axis, chart) ?? [])[0]
  if (!titled) return 'value'
  const isSaid = said.some(({ rung, part }) => rung !== '' || part !== 0)
  return isSaid && titled.power !== 0 ? headerOf(titled.text).title : titled.text
}

/** The numbers come before the texts that say them: a study begins with its first quantity. */
function rowsOfChart(chart: ReadChart): string[][] {
  const { marks, axes } = chart.read
  if (marks.length > 0)
    return [
      [
        'name',
        headOf(
          axes,
          marks.map(({ said }) => said),
          chart,
        ),
        'label',
      ],
      ...marks.map((mark) => [nameOf(mark, chart), trimmed(mark.said.value), mark.label.text.text]),
    ]
  const axis = [...axes].sort((a, b) => b.values.length - a.values.length)[0]
  return axis
    ? [
        [headOf([axis], axis.said, chart), 'label'],
        ...axis.values.map((value, at) => [trimmed(value), axis.labels[at]!.text.text]),
      ]
    : []
}

/**
 * The numbers of a finished work as a table: the rows of its first table; of a chart the data labels
 * with the names beside their marks, or the ticks of its longest axis.
 */
export function rowsOf({ charts, tables }: Pick<ReadFile, 'charts' | 'tables'>): WorkTable {
  const [first] = tables.filter(({ columns }) => columns.length > 0)
  if (first) {
    const { columns, title } = first.table
    const count = columns[0]?.cells.length ?? 0
    return {
      name: title,
      rows: [
        columns.map(({ name }) => name),
        ...Array.from({ length: count }, (_, row) =>
          columns.map(({ cells }) => cells[row]?.text ?? ''),
        ),
      ],
    }
  }
  const chart = charts.find(({ read }) => read.marks.length > 0) ?? charts[0]
  return { name: chart?.drawing.title ?? '', rows: chart ? rowsOfChart(chart) : [] }
}
