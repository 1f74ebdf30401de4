import type { Style } from '../style/fields'

/**
 * How the size of a number can be told: by its digits, by symbols or words of rungs, by powers of
 * ten.
 */
export const FORMS = ['digits', 'symbols', 'words', 'exponents'] as const
export type Form = (typeof FORMS)[number]

const MOST_DECIMALS = 3
const decimals = Array.from({ length: MOST_DECIMALS + 1 }, (_, count): [number, number] => [
  count,
  count,
])
const rungs = ['shared', 'each'] as const

const forms: Record<Form, readonly Style[]> = {
  digits: [...decimals.map((fraction): Style => ({ fraction })), { fraction: [0, MOST_DECIMALS] }],
  symbols: rungs.flatMap((rung) =>
    decimals.map((fraction): Style => ({ notation: 'scaled', rung, fraction })),
  ),
  words: rungs.flatMap((rung) =>
    decimals.map((fraction): Style => ({ notation: 'scaled', rung, rungForm: 'word', fraction })),
  ),
  exponents: decimals.map((fraction): Style => ({
    notation: 'scientific',
    exponent: 'shared',
    fraction,
  })),
}

/**
 * Every style that is tried, or those of one form.
 *
 * @example candidates('words').every(({ style }) => style.notation === 'scaled') // true
 */
export const candidates = (form?: Form): { form: Form; style: Style }[] =>
  (form ? [form] : FORMS).flatMap((one) => forms[one].map((style) => ({ form: one, style })))

/** How size is told, with the decimals left open. */
const wordingsOf: Record<Form, readonly Style[]> = {
  digits: [{ notation: 'plain' }],
  symbols: rungs.map((rung): Style => ({ notation: 'scaled', rung, rungForm: 'symbol' })),
  words: [{ notation: 'scaled', rung: 'shared', rungForm: 'word' }],
  exponents: [{ notation: 'scientific', exponent: 'shared' }],
}

/**
 * Every wording that is tried, or those of one form.
 *
 * @example wordings('words') // [{ notation: 'scaled', rung: 'shared', rungForm: 'word' }]
 */
export const wordings = (form?: Form): Style[] =>
  (form ? [form] : FORMS).flatMap((one) => wordingsOf[one])

/** What is tried where sizes are so far apart that decimals lose the smallest. */
export const FAR_APART: readonly Style[] = [
  { significant: [1, MOST_DECIMALS] },
  { notation: 'scientific', exponent: 'each', fraction: [0, MOST_DECIMALS - 1] },
]
