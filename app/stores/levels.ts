import { defineStore } from 'pinia'
import type { Surface } from '~~/core/surfaces'
import { inherit } from '~~/core/style/inherit'
import type { FullStyle } from '~~/core/style/fields'
import { type Level, styleOf } from '~~/shared/quantities'
import { levelEdits } from './levelEdits'
import { levelsInHand, type Pair } from './levelsTo'
import { useStudy } from '~/stores/study'

/**
 * The shown quantity's style, level by level: which one is in hand, what it inherits, and what is
 * set on it.
 */
export const useLevels = defineStore('levels', () => {
  const study = useStudy()
  /** The level in hand: what the dock sets is set on it. */
  const level = ref<Level>('quantity')
  watch(
    () => study.quantity?.id,
    () => (level.value = 'quantity'),
  )

  const pair = computed<Pair | null>(() =>
    study.document && study.quantity
      ? { document: study.document, quantity: study.quantity }
      : null,
  )
  const styleAt = (at: Level): FullStyle =>
    pair.value ? styleOf(pair.value.document, pair.value.quantity, at) : inherit({})
  const style = structuralComputed(() => styleAt(level.value))

  const inHand = levelsInHand(pair, level)
  const { setStyle, takeBack, takeBackAt, give } = levelEdits({
    pair,
    level,
    own: inHand.own,
    styleAt,
  })
  const take = (next: Level) => (level.value = next)
  /** The category that was pointed at last, and the label. */
  const picked = ref<string | null>(null)
  const pointed = shallowRef<{ surface: Surface; at: number } | null>(null)
  watch(
    () => [study.quantity?.id, study.quantity?.chart.category],
    () => {
      picked.value = null
      pointed.value = null
    },
  )

  return {
    level,
    style,
    ...inHand,
    styleAt,
    setStyle,
    takeBack,
    takeBackAt,
    give,
    take,
    picked,
    pointed,
  }
})
