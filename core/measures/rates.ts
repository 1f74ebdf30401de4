import { decimal } from '../decimal/decimal'
import { tenTo } from '../decimal/arithmetic'
import type { Conversion } from './apply'
import { NOTHING, ONE_WHOLE, over, rational, type Rational, times } from './rational'

/** What one unit of a currency is worth in another, its base. */
export interface Rate {
  /** Codes of ISO 4217. */
  readonly currency: string
  readonly base: string
  /** How many of the base one of the currency makes; decimal text above zero. */
  readonly rate: string
}

/** A rate as an exact fraction. */
function fractionOf(rate: string): Rational {
  const { coefficient, exponent } = decimal(rate)
  return exponent < 0
    ? rational(coefficient, tenTo(-exponent))
    : rational(coefficient * tenTo(exponent), 1n)
}

interface Step {
  readonly to: string
  readonly scale: Rational
}
/** Where each rate leads, both ways, the direct way first. */
function stepsFrom(rates: readonly Rate[], from: string): Step[] {
  const ahead = rates.filter(({ currency }) => currency === from)
  const back = rates.filter(({ base }) => base === from)
  return [
    ...ahead.map(({ base, rate }) => ({ to: base, scale: fractionOf(rate) })),
    ...back.map(({ currency, rate }) => ({
      to: currency,
      scale: over(ONE_WHOLE, fractionOf(rate)),
    })),
  ]
}

/**
 * How an amount in one currency becomes an amount in another, exactly: by the fewest rates that
 * lead there.
 *
 * @returns null where no rates lead there
 * @example rateConversion([{ currency: 'GBP', rate: '1.17', base: 'EUR' }], 'GBP', 'EUR') // scale 117/100
 */
export function rateConversion(
  rates: readonly Rate[],
  from: string,
  to: string,
): Conversion | null {
  const reached = new Map<string, Rational>([[from, ONE_WHOLE]])
  const waiting = [from]
  for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
    if (next === to) return { scale: reached.get(to)!, shift: NOTHING }
    for (const step of stepsFrom(rates, next)) {
      if (reached.has(step.to)) continue
      reached.set(step.to, times(reached.get(next)!, step.scale))
      waiting.push(step.to)
    }
  }
  return null
}

/**
 * The currency that rates lead to: the base of most of them, the first of several.
 *
 * @returns null where there are no rates
 */
export function baseOf(rates: readonly Rate[]): string | null {
  const counts = new Map<string, number>()
  for (const { base } of rates) counts.set(base, (counts.get(base) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
}
