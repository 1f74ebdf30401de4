import { tellingPlaces } from '../../core/checks/layouts'
import { type Group, aggregate } from '../../core/data/aggregate'
import { compare, sum } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, parseDecimal, ZERO } from '../../core/decimal/decimal'
import { type AxisKind, positiveSpan } from '../../core/ticks/along'
import { TickError } from '../../core/ticks/linear'
import { placeTicks } from '../../core/ticks/place'
import { densityOf, toldOf } from './distribution'
import { endsOf } from './columns'
import { type Stacks, stacksOf, stackTrouble } from './stacks'
import type { Form, Quantity, TickWishes } from '../study'

/** Where the axis has its ticks. */
export interface AxisTicks {
  readonly values: readonly Decimal[]
  /** The step: decimal text, or a fraction of the constant; null where there is none. */
  readonly step: string | null
  readonly kind: AxisKind
}
/** A part of a drawing with a name of its own: its groups from one place to before another. */
export interface Panel {
  readonly name: string | null
  readonly from: number
  readonly to: number
  /** The sum of all that it could draw. */
  readonly whole: Decimal
}
/** What the chart draws: the largest categories, and the axis that they stand on. */
export interface Drawing {
  readonly groups: readonly Group[]
  /** Every category, drawn or not. */
  readonly all: readonly Group[]
  /** Where each panel's groups stand among them; a chart of one piece is a panel without a name. */
  readonly panels: readonly Panel[]
  /** Places of the groups whose marks carry a label. */
  readonly labelled: readonly number[]
  /** What the columns reach over, zero included. */
  readonly domain: readonly [Decimal, Decimal]
  /** What the ticks are to span. */
  readonly wanted: readonly [Decimal, Decimal]
  readonly ticks: AxisTicks
  /** The pieces of each group's mark, where a column parts them by colours. */
  readonly stacks: Stacks | null
  /** How the values of all rows lie along the axis, of a distribution. */
  readonly density: readonly number[] | null
  /** What each group's change is told from, by another column; null where there is none. */
  readonly against: readonly (Decimal | null)[] | null
  /** Why something wanted is not drawn: ticks, colours; empty where all is. */
  readonly trouble: string
}

/** Marks that a form has room for, and whether they run on from one to the next. */
const reach: Record<Form, { most: number; runs: boolean }> = {
  columns: { most: 10, runs: false },
  bars: { most: 10, runs: false },
  ring: { most: 8, runs: false },
  distribution: { most: 3, runs: false },
  line: { most: 400, runs: true },
  points: { most: 400, runs: true },
  area: { most: 400, runs: true },
}
/** Marks that run on have a label each up to here; of more, the two ends, the largest and the least. */
const MOST_LABELLED = 12
const MOST_DRAWN_TICKS = 100

/** The axis's ticks: as they are wanted, or round ones where those cannot be drawn. */
function ticksFor(
  domain: readonly [Decimal, Decimal],
  wishes: TickWishes,
  values: readonly Decimal[],
): Pick<Drawing, 'wanted' | 'ticks' | 'trouble'> {
  const own = wishes.domain
    ? ([decimal(wishes.domain[0]), decimal(wishes.domain[1])] as const)
    : null
  const { kind = 'linear', base } = wishes
  const above = kind === 'log' ? positiveSpan(values) : null
  if (kind === 'log' && !above)
    return {
      ...ticksFor(domain, { ...wishes, kind: undefined }, values),
      trouble:
        'A log axis has no place for zero and below, and no number here lies above; an even one stands in.',
    }
  const wanted = own ?? above ?? domain
  const place = (
    more: Pick<TickWishes, 'step' | 'multipleOf'>,
    of: AxisKind = 'linear',
  ): AxisTicks => {
    const { step, ticks } = placeTicks({
      domain: wanted,
      ends: wishes.ends ?? 'loose',
      count: wishes.count,
      kind: of,
      base,
      ...more,
    })
    return { step, kind: of, values: ticks.map(({ value }) => value) }
  }
  try {
    const ticks =
      kind === 'linear'
        ? place({ step: wishes.step, multipleOf: wishes.multipleOf })
        : place({}, kind)
    if (ticks.values.length > 0 && ticks.values.length <= MOST_DRAWN_TICKS)
      return { wanted, ticks, trouble: '' }
    const trouble =
      ticks.values.length === 0
        ? `No multiple of ${wishes.step} lies between the ends of the axis; a round step stands in. Take a smaller one.`
        : `A step of ${wishes.step} makes ${ticks.values.length} ticks here, more than can be drawn; a round step stands in. Take a larger one.`
    return { wanted, ticks: place({}), trouble }
  } catch (error) {
    if (!(error instanceof TickError)) throw error
    return { wanted, ticks: place({}), trouble: error.message }
  }
}

/** The step as a number of the axis; none where it is a fraction of a constant. */
export const numberStep = (
  { step }: Pick<AxisTicks, 'step'>,
  { multipleOf }: { multipleOf?: string | undefined },
): Decimal | null => (step === null || multipleOf !== undefined ? null : parseDecimal(step))

/** Panels that can be told apart on one page. */
const MOST_PANELS = 6
/** Marks of a panel, which has less room. */
const MOST_IN_PANEL = 6

/** The rows of each panel, in the order in which panels first appear; all of them as one where there are none. */
function rowsByPanel(
  panels: readonly string[] | null,
  count: number,
): { name: string | null; at: number[] }[] {
  const every = Array.from({ length: count }, (_, at) => at)
  if (!panels) return [{ name: null, at: every }]
  const found = new Map<string, number[]>()
  for (const at of every) {
    const own = found.get(panels[at]!)
    if (own) own.push(at)
    else found.set(panels[at]!, [at])
  }
  return Array.from(found, ([name, at]) => ({ name, at }))
}

