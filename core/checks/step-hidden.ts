import { compare, leadingPower, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, toText } from '../decimal/decimal'
import { unitOfLastDigit } from '../label/decide'
import { plainly } from '../decimal/plainly'
import { isExact, moreDecimals } from './decimals'
import type { Change, Check, Proof } from './types'

/** The distinct steps that a reader sees between neighbouring ticks, smallest first. */
function stepsSeen(said: readonly Decimal[]): Decimal[] {
  const seen: Decimal[] = []
  for (let i = 1; i < said.length; i++) {
    const step = magnitudeOf(subtract(said[i]!, said[i - 1]!))
    if (!seen.some((other) => compare(other, step) === 0)) seen.push(step)
  }
  return seen.sort(compare)
}

/** The tick that is read furthest from where it stands. */
function worstTick(proof: Proof): number {
  const off = (at: number) => magnitudeOf(subtract(proof.said[at]!, proof.values[at]!))
  return proof.values.reduce((worst, _, at) => (compare(off(at), off(worst)) > 0 ? at : worst), 0)
}

/** The smallest round step that the labels' last digit can tell. */
function* widerSteps(proof: Proof): Generator<Change> {
  const place = Math.max(...proof.written.map((written) => leadingPower(unitOfLastDigit(proof.plan, written))))
  for (const [coefficient, exponent] of [[1n, 0], [2n, 0], [5n, 0], [1n, 1]] as const) {
    const step: Decimal = { coefficient, exponent: place + exponent }
    if (compare(step, proof.step!) <= 0) continue
    yield { title: `Step by ${plainly(step)}`, style: proof.style, ticks: { step: toText(step) } }
  }
}

/** Fewer decimals than the tick step needs. */
export const stepHidden: Check = {
  id: 'step-hidden',
  title: 'The labels hide the step',
  find(proof) {
    if (proof.surface !== 'axis' || !proof.step || proof.values.length < 2) return null
    const at = proof.values.map((_, i) => i).filter((i) => !isExact(proof, i))
    if (at.length === 0) return null
    const worst = worstTick(proof)
    const off = magnitudeOf(subtract(proof.said[worst]!, proof.values[worst]!))
    const seen = stepsSeen(proof.said).map(plainly)
    const steps = seen.length > 1 ? `${seen.slice(0, -1).join(', ')} or ${seen.at(-1)}` : seen[0]
    return {
      severity: 'error',
      message: `The axis goes up by ${plainly(proof.step)}, but a reader sees it go up by ${steps}: ${plainly(proof.values[worst]!)} reads as ${plainly(proof.said[worst]!)}, off by ${plainly(off)}.`,
      at,
    }
  },
  *propose(proof) {
    yield* moreDecimals(proof)
    yield* widerSteps(proof)
  },
}
