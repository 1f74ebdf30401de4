import type { Room } from '../../core/checks/types'
import type { Drawing, Geometry, NameRoom } from '../forms/types'
import type { StudyDocument } from '../study/document'
import { panelOf } from './drawing'
import type { MarkText } from './marks'
import { firstTicks } from './scales'
import type { PageSize, PanelDrawing, PanelGrid } from './values'

/** How much is left of a page in a window of 1280 by 800 CSS pixels, where nobody lays it out. */
export const USUAL_SIZE: PageSize = { width: 858, height: 299, legend: 0, colours: 0 }

export const USUAL_FONT_SIZE = 13
/**
 * The chart's share of a page that it has beside a table; a table with two writings of each number
 * takes more.
 */
const CHART_SHARE = 0.58
const SHARE_BESIDE_MACHINE = 0.53
const LEAST_HEIGHT = 160
const LEAST_PANEL = 130
/**
 * A legend or a key of colours takes as many lines as it needs, the first as soon as it is there.
 */
const [KEY_LINE, KEY_GAP] = [26, 7]
/** How many panels stand side by side, by how many there are. */
const ACROSS = [1, 1, 2, 3, 2, 3, 3]

type Wanted = NonNullable<StudyDocument['page']>
/** What stands on a page besides its chart. */
export interface Around {
  readonly hasTable: boolean
  readonly hasLegend: boolean
  readonly hasColours: boolean
  /** Whether what a machine writes stands beside the labels. */
  readonly machine: boolean
}

/** CSS pixels below which a chart and a table have no room side by side. */
const NARROW = 560
/** A page as it is laid out: where it is narrow, its table stands below a chart as wide as it. */
export const stackedWhereNarrow = (wanted: Wanted, { width }: Pick<PageSize, 'width'>): Wanted =>
  width < NARROW ? { ...wanted, table: 'below', chartWidth: undefined } : wanted

/** The width of all panels together, in CSS pixels. */
export function chartWidthOf(
  { chartWidth, table = 'right' }: Wanted,
  { hasTable, machine }: Pick<Around, 'hasTable' | 'machine'>,
  { width }: Pick<PageSize, 'width'>,
): number {
  const share = machine ? SHARE_BESIDE_MACHINE : CHART_SHARE
  return chartWidth ?? Math.floor(width * (hasTable && table !== 'below' ? share : 1))
}

/** What a key takes of the height, as high as it is known to be. */
const keyHeight = (isThere: boolean, height: number) =>
  isThere ? Math.max(KEY_LINE, height + KEY_GAP) : 0

/**
 * How panels stand beside and below each other.
 *
 * @param isStacked whether each takes the whole width
 */
export function gridOf(
  { count, isStacked }: { count: number; isStacked: boolean },
  chartWidth: number,
  { height, legend, colours }: PageSize,
  { hasLegend, hasColours }: Pick<Around, 'hasLegend' | 'hasColours'>,
): PanelGrid {
  const across = isStacked ? 1 : (ACROSS[count] ?? 1)
  const keys = keyHeight(hasLegend, legend) + keyHeight(hasColours, colours)
  const figure = Math.max(LEAST_HEIGHT, height - keys)
  const least = count > 1 ? LEAST_PANEL : LEAST_HEIGHT
  return {
    across,
    width: Math.floor(chartWidth / across),
    height: Math.max(least, Math.floor(figure / Math.ceil(count / across))),
  }
}

/**
 * Each panel as a drawing of its own; an axis for all at the left stands at the first of each line,
 * one below or of a panel's own at every panel.
 */
export const panelDrawings = (
  drawing: Drawing,
  { across, isBelow, hasAxis }: { across: number; isBelow: boolean; hasAxis: boolean },
): PanelDrawing[] => {
  const first = firstTicks(drawing)
  return drawing.panels.map((panel, at) => ({
    name: panel.name,
    drawing: panelOf(drawing, panel),
    first: panel.from,
    firstLabel: drawing.labelled.filter((place) => place < panel.from).length,
    hasAxis: hasAxis && (isBelow || panel.scale !== null || at % across === 0),
    firstTick: first[at]!,
  }))
}

/**
 * Room for a character of a label, in pixels of the 13-pixel type, and what labels stand apart by.
 */
const CHARACTER = 7 / 13
const [AXIS_GAP, MACHINE_GAP, NAME_GAP, SECOND_GAP] = [14, 10, 12, 16]
const ENDS_GAP = 16
const ROOM_STEP = 28
/** Without labels there is still some room. */
export const NO_LABELS = { axis: 8, ends: 16 } as const
/** What labels behind bars may take of the chart; a longer one is cut, as a finding says. */
export const MOST_ENDS = 0.4
/** Between the end of a bar and its label, and behind that. */
const ENDS_AIR = 8

const longest = (labels: readonly string[]): number =>
  Math.max(0, ...labels.map((label) => label.length))
