/** A number, a bigint, decimal text such as "-1.5e3", or a missing value: null, undefined, "", NaN. */
export type Value = number | bigint | string | null | undefined
/** The cells beside a value, by column: some styles look at them. */
export type Row = Readonly<Record<string, unknown>>
export interface Part {
  type:
    | 'minus'
    | 'plus'
    | 'unit'
    | 'gap'
    | 'literal'
    | 'before'
    | 'after'
    | 'bound'
    | 'integer'
    | 'group'
    | 'decimal'
    | 'fraction'
    | 'rung'
    | 'exponent'
    | 'constant'
    | 'denominator'
    | 'missing'
    | 'infinity'
    | 'zero'
  value: string
}
/** The label of a value; the value stays a number. Throws when it is none. */
export declare function label(value: Value, row?: Row): string
/** The labels of many values, in their order. Throws naming the index of what is no number. */
export declare function labels(values: Iterable<Value>, rows?: readonly Row[]): string[]
/** The parts of a label, in order; their values joined are its text. */
export declare function parts(value: Value, row?: Row): Part[]
/** What a screen reader should say for the label of a value: "1.2 million euros". */
export declare function spoken(value: Value, row?: Row): string
