import { aggregate } from '~~/core/data/aggregate'
import { compare, sum } from '~~/core/decimal/arithmetic'
import { type Decimal } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import { decide, saidBy } from '~~/core/label/decide'
import { resolve } from '~~/core/label/resolve'
import type { Plan, Row } from '~~/core/label/types'
import { textOf } from '~~/core/label/write'
import { decimalsText, withDecimals } from '~~/core/style/decimals'
import type { Style } from '~~/core/style/fields'
import { adjustedLabels } from '~~/core/totals/adjust'
import type { Quantity } from '~~/shared/study'
import type { SurfaceView } from '~/composables/surface'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

export interface TotalChoice {
  readonly title: string
  /** The first parts and the total as they would be printed. */
  readonly sample: string
  readonly total: Quantity['total']
  readonly style: Style
}
interface Source {
  /** The table's values, row by row. */
  readonly rows: Readonly<
    Ref<{
      readonly places: readonly number[]
      readonly values: readonly (Decimal | null)[]
      readonly categories: readonly string[]
    } | null>
  >
  readonly sides: Readonly<Ref<readonly Row[] | undefined>>
  readonly view: Pick<SurfaceView, 'plan' | 'style'>
}

/** The printed sum waits until the hand rests. */
const REST = 80
/** More parts than these are nobody's to read one by one. */
const MOST_PARTS = 5000
const MOST_MORE = 6
const SHOWN_PARTS = 3
const MOST_SUBTOTALS = 60
const NO_ROWS: ReadonlySet<number> = new Set()
const NONE_ADJUSTED: ReadonlyMap<number, string> = new Map()

