import { ladderOf } from '~~/core/ladders/find'
import { superscript } from '~~/core/label/write'
import type { FullStyle } from '~~/core/style/fields'
import { isPowered } from '~~/core/style/phrases'
import type { Rail, RailDigit } from '~/desk/rail'

const NAMES = 112
/** Room at the rows' ends for the label, what it reads back as, and how far off that is. */
const CHARACTER = 7.6
const LEAST_ROOM = 96
const AFTER_DIGITS = 24
const HEAD = 40
/** The height of a row; that in a low window, where the page needs the room; and the height below which a window is one. */
export const [ROW, LOW_ROW, LOW_WINDOW] = [24, 20, 760]
const FOOT = 26
const WIDEST_COLUMN = 30
const NARROWEST_COLUMN = 11

const roomFor = (texts: readonly string[]) => Math.max(LEAST_ROOM, (Math.max(...texts.map((text) => text.length)) + 2) * CHARACTER)

/** Where things stand on the rail's face, in pixels. */
export interface Places {
  readonly head: number
  /** Where the rows end, downwards, and the whole face. */
  readonly bottom: number
  readonly height: number
  readonly rowHeight: number
  /** Where a row begins downwards, where its digits stand, and their middle. */
  top(at: number): number
  baseline(at: number): number
  axis(at: number): number
  readonly column: number
  /** The right edge and the middle of a power's column. */
  right(power: number): number
  middle(power: number): number
  /** The power to whose right side a place is nearest. */
  powerAt(x: number): number
  /** Where labels begin; where what they read as ends, and how far off that is. */
  readonly end: number
  readonly saidAt: number
  readonly offAt: number
}

/**
 * Lays out the face of a rail.
 *
 * @param width in pixels
 * @param rowHeight in pixels
 */
export function placesOf({ rows, high, low }: Rail, width: number, rowHeight: number): Places {
  const label = roomFor(rows.map((row) => row.label))
  const said = roomFor(rows.map((row) => row.said))
  const off = roomFor(rows.map((row) => row.off))
  const fitting = (width - NAMES - label - said - off - AFTER_DIGITS) / (high - low + 1)
  const column = Math.max(NARROWEST_COLUMN, Math.min(WIDEST_COLUMN, fitting))
  const right = (power: number) => NAMES + (high - power + 1) * column
  const end = right(low) + 16
  const top = (at: number) => HEAD + at * rowHeight
  const bottom = top(rows.length)
  return {
    head: HEAD, bottom, height: bottom + FOOT, rowHeight, column, right, top,
    baseline: (at) => top(at) + rowHeight / 2 + 5,
    axis: (at) => top(at) + (rowHeight + 1) / 2,
    middle: (power) => right(power) - column / 2,
    powerAt: (x) => high + 1 - Math.round((x - NAMES) / column),
    end, saidAt: end + label + said, offAt: end + label + said + off,
  }
}

/** Names over the columns: the rungs, the units, and a power every third column else. */
function nameOf(power: number, style: FullStyle): string {
  if (power === 0) return '1'
  const rung = ladderOf(style.ladder).rungs.find((one) => one.power === power)
  if (rung && !isPowered(style)) return rung.symbol
  return power % 3 === 0 ? `10${superscript(power)}` : ''
}

const COLOURS = ['ink', 'ink-soft', 'ink-faint', 'rule', 'rule-soft', 'rosewood', 'rosewood-wash', 'jade'] as const
/** The page's typeface and colours, as a canvas takes them. */
export interface Inks {
  readonly family: string
  readonly colours: Readonly<Record<(typeof COLOURS)[number], string>>
}
export function inksOf(element: Element): Inks {
  const style = getComputedStyle(element)
  const colours = Object.fromEntries(COLOURS.map((name) => [name, style.getPropertyValue(`--${name}`)])) as Inks['colours']
  return { family: style.fontFamily, colours }
}

const BAND = 'rgb(214 199 168 / 22%)'
export const groundFont = ({ family }: Inks): string => `400 12px ${family}`
/** The one typeface of all that changes: to set another takes a canvas as long as ten digits. */
export const digitFont = ({ family }: Inks): string => `600 14px ${family}`

type Colour = keyof Inks['colours']
const powersOf = ({ high, low }: Rail) => Array.from({ length: high - low + 1 }, (_, at) => high - at)

/** What the ground is drawn of: where this stays the same, so does the ground. */
export const groundOf = (rail: Rail, style: FullStyle, { column, end, saidAt, offAt, rowHeight }: Places): string =>
  JSON.stringify([rail.high, rail.low, column, end, saidAt, offAt, rowHeight, rail.rows.map(({ name }) => name), powersOf(rail).map((power) => nameOf(power, style))])

/**
 * Draws what stands still while handles move: names, columns, rods.
 *
 * @param context scaled so that a unit is a CSS pixel, its type that of `groundFont`
 */
