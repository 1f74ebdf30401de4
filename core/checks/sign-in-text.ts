import { placesWhere, isNumeral } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

type Text = { readonly label: string; readonly text: string; readonly as: string }

/** What a text at the front or the back of a number reads as; nothing where it is only a text. */
const FRONT: readonly (readonly [RegExp, string])[] = [
  [/(^|[\s(])[-−‒–]\s?$/u, 'a minus'],
  [/(^|[\s(])[+]\s?$/u, 'a plus'],
  [/\p{N}$/u, 'digits of the number'],
  [/\p{N}[.,’']$/u, 'digits of the number'],
]
const BACK: readonly (readonly [RegExp, string])[] = [
  [/^[.,’']?\p{Nd}/u, 'digits of the number'],
  [/^[eE][-+−]?\d/u, 'an exponent'],
  [/^\s?[×·]\s?\d/u, 'a factor'],
]
const readsAs = (text: string, all: typeof FRONT): string | undefined =>
  all.find(([pattern]) => pattern.test(text))?.[1]

function misleading({ full: { before, after } }: Proof): Omit<Text, 'label'> | null {
  if (/^\s*\($/.test(before) && /^\)\s*$/.test(after))
    return { text: '()', as: 'a minus, as accounts write it' }
  const [front, back] = [readsAs(before, FRONT), readsAs(after, BACK)]
  if (front) return { text: before, as: front }
  return back ? { text: after, as: back } : null
}

/**
 * Protects readers from texts around a label that read as part of its number. Words, stars and
 * tildes are left alone.
 */
export const signInText: Check<Text> = {
  id: 'sign-in-text',
  title: 'A text reads as part of the number',
  weight: 'error',
  finds:
    'a text before or after the label that looks like a sign, digits or a separator next to the number',
  find(proof) {
    const found = misleading(proof)
    const at = found ? placesWhere(proof, isNumeral) : []
    if (!found || at.length === 0) return null
    return { severity: 'error', params: { ...found, label: labelAt(proof, at[0]!) }, at }
  },
  message: ({ label, text, as }) => `“${label}”: readers take the text “${text.trim()}” for ${as}.`,
  *propose({ style }) {
    yield fix('no-texts', {}, { way: 'labels', style: { ...style, before: '', after: '' } })
  },
}
