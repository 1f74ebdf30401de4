import type { RoundingMode } from '../decimal/round'
import type { Marks, Part, PartType, Slot } from '../locale/parts'
import type { ByPlural, PluralKey } from '../locale/types'
import type { RationalText } from '../measures/rational'
import type { Exponent, Multiple, Step } from '../notations/types'

export type { Marks, Part, PartType, Slot }

/**
 * A Plan is a style with everything looked up: plain JSON, frozen, enough to write a label
 * or to read one back. Decimals stand in it as text.
 */
export interface Plan {
  /** The power of ten that the cells are recorded in: true value = cell × 10^recorded. */
  readonly recorded: number
  /** The first rule whose condition a row and its value meet writes it; the last one has none. */
  readonly rules: readonly Rule[]
  /** The label of null, empty text and NaN. */
  readonly missing: string
  /** Which labels say rung and unit; in the others they are left out. */
  readonly unitAt: 'label' | 'first' | 'last' | 'title'
  /** What a title says of rung and unit, where it does. */
  readonly title: string | null
}

/**
 * When a rule writes: for some values of a column, for any that is there, for some magnitudes, or
 * where several conditions hold.
 */
export type Condition =
  | { readonly all: readonly Condition[] }
  | { readonly column: string; readonly is: readonly string[] }
  | { readonly column: string; readonly filled: true }
  | { readonly magnitude: { readonly from?: number; readonly to?: number } }

export interface Rule {
  /** null in the last rule, which writes what no other does. */
  readonly when: Condition | null
  /** The label writes true value × factor. */
  readonly factor: string
  /**
   * What the value is converted by before, where no factor of finite decimals says it: value ×
   * scale + shift.
   */
  readonly convert?: { readonly scale: RationalText; readonly shift: RationalText }
  readonly precision: Precision
  /** Ascending. A rule without rungs to choose from has the one of power 0 without a text. */
  readonly rungs: readonly Rung[]
  /** The place in `rungs` that every label uses, or null where each chooses its own. */
  readonly fixedRung: number | null
  /**
   * From this power of ten of the last rung on, labels leave the ladder for an exponent; null: they
   * never do.
   */
  readonly beyond: number | null
  /** null where no exponent is written. */
  readonly exponent: Exponent | null
  /** How exponents are set, where one is written. */
  readonly exponentForm: ExponentForm
  readonly marks: Marks
  readonly grouping: Grouping | null
  readonly sign: SignMode
  readonly frames: Frames
  /**
   * What stands in the frames for a currency's name, before and after the number, by the plural of
   * the whole number.
   */
  readonly names: Names | null
  /** Plural rules in CLDR's syntax, where any frame or name depends on them. */
  readonly plurals: Readonly<Record<string, string>> | null
  /** The ten digits, from zero. */
  readonly digits: readonly string[]
  readonly infinity: string
  /** The same without rung and unit. */
  readonly bare: Frames
  /** Values below or above are written as these bounds; decimal text. */
  readonly under: string | null
  readonly over: string | null
  /** The whole label of exactly zero. */
  readonly zero: string | null
  /** The constant whose multiples are written; null where numbers are. */
  readonly multiple: Multiple | null
  /** How a count of minutes or seconds is set as a clock, where it is one. */
  readonly clock?: Clock
  /** The error that stands with each value, where one is written. */
  readonly uncertainty?: Uncertainty
  /** The column whose cell stands in the place of the unit, where the rule writes any. */
  readonly unitOf?: string
  /** The column of the unit, where a rule without one writes no label that has no row. */
  readonly needsRow?: string
  /** The column of the unit, where the rule meets units that nothing leads from. */
  readonly refuses?: string
}

export type UncertaintyForm = 'plusMinus' | 'parentheses' | 'interval'
/** How the error of a value is written with it. */
export interface Uncertainty {
  /** The column that has it, in the values' own measure. */
  readonly column: string
  readonly form: UncertaintyForm
  /** So many significant digits of it are kept. */
  readonly significant: number
  /** What stands between the ends of an interval above zero, and where one is below. */
  readonly between: string
  readonly apart: string
}

/** A clock's patterns: texts, which begin with an apostrophe, and places such as h, HH and mm. */
export interface Clock {
  readonly tokens: readonly string[]
  /**
   * The texts of `a`: of the two halves of a day, or of each hour; null where hours are counted on.
   */
  readonly periods: readonly string[] | null
  /** The pattern past a day and below zero, where `tokens` tell halves of a day. */
  readonly longer: readonly string[]
  /** How days are written, by plural; null where none are. */
  readonly days: ByPlural | null
}

export interface Precision {
  /** Least and most digits after the decimal mark; null where only significant digits count. */
  readonly fraction: readonly [number, number] | null
  /** Least and most significant digits; null where only decimals count. */
  readonly significant: readonly [number, number] | null
  /** Which of the two decides where both are given. */
  readonly priority: 'morePrecision' | 'lessPrecision'
  readonly rounding: RoundingMode
  /** The written number is a multiple of it; decimal text. */
  readonly increment: string | null
  /** Whether decimals that are all zero are left out. */
  readonly strip: boolean
  /** Decimals of each rung, by its place, in place of `fraction`. */
  readonly by?: readonly number[]
  /** The power of ten of the last digit, where labels with exponents of their own share it. */
  readonly last?: number
}

/** A rung of a rule, with the region's own frames for it in place of the rule's. */
export interface Rung extends Omit<Step, 'forms'> {
  readonly forms: Forms | null
}

export type ExponentForm = 'times' | 'e' | 'E' | 'power'
export type SignMode = 'auto' | 'always' | 'exceptZero' | 'never' | 'parentheses'

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
  /** Whether the number itself is not written: a pattern can be a word alone. */
  readonly hidden: boolean
}
/**
 * Frames by the plural of the number as it is written; `other` stands in for those that are absent.
 */
export type Forms = Readonly<Partial<Record<PluralKey, Frames>>>
export type Names = Readonly<Partial<Record<PluralKey, Name>>>
/**
 * What stands before and after the number; and where the name alone says which it is, that number:
 * Arabic has a word for two miles.
 */
export type Name = readonly [before: readonly Part[], after: readonly Part[], says?: string]
/** What is written of a number: the decision, before it becomes text. */
export interface Written {
  readonly kind: 'number' | 'infinite' | 'missing' | 'zero'
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
  /** What the digits of a multiple are divided by; 1 elsewhere. */
  readonly denominator: number
  /** The power of the constant that a multiple counts; 1 where none is told. */
  readonly constantPower?: number
  /** Whether the number stands for all below or above it. */
  readonly bound: '' | '<' | '>'
  /** The error that is written with it, in units of the last digit. */
  readonly error?: bigint
}

/** A value as the core takes it in. */
export type Value = number | bigint | string | null | undefined
/** The cells beside a value, by column; cases look at them. */
export type Row = Readonly<Record<string, unknown>>