/** What a chart of one piece that parts nothing has. */
const WHOLE = { stacks: null, density: null, against: null } as const

/** How the values of all rows are spread, with the three numbers that tell most of it. */
function spreadOf(wishes: TickWishes, values: readonly (Decimal | null)[]): Drawing | null {
  const groups = toldOf(values)
  if (groups.length === 0) return null
  const domain = endsOf(groups.map(({ value }) => value)) as [Decimal, Decimal]
  const placed = ticksFor(
    domain,
    wishes,
    groups.map(({ value }) => value),
  )
  const ends = endsOf([
    ...placed.ticks.values,
    ...(placed.ticks.kind === 'log' ? placed.wanted : domain),
  ]) as [Decimal, Decimal]
  return {
    ...WHOLE,
    groups,
    all: groups,
    panels: [{ name: null, from: 0, to: groups.length, whole: ZERO }],
    labelled: groups.map((_, at) => at),
    domain,
    density: densityOf(values, placed.ticks.kind, ends),
    ...placed,
  }
}

/** Rows as a drawing takes them in, each list one a row. */
export interface DrawnRows {
  readonly categories: readonly string[]
  /** null where missing. */
  readonly values: readonly (Decimal | null)[]
  /** null for a chart of one piece. */
  readonly panels?: readonly string[] | null
  /** null where no column parts marks by colours. */
  readonly colours?: readonly string[] | null
  /** Another column that changes are told from. */
  readonly against?: readonly (Decimal | null)[] | null
}

/**
 * Decides what the chart draws of a quantity.
 *
 * @param wishes for the axis
 * @returns null where there is no value to draw
 */
export function drawingOf(
  chart: Quantity['chart'],
  wishes: TickWishes,
  { categories, values, panels = null, colours = null, against = null }: DrawnRows,
): Drawing | null {
  if (chart.form === 'distribution') return spreadOf(wishes, values)
  const { most, runs } = reach[chart.form ?? 'columns']
  const pieces = rowsByPanel(panels, values.length)
    .slice(0, MOST_PANELS)
    .flatMap(({ name, at }) => {
      const all = aggregate(
        at.map((row) => categories[row]!),
        at.map((row) => values[row]!),
        chart.aggregate,
      )
      const ordered =
        orderOf(chart) === 'number' ? [...all].sort((a, b) => compare(b.value, a.value)) : all
      // In a text a category is told apart by its panel.
      const told =
        name === null
          ? all
          : all.map((group) => ({ ...group, category: `${group.category}, ${name}` }))
      const others =
        against &&
        new Map(
          aggregate(
            at.map((row) => categories[row]!),
            at.map((row) => against[row]!),
            chart.aggregate,
          ).map(({ category, value }) => [category, value]),
        )
      return all.length > 0
        ? [
            {
              name,
              all: told,
              whole: sum(all.map(({ value }) => value)),
              others,
              groups: ordered.slice(0, panels && !runs ? MOST_IN_PANEL : most),
            },
          ]
        : []
    })
  if (pieces.length === 0) return null
  const groups = pieces.flatMap((piece) => piece.groups)
  const domain = endsOf([...groups.map(({ value }) => value), ZERO]) as [Decimal, Decimal]
  let from = 0
  const placed = pieces.map(({ name, groups: own, whole }) => {
    const panel = { name, from, to: from + own.length, whole }
    from = panel.to
    return panel
  })
  const labelled = pieces.flatMap((piece, at) =>
    labelledOf(piece.groups, runs, chart.few ?? false).map((place) => place + placed[at]!.from),
  )
  const axis = ticksFor(
    domain,
    wishes,
    groups.map(({ value }) => value),
  )
  const trouble =
    colours &&
    (panels
      ? 'Panels and one colour for each do not go together; the colours are left out.'
      : stackTrouble(chart, axis.ticks.kind, values))
  const stacks =
    colours && !trouble ? stacksOf(groups, categories, values, colours, chart.aggregate) : null
  const told =
    against &&
    pieces.flatMap((piece) =>
      piece.groups.map(({ category }) => piece.others!.get(category) ?? null),
    )
  return {
    ...WHOLE,
    groups,
    all: pieces.flatMap((piece) => piece.all),
    panels: placed,
    labelled,
    domain,
    ...axis,
    stacks,
    against: told,
    trouble: trouble || axis.trouble,
  }
}

/** One panel of a drawing as a drawing of its own, on the axis of all. */
export function panelOf(drawing: Drawing, { from, to }: Panel): Drawing {
  return {
    ...drawing,
    groups: drawing.groups.slice(from, to),
    labelled: drawing.labelled.flatMap((at) => (at >= from && at < to ? [at - from] : [])),
  }
}

/** By the number, unless the marks run on in the order of the rows. */
export const orderOf = ({ order, form = 'columns' }: Quantity['chart']): 'number' | 'rows' =>
  order ?? (reach[form].runs ? 'rows' : 'number')

const labelledOf = (groups: readonly Group[], runs: boolean, few: boolean): number[] =>
  few || (runs && groups.length > MOST_LABELLED)
    ? tellingPlaces(groups.map(({ value }) => value))
    : [...groups.keys()]

/** The labels of ticks with those by hand in their place. */
export function withTexts(
  labels: readonly string[],
  texts: TickWishes['labels'] = [],
): readonly string[] {
  return texts.length === 0
    ? labels
    : Array.from(
        { length: Math.max(labels.length, texts.length) },
        (_, at) => texts[at] || labels[at] || '',
      )
}
