import { centreOf, isLevel, leftOf, middleOf, rightOf } from './edges'
import type { Token } from './token'
import type { Anchor, PlacedText, Shape, Side, Stroke } from './types'

/** A text that may be a label. */
export interface Labelled {
  readonly text: PlacedText
  readonly token: Token
}
/** Labels in a line, from one end to the other. */
export interface Run {
  readonly isUpright: boolean
  readonly labels: readonly Labelled[]
  /** Where each of them stands along it, in pixels: at its tick, where it has one. */
  readonly places: readonly number[]
  /** Whether most have ticks of their own. */
  readonly hasTicks: boolean
  /** Whether most stand on bars, as data labels do. */
  readonly isOnMarks: boolean
  readonly side: Side
}

/** How far labels of a line stand out of it, in pixels; and where their edges are guessed. */
const ALIGNED = 1.5
const GUESSED = 0.5
const WIDTHS = 0.15
const LEVEL = 1
/** A tick ends within this many sizes from its label. */
const REACH = 3
const SPREAD = 1.5
const MOST_HAVE = 0.6
/** So many lines are looked at, those with ticks and the longest first: a chart has a few. */
const MOST_RUNS = 600
/** No axis has more labels: longer lines are those of a table, or of cells with colours. */
const MOST_LABELS = 200

/** Things that lie near each other by a number, in clusters; each starts from the least. */
function clusters<One>(all: readonly One[], by: (one: One) => number, apart: number): One[][] {
  const sorted = all.map((one) => ({ one, at: by(one) })).sort((a, b) => a.at - b.at)
  const found: One[][] = []
  let first = NaN
  for (const { one, at } of sorted) {
    if (at - first <= apart) found.at(-1)!.push(one)
    else {
      found.push([one])
      first = at
    }
  }
  return found
}

/**
 * Labels of a line by the innermost group that holds two of them at least: panels and axes of one
 * picture stand in groups of their own.
 */
function byGroups(labels: readonly Labelled[]): Labelled[][] {
  const counts = new Map<number, number>()
  for (const { text } of labels)
    for (const group of text.groups) counts.set(group, (counts.get(group) ?? 0) + 1)
  const held = new Map<number, Labelled[]>()
  for (const one of labels) {
    const group = one.text.groups.findLast((each) => counts.get(each)! >= 2) ?? -1
    const mates = held.get(group)
    if (mates) mates.push(one)
    else held.set(group, [one])
  }
  return [...held.values()]
}

/**
 * Lines of labels above each other: of all edges that several have in common, those that most have
 * first. Edges that are not their anchors are guessed, the more wrongly the wider a text is.
 */
function uprightLines(labels: readonly Labelled[]): Labelled[][] {
  const most = (by: (text: PlacedText) => number) =>
    labels.reduce((largest, { text }) => Math.max(largest, by(text)), 1)
  const guessed = GUESSED * most(({ size }) => size) + WIDTHS * most(({ width }) => width)
  const anchored = (anchor: Anchor) => labels.filter(({ text }) => text.anchor === anchor)
  const found = [
    ...(['end', 'start', 'middle'] as const).flatMap((anchor) =>
      clusters(anchored(anchor), ({ text }) => text.x, ALIGNED),
    ),
    ...clusters(labels, ({ text }) => rightOf(text), guessed),
  ].sort((a, b) => b.length - a.length)
  const taken = new Set<Labelled>()
  return found.flatMap((line) => {
    const left = line.filter((one) => !taken.has(one))
    if (left.length < 2) return []
    left.forEach((one) => taken.add(one))
    return [left]
  })
}
const levelLines = (labels: readonly Labelled[]): Labelled[][] =>
  clusters(labels, ({ text }) => text.y, ALIGNED).filter((line) => line.length > 1)

/** A straight line across the axis: where it lies along it, and its ends. */
interface Tick {
  readonly at: number
  readonly from: number
  readonly to: number
}
const ticksOf = (strokes: readonly Stroke[], isUpright: boolean): Tick[] =>
  strokes
    .flatMap(({ x1, y1, x2, y2 }) => {
      const [along1, along2, from, to] = isUpright ? [y1, y2, x1, x2] : [x1, x2, y1, y2]
      const isAcross = Math.abs(along1 - along2) < 0.5 && Math.abs(from - to) > 1
      return isAcross
        ? [{ at: (along1 + along2) / 2, from: Math.min(from, to), to: Math.max(from, to) }]
        : []
    })
    .sort((a, b) => a.at - b.at)

