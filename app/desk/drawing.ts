import { type Group, aggregate } from '~~/core/data/aggregate'
import { compare } from '~~/core/decimal/arithmetic'
import { type Decimal, decimal, parseDecimal, ZERO } from '~~/core/decimal/decimal'
import { type AxisKind, positiveSpan } from '~~/core/ticks/along'
import { TickError } from '~~/core/ticks/linear'
import { placeTicks } from '~~/core/ticks/place'
import type { Form, Quantity, TickWishes } from '~~/shared/study'

/** Where the axis has its ticks. */
export interface AxisTicks {
  readonly values: readonly Decimal[]
  /** The step: decimal text, or a fraction of the constant; null where there is none. */
  readonly step: string | null
  readonly kind: AxisKind
}
/** What the chart draws: the largest categories, and the axis that they stand on. */
export interface Drawing {
  readonly groups: readonly Group[]
  /** Every category, drawn or not. */
  readonly all: readonly Group[]
  /** Places of the groups whose marks carry a label. */
  readonly labelled: readonly number[]
  /** What the columns reach over, zero included. */
  readonly domain: readonly [Decimal, Decimal]
  /** What the ticks are to span. */
  readonly wanted: readonly [Decimal, Decimal]
  readonly ticks: AxisTicks
  /** Why the wanted ticks were not used; empty where they were. */
  readonly trouble: string
}

/** Marks that a form has room for, and whether they run on from one to the next. */
const reach: Record<Form, { most: number; runs: boolean }> = {
  columns: { most: 10, runs: false }, bars: { most: 10, runs: false }, ring: { most: 8, runs: false },
  line: { most: 400, runs: true }, points: { most: 400, runs: true }, area: { most: 400, runs: true },
}
/** Marks that run on have a label each up to here; of more, the two ends, the largest and the least. */
const MOST_LABELLED = 12
const MOST_DRAWN_TICKS = 100

/** The axis's ticks: as they are wanted, or round ones where those cannot be drawn. */
function ticksFor(domain: readonly [Decimal, Decimal], wishes: TickWishes, values: readonly Decimal[]): Pick<Drawing, 'wanted' | 'ticks' | 'trouble'> {
  const own = wishes.domain ? [decimal(wishes.domain[0]), decimal(wishes.domain[1])] as const : null
  const { kind = 'linear', base } = wishes
  const above = kind === 'log' ? positiveSpan(values) : null
  if (kind === 'log' && !above) return { ...ticksFor(domain, { ...wishes, kind: undefined }, values), trouble: 'A log axis has no place for zero and below, and no number here lies above; an even one stands in.' }
  const wanted = own ?? above ?? domain
  const place = (more: Pick<TickWishes, 'step' | 'multipleOf'>, of: AxisKind = 'linear'): AxisTicks => {
    const { step, ticks } = placeTicks({ domain: wanted, ends: wishes.ends ?? 'loose', count: wishes.count, kind: of, base, ...more })
    return { step, kind: of, values: ticks.map(({ value }) => value) }
  }
  try {
    const ticks = kind === 'linear' ? place({ step: wishes.step, multipleOf: wishes.multipleOf }) : place({}, kind)
    if (ticks.values.length > 0 && ticks.values.length <= MOST_DRAWN_TICKS) return { wanted, ticks, trouble: '' }
    const trouble = ticks.values.length === 0 ? `No multiple of ${wishes.step} lies between the ends of the axis; a round step stands in. Take a smaller one.`
      : `A step of ${wishes.step} makes ${ticks.values.length} ticks here, more than can be drawn; a round step stands in. Take a larger one.`
    return { wanted, ticks: place({}), trouble }
  } catch (error) {
    if (!(error instanceof TickError)) throw error
    return { wanted, ticks: place({}), trouble: error.message }
  }
}

/** The step as a number of the axis; none where it is a fraction of a constant. */
export const numberStep = ({ step }: Pick<AxisTicks, 'step'>, { multipleOf }: { multipleOf?: string | undefined }): Decimal | null => (step === null || multipleOf !== undefined ? null : parseDecimal(step))

/**
 * Decides what the chart draws of a quantity.
 *
 * @param wishes for the axis
 * @param categories one a row
 * @param values one a row, null where missing
 * @returns null where there is no value to draw
 */
export function drawingOf(chart: Quantity['chart'], wishes: TickWishes, categories: readonly string[], values: readonly (Decimal | null)[]): Drawing | null {
  const all = aggregate(categories, values, chart.aggregate)
  if (all.length === 0) return null
  const { most, runs } = reach[chart.form ?? 'columns']
  const ordered = orderOf(chart) === 'number' ? [...all].sort((a, b) => compare(b.value, a.value)) : all
  const groups = ordered.slice(0, most)
  const [largest, least] = [placeOf(groups, (a, b) => compare(a, b) > 0), placeOf(groups, (a, b) => compare(a, b) < 0)].map((at) => groups[at]!.value) as [Decimal, Decimal]
  const domain = [compare(least, ZERO) < 0 ? least : ZERO, compare(largest, ZERO) > 0 ? largest : ZERO] as const
  return { groups, all, labelled: labelledOf(groups, runs), domain, ...ticksFor(domain, wishes, groups.map(({ value }) => value)) }
}

/** By the number, unless the marks run on in the order of the rows. */
export const orderOf = ({ order, form = 'columns' }: Quantity['chart']): 'number' | 'rows' => order ?? (reach[form].runs ? 'rows' : 'number')

const placeOf = (groups: readonly Group[], beats: (a: Decimal, b: Decimal) => boolean): number =>
  groups.reduce((best, { value }, at) => (beats(value, groups[best]!.value) ? at : best), 0)

function labelledOf(groups: readonly Group[], runs: boolean): number[] {
  const every = groups.map((_, at) => at)
  if (!runs || groups.length <= MOST_LABELLED) return every
  const told = new Set([0, groups.length - 1, placeOf(groups, (a, b) => compare(a, b) > 0), placeOf(groups, (a, b) => compare(a, b) < 0)])
  return every.filter((at) => told.has(at))
}

/** The labels of ticks with those by hand in their place. */
export function withTexts(labels: readonly string[], texts: TickWishes['labels'] = []): readonly string[] {
  return texts.length === 0 ? labels : Array.from({ length: Math.max(labels.length, texts.length) }, (_, at) => texts[at] || labels[at] || '')
}
