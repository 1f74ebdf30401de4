import type { Base } from '../decimal/powers'
import type { Rule } from './types'

/** Where a number is written: in which rung, or with which exponent, so over which power. */
export interface Level {
  readonly rung: number
  readonly exponent: number | null
  readonly base: Base
  readonly power: number
  /** The power of the number from which the level is used, and of what. */
  readonly from: number
  readonly fromBase: Base
}

/** The place in the rungs of the units, which carry no text. */
export const unitsRung = (rule: Rule): number =>
  Math.max(
    0,
    rule.rungs.findIndex((rung) => rung.power === 0),
  )

/** A rung, by its place, as a level. */
export function atRung({ rungs }: Rule, at: number): Level {
  const { base, power, from, fromBase } = rungs[at]!
  return { rung: at, exponent: null, base, power, from, fromBase }
}