/** Those of sorted ticks that lie within some pixels of a place. */
function ticksNear(ticks: readonly Tick[], place: number, apart: number): Tick[] {
  let [low, high] = [0, ticks.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (ticks[middle]!.at < place - apart) low = middle + 1
    else high = middle
  }
  const near: Tick[] = []
  for (let at = low; at < ticks.length && ticks[at]!.at <= place + apart; at++)
    near.push(ticks[at]!)
  return near
}

/** The ends of a label across its axis. */
function across({ text }: Labelled, isUpright: boolean): [number, number] {
  if (isUpright && !isLevel(text)) return [text.x - text.size, text.x + text.size]
  if (isUpright) return [leftOf(text), leftOf(text) + text.width]
  if (!isLevel(text)) return [text.y - text.size, text.y + text.size]
  return [text.y - 0.75 * text.size, text.y + 0.2 * text.size]
}
/** Which side of a label a tick ends at, right before or behind it: -1, 1, or 0 for none. */
function sideOfTick(tick: Tick, [from, to]: readonly [number, number], size: number): -1 | 0 | 1 {
  const slack = 0.35 * size
  if (tick.from >= to - slack && tick.from - to <= REACH * size) return 1
  return tick.to <= from + slack && from - tick.to <= REACH * size ? -1 : 0
}

interface Matched {
  readonly places: number[]
  readonly count: number
  readonly spread: number
  /** Whether ticks lie behind the labels, to the right or below. */
  readonly isBehind: boolean
}
const median = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)]!

/**
 * Labels with the ticks that they stand at: the nearest ones, all as far from their label as most
 * are.
 */
function matched(
  labels: readonly Labelled[],
  guesses: readonly number[],
  ticks: readonly Tick[],
  isUpright: boolean,
): Matched {
  const near = labels.map((label, at) => {
    const { size } = label.text
    const ends = across(label, isUpright)
    return ticksNear(ticks, guesses[at]!, 0.9 * size)
      .map((tick) => ({ off: tick.at - guesses[at]!, side: sideOfTick(tick, ends, size) }))
      .filter(({ side }) => side !== 0)
      .sort((a, b) => Math.abs(a.off) - Math.abs(b.off))
  })
  const offs = near.flatMap((found) => (found[0] ? [found[0].off] : [])).sort((a, b) => a - b)
  const usual = offs.length === 0 ? 0 : median(offs)
  const kept = near.map((found) => {
    const [nearest] = [...found].sort((a, b) => Math.abs(a.off - usual) - Math.abs(b.off - usual))
    // Where the widths of labels are guessed, the only tick at hand is theirs.
    const isOwn = nearest && (Math.abs(nearest.off - usual) <= SPREAD || found.length === 1)
    return isOwn ? nearest : undefined
  })
  const found = kept.filter((one) => one !== undefined)
  return {
    places: guesses.map((guess, at) => guess + (kept[at]?.off ?? usual)),
    count: found.length,
    spread: found.reduce((sum, { off }) => sum + Math.abs(off - usual), 0),
    isBehind: found.filter(({ side }) => side > 0).length * 2 > found.length,
  }
}

/** Where labels stand along their line, without ticks: where they are anchored, or their middles. */
function guessesFor(labels: readonly Labelled[], isUpright: boolean): number[][] {
  if (isUpright) return [labels.map(({ text }) => middleOf(text))]
  const anchored = labels.map(({ text }) => text.x)
  const centred = labels.map(({ text }) => (isLevel(text) ? centreOf(text) : text.x))
  return [anchored, centred]
}

/** What else stands in the picture, which tells the side of an axis that has no ticks. */
export interface Around {
  readonly strokes: readonly Stroke[]
  /** Bars, without those that are grounds. */
  readonly bars: readonly Shape[]
  readonly centre: readonly [x: number, y: number]
}

