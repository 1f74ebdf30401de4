import type { NumberOptions } from '../notations/types'
import type { Layer, Marks, Slot } from '../locale/parts'
import type {
  CurrencyNames,
  LocaleTable,
  MeasureNames,
  PluralKey,
  SystemTable,
} from '../locale/types'

/** A region as units look at it. */
export interface Region {
  readonly table: LocaleTable
  readonly system: SystemTable
  readonly names: CurrencyNames | null
  readonly measures: MeasureNames | null
}

/** Texts before and after the number; and the number that the first alone says, where it does. */
export type UnitName = readonly [before: string, after: string, says?: string]

/** What a unit puts beside the number, and how it is said in a title. */
export interface UnitTexts {
  /** The pattern around the number. */
  readonly layer: Layer
  /** Parts outside the pattern. */
  readonly before: readonly Slot[]
  readonly after: readonly Slot[]
  readonly title: { readonly side: 'before' | 'after'; readonly text: string }
  /** Whether the region's own patterns for shortened amounts of money take it. */
  readonly isMoney: boolean
  /** Patterns that depend on the number's plural: a currency's name. */
  readonly named: Partial<Record<PluralKey, UnitName>> | null
}
/** What a unit writes. */
export interface UnitWriting extends UnitTexts {
  /** How many of it make one: 100 percent. */
  readonly perOne: string
}

/** What a unit is written in. */
export interface UnitSetting {
  readonly region: Region
  readonly marks: Marks
  /** Whether parentheses tell what is below zero. */
  readonly isAccounting: boolean
  /** Whether the rungs are prefixes of the unit: k, M, G. */
  readonly hasPrefixes: boolean
}

/** A unit as data: its kind, and what the kind takes. */
export interface AnyUnit {
  readonly kind: string
}

/** How the cells of a column name units of a kind. */
export interface NamedByCells<Own extends AnyUnit> {
  /** The field of a style that names it, and what that takes. */
  readonly field: string
  readonly takes: string
  /** The code or the id that a cell names; null where it names none. */
  named(text: string): string | null
  /** The unit of that name, written as another one is. */
  of(unit: Own, name: string): Own
  /** What stands for any unit of the kind, by its own name. */
  any(unit: Own): AnyUnit
  /** The unit that the cells of a column name. */
  inColumn(column: string): Own
}

/** A unit without its prefix. */
export interface Bare<Own> {
  readonly unit: Own
  /** What the numbers are multiplied by for it. */
  readonly factor: string
  /** The measure that values are recorded in where nobody says another; null where that is not told. */
  readonly recorded: string | null
}

/** A kind of unit: all that the program knows of it. */
export interface UnitKind<Own extends AnyUnit> {
  readonly kind: Own['kind']
  /** What a style takes for it, as JSON, in error messages and the reference. */
  readonly takes: string
  /** Whether labels say anything of it. */
  readonly isWritten: boolean
  /** Whether it is money: amounts have the marks of money, and brackets for losses. */
  readonly isMoney: boolean
  /** Whether it is a unit of measurement, by its own id or by a column. */
  readonly isMeasured: boolean
  /** Whether it counts parts of a whole, and no differences between such parts. */
  readonly isShare: boolean
  /** How many of it make one: 100 percent; 1 where it is no part of one. */
  readonly perOne: string
  /** Whether a clock may stand beside it. */
  readonly goesWithClock: boolean
  /** Decimals that are usual for it; null where any are. */
  usualDecimals(unit: Own): number | null
  /** Whether the percent sign stands behind it, and multiplies the number or not. */
  percentSign(unit: Own): 'multiplies' | 'typed' | null
  /** The code of ISO 4217 that it names for all rows; null where it names none. */
  currency(unit: Own): string | null
  /** The id of CLDR that it names for all rows; null where it names none. */
  measure(unit: Own): string | null
  /** Its letters, where it is nothing else. */
  letters(unit: Own): string | null
  /** The column that names it row by row; null where none does. */
  column(unit: Own): string | null
  /** What has to be at hand to write it. */
  names(unit: Own): 'currencyNames' | 'measureNames' | null
  /** The unit by its name in full, where it has one. */
  inFull(unit: Own): Own
  /** The same unit in its other displays. */
  displays(unit: Own): readonly Own[]
  /**
   * The unit without a prefix of its own, before which rungs stand as prefixes; null where it is none.
   *
   * @throws StyleError where a prefix would change the unit itself, as before m²
   */
  bare(unit: Own): Bare<Own> | null
  /** What it is called in a sentence about a style. */
  say(unit: Own): string
  /** Its options in ECMA-402; null where these have no word for it. */
  options(unit: Own): NumberOptions | null
  /** What it writes. @throws StyleError where it has no name in the region */
  write(unit: Own, setting: UnitSetting): UnitTexts
  /** null where no column can name it. */
  readonly byCells: NamedByCells<Own> | null
}

const none = () => null
/** What most kinds of unit have in common. */
export const USUAL = {
  isWritten: true,
  isMoney: false,
  isMeasured: false,
  isShare: false,
  perOne: '1',
  goesWithClock: false,
  usualDecimals: none,
  percentSign: none,
  currency: none,
  measure: none,
  letters: none,
  column: none,
  names: none,
  inFull: <Own>(unit: Own): Own => unit,
  displays: () => [],
  bare: none,
  options: none,
  byCells: null,
} as const
