import type { Written } from './types'

/**
 * A written number's digits before and after the decimal mark.
 *
 * @example digitsOf(decide(plan, amountOf(12.5))) // { whole: '12', fraction: '5' }
 */
export function digitsOf({ digits, place, decimals }: Written): {
  whole: string
  fraction: string
} {
  const text = digits.toString() + (digits === 0n ? '' : '0'.repeat(place + decimals))
  const padded = text.padStart(decimals + 1, '0')
  return {
    whole: padded.slice(0, padded.length - decimals),
    fraction: decimals > 0 ? padded.slice(-decimals) : '',
  }
}
