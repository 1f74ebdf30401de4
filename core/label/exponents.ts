import { leadingPower, shift } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { scaleBy } from '../decimal/powers'
import { superscript } from '../decimal/superscript'
import { type Emit, inDigits } from './digits'
import { atRung, type Level, unitsRung } from './level'
import type { ExponentForm, Rule, Written } from './types'

const floorTo = (n: number, step: number): number => Math.floor(n / step) * step

const atExponent = (rule: Rule, power: number): Level => ({
  rung: unitsRung(rule),
  exponent: power,
  base: 10,
  power,
  from: power,
  fromBase: 10,
})

/** Whether a number is so large that its label leaves the ladder. */
function isBeyond({ beyond, rungs }: Rule, value: Decimal): boolean {
  const last = rungs[rungs.length - 1]!
  return beyond != null && leadingPower(scaleBy(value, last.base, -last.power)) >= beyond
}

/** The exponent that a number takes behind the ladder; null where it stays on it. */
export const beyondLadder = (rule: Rule, value: Decimal): Level | null =>
  isBeyond(rule, value) ? atExponent(rule, leadingPower(value)) : null

/** The exponent of a number by a rule that writes one, or behind its ladder; null on the ladder. */
export function exponentFor(rule: Rule, value: Decimal): Level | null {
  if (!rule.exponent) return beyondLadder(rule, value)
  const { fixed, step } = rule.exponent
  const own = value.coefficient === 0n ? 0 : floorTo(leadingPower(value), step)
  return atExponent(rule, fixed ?? own)
}

/** The exponent to which a label goes that rounded up to it; null where it stays. */
export function nextExponent(rule: Rule, exponent: number, rounded: Decimal): Level | null {
  const { fixed = null, step = 1 } = rule.exponent ?? {}
  if (fixed !== null || leadingPower(rounded) < exponent + step) return null
  return atExponent(rule, exponent + step)
}

/** The level below one beyond the ladder: a smaller exponent, or the ladder's own end. */
function belowBeyond(rule: Rule, exponent: number): Level {
  return isBeyond(rule, shift({ coefficient: 1n, exponent: 0 }, exponent))
    ? atExponent(rule, exponent)
    : atRung(rule, rule.fixedRung ?? rule.rungs.length - 1)
}

/** The level below an exponent; null where all labels have the same. */
export function exponentBelow(rule: Rule, exponent: number): Level | null {
  if (!rule.exponent) return belowBeyond(rule, exponent - 1)
  const { fixed, step } = rule.exponent
  return fixed === null ? atExponent(rule, exponent - step) : null
}

/** How an exponent is set behind the mantissa. */
const exponentTexts: Record<ExponentForm, (exponent: number, rule: Rule) => string> = {
  times: (exponent) => `×10${superscript(exponent)}`,
  power: (exponent) => `×10${superscript(exponent)}`,
  e: (exponent, rule) => `e${plainExponent(exponent, rule)}`,
  E: (exponent, rule) => `E${plainExponent(exponent, rule)}`,
}
const plainExponent = (exponent: number, rule: Rule): string =>
  (exponent < 0 ? rule.marks.minus : '') + inDigits(rule, String(Math.abs(exponent)))

/** Emits what stands behind the mantissa; a zero that shares no exponent has none. */
export function emitExponent(rule: Rule, written: Written, exponent: number, emit: Emit): void {
  const isZero = written.error === undefined && written.digits === 0n
  if (!isZero || rule.exponent?.fixed != null)
    emit('exponent', exponentTexts[rule.exponentForm](exponent, rule))
}

/** Emits 10³ in the place of 1×10³, where a rule writes powers so. @returns whether it did */
export function emitPowerAlone(
  { exponentForm }: Rule,
  { digits, place, decimals, error }: Written,
  exponent: number,
  emit: Emit,
): boolean {
  const isOne = error === undefined && digits === 1n && place === 0 && decimals === 0
  if (exponentForm !== 'power' || !isOne) return false
  emit('exponent', `10${superscript(exponent)}`)
  return true
}
