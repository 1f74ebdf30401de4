import { listed, quoted } from './numbers'
import { labelsOf } from './proof'
import type { Check } from './types'

/**
 * A number in running text: digits with marks inside, a sign before them, a rung or percent sign
 * behind.
 */
const NUMBER = /[-−+]?\d[\d.,\u00a0\u202f']*\d(?:[a-zA-Z%]\b|%)?|[-−+]?\d(?:[a-zA-Z%]\b|%)?/gu

/** A hyphen for a minus is another check's. */
const withMinus = (text: string): string => text.replace(/-(?=\d)/g, '−')

/** Numbers of a text that stand in none of its labels. */
function rawIn(text: string, labels: readonly string[]): string[] {
  // The longest first, so that no label is taken for part of another.
  const bare = labels
    .filter((label) => label !== '')
    .map(withMinus)
    .sort((a, b) => b.length - a.length)
    .reduce((rest, label) => rest.split(label).join(' '), withMinus(text))
  return bare.match(NUMBER) ?? []
}

/**
 * Protects the next edition: a number typed in a sentence stays when the data change. Numbers that
 * a style writes are left alone.
 */
export const rawNumber: Check<{ numbers: readonly string[] }> = {
  id: 'raw-number',
  title: 'A number typed into text',
  weight: 'warning',
  finds: 'digits typed into a message, which follow neither the style nor the data',
  find({ text, ...proof }) {
    const raw = text === undefined ? [] : rawIn(text, labelsOf(proof))
    if (raw.length === 0) return null
    return {
      severity: 'warning',
      params: { numbers: raw },
      at: [],
    }
  },
  message({ numbers }) {
    const [are, stay] =
      numbers.length === 1 ? ['is', 'it does not change'] : ['are', 'they do not change']
    return `${listed(numbers.map(quoted))} ${are} typed into the text: ${stay} with the data or the style.`
  },
  propose: () => [],
}
