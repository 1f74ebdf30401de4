import type { Surface } from '~~/core/surfaces'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { difference, inherit, together } from '~~/core/style/inherit'
import { type Comparison, FEWEST_COMPARED, MOST_COMPARED } from '~~/shared/study/comparison'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import type { OnCompare } from './useComparison'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.comparisonEdits

type ComparedStyle = Comparison['styles'][number]
const without = (style: Style, fields: readonly FieldName[]): Style =>
  Object.fromEntries(Object.entries(style).filter(([name]) => !fields.includes(name as FieldName)))

/** What is done with the styles that are compared. */
export function useComparisonEdits(
  { base, comparison }: OnCompare,
  ways: Readonly<Ref<readonly { readonly style: FullStyle; readonly title: string }[]>>,
) {
  const study = useStudy()
  const levels = useLevels()
  const styles = () => [...comparison.value.styles]
  const isFull = computed(() => comparison.value.styles.length >= MOST_COMPARED)
  const isLeast = computed(() => comparison.value.styles.length <= FEWEST_COMPARED)

  const set = (what: string, patch: Partial<Comparison>, moves = false) =>
    study.changeQuantity(
      what,
      (one) => ({ ...one, compared: { ...comparison.value, ...patch } }),
      moves,
    )
  const setOne = (at: number, what: string, by: (style: Style) => Style, moves = false) => {
    const change = (one: ComparedStyle, place: number) =>
      place === at ? { ...one, style: by(one.style) } : one
    set(words.set({ what }), { styles: styles().map(change) }, moves)
  }
  /** Sets some fields of one style, once the tables of its region are here. */
  const setStyle = (at: number, what: string, patch: Style, moves = false) =>
    study.withTables(
      [inherit(ways.value[at]!.style, patch)],
      () => setOne(at, what, (style) => ({ ...style, ...patch }), moves),
      words.styleUnchanged,
    )
  /** What one style sets of a field is taken back: it is the quantity's again. */
  const takeBack = (at: number, field: FieldName) =>
    setOne(at, words.clear({ field }), (style) => without(style, together(field)))
  const insert = (what: string, at: number, one: ComparedStyle) =>
    !isFull.value && set(what, { styles: styles().toSpliced(at, 0, one) })
  const add = (at: number) => insert(words.addStyle, at + 1, { style: styles()[at]!.style })
  /** A suggested style stands last. */
  const addSuggested = (style: Style) =>
    study.withTables(
      [inherit(base.value, style)],
      () =>
        insert(words.addSuggestion, styles().length, {
          style: difference(base.value, inherit(base.value, style)),
        }),
      words.unchanged,
    )
  const remove = (at: number) =>
    !isLeast.value && set(words.removeStyle, { styles: styles().toSpliced(at, 1) })
  return {
    ...{ isFull, isLeast, set, setStyle, takeBack, add, addSuggested, remove },
    ...useOrder(styles, set),
    /** The style becomes the quantity's, or that of one surface. */
    take(at: number, level: 'quantity' | Surface) {
      const { style, title } = ways.value[at]!
      const what = words.applied({ quantity: study.quantity?.title ?? '', style: title })
      void levels.setStyle(what, difference(levels.styleAt(level), style), { at: [level] })
    },
  }
}

/** The order in which compared styles stand: pinned ones first. */
function useOrder(
  styles: () => ComparedStyle[],
  set: (what: string, patch: Partial<Comparison>) => void,
) {
  const pin = (at: number) => {
    const one = styles()[at]!
    const rest = styles().toSpliced(at, 1)
    const first = rest.filter(({ pinned }) => pinned).length
    const pinned = one.pinned ? undefined : true
    set(one.pinned ? words.unpin : words.pin, {
      styles: rest.toSpliced(first, 0, { ...one, pinned }),
    })
  }
  const move = (at: number, by: -1 | 1) => {
    const next = styles()
    const other = at + by
    if (!next[other] || Boolean(next[other].pinned) !== Boolean(next[at]!.pinned)) return
    ;[next[at], next[other]] = [next[other], next[at]!]
    set(words.reorder, { styles: next })
  }
  return { pin, move }
}
