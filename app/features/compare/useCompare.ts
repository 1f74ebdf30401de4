import { measure, type Measured } from '~~/core/compare/measure'
import { compare } from '~~/core/decimal/arithmetic'
import { decimal, toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import type { FullStyle } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { type SentencePhrase, sentenceOf } from '~/features/dock/choices'
import type { Page } from '~/features/page/usePage'
import { MOST_JUDGED, type OnCompare, useComparison } from './useComparison'
import { useComparisonEdits } from './useComparisonEdits'

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
/**
 * A label that is off by more than this part of its number stands out, as the check of misread
 * numbers has it.
 */
const MOST_OFF = decimal('0.05')

/** What tells a style from the others, in words; all that it is where nothing does. */
function titleOf(
  own: readonly SentencePhrase[],
  all: readonly (readonly SentencePhrase[])[],
): string {
  const isShared = ({ field, key }: SentencePhrase) =>
    all.every((other) => other.some((one) => one.field === field && one.key === key))
  const distinct = own.filter((phrase) => !isShared(phrase))
  return (distinct.length > 0 ? distinct : own).map(({ title }) => title).join(', ')
}

/** The styles that are compared, each in words. */
const waysOf = ({ base, comparison }: OnCompare) =>
  computed(() => {
    const phrases = comparison.value.styles.map(({ style }) =>
      sentenceOf(inherit(base.value, style), base.value).filter(({ rare }) => !rare),
    )
    return comparison.value.styles.map(({ style }, at): Way => ({
      style: inherit(base.value, style),
      title: titleOf(phrases[at]!, phrases),
    }))
  })

/** A style on the values that it is compared on. */
function comparedOn({ context, present, values, subjectOf }: OnCompare, way: Way) {
  const plan = resolve(way.style, context.value)
  const measured = present.value.length > 0 ? measure(subjectOf(way.style), LABEL_SIZE) : null
  const places = values.value.flatMap((value, row) => (value ? [row] : []))
  return {
    ...way,
    plan,
    measured,
    labels: labeller(plan).labels(values.value.map((value) => value && toExactText(value))),
    misread: new Set(places.filter((_, i) => compare(measured!.offs[i]!, MOST_OFF) > 0)),
  }
}

/**
 * The styles that are compared, on the values that they are compared on, and what is done with
 * them.
 */
export function useCompare(page: Page) {
  const on = useComparison(page)
  const { base, comparison, context, present, values, troubles } = on
  const ways = waysOf(on)
  const columns = computed(() =>
    ways.value.map((way, at): Compared => ({
      ...comparedOn(on, way),
      pinned: comparison.value.styles[at]!.pinned ?? false,
    })),
  )
  /** What ways are suggested for: some of the values that are compared on. */
  const toSuggest = () => ({
    ...on.subjectOf(base.value),
    values: present.value.slice(0, MOST_JUDGED),
  })
  /** The same numbers as the compared styles write them. */
  const standing = () => {
    const texts = present.value.slice(0, MOST_JUDGED).map(toExactText)
    return columns.value.map(({ plan }) => labeller(plan).labels(texts))
  }
  return {
    ...{ base, comparison, context, values, troubles, ways, columns, toSuggest, standing },
    ...useComparisonEdits(on, ways),
  }
}
export type Comparing = ReturnType<typeof useCompare>
