import { leadingPower } from '~~/core/decimal/arithmetic'
import { type Decimal, toText } from '~~/core/decimal/decimal'
import { unitOfLastDigit } from '~~/core/label/cells'
import { decide } from '~~/core/label/decide'
import type { Plan, Row } from '~~/core/label/types'

/** The digits of a number: those that its label keeps, the one that decides, and the others. */
export interface KeptDigits {
  readonly kept: string
  readonly decides: string
  readonly dropped: string
}

/**
 * Which digits of a number its label keeps, and which one decides how it is rounded.
 *
 * @returns null where the label has other digits than the number
 * @example keptDigits(resolve({ fraction: [1, 1] }), decimal('12.345')) // 12.3, 4, 5
 */
export function keptDigits(plan: Plan, value: Decimal, row?: Row): KeptDigits | null {
  const written = decide(plan, value, row)
  const unit = unitOfLastDigit(plan, written)
  const text = toText(value).replace('-', '−')
  const isPower = /^10*$/.test(unit.coefficient.toString())
  if (written.kind !== 'number' || !isPower || text.includes('e')) return null
  const place = leadingPower(unit)
  const sign = text.startsWith('−') ? 1 : 0
  const point = text.includes('.') ? text.indexOf('.') : text.length
  // Where the last digit that is kept stands; those behind the point are one further.
  const last = point - place - (place >= 0 ? 1 : 0)
  const end = Math.min(text.length, Math.max(last + 1, sign))
  const decidesAt = text[end] === '.' ? end + 1 : end
  const isInSight = last + 1 >= sign
  return {
    kept: text.slice(0, end),
    decides: isInSight ? text.slice(end, decidesAt + 1) : '',
    dropped: isInSight ? text.slice(decidesAt + 1) : text.slice(end),
  }
}
