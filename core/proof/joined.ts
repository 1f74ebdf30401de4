import { superscript } from '../decimal/superscript'
import { leftOf, rightOf } from './edges'
import type { PlacedText } from './types'

/** Pieces of one label lie this near, in sizes of their type. */
const NEAR = 0.6
const RAISED_SIZE = 0.92
const INTEGER = /^[-−–+]?\d{1,5}$/
const TEN = /(?:^|[×x·*⋅]\s*)10$/
const MANTISSA = /\d$/
const TIMES = /^[×x·⋅]\s*10(?:[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)?$/u
const BEHIND = /^(?:%|‰|[KMBTkmbn]n?|°C?)$/

/** Whether a small text above the line behind a ten is its exponent. */
const isExponent = (base: PlacedText, next: PlacedText): boolean =>
  INTEGER.test(next.text) &&
  TEN.test(base.text) &&
  next.size <= RAISED_SIZE * base.size &&
  next.y < base.y - 0.1 * base.size
const isGoingOn = (base: PlacedText, next: PlacedText): boolean =>
  MANTISSA.test(base.text) &&
  Math.abs(base.y - next.y) < 0.1 * base.size &&
  (TIMES.test(next.text) || BEHIND.test(next.text))

function follows(base: PlacedText, next: PlacedText): boolean {
  if (Math.abs(base.angle) > 0.5 || Math.abs(next.angle) > 0.5) return false
  const apart = leftOf(next) - rightOf(base)
  return Math.abs(apart) <= NEAR * base.size && (isExponent(base, next) || isGoingOn(base, next))
}

/** A label with the piece behind it as one text, from where they begin to where they end. */
const withNext = (base: PlacedText, next: PlacedText): PlacedText => ({
  ...base,
  text: isExponent(base, next)
    ? `${base.text}${superscript(Number(next.text.replace(/[−–]/, '-')))}`
    : `${base.text}${TIMES.test(next.text) ? '' : ' '}${next.text}`.trim(),
  x: base.anchor === 'start' ? base.x : (leftOf(base) + rightOf(next)) / 2,
  anchor: base.anchor === 'start' ? 'start' : 'middle',
  width: rightOf(next) - leftOf(base),
})

/** A label, and the texts that it is made of where those are several. */
export interface Joined {
  readonly text: PlacedText
  readonly pieces: readonly PlacedText[]
}

/**
 * Labels that were written as several texts put together: a mantissa, ×10 and its exponent.
 *
 * @param texts in the order of the file
 */
export function joinedTexts(texts: readonly PlacedText[]): Joined[] {
  const joined: Joined[] = []
  for (const text of texts) {
    const last = joined.at(-1)
    if (last && follows(last.text, text))
      joined[joined.length - 1] = {
        text: withNext(last.text, text),
        pieces: [...last.pieces, text],
      }
    else joined.push({ text, pieces: [text] })
  }
  return joined
}
