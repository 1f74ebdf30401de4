import { leadingPower } from './arithmetic'
import { type Decimal, toText } from './decimal'
import { roundToPlace } from './round'
import { tellingDigits } from './zeros'

const GROUPS = /\B(?=(?:\d{3})+$)/g
const MOST_DIGITS = 24
/**
 * Below this power of ten a number is told with a power, however few its digits are: numbers of one
 * size stand side by side and are told alike.
 */
const LEAST_PLAIN = -7
/** All digits, one of them before the mark, and a power of ten. */
function withPower(value: Decimal): string {
  const digits = tellingDigits(value)
  const rest = digits.slice(1)
  return `${value.coefficient < 0n ? '-' : ''}${digits[0]}${rest && `.${rest}`}e${leadingPower(value)}`.replaceAll(
    '-',
    '−',
  )
}

/**
 * A number in a message to people: all its digits, grouped by threes, with a true minus; below 10⁻⁷
 * and from 10²⁴ on with a power of ten, and of more than 24 digits twelve after ≈. It is no label
 * and follows no style.
 *
 * @param most digits that are all told
 * @example plainly(decimal('-250000.5')) // '−250,000.5'; of 2e-8 '2e−8'
 */
export function plainly(value: Decimal, most = MOST_DIGITS): string {
  if (tellingDigits(value).length > most) return briefly(value)
  const power = leadingPower(value)
  if (value.coefficient !== 0n && (power >= MOST_DIGITS || power < LEAST_PLAIN))
    return withPower(value)
  const [whole = '', fraction] = toText(value).replace('-', '−').split('.')
  const grouped = whole.replace(GROUPS, ',')
  return fraction === undefined ? grouped : `${grouped}.${fraction}`
}

const MOST_BRIEF = 14
const BRIEF_DIGITS = 12

/**
 * A number in a table of numbers: all its digits where they are few, otherwise twelve of them after
 * ≈.
 *
 * @example briefly(divide(decimal(1), decimal(3))) // '≈ 0.333333333333'
 */
export function briefly(value: Decimal): string {
  if (tellingDigits(value).length <= MOST_BRIEF) return plainly(value)
  const place = leadingPower(value) - BRIEF_DIGITS + 1
  return `≈ ${plainly({ coefficient: roundToPlace(value, place, 'halfExpand'), exponent: place })}`
}
