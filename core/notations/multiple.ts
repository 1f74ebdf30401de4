import { decimal, toText } from '../decimal/decimal'
import { DIGITS, type Multiple, type Notation, type NotationStyle, USUAL } from './types'

/** Constants to 60 decimals (OEIS A000796, A019692, A001113). */
const constants: Readonly<Record<string, { symbol: string; value: string }>> = {
  pi: { symbol: 'π', value: '3.141592653589793238462643383279502884197169399375105820974945' },
  tau: { symbol: 'τ', value: '6.283185307179586476925286766559005768394338798750211641949889' },
  e: { symbol: 'e', value: '2.718281828459045235360287471352662497757247093699959574966968' },
}

/** The constants that labels can count, by their names. */
export const CONSTANTS = ['pi', 'tau', 'e'] as const

/**
 * A constant by its name, or any number as one.
 * @param name pi, tau, e or decimal text above zero
 * @throws RangeError for text that is no decimal
 * @example constantOf('pi').behind // 'π'
 */
export function constantOf(name: string): Multiple {
  const known = constants[name]
  if (known) return { alone: known.symbol, behind: known.symbol, value: known.value }
  const value = toText(decimal(name))
  return { alone: value, behind: `×${value}`, value }
}

/**
 * The constant that labels of a style count, and whether by its powers.
 *
 * @example constantFor({ multipleOf: 'e', exponentForm: 'power' }).powers // true
 */
export const constantFor = ({
  multipleOf,
  exponentForm,
}: Pick<NotationStyle, 'multipleOf' | 'exponentForm'>): Multiple => ({
  ...constantOf(multipleOf),
  ...(exponentForm === 'power' ? { powers: true } : {}),
})

/** How often a constant goes into the number: 2π/3; or which power of it the number is: e². */
export const multiple: Notation = {
  ...USUAL,
  id: 'multiple',
  title: 'as multiples of a constant',
  phrase: 'as multiples',
  countsConstant: true,
  unsaid: [[() => true, 'multiples of a constant']],
  contribute: (style) => ({ ...DIGITS, multiple: constantFor(style) }),
}
