import { shift } from '../decimal/arithmetic'
import { type Decimal, parseDecimal, toText } from '../decimal/decimal'
import { toSignificant } from '../decimal/significant'
import { tellingDigits } from '../decimal/zeros'
import type { Recorded } from '../label/context'
import { shownConversion } from '../label/convert'
import { type Conversion, convertedDecimal, unconverted } from '../measures/apply'
import { asTexts, fromTexts, NOTHING, type RationalText } from '../measures/rational'
import type { FullStyle } from '../style/fields'
import { placeTicks, type TickRequest } from './place'
import type { TickSet } from './search'
import type { Ticks } from './types'

/** What leads from recorded values to the numbers that an axis shows, as plain data. */
export interface ShownUnit {
  readonly scale: RationalText
  readonly shift: RationalText
  /** The power of ten that values are recorded in. */
  readonly recorded: number
}

/**
 * The unit that an axis shows: ticks are round in it.
 *
 * @returns undefined where it shows the recorded one, or powers of ten of it
 * @example shownUnitOf(inherit(inMiles), { measure: 'kilometer' })!.scale // ['15625', '25146']
 */
export function shownUnitOf(style: FullStyle, recorded: Recorded): ShownUnit | undefined {
  const conversion = shownConversion(style, recorded)
  return (
    conversion && {
      scale: asTexts(conversion.scale),
      shift: asTexts(conversion.shift),
      recorded: recorded.recorded ?? 0,
    }
  )
}

const conversionOf = (unit: ShownUnit): Conversion => ({
  scale: fromTexts(unit.scale),
  shift: fromTexts(unit.shift),
})
/** A recorded value as the number that the axis shows. */
export const toShown = (value: Decimal, unit: ShownUnit): Decimal =>
  convertedDecimal(shift(value, unit.recorded), conversionOf(unit))
/** A number that the axis shows as it is recorded. @param isSpan whether it is a distance */
const toRecorded = (value: Decimal, unit: ShownUnit, isSpan: boolean): Decimal =>
  shift(unconverted(value, conversionOf(unit), isSpan), -unit.recorded)

/** Digits that a conversion without end leaves right. */
const RIGHT = 30
/** A step of more digits was not chosen in the shown unit. */
const MOST_DIGITS = 12
/** A step in the shown unit, with what a conversion left behind its digits rounded away. */
export function stepIn(step: Decimal, unit: ShownUnit | undefined): Decimal {
  if (!unit) return step
  const span = { scale: fromTexts(unit.scale), shift: NOTHING }
  return toSignificant(convertedDecimal(shift(step, unit.recorded), span), RIGHT)
}
/** A step in the shown unit as it is recorded. */
export const stepOut = (step: Decimal, unit: ShownUnit | undefined): Decimal =>
  unit ? toRecorded(step, unit, true) : step
/** A step of an axis as text in the unit that the axis shows; the same text where it is no number. */
export function stepShown(step: string, unit: ShownUnit | undefined): string {
  const size = unit && parseDecimal(step)
  return size ? toText(stepIn(size, unit)) : step
}
/** The step that text says in the unit that an axis shows, as it is recorded. */
export function stepRecorded(step: string, unit: ShownUnit | undefined): string {
  const size = unit && parseDecimal(step)
  return size ? toText(stepOut(size, unit)) : step
}

/** Even ticks, as recorded values. */
export interface EvenTicks {
  readonly step: string | null
  readonly values: readonly Decimal[]
}
/**
 * Even ticks that are round in the unit that the axis shows, as recorded values.
 *
 * @param request in recorded values
 * @returns null where its step is no round one in that unit
 * @throws TickError naming what cannot be
 */
export function shownTicks(
  { domain, step, ...request }: Pick<TickRequest, 'domain' | 'step' | 'count' | 'ends'>,
  unit: ShownUnit,
): EvenTicks | null {
  const wanted = step === undefined ? undefined : parseDecimal(step)
  if (wanted === null) return null
  const own = wanted && stepIn(wanted, unit)
  if (own && tellingDigits(own).length > MOST_DIGITS) return null
  const placed = placeTicks({
    ...request,
    domain: spanShown(domain, unit),
    step: own && toText(own),
  })
  return {
    step: placed.step === null ? null : stepRecorded(placed.step, unit),
    values: placed.ticks.map(({ value }) => toRecorded(value, unit, false)),
  }
}

/** Whether a request is for ticks at an even step that goes by no constant and no clock. */
const isEven = ({ kind = 'linear', counted, multipleOf, positions, minor }: TickRequest): boolean =>
  kind === 'linear' && !counted && !minor && multipleOf === undefined && positions === undefined
/**
 * Places the ticks of an axis: even ones round in the unit that it shows, where their step can be.
 *
 * @param request in recorded values
 * @throws TickError naming what cannot be
 */
export function placeShown(request: TickRequest, unit: ShownUnit | undefined): Ticks {
  const even = unit && isEven(request) ? shownTicks(request, unit) : null
  if (!even) return placeTicks(request)
  return { step: even.step, ticks: even.values.map((value) => ({ value })), minor: [] }
}

/** The ends of an axis as it shows them, the least first. */
export function spanShown(
  [from, to]: readonly [Decimal, Decimal],
  unit: ShownUnit | undefined,
): readonly [Decimal, Decimal] {
  return unit ? [toShown(from, unit), toShown(to, unit)] : [from, to]
}
/** Ticks that were sought in the unit that an axis shows, as recorded values. */
export const setRecorded = (ticks: TickSet, unit: ShownUnit | undefined): TickSet =>
  unit
    ? {
        ...ticks,
        step: stepOut(ticks.step, unit),
        values: ticks.values.map((value) => toRecorded(value, unit, false)),
      }
    : ticks
