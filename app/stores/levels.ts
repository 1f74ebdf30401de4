import { defineStore } from 'pinia'
import { SURFACES } from '~~/core/checks/types'
import { inherit, originOf, together } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { isPart, type Level, levelsTo, styleOf, withOwn } from '~~/shared/quantities'
import { STYLED_PARTS } from '~~/shared/forms/parts'
import { levelNames, levelWords } from './levelWords'
import { useStudy } from '~/stores/study'

const without = (own: Style, fields: readonly FieldName[]): Style =>
  Object.fromEntries(Object.entries(own).filter(([name]) => !fields.includes(name as FieldName)))

/** The shown quantity's style, level by level: which one is in hand, what it inherits, and what is set on it. */
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
  const originOfField = (field: FieldName): Level | null =>
    levels.value[
      originOf(
        levels.value.map((one) => one.own),
        field,
      )
    ]?.level ?? null
  /** The levels that what is set here can be given to. */
  const wider = computed<Level[]>(() =>
    isPart(level.value)
      ? []
      : levels.value
          .slice(0, -1)
          .map((one) => one.level)
          .reverse(),
  )
  /** Surfaces and parts on which something of their own is set. */
  const ownLevels = computed<Level[]>(() => [
    ...SURFACES.filter((surface) => pair.value?.quantity.surfaces?.[surface]),
    ...STYLED_PARTS.filter((part) => pair.value?.quantity.chart.partStyles?.[part]),
  ])

  /** Sets some fields on a level, the one in hand where none is named; once the regions' tables that they need are here. */
  const setStyle = (
    what: string,
    patch: Style,
    { moves, at = level.value }: { moves?: boolean; at?: Level } = {},
  ) =>
    study.withTables(
      [inherit(styleAt(at), patch)],
      () => edit(`${what}, ${levelWords[at]}`, at, (now) => ({ ...now, ...patch }), moves),
      'The style stays',
    )
  function edit(what: string, at: Level, by: (own: Style) => Style, moves?: boolean) {
    if (pair.value)
      study.change(what, withOwn(pair.value.document, pair.value.quantity.id, at, by), moves)
  }
  /** Takes back what is set on the level in hand of a field, or of all: it is inherited again. */
  const takeBack = (fields: readonly FieldName[]) =>
    edit(`Take back ${fields.join(', ')}, ${levelWords[level.value]}`, level.value, (now) =>
      without(now, fields.flatMap(together)),
    )
  /** Gives what is set on the level in hand to a wider one, for all that inherit from it. */
  function give(fields: readonly FieldName[], to: Level) {
    if (!pair.value) return
    const { document, quantity } = pair.value
    const given = fields.flatMap(together)
    const moved = Object.fromEntries(
      Object.entries(own.value).filter(([name]) => given.includes(name as FieldName)),
    )
    const wide = withOwn(document, quantity.id, to, (now) => ({ ...without(now, given), ...moved }))
    study.change(
      `Give ${fields.join(', ')} of ${levelNames[level.value]} to ${levelNames[to]}`,
      withOwn(wide, quantity.id, level.value, (now) => without(now, given)),
    )
  }
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
