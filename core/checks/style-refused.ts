import { fix } from './fixes'
import { placesWhere } from './numbers'
import type { Check } from './types'

/**
 * Says that labels are not written as the style asks, since no labels can be: a rung that its ladder
 * lacks, a prefix before a square metre. They stand in a simpler style then, so that the page opens.
 */
export const styleRefused: Check<{ why: string }> = {
  id: 'style-refused',
  title: 'The style cannot be written',
  weight: 'error',
  finds: 'a style that contradicts itself or its values, so labels use a simpler one',
  find(proof) {
    const { refused } = proof
    if (refused === undefined) return null
    return { severity: 'error', params: { why: refused }, at: placesWhere(proof, () => true) }
  },
  message: ({ why }) => `These labels use a simpler style: ${why}.`,
  *propose({ style }) {
    yield fix('simpler-style', {}, { way: 'notation', style })
  },
}
