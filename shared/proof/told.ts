import type { Severity } from '../../core/checks/types'
import { shift } from '../../core/decimal/arithmetic'
import type { Axis } from '../../core/proof/axis'
import { ruleWords } from '../../core/proof/columns'
import type { ReadFile, ReadChart } from './file'
import { titledOf } from './titles'
import { trimmed } from './trimmed'

interface At {
  readonly line: number
  readonly column: number
}
export interface ToldTick {
  readonly label: string
  readonly readsBack: string
  readonly value: string
  readonly at: At
}
export interface ToldFinding {
  readonly check: string
  readonly severity: Severity
  readonly message: string
  readonly about: string
  readonly at: readonly At[]
  readonly fixes: readonly {
    readonly id: string
    readonly title: string
    readonly style: unknown
  }[]
}
/** What proof says of a file, as JSON. */
export interface ToldFile {
  readonly file: string
  readonly axes: readonly {
    readonly side: string
    /** What stands at it, or over the chart, and names its numbers. */
    readonly title?: string
    readonly scale: string
    readonly reader: string
    readonly step: string | null
    readonly ticks: readonly ToldTick[]
    /** What its labels say if they are read another way that explains them as well. */
    readonly otherwise?: { readonly reader: string; readonly readsBack: readonly string[] }
  }[]
  readonly columns: readonly {
    readonly name: string
    readonly rule: string
    readonly cells: readonly ToldTick[]
  }[]
  readonly marks: readonly ToldTick[]
  readonly unread?: string
  readonly findings: readonly ToldFinding[]
}

const at = ({ line, column }: At): At => ({ line, column })

function axisOf(axis: Axis, chart: ReadChart) {
  const { side, scale, labels, said, values, step, way, other } = axis
  const { read } = chart
  const title = titledOf(axis, chart)?.text
  return {
    side,
    ...(title ? { title } : {}),
    scale: scale.kind,
    reader: way.reader.tag,
    step: step ? trimmed(step) : null,
    ticks: labels.map((label, i) => ({
      label: label.text.text,
      readsBack: trimmed(said[i]!.value),
      value: trimmed(values[i]!),
      at: at(read.piecesOf(label)[0]!.at),
    })),
    ...(other
      ? {
          otherwise: {
            reader: other.way.reader.tag,
            readsBack: other.said.map(({ value }) => trimmed(value)),
          },
        }
      : {}),
  }
}

/** What a finding is about, in words. */
export function aboutWords({ about }: ReadFile['findings'][number], { charts }: ReadFile): string {
  const where = (chart: number) => (charts.length > 1 ? ` of chart ${chart + 1}` : '')
  if (about.kind === 'axis') return `${about.axis.side} axis${where(about.chart)}`
  return about.kind === 'marks'
    ? `data labels${where(about.chart)}`
    : `column “${about.column.name}”`
}

/**
 * What proof says of a file.
 *
 * @param file its name
 * @example toldFile('chart.svg', readWork(bytes, readersOf)).axes[0].side // 'left'
 */
export function toldFile(file: string, work: ReadFile): ToldFile {
  return {
    file,
    axes: work.charts.flatMap((chart) => chart.read.axes.map((axis) => axisOf(axis, chart))),
    columns: work.tables.flatMap(({ columns }) =>
      columns.map((column) => ({
        name: column.name,
        rule: ruleWords(column),
        cells: column.cells.map((cell, i) => ({
          label: cell.text,
          readsBack: trimmed(shift(column.said[i]!.value, column.power)),
          value: trimmed(shift(column.values[i]!, column.power)),
          at: at(cell.at),
        })),
      })),
    ),
    marks: work.charts.flatMap(({ read }) =>
      read.marks.map(({ label, said, value }) => ({
        label: label.text.text,
        readsBack: trimmed(said.value),
        value: trimmed(value),
        at: at(read.piecesOf(label)[0]!.at),
      })),
    ),
    ...(work.unread === null ? {} : { unread: work.unread }),
    findings: work.findings.map((finding) => ({
      check: finding.check,
      severity: finding.severity,
      message: finding.message,
      about: aboutWords(finding, work),
      at: finding.spans.map(at),
      fixes: finding.fixes.map(({ id, title, style }) => ({ id, title, style })),
      ...(finding.also
        ? {
            also: finding.also.map(({ check, severity, message }) => ({
              check,
              severity,
              message,
            })),
          }
        : {}),
    })),
  }
}