/** Whether most of some labels stand within bars. */
function areOnBars(labels: readonly Labelled[], bars: readonly Shape[]): boolean {
  if (bars.length === 0) return false
  const within = labels.filter(({ text }) => {
    const [x, y] = [centreOf(text), middleOf(text)]
    return bars.some(
      (bar) => x >= bar.x && x <= bar.x + bar.width && y >= bar.y && y <= bar.y + bar.height,
    )
  })
  return within.length >= MOST_HAVE * labels.length
}

function runOf(
  given: readonly Labelled[],
  isUpright: boolean,
  ticks: readonly Tick[],
  { centre, bars }: Around,
): Run {
  const along = ({ text }: Labelled) => (isUpright ? middleOf(text) : centreOf(text))
  const labels = [...given].sort((a, b) => along(a) - along(b))
  const [best] = guessesFor(labels, isUpright)
    .map((guesses) => matched(labels, guesses, ticks, isUpright))
    .sort((a, b) => b.count - a.count || a.spread - b.spread)
  const hasTicks = best!.count >= MOST_HAVE * labels.length && best!.count >= 2
  const [x, y] = [Math.min(...labels.map(({ text }) => leftOf(text))), labels[0]!.text.y]
  const isFirst = isUpright ? x < centre[0] : y < centre[1]
  const isBefore = hasTicks ? best!.isBehind : isFirst
  const sides = isUpright ? (['left', 'right'] as const) : (['top', 'bottom'] as const)
  return {
    isUpright,
    labels,
    places: hasTicks ? best!.places : guessesFor(labels, isUpright)[isUpright ? 0 : 1]!,
    hasTicks,
    isOnMarks: areOnBars(labels, bars),
    side: sides[isBefore ? 0 : 1],
  }
}

/** Without ticks, places are guessed to so many pixels. */
export const GUESSED_PLACE = 1.5
/** Whether places are as far from each other as the first two are. */
const areSpaced = (places: readonly number[]): boolean => {
  const gap = places[1]! - places[0]!
  return places.slice(1).every((at, i) => Math.abs(at - places[i]! - gap) <= GUESSED_PLACE)
}

/** Whether labels are anchored in one line, and not only end in one by guess. */
const areAnchored = ({ labels, isUpright }: Run): boolean => {
  if (!isUpright) return true
  const xs = labels.map(({ text }) => text.x)
  return Math.max(...xs) - Math.min(...xs) <= ALIGNED
}
/**
 * Whether a line can be an axis: it has ticks, or stands evenly, since among many texts some are
 * aligned by chance, and labels over marks stand as high as their numbers.
 */
function mayBeAxis(run: Run): boolean {
  const { labels, places, hasTicks } = run
  if (hasTicks) return labels.length > 1
  return labels.length > 2 && areSpaced(places) && areAnchored(run)
}

/**
 * Runs of aligned labels, above each other and side by side; a label can stand in one of each.
 *
 * @param labels numeric texts, in any order
 */
export function runsOf(labels: readonly Labelled[], around: Around): Run[] {
  const level = labels.filter(({ text }) => isLevel(text))
  const angles = clusters(
    labels.filter(({ text }) => !isLevel(text)),
    ({ text }) => text.angle,
    LEVEL,
  )
  const turned = angles.flatMap((some) => clusters(some, ({ text }) => text.x, ALIGNED))
  const upright = [...uprightLines(level), ...turned.filter((line) => line.length > 1)].flatMap(
    byGroups,
  )
  const beside = [level, ...angles].flatMap(levelLines).flatMap(byGroups)
  const runsIn = (lines: readonly Labelled[][], isUpright: boolean): Run[] => {
    const ticks = ticksOf(around.strokes, isUpright)
    // Two labels are an axis only by their ticks.
    const fewest = ticks.length > 0 ? 2 : 3
    return lines
      .filter(({ length }) => length >= fewest && length <= MOST_LABELS)
      .map((line) => runOf(line, isUpright, ticks, around))
  }
  return [...runsIn(upright, true), ...runsIn(beside, false)]
    .filter(mayBeAxis)
    .sort((a, b) => +b.hasTicks - +a.hasTicks || b.labels.length - a.labels.length)
    .slice(0, MOST_RUNS)
}
