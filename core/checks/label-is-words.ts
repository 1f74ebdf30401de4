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
  title: 'A label by hand is no number',
  weight: 'note',
  finds: 'texts by hand that say no number',
  find(proof) {
    const { byHand } = proof
    if (!byHand || byHand.length !== proof.values.length) return null
    const at = placesOf(proof, (place) => numbersByHand(proof, place).length === 0)
    if (at.length === 0) return null
    return { severity: 'note', params: { labels: at.map((place) => byHand[place]!) }, at }
  },
  message: ({ labels }) =>
    `${listed(labels.map(quoted))} ${labels.length === 1 ? 'is no number: it stays where it is' : 'are no numbers: they stay where they are'} when the ticks move.`,
  *propose({ style }) {
    yield fix('labels-from-ticks', {}, { way: 'labels', style, dropsLabels: true })
  },
}
