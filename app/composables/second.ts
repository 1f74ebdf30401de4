import type { Subject } from '~~/core/checks/types'
import { aggregate } from '~~/core/data/aggregate'
import { decimal, toExactText, ZERO } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import { alongOf } from '~~/core/ticks/linear'
import { placeTicks } from '~~/core/ticks/place'
import { decimalOf, quantityOf, styleOf } from '~~/shared/quantities'
import type { Rows } from '~~/shared/page/rows'
import { titled } from '~~/shared/page/sources'
import type { Drawing } from '~~/shared/page/drawing'
import { endsOf } from '~~/shared/page/columns'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

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

/** The second quantity of the chart, by the same categories, written as it is on its own axis. */
export function useSecond(
  rows: Readonly<Ref<Rows | null>>,
  drawing: Readonly<Ref<Drawing | null>>,
) {
  const study = useStudy()
  const regions = useRegions()
  const quantity = stable(() => {
    const { document, quantity: shown } = study
    const found =
      document && shown?.chart.second !== undefined
        ? quantityOf(document, shown.datasetId, shown.chart.second)
        : undefined
    return found && document
      ? {
          id: found.id,
          column: found.column,
          title: found.title,
          recorded: found.recorded,
          kind: found.kind,
          aggregate: found.chart.aggregate,
          ticks: found.ticks,
          style: styleOf(document, found, 'axis'),
        }
      : null
  })
  return computed<SecondAxis | null>(() => {
    const [one, now] = [quantity.value, drawing.value]
    const cells = one && rows.value?.others.get(one.column)
    if (!one || !now || !cells || now.panels.length > 1) return null
    const byName = new Map(
      aggregate(rows.value!.categories, cells.map(decimalOf), one.aggregate).map(
        ({ category, value }) => [category, value],
      ),
    )
    const values = now.groups.map(({ category }) => byName.get(category) ?? null)
    const found = values.filter((value) => value !== null)
    if (found.length === 0) return null
    const [least, largest] = endsOf([...found, ZERO])
    const { step, ticks } = placeTicks({
      domain: [least!, largest!],
      ends: 'loose',
      count: Math.max(2, now.ticks.values.length),
    })
    const stands = ticks.map(({ value }) => value)
    const span = [stands[0]!, stands.at(-1)!] as const
    const context = { ...regions.loaded, values: stands.map(toExactText), recorded: one.recorded }
    const plan = resolve(one.style, context)
    return {
      subject: {
        surface: 'axis',
        style: one.style,
        values: stands,
        step: decimal(step!),
        context,
        kind: one.kind,
        readers: study.readers,
      },
      id: one.id,
      title: titled(one.title, plan),
      labels: labeller(plan).labels(stands.map(toExactText)),
      ticks: stands.map((value) => alongOf(value, span)),
      marks: values.map((value) => value && alongOf(value, span)),
    }
  })
}
