import { type Decimal, toExactText, toText } from './decimal'

const GROUPS = /\B(?=(?:\d{3})+$)/g
const MOST_DIGITS = 24

/**
 * A number in a message to people: all its digits, grouped by threes, with a true minus; past
 * 24 digits as a power of ten. It is no label and follows no style.
 *
 * @example plainly(decimal('-250000.5')) // '−250,000.5'
 */
export function plainly(value: Decimal): string {
  const text = toText(value).replace('-', '−')
  if (text.length > MOST_DIGITS) return toExactText(value).replace('-', '−')
  const [whole = '', fraction] = text.split('.')
  const grouped = whole.replace(GROUPS, ',')
  return fraction === undefined ? grouped : `${grouped}.${fraction}`
}
