/** What a region says about writing numbers, made from CLDR. */
export interface LocaleTable {
  readonly locale: string
  readonly marks: { readonly decimal: string; readonly group: string; readonly minus: string; readonly plus: string }
  readonly grouping: { readonly first: number; readonly rest: number; readonly least: number }
  readonly currency: {
    /** Where a currency's symbol stands. */
    readonly side: 'before' | 'after'
    /** What stands between symbol and number. */
    readonly gap: string
    readonly symbols: Readonly<Record<string, string>>
  }
}
