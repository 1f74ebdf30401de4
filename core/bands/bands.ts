import { compare, leadingPower, negate } from '../decimal/arithmetic'
import { type Decimal, ZERO } from '../decimal/decimal'
import type { Condition, Plan, Row } from '../label/types'
import { joined } from '../label/write'
import { type Frame, type Taken, takenAt } from './frame'

/** Sizes whose labels have the same around their numbers. */
export interface Band {
  /** The least size; zero in the first. */
  readonly from: Decimal
  readonly frame: Frame
}
/** How a Plan writes numbers of each sign, in bands of their size, ascending. */
export interface Bands {
  readonly zero: Frame
  readonly above: readonly Band[]
  readonly below: readonly Band[]
}

/** Digits to which the end of a band is found: labels change at short decimals. */
const DIGITS = 18
/** Digits of a number that needs all decimals that it may have, and of one that needs none. */
const [LONG, ROUND] = [`37${'123456789'.repeat(12)}`, '3']
/** Powers of ten that are looked at, at most. */
const MOST_POWERS = 60

/** Powers of ten where cases by magnitude begin and end. */
const edgesOf = (when: Condition | null): number[] => {
  if (when === null) return []
  if ('all' in when) return when.all.flatMap(edgesOf)
  return 'magnitude' in when
    ? [when.magnitude.from, when.magnitude.to].filter((power) => power !== undefined)
    : []
}

/**
 * The powers of ten in which numbers are looked at: those of the values, three more on either side,
 * and those where cases begin.
 *
 * @param values as they stand in cells
 * @example powersFor(plan, [decimal('5')]) // [-3, 3]
 */
export function powersFor(plan: Plan, values: readonly Decimal[]): [number, number] {
  const powers = values.map(leadingPower).filter(Number.isFinite)
  for (const { when } of plan.rules)
    powers.push(...edgesOf(when).map((power) => power - plan.recorded))
  if (powers.length === 0) powers.push(0)
  const least = powers.reduce((one, other) => Math.min(one, other)) - 3
  const most = powers.reduce((one, other) => Math.max(one, other)) + 3
  return [Math.max(least, most - MOST_POWERS), most]
}

/** A number of the size of a power of ten, by its leading digits. */
const sized = (digits: string, power: number): Decimal => ({
  coefficient: BigInt(digits),
  exponent: power - digits.length + 1,
})

/** The frame that the numbers of one power of ten have, with the decimals of all of them. */
function frameOf(plan: Plan, power: number, sign: (size: Decimal) => Decimal, row?: Row): Frame {
  const { frame, rule } = takenAt(plan, sign(sized(LONG, power)), row)
  const round = takenAt(plan, sign(sized(ROUND, power)), row).frame
  if (!frame.number || !round.number) return frame
  // Zeros are left out of whole numbers alone: the others keep their least.
  const { strip, fraction } = rule.precision
  const { most } = frame.number
  const least = strip && most !== 1 ? (fraction?.[0] ?? most) : round.number.least
  return { ...frame, number: { ...frame.number, least } }
}

const textsOf = ({ before, after }: Frame): string =>
  JSON.stringify([joined(before), joined(after)])
/** Two frames as one, where labels cannot tell them apart; else null. */
function merged(one: Frame, other: Frame): Frame | null {
  if (textsOf(one) !== textsOf(other)) return null
  const [a, b] = [one.number, other.number]
  if (!a || !b) return a === b ? one : null
  if (a.power !== b.power || a.hasExponent !== b.hasExponent) return null
  for (const key of ['least', 'most', 'isGrouped'] as const)
    if (a[key] !== b[key] && a[key] !== null && b[key] !== null) return null
  const known = {
    least: a.least ?? b.least,
    most: a.most ?? b.most,
    isGrouped: a.isGrouped ?? b.isGrouped,
  }
  return { ...one, number: { ...a, ...known } }
}

/**
 * The least size, between two, that is labelled as the larger one is: by what stands around it, or
 * where that is the same, by the power of its digits.
 */
function edgeBetween(take: (size: Decimal) => Taken, low: Decimal, high: Decimal): Decimal {
  const isCoarse = take(low).mark !== take(high).mark
  const mark = (size: Decimal) => take(size)[isCoarse ? 'mark' : 'fineMark']
  const exponent = leadingPower(high) - DIGITS
  const inUnits = ({ coefficient, exponent: own }: Decimal): bigint =>
    own >= exponent
      ? coefficient * 10n ** BigInt(own - exponent)
      : coefficient / 10n ** BigInt(exponent - own)
  let [below, above] = [inUnits(low), inUnits(high)]
  const wanted = mark({ coefficient: above, exponent })
  while (above - below > 1n) {
    const middle = (below + above) / 2n
    if (mark({ coefficient: middle, exponent }) === wanted) above = middle
    else below = middle
  }
  return { coefficient: above, exponent }
}

function bandsOn(
  plan: Plan,
  [least, most]: readonly [number, number],
  sign: (size: Decimal) => Decimal,
  row?: Row,
): Band[] {
  const take = (size: Decimal) => takenAt(plan, sign(size), row)
  const bands: Band[] = []
  const add = (from: Decimal, frame: Frame) => {
    const last = bands.at(-1)
    const both = last && merged(last.frame, frame)
    if (both) bands[bands.length - 1] = { from: last.from, frame: both }
    else bands.push({ from, frame })
  }
  for (let power = least; power <= most; power++) {
    const frame = frameOf(plan, power, sign, row)
    const last = bands.at(-1)
    // A one may have a word of its own, as in 1 million beside 2 millions.
    const one = takenAt(plan, sign(sized('1', power)), row).frame
    const isOwn = last && textsOf(one) !== textsOf(frame) && textsOf(one) !== textsOf(last.frame)
    const [low, middle] = [sized(LONG, power - 1), sized('1', power)]
    if (!last) add(ZERO, frame)
    else if (isOwn) {
      const numbered = { ...frame, before: one.before, after: one.after }
      add(edgeBetween(take, low, middle), numbered)
      add(edgeBetween(take, middle, sized(LONG, power)), frame)
    } else if (!merged(last.frame, frame)) {
      add(edgeBetween(take, low, sized(ROUND, power)), frame)
    } else add(ZERO, frame)
  }
  return bands
}

/**
 * How a Plan writes numbers, as formats by pattern can take it: for each sign, the sizes from which
 * labels have another rung, unit, number of decimals or exponent. An end is where labels change
 * after rounding: of one decimal in M, at 999,950.
 *
 * @param powers of ten, from the one to the other, from `powersFor`
 * @param row the cells beside the values, where the Plan looks at some
 * @example bandsOf(plan, [0, 9]).above.map(({ from }) => toText(from)) // ['0', '999.95', '999950', …]
 */
export function bandsOf(plan: Plan, powers: readonly [number, number], row?: Row): Bands {
  return {
    zero: takenAt(plan, ZERO, row).frame,
    above: bandsOn(plan, powers, (size) => size, row),
    below: bandsOn(plan, powers, negate, row),
  }
}

/** The band that a size lies in. @example bandFor(bands.above, decimal('1e6')) */
export const bandFor = (bands: readonly Band[], size: Decimal): Band =>
  bands.findLast(({ from }) => compare(size, from) >= 0) ?? bands[0]!
