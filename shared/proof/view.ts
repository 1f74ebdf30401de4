import { toExactText, type Decimal } from '../../core/decimal/decimal'
import type { FixParams, Severity } from '../../core/checks/types'
import { checks } from '../../core/checks'
import { placeChecks } from '../../core/proof/checks'
import { centreOf, isLevel, leftOf } from '../../core/proof/edges'
import type { Labelled } from '../../core/proof/runs'
import type { ScaleKind, Side } from '../../core/proof/types'
import type { Style } from '../../core/style/fields'
import type { ReadChart, ReadFile } from './file'
import type { Part } from './mend'
import { partsOf, partWords, styleNow } from './parts'
import { titleOf } from './titles'

/** A box in a picture's own pixels, turned about its middle. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  readonly angle: number
}
export interface LabelView {
  readonly text: string
  /** What it reads as, and what it stands for, as exact decimal text. */
  readonly said: string
  readonly value: string
  readonly line: number
  readonly column: number
  /** Where it stands in its chart; null in a table. */
  readonly box: Box | null
  /** Its row in its table; null in a chart. */
  readonly row: number | null
}
/** An axis, the data labels of a chart, or a column, as a page shows it. */
export interface PartView {
  readonly title: string
  readonly kind: Part['kind']
  readonly side: Side | null
  readonly scale: ScaleKind | null
  readonly step: string | null
  /** The chart or the table that it is in; and its place in the table. */
  readonly work: number
  readonly column: number | null
  readonly style: Style
  readonly labels: readonly LabelView[]
  /** What the labels say if they are read another way that explains them as well. */
  readonly otherwise: { readonly reader: string; readonly said: readonly string[] } | null
}
export interface FindingView {
  readonly check: string
  readonly title: string
  readonly severity: Severity
  readonly message: string
  readonly part: number
  readonly at: readonly number[]
  readonly fixes: readonly {
    readonly id: string
    readonly params: FixParams
    readonly title: string
    readonly style: Style
  }[]
  readonly also: readonly string[]
}
/** A finished work as a page shows it: plain data. */
export interface ProofView {
  readonly parts: readonly PartView[]
  readonly findings: readonly FindingView[]
  readonly charts: readonly {
    readonly width: number
    readonly height: number
    readonly title: string
    /** The drawing as a file of its own. */
    readonly svg: string
  }[]
  readonly tables: readonly {
    readonly title: string
    readonly heads: readonly string[]
    readonly rows: readonly (readonly string[])[]
  }[]
  readonly unread: string | null
}

const ASCENT = 0.85
const LINE = 1.15
/** The box of a label, turned as it is about the middle of its text. */
function boxOf({ text }: Labelled): Box {
  const { size, angle, width } = text
  const height = LINE * size
  if (isLevel(text)) return { x: leftOf(text), y: text.y - ASCENT * size, width, height, angle: 0 }
  const turn = (angle * Math.PI) / 180
  const along = centreOf(text) - text.x
  const up = ASCENT * size - height / 2
  const x = text.x + along * Math.cos(turn) + up * Math.sin(turn)
  const y = text.y + along * Math.sin(turn) - up * Math.cos(turn)
  return { x: x - width / 2, y: y - height / 2, width, height, angle }
}

const texts = (values: readonly Decimal[]): string[] => values.map(toExactText)
function labelsOf(part: Part): LabelView[] {
  if (part.kind === 'column') {
    const { cells, said, values, places } = part.column
    return cells.map(({ text, at }, i) => ({
      text,
      said: toExactText(said[i]!.value),
      value: toExactText(values[i]!),
      line: at.line,
      column: at.column,
      box: null,
      row: places[i]!,
    }))
  }
  const { read } = part.chart
  const isAxis = part.kind === 'axis'
  const labels = isAxis ? part.axis.labels : read.marks.map(({ label }) => label)
  const said = isAxis ? part.axis.said : read.marks.map((one) => one.said)
  const values = isAxis ? part.axis.values : read.marks.map(({ value }) => value)
  return labels.map((label, i) => {
    const { line, column } = read.piecesOf(label)[0]!.at
    return {
      text: label.text.text,
      said: toExactText(said[i]!.value),
      value: toExactText(values[i]!),
      line,
      column,
      box: boxOf(label),
      row: null,
    }
  })
}

function partView(part: Part, { charts, tables }: ReadFile): PartView {
  const axis = part.kind === 'axis' ? part.axis : null
  const work =
    part.kind === 'column'
      ? tables.findIndex(({ columns }) => columns.includes(part.column))
      : charts.indexOf(part.chart)
  const named = part.kind === 'axis' ? titleOf(part.axis, part.chart) : null
  return {
    title: named === null ? partWords(part) : `${partWords(part)}, ${named}`,
    kind: part.kind,
    side: axis?.side ?? null,
    scale: axis?.scale.kind ?? null,
    step: axis?.step ? toExactText(axis.step) : null,
    work,
    column: part.kind === 'column' ? part.column.at : null,
    style: styleNow(part),
    labels: labelsOf(part),
    otherwise: axis?.other
      ? {
          reader: axis.other.way.reader.tag,
          said: texts(axis.other.said.map(({ value }) => value)),
        }
      : null,
  }
}

const titles = new Map([...checks, ...placeChecks].map(({ id, title }) => [id, title]))
/** The place of what a finding is about among all parts. */
function partIndex(
  { about }: ReadFile['findings'][number],
  parts: readonly Part[],
  charts: readonly ReadChart[],
): number {
  return parts.findIndex((part) => {
    if (about.kind === 'axis') return part.kind === 'axis' && part.axis === about.axis
    if (about.kind === 'column') return part.kind === 'column' && part.column === about.column
    return part.kind === 'marks' && part.chart === charts[about.chart]
  })
}

/** A finished work as a page shows it. */
export function viewOf(work: ReadFile): ProofView {
  const parts = partsOf(work)
  return {
    parts: parts.map((part) => partView(part, work)),
    findings: work.findings.map((finding) => ({
      check: finding.check,
      title: titles.get(finding.check) ?? finding.check,
      severity: finding.severity,
      message: finding.message,
      part: partIndex(finding, parts, work.charts),
      at: finding.at,
      fixes: finding.fixes.map(({ id, params, title, style }) => ({ id, params, title, style })),
      also: finding.also?.map(({ check }) => titles.get(check) ?? check) ?? [],
    })),
    charts: work.charts.map(({ drawing }) => ({
      width: drawing.width,
      height: drawing.height,
      title: drawing.title,
      svg: drawing.svg(),
    })),
    tables: work.tables.map(({ table }) => ({
      title: table.title,
      heads: table.columns.map(({ name }) => name),
      rows: (table.columns[0]?.cells ?? []).map((_, row) =>
        table.columns.map(({ cells }) => cells[row]?.text ?? ''),
      ),
    })),
    unread: work.unread,
  }
}
