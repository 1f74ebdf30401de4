import { measure, type Measured } from '~~/core/compare/measure'
import { drawn, PROBES } from '~~/core/compare/probes'
import type { Surface } from '~~/core/checks/types'
import { compare } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal, parseDecimal, toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import { difference, inherit, together } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { suggest } from '~~/core/suggest/suggest'
import {
  type ComparedOn,
  type Comparison,
  FEWEST_COMPARED,
  MOST_COMPARED,
} from '~~/shared/study/comparison'
import type { Page } from '~/features/page/usePage'
import { sentenceOf } from '~/features/dock/choices'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'

/** A style among those that are compared. */
interface Way {
  readonly style: FullStyle
  /** What it is in words: those that another of them does not share, or all where none differ. */
  readonly title: string
}
/** The same on the values that it is compared on. */
export interface Compared extends Way {
  readonly plan: Plan
  /** The places of values that its labels misread. */
  readonly misread: ReadonlySet<number>
  /** The label of each value, missing ones too. */
  readonly labels: readonly string[]
  /** null where there is no number to measure it on. */
  readonly measured: Measured | null
  readonly pinned: boolean
}

/** The font size of labels that are compared, in CSS pixels. */
export const LABEL_SIZE = 14
/** More rows than these nobody reads side by side. */
const MOST_ROWS = 60
/** A label that is off by more than this part of its number stands out, as the check of misread numbers has it. */
const MOST_OFF = decimal('0.05')
const DRAWN = 14
const USUAL_SPAN = [0, 9] as const
/** Where the values of a choice stand, which decides what is checked of them. */
const surfaceOf: Record<ComparedOn, Surface> = {
  marks: 'marks',
  axis: 'axis',
  table: 'table',
  probes: 'table',
  typed: 'table',
  drawn: 'table',
}
const MOST_JUDGED = 20
const SUGGESTED = 2

/** The numbers of a typed list; what is none counts as missing. */
const typedValues = (text: string): (Decimal | null)[] =>
  text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((one) => parseDecimal(one.replace('−', '-')))

