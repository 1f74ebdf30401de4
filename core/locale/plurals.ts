import type { PluralKey } from './types'
import { withoutEndZeros } from '../decimal/zeros'

/** What a plural rule looks at: the digits of a number as it is written. */
export interface Operands {
  /** Digits before the decimal mark, as written. */
  readonly whole: string
  /** Digits after it, as written. */
  readonly fraction: string
  /** The power of ten of the rung behind them, where they are those of a shortened number. */
  readonly power?: number
}

/** A remainder of a long run of digits, without making a number of it. */
function remainder(digits: string, by: number): number {
  let rest = 0
  for (const digit of digits) rest = (rest * 10 + Number(digit)) % by
  return rest
}

/** A rule never compares with numbers of more digits than a double holds. */
const numberOf = (digits: string): number => (digits === '' ? 0 : Number(digits))

/** The operands of Unicode Technical Standard 35, part 3, "Operands". */
function operand(
  name: string,
  { whole, fraction, power = 0 }: Operands,
  modulus: number | null,
): number {
  const reduced = (digits: string) =>
    modulus === null ? numberOf(digits) : remainder(digits, modulus)
  switch (name) {
    case 'n':
      return withoutEndZeros(fraction) === '' ? reduced(whole) : NaN
    case 'i':
      return reduced(whole)
    case 'v':
      return fraction.length
    case 'w':
      return withoutEndZeros(fraction).length
    case 'f':
      return reduced(fraction)
    case 't':
      return reduced(withoutEndZeros(fraction))
    case 'c':
    case 'e':
      return power
    default:
      return 0
  }
}

const RELATION = /^([nivwftec])(?: % (\d+))? (!?=) ([\d.,]+)$/

function holds(relation: string, operands: Operands): boolean {
  const match = RELATION.exec(relation)
  if (!match) throw new Error(`"${relation}" is no relation of a plural rule`)
  const [, name = '', modulus, sign, list = ''] = match
  const value = operand(name, operands, modulus === undefined ? null : Number(modulus))
  const isIn = list.split(',').some((range) => {
    const [low, high = low] = range.split('..').map(Number)
    return value >= low! && value <= high!
  })
  return isIn === (sign === '=')
}

/**
 * The plural category of a written number.
 *
 * @param rules by category, in CLDR's syntax; `other` is what no rule takes
 * @example pluralOf({ one: 'i = 1 and v = 0' }, { whole: '1', fraction: '' }) // 'one'
 */
export function pluralOf(rules: Readonly<Record<string, string>>, operands: Operands): PluralKey {
  for (const [category, rule] of Object.entries(rules)) {
    if (
      rule
        .split(' or ')
        .some((all) => all.split(' and ').every((relation) => holds(relation.trim(), operands)))
    )
      return category as PluralKey
  }
  return 'other'
}
