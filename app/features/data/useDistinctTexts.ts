import { useCells } from '~/stores/cells'
import { useStudy } from '~/stores/study'

/** More different texts than these are nobody's to choose from. */
const MOST_TEXTS = 500

/**
 * The different texts of a column of the shown data set, in the order in which they come; none
 * while they are fetched, or where there is no such column.
 */
export function useTexts(name: () => string | undefined | null) {
  const study = useStudy()
  const columns = useCells()
  const texts = shallowRef<readonly string[]>([])
  watch(
    [name, () => study.dataset],
    async ([wanted, dataset]) => {
      texts.value = []
      if (!wanted || !dataset) return
      const cells = await columns.cells(dataset, wanted).catch(() => [])
      if (wanted === name())
        texts.value = [...new Set(cells.map((cell) => String(cell ?? '')))].slice(0, MOST_TEXTS)
    },
    { immediate: true },
  )
  return texts
}
