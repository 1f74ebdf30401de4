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
import { type KeptDigits, keptDigits } from './keptDigits'
import { MOST_JUDGED, type OnCompare, useComparison } from './useComparison'
import { useComparisonEdits } from './useComparisonEdits'
import { compareTable as words } from './words'

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

/**
 * What tells each style from the others, in words; all that they are where nothing does, and of one
 * that is as another before it which one that is.
 *
 * @param all the phrases of each style
 * @example titlesOf([[shortened, grouped], [plain, grouped]]) // ['shortened', 'with all its digits']
 */
export function titlesOf(all: readonly (readonly SentencePhrase[])[]): string[] {
  const isShared = ({ field, key }: SentencePhrase) =>
    all.every((other) => other.some((one) => one.field === field && one.key === key))
  // That digits are not counted is said by the decimals.
  const isSaid = ({ field, key }: SentencePhrase) => field !== 'significant' || key !== 'null'
  const said = (phrases: readonly SentencePhrase[]) =>
    phrases
      .filter(isSaid)
      .map(({ title }) => title)
      .join(', ')
  const usual = ({ rare }: SentencePhrase) => !rare
  const short = all.map((own) => {
    const distinct = own.filter((phrase) => !isShared(phrase))
    const choices = [distinct.filter(usual), distinct, own.filter(usual)]
    return said(choices.find((phrases) => phrases.length > 0) ?? [])
  })
  // What few set is said where nothing else tells two of them apart.
  const titles = all.map((own, at) => {
    const isAlone = short.filter((title) => title === short[at]).length === 1
    const distinct = own.filter((phrase) => !isShared(phrase))
    return isAlone || distinct.length === 0 ? short[at]! : said(distinct)
  })
  return titles.map((title, at) => {
    const first = titles.indexOf(title)
    return first === at ? title : words.asStyle(title, first + 1)
  })
}

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
