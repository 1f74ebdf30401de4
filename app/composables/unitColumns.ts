import { unitNamedBy } from '~~/shared/page/commonUnit'
import type { UnitsByRow } from '~~/shared/quantities'
import { useCells } from '~/stores/cells'
import { useStudy } from '~/stores/study'

const KINDS: readonly UnitsByRow['kind'][] = ['currency', 'measure']
/** The kind of unit that every filled cell names; undefined where they name none. */
function kindOf(cells: readonly unknown[]): UnitsByRow['kind'] | undefined {
  const names = [...new Set(cells.filter(Boolean))]
  return names.length === 0
    ? undefined
    : KINDS.find((kind) => names.every((name) => unitNamedBy(kind, name) !== null))
}

/** The columns of the shown data set that name currencies or measures; found when asked for. */
export function useUnitColumns() {
  const study = useStudy()
  const columns = useCells()
  const found = shallowRef<readonly UnitsByRow[]>([])
  watch(
    () => study.dataset,
    () => (found.value = []),
  )

  async function look() {
    const { dataset } = study
    if (!dataset) return
    const names = dataset.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name)
    const cells = await Promise.all(
      names.map((name) => columns.cells(dataset, name).catch(() => [])),
    )
    if (dataset !== study.dataset) return
    found.value = names.flatMap((column, at) => {
      const kind = kindOf(cells[at]!)
      return kind ? [{ kind, column }] : []
    })
  }
  return { found, look }
}
