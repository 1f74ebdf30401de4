import type { Row } from '~~/core/label/types'
import { type Cell, rowsBeside } from '~~/shared/quantities'
import { useColumns } from '~/stores/columns'
import { useStudy } from '~/stores/study'

/** The rows of the shown quantity's data set, with the wanted columns alone. */
export function useSideColumns(
  columnsWanted: () => readonly string[],
): ComputedRef<readonly Row[] | undefined> {
  const study = useStudy()
  const columns = useColumns()
  const loaded = shallowRef<readonly (readonly [string, readonly Cell[]])[]>([])
  const names = stable(() =>
    columnsWanted().filter((name) => study.dataset?.columns.some((column) => column.name === name)),
  )

  watch(
    [names, () => study.dataset],
    async ([wanted, dataset]) => {
      if (!dataset) return
      // A column that fails to come leaves its cases unmet; the page says why it lacks its numbers.
      const found = await Promise.all(
        wanted.map((name) => columns.cells(dataset, name).catch(() => [] as readonly Cell[])),
      )
      if (wanted === names.value) loaded.value = wanted.map((name, at) => [name, found[at]!])
    },
    { immediate: true },
  )

  return computed(() => rowsBeside(loaded.value))
}
