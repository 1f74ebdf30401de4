import type { ExponentForm, Part, PartType, Plan, Rule, Written } from './types'

/** Takes the parts of a label one after another. */
type Emit = (type: PartType, value: string) => void

const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹'
const SUPERSCRIPT_MINUS = '⁻'

/** An exponent as raised digits. @example superscript(-7) // '⁻⁷' */
export function superscript(n: number): string {
  const raised = String(Math.abs(n)).replace(/\d/g, (digit) => SUPERSCRIPTS[Number(digit)]!)
  return (n < 0 ? SUPERSCRIPT_MINUS : '') + raised
}

/** How an exponent is set behind the mantissa. */
export const exponentTexts: Record<ExponentForm, (exponent: number, minus: string) => string> = {
  times: (exponent) => `×10${superscript(exponent)}`,
  power: (exponent) => `×10${superscript(exponent)}`,
  e: (exponent, minus) => `e${exponent < 0 ? minus : ''}${Math.abs(exponent)}`,
  E: (exponent, minus) => `E${exponent < 0 ? minus : ''}${Math.abs(exponent)}`,
}

/** Whole digits with the group marks between them. */
function emitInteger(rule: Rule, digits: string, emit: Emit): void {
  const { grouping, marks } = rule
  if (!grouping || digits.length < grouping.first + grouping.least) return emit('integer', digits)
  const groups = [digits.slice(-grouping.first)]
  let end = digits.length - grouping.first
  for (; end > grouping.rest; end -= grouping.rest) groups.push(digits.slice(end - grouping.rest, end))
  emit('integer', digits.slice(0, end))
  for (let i = groups.length - 1; i >= 0; i--) {
    emit('group', marks.group)
    emit('integer', groups[i]!)
  }
}

function emitNumber(rule: Rule, written: Written, emit: Emit): void {
  const { digits, place, decimals, exponent } = written
  if (exponent !== null && rule.exponentForm === 'power' && digits === 1n && place === 0 && decimals === 0) {
    return emit('exponent', `10${superscript(exponent)}`)
  }
  const text = digits.toString() + (digits === 0n ? '' : '0'.repeat(place + decimals))
  const padded = text.padStart(decimals + 1, '0')
  emitInteger(rule, padded.slice(0, padded.length - decimals), emit)
  if (decimals > 0) {
    emit('decimal', rule.marks.decimal)
    emit('fraction', padded.slice(-decimals))
  }
  if (exponent !== null && !(digits === 0n && rule.exponent?.fixed == null)) {
    emit('exponent', exponentTexts[rule.exponentForm](exponent, rule.marks.minus))
  }
}

function emitLabel(plan: Plan, written: Written, emit: Emit): void {
  if (written.kind === 'missing') {
    if (plan.missing) emit('missing', plan.missing)
    return
  }
  const rule = plan.rules[written.rule]!
  const frame = rule.frames[written.sign]
  const rung = rule.rungs[written.rung]!
  const slots = (side: Rule['frames']['none']['before']) => {
    for (const slot of side) {
      if (slot !== 'rung') emit(slot.type, slot.value)
      else if (rung.text && written.exponent === null && written.kind === 'number') {
        if (rung.gap) emit('gap', rung.gap)
        emit('rung', rung.text)
      }
    }
  }
  slots(frame.before)
  if (written.kind === 'infinite') emit('infinity', '∞')
  else emitNumber(rule, written, emit)
  slots(frame.after)
}

/**
 * The parts of a label, in order; their values joined are its text.
 *
 * @param written from `decide`
 * @example partsOf(plan, written) // [{ type: 'integer', value: '1' }, …, { type: 'rung', value: 'M' }]
 */
export function partsOf(plan: Plan, written: Written): Part[] {
  const parts: Part[] = []
  emitLabel(plan, written, (type, value) => parts.push({ type, value }))
  return parts
}

/**
 * The text of a label.
 *
 * @param written from `decide`
 * @example textOf(plan, written) // '1.3M'
 */
export function textOf(plan: Plan, written: Written): string {
  let text = ''
  emitLabel(plan, written, (_type, value) => { text += value })
  return text
}
