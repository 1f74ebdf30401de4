import { defineStore } from 'pinia'
import { SURFACES } from '~~/core/checks/types'
import { inherit, originOf } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { isPart, type Level, levelsTo, styleOf } from '~~/shared/quantities'
import { STYLED_PARTS } from '~~/shared/forms/parts'
import type { Quantity } from '~~/shared/study/quantity'
import { levelEdits } from './levelEdits'
import { useStudy } from '~/stores/study'

/** Surfaces and parts on which something of their own is set. */
const ownLevelsOf = (quantity: Quantity | undefined): Level[] => [
  ...SURFACES.filter((surface) => quantity?.surfaces?.[surface]),
  ...STYLED_PARTS.filter((part) => quantity?.chart.partStyles?.[part]),
]

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

  const pair = computed(() =>
    study.document && study.quantity
      ? { document: study.document, quantity: study.quantity }
      : null,
  )
  const styleAt = (at: Level): FullStyle =>
    pair.value ? styleOf(pair.value.document, pair.value.quantity, at) : inherit({})
  const style = structuralComputed(() => styleAt(level.value))

  const levels = computed(() =>
    pair.value ? levelsTo(pair.value.document, pair.value.quantity, level.value) : [],
  )
  /** What the level in hand would be if nothing were set on it. */
  const inherited = computed<FullStyle>(() =>
    inherit(...levels.value.slice(0, -1).map(({ own }) => own)),
  )
  const own = computed<Style>(() => levels.value.at(-1)?.own ?? {})
  /** The level that a field's value comes from; null where nobody set it. */
  const originOfField = (field: FieldName): Level | null => {
    const owns = levels.value.map((one) => one.own)
    return levels.value[originOf(owns, field)]?.level ?? null
  }
  /** The levels that what is set here can be given to, the narrowest first. */
  const wider = computed(() =>
    isPart(level.value)
      ? []
      : levels.value
          .map((one) => one.level)
          .toReversed()
          .slice(1),
  )
  const ownLevels = computed(() => ownLevelsOf(pair.value?.quantity))
  const { setStyle, takeBack, give } = levelEdits({ pair, level, own, styleAt })
  const take = (next: Level) => (level.value = next)
  /** The category that was pointed at last. */
  const picked = ref<string | null>(null)
  watch(
    () => [study.quantity?.id, study.quantity?.chart.category],
    () => (picked.value = null),
  )

  return {
    level,
    style,
    inherited,
    own,
    wider,
    ownLevels,
    styleAt,
    originOfField,
    setStyle,
    takeBack,
    give,
    take,
    picked,
  }
})
