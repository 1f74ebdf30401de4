import { ladderOf } from '~~/core/ladders/find'
import { superscript } from '~~/core/decimal/superscript'
import type { FullStyle } from '~~/core/style/fields'
import type { Rail, RailDigit, RailRow } from './rail'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.railGeometry

const NAMES = 112
/** Room at the rows' ends for the label, what it reads back as, and how far off that is. */
const CHARACTER = 7.6
const LEAST_ROOM = 96
const AFTER_DIGITS = 24
const HEAD = 40
/**
 * The height of a row; that in a low window, where the page needs the room; and the height below
 * which a window is one.
 */
export const [ROW, LOW_ROW, LOW_WINDOW] = [24, 20, 760]
const FOOT = 26
const WIDEST_COLUMN = 30
const NARROWEST_COLUMN = 11

/** A text at a row's end that is longer stands there by its beginning and its end. */
const [LONGEST, FIRST, LAST] = [28, 18, 8]
const shortened = (text: string): string =>
  text.length > LONGEST ? `${text.slice(0, FIRST)}…${text.slice(-LAST)}` : text
const roomFor = (texts: readonly string[]) =>
  Math.max(
    LEAST_ROOM,
    (Math.min(LONGEST, Math.max(...texts.map((text) => text.length))) + 2) * CHARACTER,
  )

/**
 * What the places on the rail's face hang on, in pixels and powers: it stays the same through most
 * moves.
 */
export interface RailMeasures {
  readonly high: number
  readonly low: number
  /** How many rows there are, and how high each is. */
  readonly count: number
  readonly rowHeight: number
  readonly column: number
  /** Room for what is written, what it reads as and how far off that is. */
  readonly label: number
  readonly said: number
  readonly off: number
}

/** @param width of the face, in pixels */
export function railMeasures(
  { rows, high, low }: Rail,
  width: number,
  rowHeight: number,
): RailMeasures {
  const [label, said, off] = [
    roomFor(rows.map((row) => row.label)),
    roomFor(rows.map((row) => row.said)),
    roomFor(rows.map((row) => row.off)),
  ]
  const fitting = (width - NAMES - label - said - off - AFTER_DIGITS) / (high - low + 1)
  return {
    high,
    low,
    count: rows.length,
    rowHeight,
    column: Math.max(NARROWEST_COLUMN, Math.min(WIDEST_COLUMN, fitting)),
    label,
    said,
    off,
  }
}

/** Where things stand on the rail's face, in pixels. */
export interface RailGeometry {
  readonly head: number
  /** Where the rows end, downwards, and the whole face. */
  readonly bottom: number
  readonly height: number
  /** Where a row begins downwards, and the middle of its digits. */
  top(at: number): number
  axis(at: number): number
  /** The right edge and the middle of a power's column. */
  right(power: number): number
  middle(power: number): number
  /** The power to whose right side a place is nearest. */
  powerAt(x: number): number
  /**
   * Where columns begin and end; where labels begin; where what they read as ends, and how far off
   * that is.
   */
  readonly start: number
  readonly last: number
  readonly end: number
  readonly saidAt: number
  readonly offAt: number
  /**
   * The width of the circle around the digit that decides: with its line it stays within its column
   * and its row.
   */
  readonly circle: number
}

/** Lays out the face of a rail. */
export function railGeometry({
  high,
  low,
  count,
  rowHeight,
  column,
  label,
  said,
  off,
}: RailMeasures): RailGeometry {
  const right = (power: number) => NAMES + (high - power + 1) * column
  const end = right(low) + 16
  const top = (at: number) => HEAD + at * rowHeight
  const bottom = top(count)
  return {
    head: HEAD,
    bottom,
    height: bottom + FOOT,
    right,
    top,
    axis: (at) => top(at) + (rowHeight + 1) / 2,
    middle: (power) => right(power) - column / 2,
    powerAt: (x) => high + 1 - Math.round((x - NAMES) / column),
    start: NAMES,
    last: right(low),
    end,
    saidAt: end + label + said,
    offAt: end + label + said + off,
    circle: Math.min(20, column - 1, rowHeight - 2),
  }
}

