import { extremePlaces } from '../../core/checks/layouts'
import { type Group, aggregate } from '../../core/data/aggregate'
import { extent } from '../../core/data/extent'
import { compare, sum } from '../../core/decimal/arithmetic'
import { type Decimal, ZERO } from '../../core/decimal/decimal'
import { formOf } from '../forms'
import type { Drawing, Panel, Scale } from '../forms/types'
import type { Quantity } from '../study/quantity'
import type { TickWishes } from '../study/chart'
import { type AxisWishes, ticksFor } from './axis'
import { densityOf, toldOf } from './distribution'
import { stacksOf, stackTrouble } from './stacks'

/**
 * Marks that run on have a label each up to here; of more, the two ends, the largest and the least.
 */
const MOST_LABELLED = 12
/** Panels that can be told apart on one page. */
const MOST_PANELS = 6
/** Marks of a panel, which has less room. */
const MOST_IN_PANEL = 6

/**
 * The rows of each panel, in the order in which panels first appear; all of them as one where there
 * are none.
 */
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
function spreadOf(wishes: AxisWishes, values: readonly (Decimal | null)[]): Drawing | null {
  const groups = toldOf(values)
  const told = groups.map(({ value }) => value)
  const [least, largest] = extent(told)
  if (!least || !largest) return null
  const domain = [least, largest] as const
  const placed = ticksFor(domain, wishes, told)
  const { kind } = placed.ticks
  const ends = extent([...placed.ticks.values, ...(kind === 'log' ? placed.wanted : domain)])
  return {
    ...WHOLE,
    groups,
    all: groups,
    panels: [{ name: null, from: 0, to: groups.length, whole: ZERO, scale: null }],
    labelled: groups.map((_, at) => at),
    domain,
    density: densityOf(values, kind, ends as [Decimal, Decimal]),
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
  /** What a mean is weighted by. */
  readonly weights?: readonly (Decimal | null)[] | null
  /** Whether the numbers of different panels share no scale, so that each has its own axis. */
  readonly hasOwnScales?: boolean
}

/** What a panel draws: its groups in their order, and what stands behind them. */
interface Piece {
  readonly name: string | null
  readonly groups: readonly Group[]
  /** Every group, drawn or not; in a text a category is told apart by its panel. */
  readonly all: readonly Group[]
  readonly whole: Decimal
  /** What each category's change is told from. */
  readonly others: ReadonlyMap<string, Decimal> | null
}
function pieceOf(
  chart: Quantity['chart'],
  { categories, values, panels, against, weights }: DrawnRows,
  { name, at }: { name: string | null; at: readonly number[] },
): Piece | null {
  const { most, runs } = formOf(chart)
  const grouped = (of: readonly (Decimal | null)[]) =>
    aggregate(
      at.map((row) => categories[row]!),
      at.map((row) => of[row]!),
      chart.aggregate,
      weights && at.map((row) => weights[row]!),
    )
  const all = grouped(values)
  if (all.length === 0) return null
  const isSorted = orderOf(chart) === 'number'
  const ordered = isSorted ? [...all].sort((a, b) => compare(b.value, a.value)) : all
  return {
    name,
    groups: ordered.slice(0, panels && !runs ? MOST_IN_PANEL : most),
    all:
      name === null
        ? all
        : all.map((group) => ({ ...group, category: `${group.category}, ${name}` })),
    whole: sum(all.map(({ value }) => value)),
    others: against
      ? new Map(grouped(against).map(({ category, value }) => [category, value]))
      : null,
  }
}

/** The axis that some groups stand on. */
function scaleOf(groups: readonly Group[], wishes: AxisWishes): Scale & { trouble: string } {
  const drawn = groups.map(({ value }) => value)
  const domain = extent([...drawn, ZERO]) as [Decimal, Decimal]
  return { domain, ...ticksFor(domain, wishes, drawn) }
}

/**
 * Where each piece stands among the groups of all.
 *
 * @param scaleOfPiece its own axis, where it has one
 */
function panelsOf(pieces: readonly Piece[], scaleOfPiece: (piece: Piece) => Scale | null): Panel[] {
  let from = 0
  return pieces.map((piece) => {
    const { name, groups, whole } = piece
    const scale = scaleOfPiece(piece)
    const panel = { name, from, to: from + groups.length, whole, scale }
    from = panel.to
    return panel
  })
}

/**
 * Decides what the chart draws of a quantity.
 *
 * @param wishes for the axis
 * @returns null where there is no value to draw
 */
export function drawingOf(
  chart: Quantity['chart'],
  wishes: AxisWishes,
  rows: DrawnRows,
): Drawing | null {
  const { categories, values, panels = null, colours = null, against = null } = rows
  if (formOf(chart).isSpread) return spreadOf(wishes, values)
  const pieces = rowsByPanel(panels, values.length)
    .slice(0, MOST_PANELS)
    .flatMap((part) => pieceOf(chart, rows, part) ?? [])
  if (pieces.length === 0) return null
  const groups = pieces.flatMap((piece) => piece.groups)
  const isOwn = Boolean(rows.hasOwnScales && panels)
  const placed = panelsOf(pieces, (piece) => (isOwn ? scaleOf(piece.groups, wishes) : null))
  const axis = scaleOf(isOwn ? pieces[0]!.groups : groups, wishes)
  const trouble = colours && stackTrouble(chart, { kind: axis.ticks.kind, values, panels })
  return {
    ...WHOLE,
    groups,
    all: pieces.flatMap((piece) => piece.all),
    panels: placed,
    labelled: pieces.flatMap((piece, at) =>
      labelledOf(piece.groups, chart).map((place) => place + placed[at]!.from),
    ),
    ...axis,
    stacks:
      colours && !trouble ? stacksOf(groups, categories, values, colours, chart.aggregate) : null,
    against:
      against &&
      pieces.flatMap((piece) =>
        piece.groups.map(({ category }) => piece.others!.get(category) ?? null),
      ),
    trouble: trouble || axis.trouble,
  }
}

/** One panel of a drawing as a drawing of its own, on its own axis or the one of all. */
export function panelOf(drawing: Drawing, { from, to, scale }: Panel): Drawing {
  return {
    ...drawing,
    ...scale,
    groups: drawing.groups.slice(from, to),
    labelled: drawing.labelled.flatMap((at) => (at >= from && at < to ? [at - from] : [])),
  }
}

/** By the number, unless the marks run on in the order of the rows. */
export const orderOf = (chart: Pick<Quantity['chart'], 'order' | 'form'>): 'number' | 'rows' =>
  chart.order ?? (formOf(chart).runs ? 'rows' : 'number')

/** Places of the groups that carry a label. */
function labelledOf(groups: readonly Group[], chart: Quantity['chart']): number[] {
  const isFew = chart.few || (formOf(chart).runs && groups.length > MOST_LABELLED)
  return isFew ? extremePlaces(groups.map(({ value }) => value)) : [...groups.keys()]
}

/** The labels of ticks with those by hand in their place. */
export function withTexts(
  labels: readonly string[],
  texts: TickWishes['labels'] = [],
): readonly string[] {
  if (texts.length === 0) return labels
  const length = Math.max(labels.length, texts.length)
  return Array.from({ length }, (_, at) => texts[at] || labels[at] || '')
}