const roomOf = (labels: readonly string[], fontSize: number, gap: number): number =>
  longest(labels) * CHARACTER * fontSize + gap
/** In whole steps, so that marks stand still while labels change a little. */
const stepped = (room: number): number => Math.ceil(room / ROOM_STEP) * ROOM_STEP

/**
 * Room for labels in CSS pixels: of the axis, of what a machine writes, of names, of a second axis,
 * and behind bars.
 */
export const rooms = {
  axis: (labels: readonly string[], fontSize: number) =>
    stepped(roomOf(labels, fontSize, AXIS_GAP)),
  machine: (labels: readonly string[], fontSize: number) => roomOf(labels, fontSize, MACHINE_GAP),
  names: (names: readonly string[], fontSize: number) => roomOf(names, fontSize, NAME_GAP),
  second: (labels: readonly string[], fontSize: number) => roomOf(labels, fontSize, SECOND_GAP),
  ends: (labels: readonly string[], fontSize: number) =>
    stepped(roomOf(labels, fontSize, ENDS_GAP)),
} as const

/**
 * What stands on a line of a labelled mark, part by part.
 *
 * @param beside what marks say besides their labels
 * @param labels of the marks
 */
export function lineOf(
  beside: readonly (readonly MarkText[])[],
  labels: readonly string[],
  i: number,
  line: number,
): string {
  const parts = beside[i] ?? []
  return parts
    .map((part, place) => (part.line === line ? partText(parts, labels[i], place) : ''))
    .join('')
}
/** The text of a part of a mark, with the blank that parts it from the one before on its line. */
export function partText(
  parts: readonly MarkText[],
  label: string | undefined,
  place: number,
): string {
  const part = parts[place]
  if (!part) return ''
  const isBehind = place > 0 && parts[place - 1]!.line === part.line
  return `${isBehind ? ' ' : ''}${part.text ?? label ?? ''}`
}

/** How the labels of marks are set. */
interface MarkLabelling {
  readonly fontSize: number
  readonly isSmall: boolean
  readonly isTurned: boolean
  /** Whether the marks can be laid down as bars, and their labels turned. */
  readonly canLie: boolean
}

/** From the labels of an axis at one side to the other side. */
function besideAxis({ ticks }: Geometry, width: number): [number, number] {
  const at = ticks.find(({ anchor }) => anchor === 'end')?.x ?? 0
  return at < width / 2 ? [Math.floor(at), width] : [0, Math.ceil(at)]
}

/** The room of the marks' labels of some panels, where they are laid out. */
export function marksRoomOf(
  geometries: readonly Geometry[],
  panels: readonly PanelDrawing[],
  grid: Pick<PanelGrid, 'width'>,
  { fontSize, isSmall, isTurned, canLie }: MarkLabelling,
): Room | undefined {
  const [first] = geometries
  if (!first) return undefined
  const common = {
    ...{ fontSize, weight: '600' as const },
    ...(isSmall ? { small: true } : {}),
    ...(isTurned ? { turned: true } : {}),
    ...(canLie ? { laidDown: Math.floor(grid.width * MOST_ENDS) - ENDS_AIR, canTurn: true } : {}),
  }
  if (first.isAlone)
    return { ...common, width: Math.min(...geometries.map((one) => one.marksWidth)), each: true }
  const width = geometries.reduce((sum, one) => sum + one.marksWidth, 0)
  if (geometries.length > 1) return { ...common, width }
  const { labelled } = panels[0]!.drawing
  const middles = labelled.map((at) => Math.round(first.marks[at]!.label.x))
  return { ...common, width, middles, frame: besideAxis(first, grid.width) }
}

/** The room of the axis's labels: side by side below, or above each other at the left. */
export function axisRoomOf(
  geometry: Geometry | undefined,
  { width, height }: PanelGrid,
  { isBelow, fontSize }: { isBelow: boolean; fontSize: number },
): Room | undefined {
  if (!geometry || geometry.ticks.length === 0) return undefined
  const { ticks } = geometry
  if (isBelow) {
    const middles = ticks.map(({ x }) => Math.round(x))
    return { width, fontSize, middles, frame: [0, width] }
  }
  const middles = ticks.map(({ y }) => Math.round(height - y))
  // The axis gives way to its labels up to half of the chart.
  return { width: height, fontSize, stacked: true, middles, across: width / 2 - AXIS_GAP }
}

/** Names keep to their room: some lines at most, the rest behind an ellipsis. */
export function wrapped(name: string, { room, lines: most, byEnd }: NameRoom): string[] {
  if (byEnd) return [name.length > room ? `…${name.slice(1 - room)}` : name]
  const lines: string[] = []
  for (const word of name.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < room)
      lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  const kept = lines
    .slice(0, most)
    .map((one) => (one.length > room ? `${one.slice(0, room - 1)}…` : one))
  if (lines.length > most) kept[most - 1] = `${kept[most - 1]!.slice(0, room - 1)}…`
  return kept
}
