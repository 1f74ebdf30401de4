import type { Rule } from '../label/types'
import type { FullStyle } from '../style/schemas'

/** What a notation decides about a rule: its rungs and its exponent. */
export type Contribution = Pick<Rule, 'rungs' | 'fixedRung' | 'lastPower' | 'exponent'>

export interface Notation {
  readonly id: string
  readonly title: string
  /**
   * @param style complete
   * @param shared finds the level of the set's largest label, for what is `shared`
   */
  contribute(style: FullStyle, shared: SharedLevel): Contribution
}

/**
 * Answers what the whole set of values asks for.
 */
export interface SharedLevel {
  /** The place in the rungs that the largest label stands on, after rounding. */
  rung(own: Contribution): number
  /** The exponent that suits all labels. */
  exponent(own: Contribution): number
}

export const UNITS: Rule['rungs'][number] = { power: 0, text: '', gap: '' }
