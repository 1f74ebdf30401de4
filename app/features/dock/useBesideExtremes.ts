import { type Surface, surfaces } from '~~/core/surfaces'
import { type Decimal, parseDecimal, toExactText, toText } from '~~/core/decimal/decimal'
import type { Row } from '~~/core/label/types'
import { adjustedByNumber, type AdjustedParts, NONE_ADJUSTED } from '~~/shared/page/totals'
import { type Cell, decimalOf } from '~~/shared/quantities'
import type { Page } from '~/features/page/usePage'
import { useLevels } from '~/stores/levels'
import type { BesideExtremes, Picked } from './rail'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.styleDock

/** Surfaces on which parts may be adjusted so that they add up. */
const ADJUSTED = ['table', 'marks', 'tooltip'] as const satisfies readonly Surface[]
const hasAdjusted = (surface: Surface): surface is (typeof ADJUSTED)[number] =>
  ADJUSTED.some((one) => one === surface)

/**
 * What stands on the rail besides the extremes of a surface: the step, the label that was pointed
 * at, and the cells beside its numbers, which cases look at.
 */
export function useBesideExtremes(
  page: Page,
  { surface, step }: { surface: Readonly<Ref<Surface>>; step: Readonly<Ref<Decimal | null>> },
): () => BesideExtremes {
  const levels = useLevels()
  const rows = computed(() => page[`shows.${surface.value}`].value.rows)
  /** The first row of each number; made where rows are looked at alone. */
  const byNumber = computed(() => {
    if (!rows.value) return null
    const found = new Map<string, Row>()
    const texts = page[`shows.${surface.value}`].value.values
    texts.forEach((text, at) => {
      const number = typeof text === 'string' ? parseDecimal(text) : decimalOf(text as Cell)
      const key = number && toText(number)
      if (key !== null && !found.has(key)) found.set(key, rows.value![at]!)
    })
    return found
  })
  const rowFor = (value: Decimal) => byNumber.value?.get(toText(value))
  const adjustedNow = (of: Surface): AdjustedParts =>
    hasAdjusted(of) ? page[`adjusted.${of}`].value : NONE_ADJUSTED
  const adjusted = computed(() =>
    adjustedByNumber(page.numbersOf(surface.value), placedAmongNumbers(surface.value)),
  )
  /** Adjusted parts by their places among the numbers of a surface: in a table, cells may lack one. */
  function placedAmongNumbers(of: Surface): AdjustedParts {
    const parts = adjustedNow(of)
    if (!surfaces[of].isByRow || parts.size === 0) return parts
    const present = page.rows.value!.values.flatMap((value, at) => (value ? [at] : []))
    return new Map(present.flatMap((at, i) => (parts.has(at) ? [[i, parts.get(at)!]] : [])))
  }
  const picked = computed((): Picked | null => {
    const { pointed } = levels
    const value = pointed && page.valueAt(pointed.surface, pointed.at)
    if (!pointed || !value) return null
    const at = page[`shows.${pointed.surface}`].value.rows?.[pointed.at]
    const name = levels.picked ?? words.row({ at: pointed.at + 1 })
    return { name, value, row: at, part: adjustedNow(pointed.surface).get(pointed.at) }
  })
  const partFor = (value: Decimal) => adjusted.value.get(toExactText(value))
  return () => ({ step: step.value, picked: picked.value, rowFor, partFor })
}
