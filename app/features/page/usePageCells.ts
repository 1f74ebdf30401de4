import { namesIn } from '~~/shared/page/wanted'
import type { Loaded, PageInputs, PageValues } from '~~/shared/page/values'
import { useCells } from '~/stores/cells'
import { useStudy } from '~/stores/study'

type WantedColumns = PageValues['wanted']
type Wanted = Readonly<Ref<WantedColumns>>
type CaseCells = PageInputs['caseCells']

/**
 * The columns that a page asks for, fetched as it asks. A text that speaks of another column leaves
 * what is shown in place until that column is here.
 */
export function useLoadedCells(wanted: Wanted, loaded: Ref<Loaded | null>) {
  const study = useStudy()
  const columns = useCells()
  const trouble = ref('')

  const isOther = (a: WantedColumns, b: WantedColumns | undefined) =>
    a.column !== b?.column || a.category !== b.category

  watch(
    [wanted, () => study.dataset?.id] as const,
    async ([asked, id], old) => {
      const [before, idBefore] = old as [WantedColumns | undefined, string | undefined]
      if (id !== idBefore || isOther(asked, before)) loaded.value = null
      trouble.value = ''
      const { dataset } = study
      if (!dataset) return
      try {
        const names = namesIn(asked)
        const cells = await Promise.all(names.map((name) => columns.cells(dataset, name)))
        if (asked !== wanted.value || id !== study.dataset?.id) return
        const byName = new Map(names.map((name, at) => [name, cells[at]!]))
        loaded.value = { wanted: asked, cellsOf: (name) => byName.get(name)! }
      } catch (error) {
        trouble.value = (error as Error).message
      }
    },
    { immediate: true },
  )
  return trouble
}

/** The columns that cases and currencies look at, fetched as they are asked for. */
export function useCaseCells(names: Readonly<Ref<readonly string[]>>, found: Ref<CaseCells>) {
  const study = useStudy()
  const columns = useCells()
  watch(
    [names, () => study.dataset] as const,
    async ([wanted, dataset]) => {
      if (!dataset) return
      // A column that fails to come leaves its cases unmet; the page says why it lacks its numbers.
      const cells = await Promise.all(
        wanted.map((name) => columns.cells(dataset, name).catch(() => [])),
      )
      if (wanted === names.value)
        found.value = wanted.map((name, at) => [name, cells[at]!] as const)
    },
    { immediate: true },
  )
}
