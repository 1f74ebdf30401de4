import type { Check } from './types'

/** A dash between two numbers one of which has a minus. */
const BEFORE_MINUS = /\d\s?[-‐–—]\s?[-−]\s?\p{Sc}?\d[\d.,]*/u
const AFTER_MINUS = /(?<![\p{L}\d.,])[-−]\p{Sc}?\d[\d.,]*\s?[-‐–—]\s?\d[\d.,]*/u

/**
 * Protects readers from a dash that could be a minus, or a minus that could be a dash. Ranges of
 * positive numbers are left alone.
 */
export const rangeDash: Check<{ range: string }> = {
  id: 'range-dash',
  title: 'A range dash is next to a minus',
  weight: 'warning',
  finds: 'a range with a dash and a negative end',
  find({ text = '', byHand = [] }) {
    const range = [text, ...byHand]
      .map((one) => BEFORE_MINUS.exec(one) ?? AFTER_MINUS.exec(one))
      .find((match) => match !== null)?.[0]
    return range === undefined ? null : { severity: 'warning', params: { range }, at: [] }
  },
  message: ({ range }) =>
    `In “${range.trim()}” the dash is next to a minus. Write “to” between the numbers.`,
  propose: () => [],
}