/** The powers of the columns, from the left. */
const powersOf = ({ high, low }: RailMeasures) =>
  Array.from({ length: high - low + 1 }, (_, at) => high - at)

/**
 * Names over the columns, from the left: the rungs, the units, and a power every third column else.
 *
 * @param ladder none where labels are written with powers of ten
 */
export function headsOf(
  measures: RailMeasures,
  ladder: FullStyle['ladder'] | null,
): readonly { readonly power: number; readonly name: string }[] {
  const symbols = new Map(
    ladder === null ? [] : ladderOf(ladder).rungs.map(({ power, symbol }) => [power, symbol]),
  )
  const nameOf = (power: number) =>
    power === 0 ? '1' : (symbols.get(power) ?? (power % 3 === 0 ? `10${superscript(power)}` : ''))
  return powersOf(measures).map((power) => ({ power, name: nameOf(power) }))
}

/** A digit, a sign, a point or a column of texts on the face, how it looks, and where it stands. */
export interface Spot {
  readonly place: string
  readonly text: string
  readonly manner: RailDigit['state'] | 'absent' | 'point' | 'apart' | EndColumn
  readonly left: number
  readonly top: number
}
type EndColumn = 'label' | 'said' | 'off'

/** What stands at the rows' ends, one text a column. */
const ends = (
  rows: readonly RailRow[],
  top: number,
  columns: readonly (readonly [manner: EndColumn, left: number])[],
): Spot[] =>
  columns.map(([manner, left]) => ({
    place: manner,
    text: rows.map((row) => shortened(row[manner] || '–').replaceAll('\n', ' ')).join('\n'),
    manner,
    left,
    top,
  }))

/**
 * All that changes with a move: digits, what is written, what that is read as. There is a digit at
 * every power of every row, unseen where a number has none, so that a move makes no element: it
 * only makes some twenty of them look otherwise. What stands at the rows' ends is one text a
 * column, a line a row: one text of six lines is laid out and painted sooner than six.
 */
export function spotsOf(
  { rows, beamIsShared }: Rail,
  measures: RailMeasures,
  places: RailGeometry,
): readonly Spot[] {
  const powers = powersOf(measures)
  const { right, middle, top, axis, circle, end, saidAt, offAt } = places
  const digits = rows.flatMap(({ digits, negative, mark, apart }, row): Spot[] => {
    const at = (
      place: string | number,
      text: string,
      manner: Spot['manner'],
      left: number,
      down: number,
    ): Spot => ({ place: `${row} ${place}`, text, manner, left, top: down })
    const byPower = new Map(digits.map((digit) => [digit.power, digit]))
    const cells = powers.map((power) => {
      const found = byPower.get(power)
      return at(
        power,
        found?.digit ?? '0',
        found?.state ?? 'absent',
        middle(power) - circle / 2,
        axis(row) - circle / 2,
      )
    })
    // What is not seen stays where it is: the browser would lay it out all the same.
    const sign = negative
      ? at(
          'sign',
          '−',
          'kept',
          right(digits[0]!.power) - measures.column * 1.3 - circle / 2,
          axis(row) - circle / 2,
        )
      : at('sign', '', 'absent', 0, 0)
    const point = beamIsShared
      ? at('point', '', 'absent', 0, 0)
      : at('point', '', 'point', right(mark), top(row + 1))
    const power = at(
      'apart',
      apart,
      apart ? 'apart' : 'absent',
      places.start,
      axis(row) - circle / 2,
    )
    return [...cells, sign, point, power]
  })
  return [
    ...digits,
    ...ends(rows, top(0), [
      ['label', end],
      ['said', saidAt],
      ['off', offAt],
    ]),
  ]
}

/** The rail in words, a row a line, for those who cannot see it. */
export const spokenRows = ({ rows }: Rail): string =>
  rows
    .map(({ name, label, said, off }) =>
      words.describe({ name, label, reading: said, off: off ? words.offBy({ off }) : '' }),
    )
    .join('; ')
