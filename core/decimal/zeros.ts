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
