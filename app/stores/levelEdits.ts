import { inherit, together } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { type Level, withOwn } from '~~/shared/quantities'
import type { Pair } from './levelsTo'
import { levelNames, levelWords } from './levelWords'
import { useStudy } from './study'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.levelEdits

const without = (own: Style, fields: readonly FieldName[]): Style =>
  Object.fromEntries(Object.entries(own).filter(([name]) => !fields.includes(name as FieldName)))

const namesOf = (levels: readonly Level[]) => levels.map((one) => levelWords[one]).join(', ')

/** What changes of styles are made on. */
interface InHand {
  readonly pair: Readonly<Ref<Pair | null>>
  readonly level: Readonly<Ref<Level>>
  /** What is set on that level. */
  readonly own: Readonly<Ref<Style>>
  styleAt(level: Level): FullStyle
}

/** Changes of what is set on a level. */
export function levelEdits({ pair, level, own, styleAt }: InHand) {
  const study = useStudy()
  /**
   * Sets some fields on levels, the one in hand where none is named; once the regions' tables that
   * they need are here.
   */
  const setStyle = (
    what: string,
    patch: Style,
    { moves, at = [level.value] }: { moves?: boolean; at?: readonly Level[] } = {},
  ) =>
    study.withTables(
      at.map((one) => inherit(styleAt(one), patch)),
      () => edit(`${what}, ${namesOf(at)}`, at, (now) => ({ ...now, ...patch }), moves),
      words.styleUnchanged,
    )
  function edit(
    what: string,
    at: readonly Level[],
    by: (own: Style, at: Level) => Style,
    moves?: boolean,
  ) {
    if (!pair.value) return
    const { document, quantity } = pair.value
    study.change(
      what,
      at.reduce((now, one) => withOwn(now, quantity.id, one, (own) => by(own, one)), document),
      moves,
    )
  }
  /**
   * Takes back what is set of some fields on each of some levels, as one step: it is inherited
   * again.
   */
  function takeBackAt(back: ReadonlyMap<Level, readonly FieldName[]>) {
    const fields = new Set([...back.values()].flat())
    edit(
      words.clear({ fields: [...fields].join(', '), where: namesOf([...back.keys()]) }),
      [...back.keys()],
      (now, at) => without(now, (back.get(at) ?? []).flatMap(together)),
    )
  }
  /** Takes back some fields on the level in hand. */
  const takeBack = (fields: readonly FieldName[]) => takeBackAt(new Map([[level.value, fields]]))
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
      words.moveTo({
        fields: fields.join(', '),
        from: levelNames[level.value],
        to: levelNames[to],
      }),
      withOwn(wide, quantity.id, level.value, (now) => without(now, given)),
    )
  }
  return { setStyle, takeBack, takeBackAt, give }
}
