import { tenTo } from '../decimal/arithmetic'
import { roundToPlace } from '../decimal/round'
import { leadingPower, absolute } from '../decimal/arithmetic'
import { toText } from '../decimal/decimal'
import type { Value } from './types'
import { amountOf, isFiniteAmount } from './value'

const SIGNIFICANT = 6
const LEAST_PLAIN_POWER = -4

/**
 * The label that a machine writes when nobody decides: six significant digits, an exponent
 * below 10⁻⁴ and from 10⁶ on (the `%g` conversion of ISO/IEC 9899, 7.23.6.1, on decimal digits).
 *
 * @throws ValueError for what is no number
 * @example machineLabel(1284311.5) // '1.28431e+06'
 */
export function machineLabel(value: Value): string {
  const amount = amountOf(value)
  if (amount === null) return 'nan'
  if (!isFiniteAmount(amount)) return amount < 0 ? '-inf' : 'inf'
  if (amount.coefficient === 0n) return '0'
  let lead = leadingPower(amount)
  let digits = roundToPlace(amount, lead - SIGNIFICANT + 1, 'halfEven')
  if (absolute(digits) >= tenTo(SIGNIFICANT)) {
    lead++
    digits /= 10n
  }
  if (lead >= LEAST_PLAIN_POWER && lead < SIGNIFICANT)
    return toText({ coefficient: digits, exponent: lead - SIGNIFICANT + 1 })
  const mantissa = toText({ coefficient: digits, exponent: 1 - SIGNIFICANT })
  return `${mantissa}e${lead < 0 ? '-' : '+'}${String(Math.abs(lead)).padStart(2, '0')}`
}
