import { compare, subtract } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { surfaces } from '../surfaces'
import { finer } from './changes'
import { listed, quoted } from './numbers'
import { labelsOf, saidOf, valuesOf } from './proof'
import type { Check } from './types'

const stepsOf = (values: readonly Decimal[]): Decimal[] =>
  values.slice(1).map((value, at) => subtract(value, values[at]!))
const areEven = (steps: readonly Decimal[]): boolean =>
  steps.every((step) => compare(step, steps[0]!) === 0)

/**
 * Protects readers of an axis from even ticks whose labels step unevenly. Ticks that are uneven
 * themselves are left alone.
 */
export const unevenSteps: Check<{ step: string; labels: readonly string[] }> = {
  id: 'uneven-steps',
  title: 'Labels make even ticks look uneven',
  brings: { checks: ['misread'] },
  weight: 'error',
  finds: 'an axis with an even step whose labels read as uneven',
  find(proof) {
    if (!surfaces[proof.surface].hasTicks || proof.values.length < 3) return null
    const [steps, seen] = [stepsOf(valuesOf(proof)), stepsOf(saidOf(proof))]
    if (!areEven(steps) || areEven(seen)) return null
    const at = seen.flatMap((step, i) => (compare(step, steps[i]!) === 0 ? [] : [i, i + 1]))
    return {
      severity: 'error',
      params: { step: plainly(steps[0]!), labels: labelsOf(proof) },
      at: [...new Set(at)],
    }
  },
  message: ({ step, labels }) =>
    `Ticks ${step} apart are written ${listed(labels.map(quoted))}. Readers think that the axis is uneven.`,
  propose: finer,
}
