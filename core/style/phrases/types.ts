import type { FullStyle } from '../schemas'

/** How a field stands in the style sentence. */
export interface Phrase<Value> {
  /** What leads to it in the sentence. */
  readonly lead: string
  /** What the choice is of, for assistive technology. */
  readonly name: string
  /** Whether the sentence has it in this style. */
  applies(style: FullStyle): boolean
  /** The choices worth a place in the list; the style's own value is added to them. */
  choices(style: FullStyle): readonly Value[]
  /** A value in words. */
  say(value: Value, style: FullStyle): string
  /** How a value that is not listed is typed: what to type, and what the text means. */
  readonly typed?: {
    readonly hint: string
    /** Whether what is typed is a number, in the region's marks or with a rung. */
    readonly isNumber?: boolean
    /** @param text a number as plain decimal text */
    read(text: string): unknown
    /** A value whose tables are needed to write what may be typed. */
    readonly needs?: unknown
    /** What was typed in words, where that is not how the sentence says it. */
    say?(value: unknown): string
    /** What else the text may mean, the likeliest first. */
    others?(text: string): readonly unknown[]
  }
}

/** The phrase of a field. */
export type PhraseOf<Name extends keyof FullStyle> = Phrase<FullStyle[Name]>

export const always = (): boolean => true
/** What is typed as it is. */
export const asIs = (text: string): string => text
/** Nothing typed is nothing set. */
export const orNone = (text: string): string | null => text || null
