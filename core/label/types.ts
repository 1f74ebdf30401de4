import type { RoundingMode } from '../decimal/round'

/**
 * A Plan is a style with everything looked up: plain JSON, frozen, enough to write a label
 * or to read one back. Decimals stand in it as text.
 */
export interface Plan {
  /** The power of ten that the cells are recorded in: true value = cell × 10^recorded. */
  readonly recorded: number
  /** The first rule that matches a row and its value writes it; the last one matches all. */
  readonly rules: readonly Rule[]
  /** The label of null, empty text and NaN. */
  readonly missing: string
}

export interface Rule {
  readonly precision: Precision
  /** Ascending. A rule without rungs to choose from has the one of power 0 without a text. */
  readonly rungs: readonly Rung[]
  /** The place in `rungs` that every label uses, or null where each chooses its own. */
  readonly fixedRung: number | null
  /** From this power of ten on, labels leave the ladder for an exponent; null: they never do. */
  readonly lastPower: number | null
  /** null where no exponent is written. */
  readonly exponent: Exponent | null
  /** How exponents are set, where one is written. */
  readonly exponentForm: ExponentForm
  readonly marks: Marks
  readonly grouping: Grouping | null
  readonly sign: SignMode
  readonly frames: Frames
}

export interface Precision {
  /** Least and most digits after the decimal mark. */
  readonly fraction: readonly [number, number]
  readonly rounding: RoundingMode
}

export interface Rung {
  /** The power of ten of which it is the name. */
  readonly power: number
  /** What is written for it; empty for the units. */
  readonly text: string
  /** What stands between the number and the text. */
  readonly gap: string
}

export interface Exponent {
  /** Exponents are multiples of this. */
  readonly step: number
  /** The exponent on every label, or null where each has its own. */
  readonly fixed: number | null
}

export type ExponentForm = 'times' | 'e' | 'E' | 'power'
export type SignMode = 'auto' | 'always' | 'exceptZero' | 'never' | 'parentheses'

export interface Marks {
  readonly decimal: string
  readonly group: string
  readonly minus: string
  readonly plus: string
}

/** Sizes of the groups before the decimal mark, from the right. */
export interface Grouping {
  readonly first: number
  readonly rest: number
  /** Digits that must stand before the first group mark. */
  readonly least: number
}

/** What stands around the number for each state of the sign. */
export type Frames = Readonly<Record<SignState, Frame>>
export type SignState = 'none' | 'minus' | 'plus'
export interface Frame {
  readonly before: readonly Slot[]
  readonly after: readonly Slot[]
}
/** A part as it is, or the place where the rung goes. */
export type Slot = Part | 'rung'

export type PartType =
  | 'minus' | 'plus' | 'unit' | 'gap' | 'literal'
  | 'integer' | 'group' | 'decimal' | 'fraction' | 'rung' | 'exponent' | 'missing' | 'infinity'
export interface Part {
  readonly type: PartType
  readonly value: string
}

/** What is written of a number: the decision, before it becomes text. */
export interface Written {
  readonly kind: 'number' | 'infinite' | 'missing'
  /** The rule that wrote it, as a place in the Plan's rules. */
  readonly rule: number
  readonly sign: SignState
  /** The kept digits, without sign: the written number is digits × 10^place. */
  readonly digits: bigint
  readonly place: number
  /** Digits shown after the decimal mark. */
  readonly decimals: number
  /** The place in the rule's rungs. */
  readonly rung: number
  /** The exponent written, or null. */
  readonly exponent: number | null
}

/** A value as the core takes it in. */
export type Value = number | bigint | string | null | undefined
