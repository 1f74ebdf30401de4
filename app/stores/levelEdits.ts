import { inherit, together } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { type Level, withOwn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { Quantity } from '~~/shared/study/quantity'
import { levelNames, levelWords } from './levelWords'
import { useStudy } from './study'
import { levelEdits as words } from './study/words'

const without = (own: Style, fields: readonly FieldName[]): Style =>
  Object.fromEntries(Object.entries(own).filter(([name]) => !fields.includes(name as FieldName)))

/** What changes of styles are made on. */
interface InHand {
  readonly pair: Readonly<Ref<{ document: StudyDocument; quantity: Quantity } | null>>
  readonly level: Readonly<Ref<Level>>
  /** What is set on that level. */
  readonly own: Readonly<Ref<Style>>
  styleAt(level: Level): FullStyle
}

/** Changes of what is set on a level. */
export function levelEdits({ pair, level, own, styleAt }: InHand) {
  const study = useStudy()
  /**
   * Sets some fields on a level, the one in hand where none is named; once the regions' tables that
   * they need are here.
   */
  const setStyle = (
    what: string,
    patch: Style,
    { moves, at = level.value }: { moves?: boolean; at?: Level } = {},
  ) =>
    study.withTables(
      [inherit(styleAt(at), patch)],
      () => edit(`${what}, ${levelWords[at]}`, at, (now) => ({ ...now, ...patch }), moves),
      words.styleStays,
    )
  function edit(what: string, at: Level, by: (own: Style) => Style, moves?: boolean) {
    if (pair.value)
      study.change(what, withOwn(pair.value.document, pair.value.quantity.id, at, by), moves)
  }
  /** Takes back what is set on the level in hand of a field, or of all: it is inherited again. */
  const takeBack = (fields: readonly FieldName[]) =>
    edit(words.takeBack(fields.join(', '), levelWords[level.value]), level.value, (now) =>
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
      words.giveTo(fields.join(', '), levelNames[level.value], levelNames[to]),
      withOwn(wide, quantity.id, level.value, (now) => without(now, given)),
    )
  }
  return { setStyle, takeBack, give }
}
