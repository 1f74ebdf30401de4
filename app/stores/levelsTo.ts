import { SURFACES } from '~~/core/surfaces'
import { inherit, originOf } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { STYLED_PARTS } from '~~/shared/forms/parts'
import { hasOwnStyle, isPart, type Level, levelsTo, type OwnStyle } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { Quantity } from '~~/shared/study/quantity'

/** A quantity with the study that it is of. */
export interface Pair {
  readonly document: StudyDocument
  readonly quantity: Quantity
}

/** Surfaces and parts that have something of their own. */
const ownLevelsOf = ({ document, quantity }: Pair): Level[] => [
  ...SURFACES.filter((surface) => hasOwnStyle(document, quantity, surface)),
  ...STYLED_PARTS.filter((part) => quantity.chart.partStyles?.[part]),
]

/** What a level in hand inherits, what is set on it, and where each field comes from. */
export function levelsInHand(pair: Readonly<Ref<Pair | null>>, level: Readonly<Ref<Level>>) {
  const levelsOf = (at: Level): readonly OwnStyle[] =>
    pair.value ? levelsTo(pair.value.document, pair.value.quantity, at) : []
  const levels = computed(() => levelsOf(level.value))
  /** What the level in hand would be if nothing were set on it. */
  const inherited = computed<FullStyle>(() =>
    inherit(...levels.value.slice(0, -1).map(({ own }) => own)),
  )
  const own = computed<Style>(() => levels.value.at(-1)?.own ?? {})
  /**
   * Where the value of a field comes from on a level, the one in hand where none is named; null where
   * nobody set it.
   */
  const originOfField = (field: FieldName, at?: Level): OwnStyle | null => {
    const found = at === undefined ? levels.value : levelsOf(at)
    const owns = found.map((one) => one.own)
    return found[originOf(owns, field)] ?? null
  }
  /** The levels that what is set here can be given to, the narrowest first. */
  const wider = computed(() =>
    isPart(level.value)
      ? []
      : levels.value
          .filter(({ taken }) => !taken)
          .map((one) => one.level)
          .toReversed()
          .slice(1),
  )
  const ownLevels = computed(() => (pair.value ? ownLevelsOf(pair.value) : []))
  /** What the level in hand takes from the stylebook. */
  const taken = computed(
    () => levels.value.find((one) => one.level === level.value && one.taken)?.taken ?? null,
  )
  return { inherited, own, wider, ownLevels, taken, originOfField }
}
