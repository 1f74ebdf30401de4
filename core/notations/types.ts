import type { LadderName } from '../ladders/find'
import type { ByPlural } from '../locale/types'

/** A place on a ladder that labels can stand on. */
export interface Step {
  /** The power of the number from which it is used, and of what. */
  readonly from: number
  readonly fromBase: 10 | 2
  /** The power that it stands for. */
  readonly power: number
  readonly base: 10 | 2
  /** What is written for it; empty for the units. */
  readonly text: string
  /** What stands between the number and the text. */
  readonly gap: string
  /** The region's own frames for it, which no notation knows. */
  readonly forms: null
}

/** A constant whose multiples are labels: 2π/3. */
export interface Multiple {
  /** What is written for once the constant, and behind a count of it. */
  readonly alone: string
  readonly behind: string
  /** Its digits, as decimal text. */
  readonly value: string
  /** Whether its whole powers are written as such: e². */
  readonly powers?: true
}

export interface Exponent {
  /** Exponents are multiples of this. */
  readonly step: number
  /** The exponent on every label, or null where each has its own. */
  readonly fixed: number | null
}

/**
 * What a notation decides about a rule: its rungs, its exponent, or the constant that it counts.
 */
export interface Contribution {
  /** Ascending; the units alone where there are no rungs to choose from. */
  readonly rungs: readonly Step[]
  /** The place in `rungs` that every label uses, or null where each chooses its own. */
  readonly fixedRung: number | null
  /**
   * From this power of ten of the last rung on, labels leave the ladder for an exponent; null: they
   * never do.
   */
  readonly beyond: number | null
  /** null where no exponent is written. */
  readonly exponent: Exponent | null
  /** The constant whose multiples are written; null where numbers are. */
  readonly multiple: Multiple | null
  /** The region's patterns of each rung, in their order; null where rungs have texts. */
  readonly patterns: readonly (ByPlural | null)[] | null
}

/** What of a style a notation looks at. */
export interface NotationStyle {
  readonly ladder: LadderName
  readonly rung: 'each' | 'shared' | number
  readonly rungForm: 'symbol' | 'word' | 'symbolExponent'
  readonly rungFrom: number | null
  readonly rungGap: string | null
  readonly exponent: 'each' | 'shared' | number
  readonly exponentForm: 'times' | 'e' | 'E' | 'power'
  /** A constant by its name, or decimal text above zero. */
  readonly multipleOf: string
}

/** The region's patterns of powers for the rung written as a symbol and as a word. */
export type CompactPatterns = Readonly<Record<'symbol' | 'word', readonly ByPlural[] | null>>

/** Options of the platform's number format (ECMA-402), as JSON. */
export type NumberOptions = Readonly<Record<string, string | number | boolean>>
/** Something that the platform's options cannot say, and when a style says it. */
export type Unsaid<Style> = readonly [isSaid: (style: Style) => boolean, phrase: string]

/** A way of telling the size of a number. To add one, add its file and a line in the index. */
export interface Notation {
  readonly id: string
  readonly title: string
  /** How it stands in the style sentence: "Write revenue shortened …". */
  readonly phrase: string
  /** Whether labels stand on the rungs of a ladder. */
  readonly hasRungs: boolean
  /** Whether every label carries a power of ten. */
  readonly hasExponent: boolean
  /** Whether labels count a constant. */
  readonly countsConstant: boolean
  /** Whether labels are hours, minutes and seconds. */
  readonly isClock: boolean
  /** Whether labels have all digits of their numbers, so that money has its cents. */
  readonly hasAllDigits: boolean
  /** What it is in the platform's options, and what of it these cannot say. */
  options(style: NotationStyle): NumberOptions
  readonly unsaid: readonly Unsaid<NotationStyle>[]
  /**
   * @param style complete
   * @param shared finds the level of the set's largest label, for what is `shared`
   * @param compact the region's patterns of the powers from 3 on, by the form of the rung
   * @throws StyleError for a rung that is not on the ladder
   */
  contribute(style: NotationStyle, shared: SharedLevel, compact: CompactPatterns): Contribution
}

/** Answers what the whole set of values asks for. */
export interface SharedLevel {
  /** The place in the rungs that the largest label stands on, after rounding. */
  rung(own: Contribution): number
  /** The exponent that suits all labels. */
  exponent(own: Contribution): number
}

export const UNITS: Step = {
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
/** What most notations are. */
export const USUAL = {
  hasRungs: false,
  hasExponent: false,
  countsConstant: false,
  isClock: false,
  hasAllDigits: false,
  options: () => ({}),
  unsaid: [],
} satisfies Partial<Notation>
