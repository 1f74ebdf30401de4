import type { Subject } from '~~/core/checks/types'
import type { Surface } from '~~/core/surfaces'
import { drawn, PROBES } from '~~/core/compare/probes'
import { type Decimal, decimal, toExactText } from '~~/core/decimal/decimal'
import type { Context } from '~~/core/label/context'
import type { Row } from '~~/core/label/types'
import { regionOf } from '~~/core/label/region'
import { typedNumbers } from '~~/core/label/typed'
import type { Style } from '~~/core/style/fields'
import { difference, inherit } from '~~/core/style/inherit'
import { suggest } from '~~/core/suggest/suggest'
import { type ComparedOn, type Comparison, FEWEST_COMPARED } from '~~/shared/study/comparison'
import type { Page } from '~/features/page/usePage'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'

/** More rows than these nobody reads side by side. */
const MOST_ROWS = 60
const DRAWN = 14
const USUAL_SPAN = [0, 9] as const
/** Suggestions are judged on so many numbers. */
export const MOST_JUDGED = 20
const SUGGESTED = 2
/** Where the values of a choice stand, which decides what is checked of them. */
const surfaceOf: Record<ComparedOn, Surface> = {
  marks: 'marks',
  axis: 'axis',
  table: 'table',
  probes: 'table',
  typed: 'table',
  drawn: 'table',
}

/** The values of each choice. */
const valuesOn: Record<
  ComparedOn,
  (page: Page, now: Comparison, typed: readonly (Decimal | null)[]) => readonly (Decimal | null)[]
> = {
  marks: (page) => page['numbers.marks'].value,
  axis: (page) => page['numbers.axis'].value,
  table: (page) => page.rows.value?.values ?? [],
  probes: () => PROBES.map((probe) => (probe === null ? null : decimal(probe))),
  typed: (_, __, typed) => typed,
  drawn: (_, { span = USUAL_SPAN, seed = 1 }) =>
    drawn([span[0], span[1]], DRAWN, seed).map((text) => decimal(text)),
}

/** The rows that the values of a choice stand in, where cases look at their cells. */
const rowsOn: Partial<Record<ComparedOn, (page: Page) => readonly Row[] | undefined>> = {
  marks: (page) => page.markRows.value,
  table: (page) => page.tableRows.value,
}

/**
 * Styles side by side where nobody chose: the style as it is, and the best that the program would
 * suggest.
 */
function usualComparison(subject: Subject): Comparison {
  const { style } = subject
  const base = inherit(style)
  const found = subject.values.length === 0 ? [] : suggest(subject)
  const own = found
    .map((one) => difference(base, inherit(base, one.style)))
    .filter((one) => Object.keys(one).length > 0)
  const styles = [{}, ...own].slice(0, 1 + SUGGESTED)
  while (styles.length < FEWEST_COMPARED) styles.push({})
  return { on: 'marks', styles: styles.map((one) => ({ style: one })) }
}

/** What is compared, and on which values. */
export function useComparison(page: Page) {
  const study = useStudy()
  const tables = useLocaleTables()
  const levels = useLevels()
  const base = computed(() => levels.styleAt('quantity'))
  const { recorded } = page
  const about = () => ({ kind: study.quantity?.kind, readers: study.readers })

  const usual = computed(() =>
    usualComparison({
      ...about(),
      surface: 'marks',
      style: base.value,
      values: page['numbers.marks'].value.slice(0, MOST_JUDGED),
      context: { ...tables.loaded, ...recorded.value },
    }),
  )
  const comparison = computed(() => study.quantity?.compared ?? usual.value)
  const typed = computed(() =>
    typedNumbers(comparison.value.typed ?? '', regionOf(base.value.locale, tables.loaded)),
  )
  const values = computed(() =>
    valuesOn[comparison.value.on](page, comparison.value, typed.value.values).slice(0, MOST_ROWS),
  )
  /** What is typed and is no number. */
  const troubles = computed(() => (comparison.value.on === 'typed' ? typed.value.troubles : []))
  const present = computed(() => values.value.filter((value) => value !== null))
  const rows = computed(() => rowsOn[comparison.value.on]?.(page)?.slice(0, MOST_ROWS))
  const context = computed<Context>(() => ({
    ...tables.loaded,
    values: present.value.map(toExactText),
    rows: rows.value?.filter((_, at) => values.value[at] !== null),
    ...recorded.value,
  }))
  /** What is checked of a style on these values. */
  const subjectOf = (style: Style): Subject => ({
    ...about(),
    surface: surfaceOf[comparison.value.on],
    style,
    values: present.value,
    rows: context.value.rows,
    context: context.value,
  })
  return { base, comparison, values, rows, troubles, present, context, subjectOf }
}
export type OnCompare = ReturnType<typeof useComparison>
