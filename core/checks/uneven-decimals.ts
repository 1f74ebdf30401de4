import type { Decision } from '../label/fast/column'
import { decimalsText } from '../style/counts'
import { surfaces } from '../surfaces'
import { exactDecimals, stepDecimals } from './changes'
import { placesWhere, quoted, saysSome } from './numbers'
import { labelAt } from './proof'
import type { Check, Proof } from './types'

/** Labels of one level, whose decimals are of one size. */
const levelOf = ({ written: { rule, rung, exponent } }: Decision): string =>
  [rule, rung, exponent].join(' ')

/**
 * Whether a style lets decimals differ on purpose: significant digits, or whole numbers without.
 */
function isByChoice({ plan, surface, step }: Proof): boolean {
  const differs = plan.rules.some(
    ({ precision, multiple, clock, uncertainty }) =>
      precision.significant !== null || precision.strip || multiple || clock || uncertainty,
  )
  return differs || (surfaces[surface].hasTicks && step === undefined)
}

/**
 * Protects readers who compare labels in a line from decimals that come and go: 2.75, 2.5, 2. Left
 * alone are zero, labels of different rungs or exponents, significant digits, the powers of a log
 * axis, and labels that stand alone.
 */
export const unevenDecimals: Check<{
  few: string
  fewest: number
  many: string
  most: number
  count: number
}> = {
  id: 'uneven-decimals',
  title: 'Labels have different decimals',
  weight: 'note; warning on an axis',
  finds: 'labels in a line with the same rung or exponent but different numbers of decimals',
  find(proof) {
    const { surface, decisions, byHand, values } = proof
    if (!surfaces[surface].isInLine || byHand || values.length < 2 || isByChoice(proof)) return null
    const levels = new Map<string, { least: number; most: number }>()
    for (const decision of decisions) {
      if (!saysSome(decision) || decision.written.bound) continue
      const { decimals } = decision.written
      const level = levels.get(levelOf(decision))
      if (!level) levels.set(levelOf(decision), { least: decimals, most: decimals })
      else {
        level.least = Math.min(level.least, decimals)
        level.most = Math.max(level.most, decimals)
      }
    }
    const isUneven = (decision: Decision) => {
      const level = levels.get(levelOf(decision))
      return level !== undefined && level.least < level.most
    }
    if (![...levels.values()].some(({ least, most }) => least < most)) return null
    const at = placesWhere(proof, (one) => saysSome(one) && isUneven(one))
    const decimalsAt = (place: number) => decisions[proof.which[place]!]!.written.decimals
    const [few, many] = at.reduce(
      ([least, most], place) => [
        decimalsAt(place) < decimalsAt(least!) ? place : least,
        decimalsAt(place) > decimalsAt(most!) ? place : most,
      ],
      [at[0], at[0]],
    )
    return {
      severity: surfaces[surface].hasTicks ? 'warning' : 'note',
      params: {
        few: labelAt(proof, few!),
        fewest: decimalsAt(few!),
        many: labelAt(proof, many!),
        most: decimalsAt(many!),
        count: at.length,
      },
      at,
    }
  },
  message: ({ few, fewest, many, most, count }) =>
    `${quoted(few)} has ${decimalsText(fewest)} and ${quoted(many)} ${decimalsText(most)}: the ${count} labels seem to have different precision.`,
  *propose(proof) {
    yield* stepDecimals(proof)
    yield* exactDecimals(proof)
  },
}
