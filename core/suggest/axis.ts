import { clearanceOf } from '../checks/crowded'
import type { Room, Subject } from '../checks/types'
import { type Decimal, toExactText, toText } from '../decimal/decimal'
import { decide } from '../label/decide'
import type { Context } from '../label/context'
import { resolve } from '../label/resolve'
import type { Plan } from '../label/types'
import { inherit } from '../style/inherit'
import type { Style } from '../style/fields'
import type { Counted } from '../ticks/counted'
import { reachOf } from '../ticks/linear'
import { stepStyle } from '../ticks/place'
import { setRecorded, type ShownUnit, shownUnitOf, spanShown } from '../ticks/shown'
import { bestTicks, type Scored, tickReasons, tickSets, type TickSet } from '../ticks/search'
import { type Form, wordings } from './candidates'
import { drafted, judge, type Judged } from './judge'
import { neededFirst } from './suggest'
import type { Reason } from '../ticks/reasons'

export interface AxisRequest {
  readonly domain: readonly [Decimal, Decimal]
  /** What all labels have in common, such as unit and region. */
  readonly style: Style
  /** Whether the style is kept as it is, and ticks alone are sought. */
  readonly keepsStyle?: boolean
  /** How long the axis is, in CSS pixels; it lies flat. */
  readonly width: number
  /** The font size that is wanted. */
  readonly fontSize?: number
  /** How many ticks are wanted; as many as have room with air between where it is not given. */
  readonly count?: number
  readonly form?: Form
  readonly kind?: string
  /** What the axis counts, where that has steps of its own. */
  readonly counted?: Counted
  readonly context?: Context
}
/** One way to label a set of ticks. */
export interface AxisChoice {
  readonly style: Style
  readonly labels: readonly string[]
  readonly fontSize: number
  readonly turned: boolean
  readonly legibility: number
  readonly reasons: readonly Reason[]
}

/** CSS pixels. */
export const DEFAULT_SIZE = 12
const LEAST_SIZE = 9
/** Pixels from tick to tick that leave air between labels of middling length. */
const AIR = 96
const MOST_WANTED = 8
/** Decimals that a tick may need: more is found by no reader. */
const MOST_DECIMALS = 20
/** Letters lie this many ems apart where nothing presses. */
const EASY_GAP = 1.5
const TURNED = -0.5

/** Font sizes and turns, the best first. */
const settings = (wanted: number): { size: number; turned: boolean }[] =>
  [false, true].flatMap((turned) =>
    Array.from({ length: Math.max(1, Math.round(wanted) - LEAST_SIZE + 1) }, (_, less) => ({
      size: wanted - less,
      turned,
    })),
  )

/** A style that is tried, with its Plan where that is made already. */
interface Tried {
  readonly style: Style
  readonly plan?: Plan
}

/**
 * The style with just the decimals that tell every tick exactly; an exponent is fixed, since which
 * one is shared depends on them.
 */
function telling(style: Style, values: readonly Decimal[], context: Context): Tried {
  const open = resolve({ ...style, fraction: [0, MOST_DECIMALS] }, context)
  const written = values.map((value) => decide(open, value))
  const decimals = Math.max(...written.map((one) => one.decimals))
  const exponent = written[0]!.exponent
  const fraction: [number, number] = [decimals, decimals]
  const rules = open.rules.map((rule) => ({ ...rule, precision: { ...rule.precision, fraction } }))
  return {
    style: { ...style, fraction, ...(exponent === null ? {} : { exponent }) },
    // Ticks that are told exactly reach no other rung or exponent.
    plan: decimals < MOST_DECIMALS ? { ...open, rules } : undefined,
  }
}

/** A style's own clock, and the one that tells what is counted; none of what no clock tells. */
function clocksFor({ step, values }: TickSet, style: Style, counted: Counted | undefined): Style[] {
  const own = style.notation === 'clock' ? [style] : []
  const ticks = { step: toText(step), ticks: values.map((value) => ({ value })), minor: [] }
  const found = counted === undefined ? {} : stepStyle({ counted }, ticks)
  return found.clock ? [...own, { ...style, ...found, unit: { kind: 'none' } }] : own
}

const sizeScore = (size: number, wanted: number): number =>
  size >= wanted ? 1 : (0.2 * (size - LEAST_SIZE + 1)) / (wanted - LEAST_SIZE)
const gapScore = (ems: number): number => (ems >= EASY_GAP ? 1 : 2 - EASY_GAP / ems)

