import { toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import { decimalOf, quantityOf, styleOf } from '~~/shared/quantities'
import type { Rows } from '~~/shared/page/rows'
import { titled } from '~~/shared/page/sources'
import { endsOf } from '~~/shared/page/columns'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

/** Another column of numbers in the table, written as its own quantity is there. */
export interface BesideColumn {
  /** The quantity's. */
  readonly id: string
  readonly name: string
  /** With rung and unit, where its labels do not say them. */
  readonly title: string
  label(at: number): string
}

/** The other columns of the table on the page. */
export function useBeside(rows: Readonly<Ref<Rows | null>>) {
  const study = useStudy()
  const regions = useRegions()
  /** A move of the shown quantity's style leaves theirs as they are. */
  const wanted = stable(() => {
    const { document, quantity } = study
    const quantities =
      document && quantity
        ? (quantity.columns ?? []).flatMap(
            (name) => quantityOf(document, quantity.datasetId, name) ?? [],
          )
        : []
    return quantities.map((one) => ({
      id: one.id,
      name: one.column,
      title: one.title,
      recorded: one.recorded,
      style: styleOf(document!, one, 'table'),
    }))
  })
  return computed<BesideColumn[]>(() =>
    wanted.value.flatMap(({ id, name, title, recorded, style }) => {
      const cells = rows.value?.others.get(name)
      if (!cells) return []
      const values = endsOf(cells.map(decimalOf)).map(toExactText)
      const plan = resolve(style, {
        ...regions.loaded,
        values: style.exponent === 'shared' ? cells : values,
        recorded,
      })
      const write = labeller(plan)
      return [{ id, name, title: titled(title, plan), label: (at) => write.label(cells[at]) }]
    }),
  )
}
