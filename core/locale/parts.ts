import type { NumberPattern } from './pattern'

/** The marks of a number. */
export interface Marks {
  readonly decimal: string
  readonly group: string
  readonly minus: string
  readonly plus: string
}

export type PartType =
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
  | 'clock'
  | 'period'
  | 'denominator'
  | 'uncertainty'
  | 'missing'
  | 'infinity'
  | 'zero'
export interface Part {
  readonly type: PartType
  readonly value: string
}

/**
 * A part as it is; the place where the rung goes, behind its own gap; the rung as a prefix of the
 * unit; or what a currency's name puts before or after the number.
 */
export type Slot = Part | 'rung' | 'prefix' | 'nameBefore' | 'nameAfter'

/** What fills the placeholders of a pattern. */
export interface Fill {
  readonly marks: Marks
  /** The currency's symbol or the percent sign: what ¤, % and ‰ stand for. */
  readonly unit: string
  /** What plain text of the pattern is: part of a rung's name, or nothing in particular. */
  readonly text: 'rung' | 'literal'
}

/** A pattern with what fills it. */
export interface Layer {
  readonly pattern: NumberPattern
  readonly fill: Fill
}

/**
 * Blanks in a gap do not break a label over two lines.
 *
 * @example noBreak(' kg') // '\u00a0kg'
 */
export const noBreak = (gap: string): string => gap.replaceAll(' ', '\u00a0')
export const partIf = (type: Part['type'], value: string): Part[] =>
  value ? [{ type, value }] : []