/** The styles that are tried on a set of ticks. */
function stylesFor(
  ticks: TickSet,
  { style, keepsStyle, form, counted }: AxisRequest,
  shared: Context,
): Tried[] {
  if (keepsStyle) return [{ style }]
  const cleared: Style = style.significant ? { ...style, significant: null } : style
  const clocks = clocksFor(ticks, cleared, form ? undefined : counted).map((one) => ({
    style: one,
  }))
  // A clock stays one.
  if (cleared.notation === 'clock') return clocks
  return [
    ...clocks,
    ...wordings(form).map((wording) => telling({ ...cleared, ...wording }, ticks.values, shared)),
  ]
}

/**
 * The largest type, lying rather than turned, in which no label meets the next; none where all do.
 */
function roomiest(
  subject: Subject & { readonly values: readonly Decimal[] },
  { labels, cost, reasons }: Judged,
  { width, fontSize, ends }: Pick<Room, 'width' | 'fontSize' | 'ends'>,
): AxisChoice[] {
  let best: AxisChoice | null = null
  for (const { size, turned } of settings(fontSize)) {
    const clear = clearanceOf({ ...subject, labels }, { width, fontSize: size, turned, ends })
    if (clear <= 0) continue
    const gap = gapScore(clear / size)
    const legibility = (1 - cost + sizeScore(size, fontSize) + (turned ? TURNED : 1) + gap) / 4
    if (best && legibility <= best.legibility) continue
    best = {
      style: subject.style,
      labels,
      fontSize: size,
      turned,
      legibility,
      reasons: [
        ...reasons,
        ...(size < fontSize ? [{ code: 'smallType' as const, size }] : []),
        ...(turned ? [{ code: 'turned' as const }] : []),
      ],
    }
    // Nothing after it can be better.
    if (gap === 1) break
  }
  return best ? [best] : []
}

/**
 * The best ways to label a set of ticks, one a wording: each the largest type, lying rather than
 * turned, in which no label meets the next.
 */
function labelled(ticks: TickSet, request: AxisRequest): AxisChoice[] {
  const { domain, width, fontSize = DEFAULT_SIZE, form, kind, context = {} } = request
  const { step, values } = ticks
  const ends = reachOf(domain, values)
  const shared: Context = {
    ...context,
    values: values.map(toExactText),
    step: values.length > 1 ? step : undefined,
  }
  const drafts = stylesFor(ticks, request, shared).map(({ style, plan }) =>
    drafted(
      {
        surface: 'axis',
        style,
        values,
        step: values.length > 1 ? step : undefined,
        kind,
        context: shared,
      },
      plan,
    ),
  )
  const seen = new Set<string>()
  return neededFirst(drafts, form, (some) =>
    some.flatMap((draft) => {
      const judged = judge(draft, seen)
      return judged ? roomiest({ ...draft.proof, values }, judged, { width, fontSize, ends }) : []
    }),
  )
}

/** The unit that an axis shows, where that is not the recorded one. */
const axisUnit = ({ style, counted, context = {} }: AxisRequest): ShownUnit | undefined =>
  counted === undefined ? shownUnitOf(inherit(style), context) : undefined

/**
 * What is tried, and what labels it: for the search, and for trying all. The sets are numbers as the
 * axis shows them.
 *
 * @throws Error for a region whose table is not loaded
 */
export function axisSearch(request: AxisRequest): {
  sets: TickSet[]
  label: (ticks: TickSet) => AxisChoice[]
  /** The unit that the sets are in, where that is not the recorded one. */
  unit: ShownUnit | undefined
} {
  const wanted =
    request.count ?? Math.min(MOST_WANTED, Math.max(3, Math.round(request.width / AIR) + 1))
  const unit = axisUnit(request)
  const label = (ticks: TickSet) => {
    const reasons = tickReasons(ticks, wanted, request.count !== undefined)
    return labelled(setRecorded(ticks, unit), request).map((choice) => ({
      ...choice,
      reasons: [...reasons, ...choice.reasons],
    }))
  }
  return { sets: tickSets(spanShown(request.domain, unit), wanted, request.counted), label, unit }
}

/**
 * Ticks and style of an axis together, best first: none whose labels collide, none with an error.
 * Ticks are round in the unit that its labels show.
 *
 * @param most how many are wanted
 * @throws Error for a region whose table is not loaded
 * @example suggestAxis({ domain: [decimal(0), decimal(2_000_000)], style: {}, width: 400 })[0].choice.labels // 0.0M, 0.5M …
 */
export function suggestAxis(request: AxisRequest, most = 5): Scored<AxisChoice>[] {
  const { sets, label, unit } = axisSearch(request)
  return bestTicks(sets, label, most).map((found) => ({
    ...found,
    ticks: setRecorded(found.ticks, unit),
  }))
}
