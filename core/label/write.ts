import { pluralOf } from '../locale/plurals'
import { emitClock } from './clock'
import { emitConstant } from './constant'
import { digitsOf, type Emit, emitInteger, inDigits } from './digits'
import { emitExponent, emitPowerAlone } from './exponents'
import { nameFor } from './names'
import { emitUncertain, signsWithin } from './uncertainty'
import type { Forms, Frames, Name, Part, Plan, Rule, Slot, Written } from './types'

/**
 * The form that the plural of a written number asks for; an exact 0 or 1 that is not negative comes
 * first.
 */
function formFor(forms: Forms, rule: Rule, written: Written): Frames {
  const operands = digitsOf(written)
  const isWhole = /^0*$/.test(operands.fraction)
  const exact =
    isWhole && written.sign !== 'minus' && (operands.whole === '0' || operands.whole === '1')
      ? forms[operands.whole]
      : undefined
  return exact ?? forms[pluralOf(rule.plurals ?? {}, operands)] ?? forms.other!
}

/** What stands around a written number. */
function framesFor(rule: Rule, written: Written, saysUnit: boolean): Frames {
  if (!saysUnit) return rule.bare
  const forms =
    written.exponent === null && written.kind === 'number' ? rule.rungs[written.rung]!.forms : null
  return forms ? formFor(forms, rule, written) : rule.frames
}

function emitDigits(rule: Rule, written: Written, emit: Emit): void {
  const { whole, fraction } = digitsOf(written)
  emitInteger(rule, whole, emit)
  if (fraction) {
    emit('decimal', rule.marks.decimal)
    emit('fraction', inDigits(rule, fraction))
  }
}

function emitNumber(rule: Rule, written: Written, saysUnit: boolean, emit: Emit): void {
  const exponent = saysUnit || rule.exponent?.fixed == null ? written.exponent : null
  if (exponent !== null && emitPowerAlone(rule, written, exponent, emit)) return
  if (written.error === undefined) emitDigits(rule, written, emit)
  else emitUncertain(rule, { ...written, exponent }, emitDigits, emit)
  if (exponent !== null) emitExponent(rule, written, exponent, emit)
}

function emitSlot(rule: Rule, written: Written, name: Name | null, slot: Slot, emit: Emit): void {
  if (typeof slot === 'object') return emit(slot.type, slot.value)
  if (slot === 'nameBefore' || slot === 'nameAfter') {
    for (const part of name![slot === 'nameBefore' ? 0 : 1]) emit(part.type, part.value)
    return
  }
  const rung = rule.rungs[written.rung]!
  if (!rung.text || written.exponent !== null || written.kind !== 'number') return
  if (slot === 'rung' && rung.gap) emit('gap', rung.gap)
  emit('rung', rung.text)
}

function emitMiddle(rule: Rule, written: Written, saysUnit: boolean, emit: Emit): void {
  if (written.kind === 'infinite') emit('infinity', rule.infinity)
  else if (rule.multiple)
    emitConstant(rule.multiple, written, () => emitDigits(rule, written, emit), emit)
  else if (rule.clock)
    emitClock(rule, { ...digitsOf(written), isBelow: written.sign === 'minus' }, emit)
  else emitNumber(rule, written, saysUnit, emit)
}

function emitLabel(plan: Plan, written: Written, saysUnit: boolean, emit: Emit): void {
  if (written.kind === 'missing') {
    if (plan.missing) emit('missing', plan.missing)
    return
  }
  const rule = plan.rules[written.rule]!
  if (written.kind === 'zero') return emit('zero', rule.zero!)
  const frames = framesFor(rule, written, saysUnit)
  const frame = frames[signsWithin(rule, written) ? 'none' : written.sign]
  if (written.bound) emit('bound', written.bound)
  const name = saysUnit && rule.names ? nameFor(rule, written) : null
  for (const slot of frame.before) emitSlot(rule, written, name, slot, emit)
  // A name may say the number itself.
  if (!frame.hidden && name?.[2] === undefined) emitMiddle(rule, written, saysUnit, emit)
  for (const slot of frame.after) emitSlot(rule, written, name, slot, emit)
}

/**
 * The parts of a label, in order; their values joined are its text.
 *
 * @param written from `decide`
 * @param saysUnit whether this label says rung and unit
 * @example partsOf(plan, written) // [{ type: 'integer', value: '1' }, …, { type: 'rung', value: 'M' }]
 */
export function partsOf(plan: Plan, written: Written, saysUnit = true): Part[] {
  const parts: Part[] = []
  emitLabel(plan, written, saysUnit, (type, value) => parts.push({ type, value }))
  return parts
}

/** The text of parts. */
export const joined = (parts: readonly Part[]): string => parts.map(({ value }) => value).join('')

/**
 * The text of a label.
 *
 * @param written from `decide`
 * @param saysUnit whether this label says rung and unit
 * @example textOf(plan, written) // '1.3M'
 */
export function textOf(plan: Plan, written: Written, saysUnit = true): string {
  let text = ''
  emitLabel(plan, written, saysUnit, (_type, value) => {
    text += value
  })
  return text
}
