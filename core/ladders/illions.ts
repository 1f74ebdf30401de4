/**
 * Latin names for the illions by the rule of J. H. Conway and A. Wechsler (The Book of Numbers,
 * 1996): ones, tens and hundreds joined, with the letters that soften the joints.
 */
const SIMPLE = ['', 'm', 'b', 'tr', 'quadr', 'quint', 'sext', 'sept', 'oct', 'non']
const ONES = ['', 'un', 'duo', 'tre', 'quattuor', 'quinqua', 'se', 'septe', 'octo', 'nove']
const TENS = [
  { name: '', takes: '' },
  { name: 'deci', takes: 'n' },
  { name: 'viginti', takes: 'ms' },
  { name: 'triginta', takes: 'ns' },
  { name: 'quadraginta', takes: 'ns' },
  { name: 'quinquaginta', takes: 'ns' },
  { name: 'sexaginta', takes: 'n' },
  { name: 'septuaginta', takes: 'n' },
  { name: 'octoginta', takes: 'mx' },
  { name: 'nonaginta', takes: '' },
]
const HUNDRED = { name: 'centi', takes: 'nx' }

/** The letter that a one takes before what follows it. */
function joint(one: number, takes: string): string {
  if (one === 3) return /[sx]/.test(takes) ? 's' : ''
  if (one === 6) return /[sx]/.exec(takes)?.[0] ?? ''
  if (one === 7 || one === 9) return /[mn]/.exec(takes)?.[0] ?? ''
  return ''
}

/**
 * The stem of the n-th illion.
 *
 * @param n 1 to 199
 * @example stemOf(10) + 'illion' // 'decillion'
 */
export function stemOf(n: number): string {
  if (n < 10) return SIMPLE[n]!
  const [one, ten, hundred] = [n % 10, Math.floor(n / 10) % 10, Math.floor(n / 100)]
  const parts = [...(ten ? [TENS[ten]!] : []), ...(hundred ? [HUNDRED] : [])]
  const joined = ONES[one]! + joint(one, parts[0]!.takes) + parts.map(({ name }) => name).join('')
  return joined.replace(/[aeiou]$/, '')
}

/**
 * Symbols past trillion, by a rule of this program: two letters for each of the fourth to the
 * ninth illion and for each ten of them, with a small letter before it for the ones (p five,
 * h seven). No two are equal, and none reads as digits or as an exponent.
 */
const ONES_SYMBOLS = ['', 'M', 'B', 'T', 'Qd', 'Qt', 'Sx', 'Sp', 'Oc', 'No']
const TENS_SYMBOLS = ['', 'Dc', 'Vg', 'Tg', 'Qg', 'Qq', 'Sg', 'St', 'Og', 'Ng', 'Ce']
const ONES_LETTERS = ['', 'u', 'd', 't', 'q', 'p', 's', 'h', 'o', 'n']

/** The symbol of the n-th illion. @example symbolOf(11) // 'uDc' */
export const symbolOf = (n: number): string =>
  n < 10 ? ONES_SYMBOLS[n]! : ONES_LETTERS[n % 10]! + TENS_SYMBOLS[Math.floor(n / 10)]!
