import { aggregate } from '~~/core/data/aggregate'
import { whereResolved } from '~~/core/error'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import type { Recorded } from '~~/core/label/context'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import { togetherFor } from '~~/core/label/together'
import type { FullStyle, Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { suggest } from '~~/core/suggest/suggest'
import { type Cell, decimalOf, styleOf } from '~~/shared/quantities'
import { apart, joined, membersWith } from '~~/shared/study/together'
import type { Quantity } from '~~/shared/study/quantity'
import { commonColumn } from '~/composables/commonColumn'
import { sentenceOf } from '~/features/dock/choices'
import { useCells } from '~/stores/cells'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { someOf } from './someOf'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.together

/** A quantity with some of the numbers of its chart. */
interface Member {
  readonly quantity: Quantity
  readonly cells: readonly NonNullable<Cell>[]
  readonly recorded: Recorded
}
/** One style for all of them, with what each would say. */
export interface Common {
  readonly title: string
  readonly style: Style
  /** Labels by quantity. */
  readonly labels: ReadonlyMap<string, readonly string[]>
}
/** So many styles of the search are offered beside that of the shown quantity. */
const SOUGHT = 3
/** What a common style says of itself. */
const SAID = ['notation', 'rung', 'exponent', 'fraction', 'significant']

/** The shown quantity and those that are chosen beside it, with some of their numbers. */
function useMembers() {
  const study = useStudy()
  const columns = useCells()
  const own = computed(() => study.quantity!)
  const before = computed(() => (study.document ? membersWith(study.document, own.value.id) : []))
  const chosen = ref<readonly string[]>([])
  const members = shallowRef<readonly Member[]>([])
  const trouble = ref('')

  async function look() {
    trouble.value = ''
    const wanted = study.document!.quantities.filter(
      ({ id }) => id === own.value.id || chosen.value.includes(id),
    )
    try {
      members.value = await Promise.all(
        wanted.map(async (quantity) => {
          const dataset = study.datasets.find(({ id }) => id === quantity.datasetId)!
          const { category, aggregate: by } = quantity.chart
          const { cells, recorded } = await commonColumn(
            study.document!,
            quantity,
            dataset,
            columns.cells,
          )
          if (category === null) return { quantity, recorded, cells: someOf(cells) }
          const names = (await columns.cells(dataset, category)).map(String)
          const groups = aggregate(names, cells.map(decimalOf), by)
          return {
            quantity,
            recorded,
            cells: someOf(groups.map(({ value }) => toExactText(value))),
          }
        }),
      )
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
  watch(chosen, look)
  return { own, before, chosen, members, trouble, look }
}

/** Quantities that are read together: which they are, and what they could be written in. */
export function useTogether() {
  const study = useStudy()
  const tables = useLocaleTables()
  const { own, before, members, ...asked } = useMembers()

  const styleNow = (quantity: Quantity): FullStyle => styleOf(study.document!, quantity)
  const labelsOf = ({ cells, recorded }: Member, style: FullStyle): readonly string[] =>
    whereResolved(() =>
      labeller(resolve(style, { ...tables.loaded, ...recorded, values: cells })).labels([...cells]),
    ) ?? []
  const now = computed(
    () =>
      new Map(members.value.map((one) => [one.quantity.id, labelsOf(one, styleNow(one.quantity))])),
  )
  const titleOf = (style: FullStyle): string =>
    sentenceOf(style)
      .filter(({ field }) => SAID.includes(field) && style[field] !== null)
      .map(({ title }) => title)
      .join(', ')
  /** What all numbers could be written in: as the shown quantity is, or as the search would. */
  const ways = computed<Common[]>(() => {
    if (members.value.length < 2) return []
    const values = members.value.flatMap(({ cells }) =>
      cells.map(decimalOf).filter((one): one is Decimal => one !== null),
    )
    const base = styleNow(own.value)
    const plain = { ...base, unit: { kind: 'none' as const }, unitAt: 'label' as const, cases: [] }
    const sought = suggest({ surface: 'table', style: plain, values, context: tables.loaded })
    const styles = [base, ...sought.slice(0, SOUGHT).map(({ style }) => inherit(plain, style))]
    const made = styles.flatMap((style): Common[] => {
      const common = whereResolved(() => togetherFor(style, values, tables.loaded))
      if (!common) return []
      const labels = new Map(
        members.value.map((one) => [
          one.quantity.id,
          labelsOf(one, inherit(styleNow(one.quantity), common)),
        ]),
      )
      return [{ title: titleOf(inherit(plain, common)), style: common, labels }]
    })
    return [...new Map(made.map((one) => [JSON.stringify(one.style), one])).values()]
  })
  function join(way: Common) {
    const ids = members.value.map(({ quantity }) => quantity.id)
    study.change(words.matched({ style: way.title }), joined(study.document!, ids, way.style))
  }
  const part = () =>
    study.change(
      words.unmatched,
      apart(study.document!, [own.value.id, ...before.value.map(({ id }) => id)]),
    )
  return { own, before, members, ...asked, now, ways, join, part }
}
