import { type Decimal, toText } from '../decimal/decimal'
import { isInterval, type ReadNumber } from './readback'

const bound = (end: Decimal | null): string | null => end && toText(end)
/** The ends of what an interval reads as; null where it has none. */
export const saidEnds = (said: ReadNumber): { from: string | null; to: string | null } | null =>
  typeof said === 'object' && isInterval(said)
    ? { from: bound(said.from), to: bound(said.to) }
    : null

/**
 * What a label says, as text: a decimal, infinity, or the ends of an interval.
 *
 * @example saidText(readBack('>1K', plan).value!) // '1000..'
 */
export function saidText(said: ReadNumber): string {
  const ends = saidEnds(said)
  if (ends) return `${ends.from ?? ''}..${ends.to ?? ''}`
  if (typeof said === 'object') return toText(said as Decimal)
  return said < 0 ? '-Infinity' : 'Infinity'
}
