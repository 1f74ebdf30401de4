import { measure, type Measured } from '~~/core/compare/measure'
import { compare } from '~~/core/decimal/arithmetic'
import { decimal, toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import type { Plan } from '~~/core/label/types'
import type { FullStyle } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { sentenceOf } from '~/features/dock/choices'
import type { Page } from '~/features/page/usePage'
import { type KeptDigits, keptDigits } from './keptDigits'
import { MOST_JUDGED, type OnCompare, useComparison } from './useComparison'
import { useComparisonEdits } from './useComparisonEdits'
import { titlesOf } from './titles'

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
  /** Which digits of a value its label keeps; null where it is missing, or converted. */
  readonly digits: (row: number) => KeptDigits | null
  readonly pinned: boolean
}

/** The font size of labels that are compared, in CSS pixels. */
export const LABEL_SIZE = 14
/**
 * A label that is off by more than this part of its number stands out, as the check of misread
 * numbers has it.
 */
const MOST_OFF = decimal('0.05')

/** The styles that are compared, each in words. */
const waysOf = ({ base, comparison }: OnCompare) =>
  computed(() => {
    const styles = comparison.value.styles.map(({ style }) => inherit(base.value, style))
    const titles = titlesOf(styles.map((style) => sentenceOf(style, base.value)))
    return styles.map((style, at): Way => ({ style, title: titles[at]! }))
  })

/** A style on the values that it is compared on. */
function comparedOn({ context, present, values, rows, subjectOf }: OnCompare, way: Way) {
  const plan = resolve(way.style, context.value)
  const measured = present.value.length > 0 ? measure(subjectOf(way.style), LABEL_SIZE) : null
  const places = values.value.flatMap((value, row) => (value ? [row] : []))
  return {
    ...way,
    plan,
    measured,
    labels: labeller(plan).labels(
      values.value.map((value) => value && toExactText(value)),
      rows.value,
    ),
    digits: (row: number): KeptDigits | null => {
      const value = values.value[row]
      return value ? keptDigits(plan, value, rows.value?.[row]) : null
    },
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
