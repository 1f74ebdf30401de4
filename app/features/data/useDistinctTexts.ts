import { useCells } from '~/stores/cells'
import { useStudy } from '~/stores/study'

/** More different texts than these are nobody's to choose from. */
const MOST_TEXTS = 500
const distinct = (cells: readonly unknown[]) =>
  [...new Set(cells.map((cell) => String(cell ?? '')))].slice(0, MOST_TEXTS)

/** Looks the different texts of a column of the shown data set up, in the order in which they come. */
export function useTextsOf() {
  const study = useStudy()
  const columns = useCells()
  return async (name: string): Promise<readonly string[]> =>
    study.dataset ? distinct(await columns.cells(study.dataset, name).catch(() => [])) : []
}

/**
 * The different texts of a column of the shown data set, in the order in which they come; none
 * while they are fetched, or where there is no such column.
 */
export function useTexts(name: () => string | undefined | null) {
  const study = useStudy()
  const textsOf = useTextsOf()
  const texts = shallowRef<readonly string[]>([])
  watch(
    [name, () => study.dataset],
    async ([wanted, dataset]) => {
      texts.value = []
      if (!wanted || !dataset) return
      const found = await textsOf(wanted)
      if (wanted === name()) texts.value = found
    },
    { immediate: true },
  )
  return texts
}
