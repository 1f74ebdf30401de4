import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, ZERO } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { plainly } from '../decimal/plainly'
import { surfaces } from '../surfaces'
import { enclosing } from './changes'
import { quoted } from './numbers'
import { labelAt, valuesOf } from './proof'
import type { Check } from './types'

/** Ticks of a constant's multiples include an end that lies so many times nearer than the next. */
const UNSEEN = 1000

/**
 * Protects readers from marks past the ends of their axis, whose size nothing tells. Data that end
 * at a tick are left alone, at a multiple of a constant within a thousandth of a step too, and an
 * axis whose data nobody gave.
 */
export const beyondAxis: Check<{
  value: string
  label: string
  side: 'above' | 'below'
}> = {
  id: 'beyond-axis',
  title: 'Data beyond the axis',
  weight: 'error',
  finds: 'values above the last tick of the axis or below the first',
  find(proof) {
    const { surface, data, values } = proof
    if (!surfaces[surface].hasTicks || !data || values.length === 0) return null
    const ticks = valuesOf(proof)
    const places = [...ticks.keys()].sort((a, b) => compare(ticks[a]!, ticks[b]!))
    const [first, last] = [places[0]!, places.at(-1)!]
    const [lowest, highest] = [ticks[first]!, ticks[last]!]
    // The multiples of a constant have no last digit: a domain that ends near one ends there.
    const near = proof.plan.rules.some(({ multiple }) => multiple)
      ? divide(subtract(highest, lowest), decimal(UNSEEN * Math.max(1, ticks.length - 1)))
      : ZERO
    const isSeen = (distance: Decimal) => compare(distance, near) > 0
    const isAbove = isSeen(subtract(data[1], highest))
    const isBelow = isSeen(subtract(lowest, data[0]))
    if (!isAbove && !isBelow) return null
    return {
      severity: 'error',
      params: {
        value: plainly(isAbove ? data[1] : data[0]),
        label: labelAt(proof, isAbove ? last : first),
        side: isAbove ? 'above' : 'below',
      },
      at: [...(isBelow ? [first] : []), ...(isAbove ? [last] : [])],
    }
  },
  message: ({ value, label, side }) =>
    `${value} is ${side} ${quoted(label)}, the ${side === 'above' ? 'last' : 'first'} tick of the axis. Readers cannot tell how far.`,
  *propose(proof) {
    yield* enclosing(proof)
  },
}
