import type { Subject } from '../../core/checks/types'
import { type AggregateId, aggregate } from '../../core/data/aggregate'
import { extent } from '../../core/data/extent'
import { type Decimal, decimal, toExactText, ZERO } from '../../core/decimal/decimal'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import type { FullStyle } from '../../core/style/fields'
import { alongOf } from '../../core/ticks/linear'
import { placeTicks } from '../../core/ticks/place'
import type { Drawing } from '../forms/types'
import { decimalOf, quantityOf, rowsBeside, styleOf } from '../quantities'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import type { Setting } from '../../core/label/context'
import { type ColumnInCommon, columnInCommon, type WithUnits, withUnits } from './commonUnit'
import { mixedRows, toldOf } from './mixed'
import { titled } from './numbers'
import type { Rows } from './rows'

/** A second quantity of a chart, and how it is written. */
export interface SecondQuantity extends WithUnits {
  readonly aggregate: AggregateId
  readonly style: FullStyle
}
/** A second quantity on the chart: its line and its own axis. */
export interface SecondAxis {
  /** The quantity's. */
  readonly id: string
  readonly title: string
  readonly labels: readonly string[]
  /** How far along its axis ticks and each group's number stand; null where a group has none. */
  readonly ticks: readonly number[]
  readonly marks: readonly (number | null)[]
  /** What is checked of it. */
  readonly subject: Subject
}

/** The second quantity that a chart asks for; null where there is none. */
export function secondQuantityOf(
  document: StudyDocument,
  { datasetId, chart: { second } }: Quantity,
): SecondQuantity | null {
  const found = second === undefined ? undefined : quantityOf(document, datasetId, second)
  if (!found) return null
  const style = styleOf(document, found, 'axis')
  return { ...withUnits(document, found), aggregate: found.chart.aggregate, style }
}

const FEWEST_TICKS = 2
/** The axis of the second quantity, which includes zero; null where there is no number on it. */
function ticksOf(values: readonly Decimal[], count: number) {
  const [least, largest] = extent(values.length > 0 ? [...values, ZERO] : [])
  if (!least || !largest) return null
  const wanted = Math.max(FEWEST_TICKS, count)
  const { step, ticks } = placeTicks({ domain: [least, largest], ends: 'loose', count: wanted })
  return { step: decimal(step!), stands: ticks.map(({ value }) => value) }
}

/** Units on the second axis that nothing leads from one to another. */
function mixedIn(
  { common, names }: ColumnInCommon,
  values: readonly (Decimal | null)[],
): Pick<Subject, 'mixed'> {
  const [named] = names
  const mixed = named && !common ? mixedRows(named[0], { values }, rowsBeside(names)) : null
  return mixed ? { mixed: toldOf(mixed, 'scale') } : {}
}

/** The second quantity of a chart, by the same categories, written as it is on its own axis. */
export function secondOf(
  quantity: SecondQuantity,
  { drawing, rows, setting }: { drawing: Drawing; rows: Rows; setting: Setting },
  declared: Pick<Subject, 'readers' | 'rules'>,
  rates?: StudyDocument['rates'],
): SecondAxis | null {
  const { id, title, kind, style } = quantity
  const found = columnInCommon(quantity, rates, (name) => rows.others.get(name))
  if (!found || drawing.panels.length > 1) return null
  const numbers = found.cells.map(decimalOf)
  const groups = aggregate(rows.categories, numbers, quantity.aggregate)
  const byName = new Map(groups.map(({ category, value }) => [category, value]))
  const values = drawing.groups.map(({ category }) => byName.get(category) ?? null)
  const placed = ticksOf(
    values.filter((value) => value !== null),
    drawing.ticks.values.length,
  )
  if (!placed) return null
  const { step, stands } = placed
  const span = [stands[0]!, stands.at(-1)!] as const
  const texts = stands.map(toExactText)
  const context = { ...setting, values: texts, step, ...found.recorded }
  const mixed = mixedIn(found, numbers)
  const plan = resolve(style, context)
  return {
    subject: {
      surface: 'axis',
      style,
      values: stands,
      step,
      context,
      kind,
      title,
      ...mixed,
      ...declared,
    },
    id,
    title: titled(title, plan),
    labels: labeller(plan).labels(texts),
    ticks: stands.map((value) => alongOf(value, span)),
    marks: values.map((value) => value && alongOf(value, span)),
  }
}
