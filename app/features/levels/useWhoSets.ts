import { DEFAULTS, type FieldName } from '~~/core/style/fields'
import type { Level } from '~~/shared/quantities'
import { STYLED_PARTS } from '~~/shared/forms/parts'
import type { Surface } from '~~/core/surfaces'
import { type Choice, choicesOf, type Desk, sentenceOf, typedOf } from '~/features/dock/choices'
import { type Origin, originOn } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.whoSets

/** A field on a level: what it is there, and who says so. */
export interface Cell {
  readonly level: Level
  readonly field: FieldName
  readonly title: string
  readonly origin: Origin
  /** Whether it is what the program does by itself. */
  readonly isUsual: boolean
}
/** A field, level by level; null where the level's notation has no such phrase. */
export interface Row {
  readonly field: FieldName
  readonly name: string
  readonly cells: readonly (Cell | null)[]
  /** Whether anybody set it anywhere to something else than the program does by itself. */
  readonly isSet: boolean
}
/** What a cell is known by. */
export const keyOf = ({ level, field }: Pick<Cell, 'level' | 'field'>): string =>
  `${level} ${field}`

/** Every phrase on every level of the shown quantity. */
function useWhoRows(shown: () => readonly Surface[]) {
  const study = useStudy()
  const levels = useLevels()

  const columns = computed<readonly Level[]>(() => [
    'house',
    'quantity',
    ...shown(),
    ...STYLED_PARTS.filter((part) => study.quantity?.chart.parts?.includes(part)),
  ])
  const rows = computed<Row[]>(() => {
    const byLevel = columns.value.map((level) => ({
      level,
      phrases: new Map(sentenceOf(levels.styleAt(level)).map((one) => [one.field, one])),
    }))
    const fields = new Map(
      byLevel.flatMap(({ phrases }) =>
        [...phrases.values()].map(({ field, name }) => [field, name]),
      ),
    )
    return [...fields].map(([field, name]) => {
      const cells = byLevel.map(({ level, phrases }): Cell | null => {
        const phrase = phrases.get(field)
        const origin = originOn(level, levels.originOfField(field, level))
        const isUsual = phrase?.key === JSON.stringify(DEFAULTS[field])
        return phrase ? { level, field, title: phrase.title, origin, isUsual } : null
      })
      return {
        field,
        name,
        cells,
        isSet: cells.some((cell) => cell && cell.origin !== 'builtIn' && !cell.isUsual),
      }
    })
  })

  return { columns, rows }
}

/** The fields of some cells, level by level. */
const byLevel = (cells: readonly Cell[]): Map<Level, FieldName[]> => {
  const fields = new Map<Level, FieldName[]>()
  for (const { level, field } of cells) fields.set(level, [...(fields.get(level) ?? []), field])
  return fields
}
/** Those phrases, with what is done to several of them at once. */
export function useWhoSets(shown: () => readonly Surface[], deskAt: (level: Level) => Desk) {
  const study = useStudy()
  const levels = useLevels()
  const { columns, rows } = useWhoRows(shown)
  const chosen = ref<ReadonlySet<string>>(new Set())
  const picked = computed(() =>
    rows.value
      .flatMap(({ cells }) => cells)
      .filter((cell) => cell && chosen.value.has(keyOf(cell))),
  ) as Readonly<Ref<readonly Cell[]>>
  /** The one field of what is picked; null where there are several, or none. */
  const field = computed(() => {
    const fields = new Set(picked.value.map((cell) => cell.field))
    return fields.size === 1 ? picked.value[0]!.field : null
  })
  function pick(cells: readonly Cell[], adds: boolean) {
    const keys = cells.map(keyOf)
    const before = adds ? chosen.value : new Set<string>()
    const isAll = keys.every((key) => before.has(key))
    chosen.value = isAll
      ? new Set([...before].filter((key) => !keys.includes(key)))
      : new Set([...before, ...keys])
  }
  const desk = computed(() => (picked.value[0] ? deskAt(picked.value[0].level) : null))
  const choices = computed<Choice[]>(() =>
    desk.value && field.value ? choicesOf(field.value, desk.value) : [],
  )
  const typed = computed(() =>
    desk.value && field.value ? typedOf(field.value, desk.value) : null,
  )
  const rowOf = (wanted: FieldName) => rows.value.find((row) => row.field === wanted)
  const choose = (choice: Choice) =>
    levels.setStyle(
      words.set({
        quantity: study.quantity?.title ?? '',
        field: rowOf(field.value!)?.name ?? '',
        value: choice.title,
      }),
      choice.patch,
      { at: picked.value.map(({ level }) => level) },
    )
  /** What is picked and set on its own level, which can be taken back. */
  const own = computed(() => picked.value.filter(({ origin }) => origin === 'here'))
  const takeBack = () => levels.takeBackAt(byLevel(own.value))
  return {
    columns,
    rows,
    picked,
    chosen,
    field,
    pick,
    choices,
    typed,
    choose,
    own,
    takeBack,
    rowOf,
  }
}
