/**
 * Test values chosen for their trouble, as decimal text: just under a unit, on it and just over at
 * each thousandfold step; ties of rounding; the ends beyond the usual names; signs; and nothing.
 */
export const PROBES: readonly (string | null)[] = [
  '0',
  '0.05',
  '0.125',
  '0.999',
  '0.9995',
  '1',
  '1.005',
  '2.5',
  '-2.5',
  '999.4',
  '999.5',
  '1000',
  '1001',
  '9995',
  '-12345.678',
  '999499',
  '999500',
  '999950',
  '1000000',
  '1234567',
  '999999999',
  '1000000000',
  '1250000000000',
  '999950000000000',
  '1000000000000000',
  '1e21',
  '0.0000007',
  '123456789012345678901',
  null,
]

/**
 * A linear congruential generator of 32 bits; its constants are those of Press et al., Numerical
 * Recipes in C, 2nd edition, section 7.1.
 */
const [MULTIPLIER, INCREMENT, MODULUS] = [1664525, 1013904223, 2 ** 32]
const DIGITS = 7

/**
 * Numbers drawn over some magnitudes, as many in each: the same for the same seed.
 *
 * @param span powers of ten, from the one to the other
 * @returns decimal text, ascending by size
 * @example drawn([0, 3], 4, 1).length // 4
 */
export function drawn(
  [from, to]: readonly [number, number],
  count: number,
  seed: number,
): string[] {
  let state = seed >>> 0
  const next = (): number => {
    state = (Math.imul(state, MULTIPLIER) + INCREMENT) >>> 0
    return state / MODULUS
  }
  return Array.from({ length: count }, (_, at) => {
    const power = from + ((to - from) * (at + next())) / count
    const whole = Math.floor(power)
    const digits = Math.floor(10 ** (power - whole + DIGITS - 1))
    return `${digits}e${whole - DIGITS + 1}`
  })
}
