import type { Decimal } from './decimal'

const ZERO = '0'.charCodeAt(0)

/**
 * A text of digits without the zeros at its end, in a time that grows with its length: a pattern
 * would begin anew at each of the zeros within it.
 *
 * @example withoutEndZeros('12000') // '12'; of '000' ''
 */
export function withoutEndZeros(digits: string): string {
  let end = digits.length
  while (end > 0 && digits.charCodeAt(end - 1) === ZERO) end--
  return end === digits.length ? digits : digits.slice(0, end)
}

/**
 * The digits of a number that tell something: without its sign and the zeros at its end.
 *
 * @example tellingDigits(decimal('-1200')) // '12'; of zero ''
 */
export const tellingDigits = ({ coefficient }: Decimal): string =>
  withoutEndZeros((coefficient < 0n ? -coefficient : coefficient).toString())
