import { NUMERAL } from './decimal'

/** In words, for messages. */
export const NUMBERS_TAKEN = 'numbers have at most 10,000 digits, and exponents go to ±10,000'

const MOST_SHOWN = 40
const brief = (text: string): string =>
  JSON.stringify(text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text)

/**
 * Why a text that was not read is no number that is taken: it is none at all, or beyond the limits.
 *
 * @param text one that `parseDecimal` does not read
 * @example whyNoNumber('1e9999999') // '"1e9999999" is beyond what is taken: …'
 */
export const whyNoNumber = (text: string): string =>
  NUMERAL.test(text)
    ? `${brief(text)} is beyond what is taken: ${NUMBERS_TAKEN}`
    : `${brief(text)} is not a number`
