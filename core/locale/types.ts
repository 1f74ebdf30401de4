/** A plural category of CLDR, or an exact 0 or 1. */
export type PluralKey = '0' | '1' | 'zero' | 'one' | 'two' | 'few' | 'many' | 'other'
/** Texts or patterns by plural; `other` stands in for those that are absent. */
export type ByPlural = Readonly<Partial<Record<PluralKey, string>>>

/** How one numbering system is written in a region. */
export interface SystemTable {
  readonly marks: {
    readonly decimal: string
    readonly group: string
    readonly minus: string
    readonly plus: string
  }
  readonly moneyMarks: { readonly decimal: string; readonly group: string }
  readonly percent: string
  readonly permille: string
  readonly infinity: string
  /** What stands between the ends of a range. */
  readonly range: string
  readonly patterns: {
    readonly decimal: string
    readonly percent: string
    readonly currency: string
    readonly accounting: string
    /** {0} the number, {1} the currency's name. */
    readonly names: ByPlural
  }
  /** Patterns of the powers from 3 on. */
  readonly compact: {
    readonly short: readonly ByPlural[] | null
    readonly long: readonly ByPlural[] | null
    readonly currency: readonly ByPlural[] | null
  }
}

/** What a region says about writing numbers, made from CLDR by scripts/locales.mjs. */
export interface LocaleTable {
  readonly locale: string
  /** The numbering system that the region uses by itself. */
  readonly system: string
  /** Digits that must stand before the first group mark. */
  readonly least: number
  readonly systems: Readonly<Record<string, SystemTable>>
  /** Currencies' symbols where they are not the code. */
  readonly symbols: Readonly<Record<string, string>>
  readonly narrow: Readonly<Record<string, string>>
  /** Plural rules in CLDR's syntax (Unicode Technical Standard 35, part 3). */
  readonly plurals: Readonly<Record<string, string>>
  readonly clock: ClockTable
}

/**
 * How a clock is set in a region: patterns by form, in places such as h, HH and mm, and in texts
 * that begin with an apostrophe.
 */
export interface ClockTable {
  readonly durations: Readonly<Record<'h:mm' | 'h:mm:ss' | 'm:ss', readonly string[]>>
  readonly times: Readonly<Record<'h:mm' | 'h:mm:ss', readonly string[]>>
  /** The texts of the two halves of a day, or of each hour; null where hours go to 23. */
  readonly periods: readonly string[] | null
  /** How days are written. */
  readonly days: ByPlural
}

/** The names of currencies in one region: `name`, and by plural. */
export type CurrencyNames = Readonly<Record<string, Readonly<Record<string, string>>>>

/** Patterns by plural, or one for all. */
export type Patterns = string | ByPlural
/** How measures are written in one region, in one display: {0} the number or the unit within. */
export interface MeasurePatterns {
  /** By id. */
  readonly units: Readonly<Record<string, Patterns>>
  /** What stands around a unit that is counted per this one. */
  readonly per: Readonly<Record<string, string>>
  /** {0} per {1}, and {0} times {1}. */
  readonly compound: string
  readonly times: string
  /** Square and cubic. */
  readonly powers: Readonly<Record<string, Patterns>>
  /** By the power that the prefix stands for: 10p3, 1024p1. */
  readonly prefixes: Readonly<Record<string, string>>
}
export type MeasureDisplay = 'short' | 'narrow' | 'long'
/** The names of measures in one region. */
export type MeasureNames = Readonly<Record<MeasureDisplay, MeasurePatterns>>
