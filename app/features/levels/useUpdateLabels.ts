import type { Recorded } from '~~/core/label/context'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import type { Value } from '~~/core/label/types'
import { whereResolved } from '~~/core/error'
import { type Level, styleOf } from '~~/shared/quantities'
import { type Update, withLinked } from '~~/shared/stylebook'
import type { StudyDocument } from '~~/shared/study/document'
import type { Quantity } from '~~/shared/study/quantity'
import { commonColumn } from '~/composables/commonColumn'
import { useCells } from '~/stores/cells'
import { levelWords } from '~/stores/levelWords'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { someOf } from './someOf'

/** An update with some labels as they are and as they would be. */
export interface Shown {
  readonly update: Update
  readonly where: string
  readonly before: readonly string[]
  readonly after: readonly string[]
}

const levelOf = ({ place: { quantity, surface } }: Update): Level =>
  surface ?? (quantity === undefined ? 'house' : 'quantity')

/** The labels of every use of a style that has changed, before and after. */
export function useUpdateLabels(updates: () => readonly Update[]) {
  const study = useStudy()
  const columns = useCells()
  const regions = useLocaleTables()
  const shown = shallowRef<readonly Shown[]>([])

  const labelsIn = (
    document: StudyDocument,
    quantity: Quantity,
    level: Level,
    { values, recorded }: { values: Value[]; recorded: Recorded },
  ) =>
    whereResolved(() =>
      labeller(
        resolve(styleOf(document, quantity, level === 'house' ? 'quantity' : level), {
          ...regions.loaded,
          ...recorded,
          values,
        }),
      ).labels(values),
    ) ?? []
  async function show(update: Update): Promise<Shown[]> {
    const { document, datasets } = study
    if (!document) return []
    const quantity = document.quantities.find(
      ({ id }) => id === (update.place.quantity ?? document.shown),
    )
    const dataset = datasets.find(({ id }) => id === quantity?.datasetId)
    if (!quantity || !dataset) return []
    const { cells, recorded } = await commonColumn(document, quantity, dataset, columns.cells)
    const values = someOf(cells)
    await regions.load([update.entry.style])
    const level = levelOf(update)
    const next = withLinked(document, update.place, update.entry)
    return [
      {
        update,
        where: level === 'house' ? levelWords.house : `${quantity.title}, ${levelWords[level]}`,
        before: labelsIn(document, quantity, level, { values, recorded }),
        after: labelsIn(next, quantity, level, { values, recorded }),
      },
    ]
  }
  watch(
    updates,
    async (now) => {
      const found = await Promise.all(now.map((one) => show(one).catch(() => [])))
      if (now === updates()) shown.value = found.flat()
    },
    { immediate: true },
  )
  return shown
}
