import { listed, placesOf, quoted } from './numbers'
import { numbersByHand } from './byhand'
import { fix } from './fixes'
import type { Check } from './types'

/**
 * Protects the next edition: words in a tick's place stay where they are when the ticks move.
 * Numbers, however they are written, are left to `wrong-tick-label`.
 */
export const labelIsWords: Check<{ labels: readonly string[] }> = {
  id: 'label-is-words',
  title: 'A label by hand is not a number',
  weight: 'note',
  finds: 'labels typed by hand that are not numbers',
  find(proof) {
    const { byHand } = proof
    if (!byHand || byHand.length !== proof.values.length) return null
    const at = placesOf(proof, (place) => numbersByHand(proof, place).length === 0)
    if (at.length === 0) return null
    return { severity: 'note', params: { labels: at.map((place) => byHand[place]!) }, at }
  },
  message: ({ labels }) =>
    `${listed(labels.map(quoted))} ${labels.length === 1 ? 'is not a number: it stays in place' : 'are not numbers: they stay in place'} when the ticks move.`,
  *propose({ style }) {
    yield fix('labels-from-ticks', {}, { way: 'labels', style, dropsLabels: true })
  },
}
