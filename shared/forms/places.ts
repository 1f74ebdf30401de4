import { add, compare } from '../../core/decimal/arithmetic'
import { type Decimal, ZERO } from '../../core/decimal/decimal'
import { extent } from '../../core/data/extent'
import { alongAxis } from '../../core/ticks/along'
import type { Drawing, Geometry, TickPlace } from './types'

/** Room at the top for the axis's title, and the distance of lines in parts of the font size. */
export const TITLE = 18
export const LEADING = 1.25
/** From the middle of a line to its baseline, in parts of the font size. */
export const TO_BASELINE = 0.34
/** The width of a character of a name, in CSS pixels. */
export const NAME_CHARACTER = 6.4

/**
 * Where ticks, marks and the ends of their pieces stand along the axis, from 0 to 1, and where zero
 * does.
 */
export interface AlongAxis {
  readonly ticks: readonly number[]
  readonly marks: readonly number[]
  readonly zero: number
  readonly stacks: readonly (readonly number[])[] | null
}

/**
 * How far along its axis everything of a drawing stands; what a log axis has no place for stands at
 * its beginning.
 */
export function placesAlong({
  ticks: { kind, values },
  groups,
  domain,
  wanted,
  stacks,
}: Drawing): AlongAxis {
  const [low, high] = extent([...values, ...(kind === 'log' ? wanted : domain)]) as [
    Decimal,
    Decimal,
  ]
  const along = alongAxis(kind, [low, high])
  const isBelow = (value: Decimal) => kind === 'log' && compare(value, low) <= 0
  const place = (value: Decimal) => (isBelow(value) ? 0 : Math.min(1, Math.max(0, along(value))))
  const ends = (own: readonly Decimal[]): number[] => {
    let sum = ZERO
    return [place(ZERO), ...own.map((piece) => place((sum = add(sum, piece))))]
  }
  return {
    ticks: values.map(place),
    marks: groups.map(({ value }) => place(value)),
    zero: place(ZERO),
    stacks: stacks?.pieces.map(ends) ?? null,
  }
}

/** Ticks of an axis below: a label under the foot of each line. */
export const ticksBelow = (
  { ticks: { values } }: Drawing,
  along: readonly number[],
  x: (along: number) => number,
  { bottom, fontSize }: { bottom: number; fontSize: number },
): TickPlace[] =>
  along.map((value, at) => ({
    x: x(value),
    y: bottom + fontSize * LEADING,
    anchor: 'middle',
    line: [x(value), TITLE + 4, x(value), bottom],
    isZero: values[at]!.coefficient === 0n,
  }))

/** What few forms have. */
export const BARE = {
  ticks: [],
  names: [],
  second: [],
  secondLine: null,
  line: null,
  area: null,
  isAlone: false,
} satisfies Partial<Geometry>

/** Whether the names of marks, each with some characters of room, are cut until some read alike. */
export function areCutAlike({ groups }: Pick<Drawing, 'groups'>, room: number): boolean {
  const names = groups.map(({ category }) => category)
  const cut = new Set(names.map((name) => name.slice(0, Math.max(1, room - 1))))
  const all = new Set(names)
  return cut.size < all.size && names.some((name) => name.length > room)
}

/** What most forms are. */
export const USUAL = {
  isSpread: false,
  hasAreas: false,
  takesSecond: false,
  labelsEnds: false,
  isShaded: false,
  dot: { labelled: 3, bare: 1.5 },
  usualParts: ['value'],
  usualLines: 1,
} as const
