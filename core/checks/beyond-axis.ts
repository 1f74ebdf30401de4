import { compare } from '../decimal/arithmetic'
import { plainly } from '../decimal/plainly'
import { enclosing } from './changes'
import { quoted } from './numbers'
import { labelAt, valuesOf } from './proof'
import type { Check } from './types'

/**
 * Protects readers from marks past the ends of their axis, whose size nothing tells. Data that end
 * at a tick are left alone, and an axis whose data nobody gave.
 */
export const beyondAxis: Check<{
  value: string
  label: string
  side: 'above' | 'below'
}> = {
  id: 'beyond-axis',
  title: 'Data past the end of the axis',
  weight: 'error',
  finds: 'data above the last tick of their axis, or below its first',
  find(proof) {
    const { surface, data, values } = proof
    if (surface !== 'axis' || !data || values.length === 0) return null
    const ticks = valuesOf(proof)
    const places = [...ticks.keys()].sort((a, b) => compare(ticks[a]!, ticks[b]!))
    const [first, last] = [places[0]!, places.at(-1)!]
    const isAbove = compare(data[1], ticks[last]!) > 0
    const isBelow = compare(data[0], ticks[first]!) < 0
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
    `${value} lies ${side} ${quoted(label)}, the ${side === 'above' ? 'last' : 'first'} tick of its axis: a reader cannot tell how far.`,
  *propose(proof) {
    yield* enclosing(proof)
  },
}
