import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { surfaces } from '../surfaces'
import { finer } from './changes'
import { isExact, offBy, placesOf, worstOf } from './numbers'
import { saidAt, saidOf, valueAt } from './proof'
import type { Check } from './types'

/** The distinct steps that a reader sees between neighbouring ticks, smallest first. */
function stepsSeen(said: readonly Decimal[]): Decimal[] {
  const seen: Decimal[] = []
  for (let i = 1; i < said.length; i++) {
    const step = magnitudeOf(subtract(said[i]!, said[i - 1]!))
    if (!seen.some((other) => compare(other, step) === 0)) seen.push(step)
  }
  return seen.sort(compare)
}

type HiddenStep = {
  readonly step: string
  readonly seen: readonly string[]
  readonly value: string
  readonly said: string
  readonly off: string
}

/**
 * Protects readers of an axis from fewer decimals than its step needs. Surfaces without a step are
 * left to `misread` and `same-label`.
 */
export const stepHidden: Check<HiddenStep> = {
  id: 'step-hidden',
  title: 'The labels hide the step',
  brings: { checks: ['same-label', 'uneven-steps', 'vanished', 'misread'], everywhere: true },
  weight: 'error',
  finds: 'an axis with an even step and labels that are not exactly their tick',
  find(proof) {
    if (!surfaces[proof.surface].hasTicks || !proof.step || proof.values.length < 2) return null
    const at = placesOf(proof, (i) => !isExact(proof, i))
    if (at.length === 0) return null
    const worst = worstOf(at, (i) => offBy(proof, i))
    return {
      severity: 'error',
      params: {
        step: plainly(proof.step),
        seen: stepsSeen(saidOf(proof)).map(plainly),
        value: plainly(valueAt(proof, worst)),
        said: plainly(saidAt(proof, worst)),
        off: plainly(offBy(proof, worst)),
      },
      at,
    }
  },
  message({ step, seen, value, said, off }) {
    const steps = seen.length > 1 ? `${seen.slice(0, -1).join(', ')} or ${seen.at(-1)}` : seen[0]
    return `The axis goes up by ${step}, but readers see steps of ${steps}: ${value} reads as ${said}, off by ${off}.`
  },
  propose: finer,
}
