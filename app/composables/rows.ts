import { filteredRows, namesIn, type Rows, rowsOf, wantedColumns } from '~~/shared/page/rows'
import { useColumns } from '~/stores/columns'
import { useStudy } from '~/stores/study'

/** The rows of the quantity on the page: all of them, and those that the filter leaves. */
export function useRows() {
  const study = useStudy()
  const columns = useColumns()
  const all = shallowRef<Rows | null>(null)
  const filtering = shallowRef<readonly string[] | null>(null)
  const trouble = ref('')

  const wanted = stable(() =>
    study.quantity && study.dataset
      ? { dataset: study.dataset.id, ...wantedColumns(study.quantity, study.dataset) }
      : null,
  )

  watch(
    wanted,
    async (asked, before) => {
      const { dataset } = study
      // A text that speaks of another column leaves what is shown in place until that column is here.
      if (
        asked?.dataset !== before?.dataset ||
        asked?.column !== before?.column ||
        asked?.category !== before?.category
      )
        all.value = null
      trouble.value = ''
      if (!asked || !dataset) return
      try {
        const found = new Map(
          await Promise.all(
            namesIn(asked).map(async (name) => [name, await columns.cells(dataset, name)] as const),
          ),
        )
        if (asked !== wanted.value) return
        const made = rowsOf(asked, (name) => found.get(name)!)
        filtering.value = made.filtering
        all.value = made.all
      } catch (error) {
        trouble.value = (error as Error).message
      }
    },
    { immediate: true },
  )

  const filter = computed(() => study.quantity?.filter)
  const rows = computed(() => all.value && filteredRows(all.value, filtering.value, filter.value))
  return { all, rows, trouble }
}
