import {
  compare,
  leadingPower,
  magnitudeOf,
  multiply,
  shift,
  decimalsOf,
} from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { type ClockForm, type ClockUnit, isClockUnit } from '../notations/clock'
import type { Style } from '../style/fields'
import { MOST_DIGITS, MOST_POWER } from '../style/schemas'
import type { AxisKind } from './along'
import type { Counted } from './counted'
import { type Ends, evenStep, linearTicks, MOST_TICKS, multiplesIn } from './linear'
import { TickError } from '../error'
import { type LogBase, logTicks, symlogTicks } from './logs'
import { multipleTicks } from './multiples'
import type { Ticks } from './types'
import { withoutEndZeros } from '../decimal/zeros'

export interface TickRequest {
  readonly domain: readonly [Decimal, Decimal]
  readonly kind?: AxisKind
  /** A number above zero; with `multipleOf` a fraction of the constant. */
  readonly step?: string
  readonly count?: number
  /** The very values at which ticks stand. */
  readonly positions?: readonly Decimal[]
  readonly multipleOf?: string
  readonly base?: LogBase
  /** What is counted in its own way: steps of 15 minutes, of 45 degrees. */
  readonly counted?: Counted
  readonly ends?: Ends
  readonly minor?: boolean
}

/** Into how many parts a step is divided by its leading digits: 1, 2, 2.5 and 5. */
const PARTS: Readonly<Record<string, number>> = { 1: 5, 2: 4, 25: 5, 5: 5 }
const HALVES = 2

/** Even ticks between even ones. */
function minorOf(
  step: Decimal,
  values: readonly Decimal[],
  domain: TickRequest['domain'],
): Decimal[] {
  const digits = withoutEndZeros(step.coefficient.toString())
  const parts = PARTS[digits] ?? HALVES
  const small = multiply(step, decimal(String(1 / parts)))
  const taken = new Set(values.map(toText))
  return linearTicks({ domain, step: small }).values.filter((value) => !taken.has(toText(value)))
}

function linear({ domain, step, count, ends, minor, counted }: TickRequest): Ticks {
  const made = linearTicks({
    domain,
    step: step === undefined ? undefined : stepOf(step),
    count,
    ends,
    counted,
  })
  return {
    step: toText(made.step),
    ticks: made.values.map((value) => ({ value })),
    minor: minor ? minorOf(made.step, made.values, domain) : [],
  }
}
function stepOf(text: string): Decimal {
  try {
    return decimal(text)
  } catch {
    throw new TickError(
      `step: ${JSON.stringify(text)} is not a number; a fraction such as "1/3" needs multipleOf`,
    )
  }
}

const kinds: Record<NonNullable<TickRequest['kind']>, (request: TickRequest) => Ticks> = {
  linear,
  log: logTicks,
  symlog: symlogTicks,
}

/**
 * Places ticks on an axis of any kind.
 *
 * @throws TickError naming what cannot be
 * @example placeTicks({ domain: [decimal(0), decimal(2)], step: '0.125' }).ticks.length // 17
 */
export function placeTicks(request: TickRequest): Ticks {
  const { domain, positions, multipleOf, step, count, ends, kind = 'linear' } = request
  if (positions) {
    if (positions.length > MOST_TICKS)
      throw new TickError(`positions: ${positions.length} are more than ${MOST_TICKS}`)
    const even = evenStep(positions)
    return { step: even && toText(even), ticks: positions.map((value) => ({ value })), minor: [] }
  }
  if (kind !== 'linear' && (step !== undefined || multipleOf !== undefined))
    throw new TickError(
      `${step === undefined ? 'multipleOf' : 'step'}: an axis of kind ${kind} has none; it takes base and count`,
    )
  return multipleOf === undefined
    ? kinds[kind](request)
    : multipleTicks({ domain, constant: multipleOf, step, count, ends })
}

/** Seconds in what a clock counts. */
const SECONDS: Readonly<Record<ClockUnit, Decimal>> = {
  second: decimal(1),
  minute: decimal(60),
  hour: decimal(3600),
}
const isWholeIn = (count: Decimal, unit: Decimal): boolean => {
  const [first, last] = multiplesIn(count, count, unit, 'tight')
  return first === last
}
/**
 * The clock that tells every tick: hours where a tick has some, seconds where one has or none has
 * hours.
 */
function formFor(of: ClockUnit, step: string, values: readonly Decimal[]): ClockForm {
  const seconds = (count: Decimal) => multiply(count, SECONDS[of])
  const hasHours = values.some((value) => compare(magnitudeOf(seconds(value)), SECONDS.hour) >= 0)
  if (!hasHours) return 'm:ss'
  return isWholeIn(seconds(decimal(step)), SECONDS.minute) ? 'h:mm' : 'h:mm:ss'
}

/** Powers of e have no last digit. */
export const POWERS_OF_E = {
  notation: 'multiple',
  multipleOf: 'e',
  exponentForm: 'power',
  significant: [1, 4],
} as const satisfies Style

/** Beyond these powers of ten digits are hard to count. */
const [LEAST_PLAIN, MOST_PLAIN] = [-3, 6]

/**
 * The style whose labels tell ticks apart exactly: what an axis has before anybody styles it.
 *
 * @example stepStyle({}, { step, ticks: ticksByAnEighth }) // { fraction: [3, 3] }
 */
export function stepStyle(
  {
    multipleOf,
    kind,
    base,
    counted,
  }: Pick<TickRequest, 'multipleOf' | 'kind' | 'base' | 'counted'>,
  { step, ticks }: Ticks,
): Style {
  if (multipleOf !== undefined) return { notation: 'multiple', multipleOf, fraction: [0, 3] }
  const values = ticks.map(({ value }) => value)
  if (step !== null && isClockUnit(counted))
    return { notation: 'clock', clock: { of: counted, form: formFor(counted, step, values) } }
  const decimals = Math.max(0, ...values.map(decimalsOf))
  const whole = Math.max(0, ...values.map((value) => toText(value).replace(/^-|\..*$/g, '').length))
  if (kind === 'log' || kind === 'symlog') {
    if (base === 'e') return POWERS_OF_E
    if (decimals <= -LEAST_PLAIN && whole <= MOST_PLAIN) return { fraction: [0, decimals] }
    return { notation: 'scientific', exponentForm: 'power', significant: [1, 4] }
  }
  return decimals > MOST_DECIMALS || whole > MOST_WHOLE
    ? withOneExponent(values)
    : { fraction: [decimals, decimals] }
}
/** Digits that nobody counts any more: more of them are told by one exponent. */
const [MOST_DECIMALS, MOST_WHOLE] = [15, 18]
function withOneExponent(values: readonly Decimal[]): Style {
  const exponent = Math.max(
    ...values.filter(({ coefficient }) => coefficient !== 0n).map(leadingPower),
  )
  const decimals = Math.max(...values.map((value) => decimalsOf(shift(value, -exponent))))
  return {
    notation: 'scientific',
    exponent: Math.max(-MOST_POWER, Math.min(MOST_POWER, exponent)),
    fraction: [Math.min(decimals, MOST_DIGITS), Math.min(decimals, MOST_DIGITS)],
  }
}