/** The total of a table's rows, or of those that are selected, and what to do where the printed parts miss it. */
export function useTotals({ rows, sides, view: { plan, style: ownStyle } }: Source) {
  const study = useStudy()
  const regions = useRegions()
  const kept = computed(() => study.quantity?.selected)
  /** Kept as rows of the data set, so that a filter hides some and brings them back. */
  const selected = computed<ReadonlySet<number>>(() => {
    const [now, ticked] = [rows.value, new Set(kept.value)]
    return !now || ticked.size === 0
      ? NO_ROWS
      : new Set(now.places.flatMap((row, at) => (ticked.has(row) ? [at] : [])))
  })
  const select = (what: string, ticked: readonly number[] | undefined) =>
    study.changeQuantity(what, (one) => ({
      ...one,
      selected: ticked?.length ? [...ticked] : undefined,
    }))
  function toggle(at: number) {
    const row = rows.value!.places[at]!
    const before = kept.value ?? []
    select(
      `Total: ${before.includes(row) ? 'leave out' : 'count in'} row ${row + 1}`,
      before.includes(row)
        ? before.filter((one) => one !== row)
        : [...before, row].sort((a, b) => a - b),
    )
  }

  const way = computed(() => study.quantity?.total ?? 'plain')
  const isShown = computed(() => study.quantity?.total !== undefined || selected.value.size > 0)
  const isAll = computed(() => selected.value.size === 0)
  /** The rows of what is summed: those that have a value, and are selected where any is. */
  const places = computed(
    () =>
      rows.value?.values.flatMap((value, at) =>
        value && (isAll.value || selected.value.has(at)) ? [at] : [],
      ) ?? [],
  )
  const partValues = computed(() => places.value.map((at) => rows.value!.values[at]!))
  const partRows = computed(() => places.value.map((at) => sides.value?.[at]))
  const exact = computed(() => (isShown.value ? sum(partValues.value) : null))
  const label = computed(() =>
    exact.value ? textOf(plan.value, decide(plan.value, exact.value)) : '',
  )

  /** The same a category at a time, in the table's own wording. */
  const subtotals = computed(() => {
    const now = rows.value
    if (!isShown.value || !study.quantity?.subtotals || !now) return []
    return aggregate(
      places.value.map((at) => now.categories[at]!),
      partValues.value,
      'sum',
    )
      .slice(0, MOST_SUBTOTALS)
      .map(({ category, value }) => ({
        category,
        label: textOf(plan.value, decide(plan.value, value)),
      }))
  })

  const asked = () => ({
    isShown: isShown.value,
    plan: plan.value,
    values: isShown.value ? partValues.value : [],
    rows: isShown.value ? partRows.value : [],
    exact: exact.value,
    way: way.value,
  })
  const resting = atRest(asked, REST)
  /** What the printed parts add up to, where that is not the printed total. */
  const missed = computed(() => {
    const now = resting.value
    if (!now.isShown || !now.exact || now.values.length > MOST_PARTS) return null
    const printed = sum(
      now.values.map((value, at) => saidBy(now.plan, decide(now.plan, value, now.rows[at]))),
    )
    return compare(printed, saidBy(now.plan, decide(now.plan, now.exact))) === 0
      ? null
      : plainly(printed)
  })
  /** Labels of parts that were moved so that all add up, by row. */
  const adjusted = computed<ReadonlyMap<number, string>>(() => {
    const now = resting.value
    if (now.way !== 'adjust' || !now.isShown || !now.exact || now.values.length > MOST_PARTS)
      return NONE_ADJUSTED
    const labels = adjustedLabels(now.plan, now.values, now.exact, now.rows)
    return new Map(
      labels?.flatMap(({ label: text, isAdjusted }, i) =>
        isAdjusted ? [[places.value[i]!, text] as const] : [],
      ),
    )
  })

  function choices(): TotalChoice[] {
    const total = exact.value
    if (!total) return []
    const context = {
      ...regions.loaded,
      recorded: plan.value.recorded,
      values: partValues.value.map(({ coefficient, exponent }) => `${coefficient}e${exponent}`),
      rows: partRows.value.every(Boolean) ? (partRows.value as Row[]) : undefined,
    }
    const sample = (texts: readonly string[], whole: string) =>
      `${texts.slice(0, SHOWN_PARTS).join(' + ')}${texts.length > SHOWN_PARTS ? ' + …' : ''} = ${whole}`
    const written = (one: Plan, value: Decimal, row?: Row) => textOf(one, decide(one, value, row))
    const now = partValues.value.map((value, at) => written(plan.value, value, partRows.value[at]))
    const found: TotalChoice[] = []
    const most = Math.max(
      0,
      ...partValues.value.map(
        (value, at) => decide(plan.value, value, partRows.value[at]).decimals,
      ),
    )
    for (let count = most + 1; count <= most + MOST_MORE; count++) {
      const style = withDecimals(ownStyle.value, count)
      const finer = resolve({ ...ownStyle.value, ...style }, context)
      const said = sum(
        partValues.value.map((value, at) =>
          saidBy(finer, decide(finer, value, partRows.value[at])),
        ),
      )
      if (compare(said, saidBy(finer, decide(finer, total))) !== 0) continue
      found.push({
        title: `Write ${decimalsText(count)}`,
        sample: sample(
          partValues.value.map((value, at) => written(finer, value, partRows.value[at])),
          written(finer, total),
        ),
        total: 'plain',
        style,
      })
      break
    }
    const moved = adjustedLabels(plan.value, partValues.value, total, partRows.value)
    if (moved)
      found.push({
        title: `Adjust ${moved.filter(({ isAdjusted }) => isAdjusted).length} of the printed parts`,
        sample: sample(
          moved.map(({ label: text }) => text),
          label.value,
        ),
        total: 'adjust',
        style: {},
      })
    found.push({
      title: 'Leave it, with a note',
      sample: `${sample(now, label.value)}; ${NOTE}`,
      total: 'note',
      style: {},
    })
    return found
  }
  function take({ title, total, style }: TotalChoice) {
    study.changeStyled(`Total: ${title}`, 'table', style, (one) => ({ ...one, total }))
  }
  const unrounded = computed(() =>
    exact.value
      ? `${partValues.value.slice(0, SHOWN_PARTS).map(plainly).join(' + ')}${partValues.value.length > SHOWN_PARTS ? ' + …' : ''} = ${plainly(exact.value)}`
      : '',
  )
  return {
    selected,
    toggle,
    clear: () => select('Total: count all rows', undefined),
    way,
    isShown,
    isAll,
    places,
    exact,
    label,
    subtotals,
    missed,
    adjusted,
    choices,
    take,
    unrounded,
  }
}
export const NOTE = 'Parts may miss the total because each is rounded.'
export type Totals = ReturnType<typeof useTotals>