/** The styles that are compared, on the values that they are compared on, and what is done with them. */
export function useCompare(page: Page) {
  const study = useStudy()
  const levels = useLevels()
  const regions = useLocaleTables()
  const base = computed(() => levels.styleAt('quantity'))

  /** Where nobody chose: the style as it is, beside the best that the program would suggest. */
  const usual = computed<Comparison>(() => {
    const values = page['numbers.marks'].value.slice(0, MOST_JUDGED)
    const found =
      values.length === 0
        ? []
        : suggest({
            surface: 'marks',
            style: base.value,
            kind: study.quantity?.kind,
            readers: study.readers,
            values,
            context: { ...regions.loaded, recorded: study.quantity?.recorded },
          })
    const styles = [
      {},
      ...found
        .map(({ style }) => difference(base.value, inherit(base.value, style)))
        .filter((style) => Object.keys(style).length > 0),
    ].slice(0, 1 + SUGGESTED)
    while (styles.length < FEWEST_COMPARED) styles.push({})
    return { on: 'marks', styles: styles.map((style) => ({ style })) }
  })
  const comparison = computed(() => study.quantity?.compared ?? usual.value)

  const sources: Record<ComparedOn, (now: Comparison) => readonly (Decimal | null)[]> = {
    marks: () => page['numbers.marks'].value,
    axis: () => page['numbers.axis'].value,
    table: () => page.rows.value?.values ?? [],
    probes: () => PROBES.map((probe) => (probe === null ? null : decimal(probe))),
    typed: ({ typed = '' }) => typedValues(typed),
    drawn: ({ span = USUAL_SPAN, seed = 1 }) =>
      drawn([span[0], span[1]], DRAWN, seed).map((text) => decimal(text)),
  }
  const values = computed(() => sources[comparison.value.on](comparison.value).slice(0, MOST_ROWS))
  const present = computed(() => values.value.filter((value) => value !== null))
  const context = computed<Context>(() => ({
    ...regions.loaded,
    values: present.value.map(toExactText),
    recorded: study.quantity?.recorded ?? 0,
  }))

  const phrases = computed(() =>
    comparison.value.styles.map(({ style }) =>
      sentenceOf(inherit(base.value, style), base.value).filter(({ rare }) => !rare),
    ),
  )
  function titleOf(at: number): string {
    const own = phrases.value[at]!
    const isShared = ({ field, key }: (typeof own)[number]) =>
      phrases.value.every((other) => other.some((one) => one.field === field && one.key === key))
    const distinct = own.filter((phrase) => !isShared(phrase))
    return (distinct.length > 0 ? distinct : own).map(({ title }) => title).join(', ')
  }

  const ways = computed(() =>
    comparison.value.styles.map(({ style }, at): Way => ({
      style: inherit(base.value, style),
      title: titleOf(at),
    })),
  )

  const subjectOf = (style: Style) => ({
    surface: surfaceOf[comparison.value.on],
    style,
    values: present.value,
    kind: study.quantity?.kind,
    readers: study.readers,
    context: context.value,
  })
  const columns = computed(() =>
    ways.value.map((way, at): Compared => {
      const { style } = way
      const plan = resolve(style, context.value)
      const measured = present.value.length > 0 ? measure(subjectOf(style), LABEL_SIZE) : null
      const places = values.value.flatMap((value, row) => (value ? [row] : []))
      return {
        ...way,
        plan,
        pinned: comparison.value.styles[at]!.pinned ?? false,
        measured,
        labels: labeller(plan).labels(values.value.map((value) => value && toExactText(value))),
        misread: new Set(places.filter((_, i) => compare(measured!.offs[i]!, MOST_OFF) > 0)),
      }
    }),
  )

  const set = (what: string, patch: Partial<Comparison>, moves = false) =>
    study.changeQuantity(
      what,
      (one) => ({ ...one, compared: { ...comparison.value, ...patch } }),
      moves,
    )
  const styles = () => [...comparison.value.styles]
  const isFull = computed(() => comparison.value.styles.length >= MOST_COMPARED)
  const isLeast = computed(() => comparison.value.styles.length <= FEWEST_COMPARED)

  /** Sets some fields of one style, once the tables of its region are here. */
  const setStyle = (at: number, what: string, patch: Style, moves = false) =>
    study.withTables(
      [inherit(columns.value[at]!.style, patch)],
      () =>
        set(
          `Compare: ${what}`,
          {
            styles: styles().map((one, place) =>
              place === at ? { ...one, style: { ...one.style, ...patch } } : one,
            ),
          },
          moves,
        ),
      'The style stays',
    )
  /** What one style sets of a field is taken back: it is the quantity's again. */
  const takeBack = (at: number, field: FieldName) => {
    const gone = together(field)
    set(`Compare: take back ${field}`, {
      styles: styles().map((one, place) =>
        place === at
          ? {
              ...one,
              style: Object.fromEntries(
                Object.entries(one.style).filter(([name]) => !gone.includes(name as FieldName)),
              ),
            }
          : one,
      ),
    })
  }
  const add = (at: number) =>
    !isFull.value &&
    set('Compare one more', {
      styles: styles().toSpliced(at + 1, 0, { style: styles()[at]!.style }),
    })
  /** A suggested style stands last. */
  const addSuggested = (style: Style) =>
    !isFull.value &&
    study.withTables(
      [inherit(base.value, style)],
      () =>
        set('Compare a suggested style', {
          styles: [...styles(), { style: difference(base.value, inherit(base.value, style)) }],
        }),
      'The comparison stays',
    )
  /** What ways are suggested for: some of the values that are compared on. */
  const toSuggest = () => ({
    ...subjectOf(base.value),
    values: present.value.slice(0, MOST_JUDGED),
  })
  /** The same numbers as the compared styles write them. */
  const standing = () => {
    const texts = present.value.slice(0, MOST_JUDGED).map(toExactText)
    return columns.value.map(({ plan }) => labeller(plan).labels(texts))
  }
  const remove = (at: number) =>
    !isLeast.value && set('Compare one less', { styles: styles().toSpliced(at, 1) })
  const pin = (at: number) => {
    const one = styles()[at]!
    // What is pinned stands first.
    const rest = styles().toSpliced(at, 1)
    const first = rest.filter(({ pinned }) => pinned).length
    set(one.pinned ? 'Let a style go' : 'Pin a style', {
      styles: rest.toSpliced(one.pinned ? Math.max(first, 0) : first, 0, {
        ...one,
        pinned: one.pinned ? undefined : true,
      }),
    })
  }
  const move = (at: number, by: -1 | 1) => {
    const next = styles()
    const other = at + by
    if (!next[other] || Boolean(next[other].pinned) !== Boolean(next[at]!.pinned)) return
    ;[next[at], next[other]] = [next[other], next[at]!]
    set('Reorder what is compared', { styles: next })
  }
  /** The style becomes the quantity's, or that of one surface. */
  const take = (at: number, level: 'quantity' | Surface) => {
    const { style } = columns.value[at]!
    void levels.setStyle(
      `${study.quantity?.title}: take a compared style, ${columns.value[at]!.title}`,
      difference(levels.styleAt(level), style),
      { at: level },
    )
  }
  return {
    comparison,
    values,
    ways,
    columns,
    base,
    isFull,
    isLeast,
    set,
    setStyle,
    takeBack,
    add,
    addSuggested,
    toSuggest,
    standing,
    remove,
    pin,
    move,
    take,
    context,
  }
}
export type Comparing = ReturnType<typeof useCompare>
