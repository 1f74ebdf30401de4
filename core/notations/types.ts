import type { ByPlural } from '../locale/types'
import type { Rule } from '../label/types'
import type { FullStyle } from '../style/schemas'

/** What a notation decides about a rule: its rungs, its exponent, or the constant that it counts. */
export type Contribution = Pick<
  Rule,
  'rungs' | 'fixedRung' | 'beyond' | 'exponent' | 'multiple'
> & {
  /** The region's patterns of each rung, in their order; null where rungs have texts. */
  readonly patterns: readonly (ByPlural | null)[] | null
}

/** The region's patterns of powers for the rung written as a symbol and as a word. */
export type CompactPatterns = Readonly<Record<'symbol' | 'word', readonly ByPlural[] | null>>

export interface Notation {
  readonly id: string
  readonly title: string
  /**
   * @param style complete
   * @param shared finds the level of the set's largest label, for what is `shared`
   * @param compact the region's patterns of the powers from 3 on, by the form of the rung
   * @throws StyleError for a rung that is not on the ladder
   */
  contribute(style: FullStyle, shared: SharedLevel, compact: CompactPatterns): Contribution
}

/** Answers what the whole set of values asks for. */
export interface SharedLevel {
  /** The place in the rungs that the largest label stands on, after rounding. */
  rung(own: Contribution): number
  /** The exponent that suits all labels. */
  exponent(own: Contribution): number
}

export const UNITS: Rule['rungs'][number] = {
  from: 0,
  fromBase: 10,
  power: 0,
  base: 10,
  text: '',
  gap: '',
  forms: null,
}
/** All digits, from the units on: what a notation begins with. */
export const DIGITS: Contribution = {
  rungs: [UNITS],
  fixedRung: 0,
  beyond: null,
  exponent: null,
  multiple: null,
  patterns: null,
}
