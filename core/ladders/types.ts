import type { Base } from '../decimal/powers'

/** A rung of a ladder: a power with its names. */
export interface LadderRung {
  readonly power: number
  readonly symbol: string
  readonly word: string
}

/** A named series of powers. Rungs ascend; the units are not among them. */
export interface Ladder {
  readonly id: string
  /** What the ladder is for, in a few words. */
  readonly title: string
  readonly base: Base
  readonly rungs: readonly LadderRung[]
  /** Whether its symbols are prefixes of the unit: 5 kW, with the gap before them. */
  readonly prefixes?: boolean
}
