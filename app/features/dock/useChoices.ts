import type { Extremes } from '~~/core/data/extremes'
import { toExactText } from '~~/core/decimal/decimal'
import type { FieldName, Style } from '~~/core/style/fields'
import { choicesOf, type Desk, phraseOf, typedOf } from './choices'
import { useLocaleTables } from '~/stores/localeTables'

/** The two numbers that choices are written with; none where there are no numbers. */
export const samplesOf = (extremes: Extremes | null): string[] =>
  extremes ? [extremes.largest, extremes.smallest].map(toExactText) : []

/** The choices of a style's phrases, written with numbers of a desk. */
export function useChoices(given: () => Omit<Desk, 'has'>) {
  const regions = useLocaleTables()
  const desk = computed<Desk>(() => ({ ...given(), has: regions.has }))
  const choices = (field: FieldName) => choicesOf(field, desk.value)
  const typed = (field: FieldName) => typedOf(field, desk.value)
  /**
   * Choices of other regions are written as soon as their tables are here; those that fail to come
   * stay without.
   */
  function prepare(field: FieldName) {
    const typedNeeds = phraseOf(field)?.typed?.needs
    const patches: Style[] = [
      ...choices(field).map(({ patch }) => patch),
      ...(typedNeeds ? [{ [field]: typedNeeds }] : []),
    ]
    const styles = patches.map((patch) => ({ ...desk.value.style, ...patch }))
    void regions.load(styles).catch(() => {})
  }
  return { desk, choices, typed, prepare }
}
