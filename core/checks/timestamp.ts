import { compare, decimalsOf } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { dateOf } from '../data/dates'
import { divideRounded, roundToPlace } from '../decimal/round'
import { placesWhere, saysSome } from './numbers'
import { labelAt, valueAt } from './proof'
import type { Check, Proof } from './types'

/** Moments are counted from 1970 in seconds, or in thousandths of them; from 2001 to 2033. */
const UNITS = [
  { perSecond: 1n, from: decimal('1e9'), to: decimal('2e9') },
  { perSecond: 1000n, from: decimal('1e12'), to: decimal('2e12') },
]
const [MINUTE, DAY] = [60n, 86_400n]
/** What is measured in round millions is no moment. */
const ROUND = 1_000_000n
const FEWEST = 2
const wholeOf = (value: Decimal): bigint | null =>
  decimalsOf(value) === 0 ? roundToPlace(value, 0, 'trunc') : null

/** How many units a second has that the values count; null where they are no moments. */
function momentsIn(values: readonly Decimal[]): bigint | null {
  const unit = UNITS.find(({ from, to }) =>
    values.every((value) => compare(value, from) >= 0 && compare(value, to) < 0),
  )
  if (!unit) return null
  const whole = values.map(wholeOf)
  if (whole.includes(null)) return null
  const [first, ...others] = whole as bigint[]
  if ((whole as bigint[]).every((one) => one % (ROUND * unit.perSecond) === 0n)) return null
  const apart = others.map((one) => one - first!).filter((one) => one !== 0n)
  const isEven = apart.length > 0 && apart.every((one) => one % (MINUTE * unit.perSecond) === 0n)
  return isEven ? unit.perSecond : null
}

/**
 * Protects readers from moments that stand as the seconds since 1970. Amounts that lie in the same
 * range are told by their roundness, and by distances that are no whole minutes.
 */
export const timestamp: Check<{ label: string; day: string }> = {
  id: 'timestamp',
  title: 'Times are written as numbers',
  weight: 'error',
  finds: 'whole seconds or milliseconds since 1970, between 2001 and 2033, whole minutes apart',
  find(proof: Proof) {
    if (proof.kind === 'count' || proof.values.length < FEWEST || proof.column) return null
    const at = placesWhere(proof, saysSome)
    const values = at.map((place) => valueAt(proof, place))
    const perSecond = values.length >= FEWEST ? momentsIn(values) : null
    if (perSecond === null) return null
    const seconds = divideRounded(wholeOf(values[0]!)!, perSecond, 'floor')
    const day = dateOf(Number(divideRounded(seconds, DAY, 'floor')))
      .toISOString()
      .slice(0, 10)
    return { severity: 'error', params: { label: labelAt(proof, at[0]!), day }, at }
  },
  message: ({ label, day }) =>
    `“${label}” counts seconds since 1970. Readers cannot see that it is a time on ${day}.`,
  propose: () => [],
}