export function drawGround(context: CanvasRenderingContext2D, rail: Rail, style: FullStyle, places: Places, inks: Inks): void {
  const { right, middle, column, bottom, end, saidAt, offAt, top, baseline, axis, rowHeight } = places
  const line = (x1: number, x2: number, y: number, colour: Colour, dash: number[]) => {
    context.strokeStyle = inks.colours[colour]
    context.setLineDash(dash)
    context.beginPath()
    context.moveTo(x1, y)
    context.lineTo(x2, y)
    context.stroke()
  }
  context.fillStyle = BAND
  for (const power of powersOf(rail)) if (Math.floor(power / 3) % 2 === 0) context.fillRect(right(power) - column, HEAD - 4, column, bottom - HEAD + 8)
  context.fillStyle = inks.colours['ink-soft']
  context.textAlign = 'center'
  for (const power of powersOf(rail)) context.fillText(nameOf(power, style), middle(power), HEAD - 10)
  context.textAlign = 'start'
  context.fillText('written', end, HEAD - 10)
  rail.rows.forEach(({ name }, at) => context.fillText(name, 0, baseline(at)))
  context.textAlign = 'end'
  context.fillText('read as', saidAt, HEAD - 10)
  context.fillText('off by', offAt, HEAD - 10)
  rail.rows.forEach((_, at) => {
    line(NAMES, right(rail.low), top(at) + rowHeight - 1, 'rule-soft', [])
    line(right(rail.low) + 4, end - 4, axis(at), 'rule', [2, 2])
  })
}

/** How a text is written; texts of one manner are written together, since a canvas takes long to change it. */
const manners = {
  kept: { align: 'center', colour: 'ink', opacity: 1 },
  decides: { align: 'center', colour: 'rosewood', opacity: 1 },
  dropped: { align: 'center', colour: 'ink-faint', opacity: 0.8 },
  pad: { align: 'center', colour: 'ink-faint', opacity: 0.5 },
  said: { align: 'end', colour: 'ink-soft', opacity: 1 },
  off: { align: 'end', colour: 'rosewood', opacity: 1 },
  label: { align: 'start', colour: 'ink', opacity: 1 },
} as const satisfies Record<RailDigit['state'] | 'said' | 'off' | 'label', { align: CanvasTextAlign; colour: Colour; opacity: number }>
type Manner = keyof typeof manners

/** A place of the face: what stands there, and the room that is wiped before it looks otherwise. */
interface Spot {
  readonly row: number
  readonly x: number
  readonly width: number
  readonly texts: readonly { readonly text: string; readonly manner: Manner; readonly x: number }[]
  readonly look: string
}
/** What was drawn last, by place. */
export type Drawn = ReadonlyMap<string, Spot>

function spotsOf(rail: Rail, { right, middle, column, end, saidAt, offAt }: Places): Drawn {
  const spots = new Map<string, Spot>()
  const put = (row: number, place: number | string, x: number, width: number, texts: Spot['texts']) =>
    spots.set(`${row} ${place}`, { row, x, width, texts, look: texts.map(({ text, manner, x: at }) => `${text} ${manner} ${at}`).join() })
  rail.rows.forEach(({ digits, negative, label, said, off }, row) => {
    for (const { power, digit, state } of digits) if (power >= rail.low && power <= rail.high) put(row, power, right(power) - column, column, [{ text: digit, manner: state, x: middle(power) }])
    const first = right(digits[0]!.power)
    if (negative) put(row, 'sign', first - 2 * column, column, [{ text: '−', manner: 'kept', x: first - column * 1.3 }])
    put(row, 'texts', end, offAt - end + 1, [{ text: label, manner: 'label', x: end }, { text: said, manner: 'said', x: saidAt }, { text: off || '–', manner: 'off', x: offAt }])
  })
  return spots
}

/**
 * Draws what changes with a move: digits, what is written, what that is read as. Of some eighty
 * places a move changes twenty; the others stay as they were drawn.
 *
 * @param context scaled so that a unit is a CSS pixel, its type that of `digitFont`
 * @param before what stands on the canvas, laid out and coloured as now
 * @returns what stands there now
 */
export function drawDigits(context: CanvasRenderingContext2D, rail: Rail, places: Places, { colours }: Inks, before: Drawn): Drawn {
  const { right, column, top, baseline, axis, rowHeight } = places
  const dot = (x: number, y: number, radius: number) => {
    context.beginPath()
    context.arc(x, y, radius, 0, 2 * Math.PI)
    context.fill()
  }
  const now = spotsOf(rail, places)
  for (const [place, { look, x, row, width }] of before) if (now.get(place)?.look !== look) context.clearRect(x, top(row), width, rowHeight)
  const texts = [...now].filter(([place, { look }]) => before.get(place)?.look !== look).flatMap(([, spot]) => spot.texts.map((text) => ({ ...text, row: spot.row })))
  context.fillStyle = colours['rosewood-wash']
  context.strokeStyle = colours.rosewood
  for (const { manner, x, row } of texts) {
    if (manner !== 'decides') continue
    // With its line it stays within its column and its row.
    dot(x, axis(row), Math.min(10, column / 2 - 1, rowHeight / 2 - 1.5))
    context.stroke()
  }
  for (const [manner, { align, colour, opacity }] of Object.entries(manners)) {
    context.textAlign = align
    context.fillStyle = colours[colour]
    context.globalAlpha = opacity
    for (const one of texts) if (one.manner === manner) context.fillText(one.text, one.x, baseline(one.row))
  }
  context.globalAlpha = 1
  context.fillStyle = colours.jade
  // These stand on the lines between places, so that a rail which has them is drawn whole each time.
  if (!rail.beamIsShared) rail.rows.forEach((row, at) => dot(right(row.mark), top(at + 1) - 8, 2.5))
  return now
}

/** The rail in words, a row a line, for those who cannot see it. */
export const spokenRows = ({ rows }: Rail): string =>
  rows.map(({ name, label, said, off }) => `${name}: written ${label}, read as ${said}${off ? `, off by ${off}` : ''}`).join('; ')
