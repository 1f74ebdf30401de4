import { listed, quoted } from './numbers'
import type { Check } from './types'

/** A hyphen right before a number, where no word or number stands before it. */
const HYPHEN = /(?<![\p{L}\p{N}.,)])-(?=[\p{Sc}]?\d)[\p{Sc}]?[\d.,]*\d/gu

/** Protects the eye: a hyphen is shorter and lower than a minus. Hyphens between words are left. */
export const hyphenMinus: Check<{ numbers: readonly string[] }> = {
  id: 'hyphen-minus',
  title: 'A hyphen is used as a minus',
  weight: 'note',
  finds: 'a hyphen before a number in a sentence, a headline or a label typed by hand',
  find({ text = '', byHand = [] }) {
    const numbers = [text, ...byHand].flatMap((one) => one.match(HYPHEN) ?? [])
    return numbers.length === 0 ? null : { severity: 'note', params: { numbers }, at: [] }
  },
  message: ({ numbers }) =>
    `${listed(numbers.map(quoted))} ${numbers.length === 1 ? 'has' : 'have'} a hyphen as the minus sign. Use − (U+2212).`,
  propose: () => [],
}
