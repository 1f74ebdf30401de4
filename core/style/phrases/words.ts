import { caseWords } from '../cases'
import { superscript } from '../../decimal/superscript'
import { ALIGNMENTS, type FullStyle } from '../schemas'
import { always, asIs, orNone, type Phrase, type PhraseOf } from './types'

const boundPhrase = (name: 'under' | 'over', sign: string): Phrase<string | null> => ({
  lead: ', with',
  name: `bound ${name}`,
  applies: always,
  choices: () => [null],
  typed: {
    hint: `the bound, such as ${name === 'under' ? '0.01' : '1M'}`,
    isNumber: true,
    read: orNone,
  },
  say: (value) =>
    value === null
      ? `no bound ${name}`
      : `“${sign}${value}” for all ${name === 'under' ? 'below' : 'above'}`,
})
export const under = boundPhrase('under', '<')
export const over = boundPhrase('over', '>')

export const zero: PhraseOf<'zero'> = {
  lead: ', zero',
  name: 'zero',
  applies: always,
  choices: ({ missing: other }) => [null, '0', 'nil', '–'].filter((text) => text !== other),
  say: (value) => (value === null ? 'as a number' : `as “${value}”`),
  typed: { hint: 'another text for zero', read: asIs },
}

export const missing: PhraseOf<'missing'> = {
  lead: ', missing',
  name: 'missing values',
  applies: always,
  choices: ({ zero: other }) => ['–', 'n/a', '?', ''].filter((text) => text !== other),
  say: (value) => (value === '' ? 'as nothing' : `as “${value}”`),
  typed: { hint: 'another text for what is missing', read: asIs },
}

const textAround = (side: 'before' | 'after'): Phrase<string> => ({
  lead: `, ${side} it`,
  name: `text ${side}`,
  applies: always,
  choices: () => (side === 'before' ? ['', '≈ ', '~'] : ['', '*', ' est.']),
  say: (value) => (value === '' ? 'nothing' : `“${value.trim()}”`),
  typed: { hint: `text ${side} every label`, read: asIs },
})
export const before = textAround('before')
export const after = textAround('after')

const alignWords: Record<FullStyle['align'], string> = {
  end: 'at the right',
  decimal: 'under their decimal marks',
  edges: 'at the right, their units at the left',
}
export const align: PhraseOf<'align'> = {
  lead: ', lined up in tables',
  name: 'alignment in tables',
  applies: always,
  choices: () => ALIGNMENTS,
  say: (value) => alignWords[value],
}

const SMALL = 3
const GIANT = 15
export const cases: PhraseOf<'cases'> = {
  lead: ', with',
  name: 'exceptions',
  applies: always,
  choices: () => [
    [],
    [{ when: { magnitude: { to: SMALL } }, use: { notation: 'plain' } }],
    [{ when: { magnitude: { from: GIANT } }, use: { rungForm: 'symbolExponent' } }],
  ],
  say(value) {
    if (value.length === 0) return 'no exceptions'
    return value
      .map(({ when }) => {
        if ('column' in when) return `${when.is.join(', ')} written otherwise`
        if ('width' in when) return `${caseWords(when)} written otherwise`
        const { from, to } = when.magnitude
        if (from === undefined) return `numbers below 10${superscript(to ?? 0)} written otherwise`
        return `numbers from 10${superscript(from)}${to === undefined ? ' on' : ` to 10${superscript(to)}`} written otherwise`
      })
      .join(' and ')
  },
}
