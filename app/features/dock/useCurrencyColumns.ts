import { isCurrency } from '~~/core/locale/currencies'
import { useCells } from '~/stores/cells'
import { useStudy } from '~/stores/study'

/**
 * The columns of the shown data set whose every cell is the code of a currency, or empty; found
 * when they are looked for.
 */
export function useCurrencyColumns() {
  const study = useStudy()
  const columns = useCells()
  const found = shallowRef<readonly string[]>([])
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
    const isOfCodes = (own: readonly unknown[]) =>
      own.some(Boolean) && own.every((cell) => !cell || isCurrency(String(cell)))
    if (dataset === study.dataset) found.value = names.filter((_, at) => isOfCodes(cells[at]!))
  }
  return { found, look }
}
