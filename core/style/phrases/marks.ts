import { type FullStyle, GROUPINGS, SIGNS } from '../schemas'
import { always, asIs, type PhraseOf } from './types'

/**
 * Languages worth a place in the list, by how many people write numbers in them, with the rarer
 * ways of grouping among them.
 */
const listedLocales = [
  'en',
  'en-GB',
  'de',
  'de-CH',
  'fr',
  'es',
  'it',
  'nl',
  'pl',
  'pt',
  'sv',
  'ru',
  'tr',
  'ar-EG',
  'hi',
  'bn',
  'ja',
  'ko',
  'zh',
]
const languages = new Intl.DisplayNames(['en'], { type: 'language', languageDisplay: 'standard' })
export const locale: PhraseOf<'locale'> = {
  lead: ', as in',
  name: 'region',
  applies: always,
  choices: () => listedLocales,
  say: (value) =>
    `${languages.of(value.split('-u-')[0]!.split('-').slice(0, 3).join('-'))} (${value})`,
  typed: { hint: 'another language tag, such as fi or ar-MA-u-nu-latn', read: asIs },
}

export const marks: PhraseOf<'marks'> = {
  lead: 'with',
  name: 'marks',
  applies: always,
  choices: () => [
    {},
    { minus: '−' },
    { decimal: ',', group: '.' },
    { group: '\u202f' },
    { group: '’' },
  ],
  say(value) {
    const said = Object.entries(value).map(
      ([name, text]) => `${name} ${/^\s+$/.test(text) ? 'a thin space' : `“${text}”`}`,
    )
    return said.length === 0 ? "the region's marks" : said.join(', ')
  },
}

const groupingWords: Readonly<Record<FullStyle['grouping'], string>> = {
  auto: 'grouped',
  always: 'always grouped',
  min2: 'grouped from five digits on',
  never: 'not grouped',
}
/** Where the region groups, always grouping is the same; whoever wants it elsewhere types it. */
const isListed = (value: FullStyle['grouping']) => value !== 'always'
export const grouping: PhraseOf<'grouping'> = {
  lead: ',',
  name: 'grouping',
  applies: always,
  choices: () => GROUPINGS.filter(isListed),
  say: (value) => groupingWords[value],
}

const signWords: Readonly<Record<FullStyle['sign'], string>> = {
  auto: 'a minus where negative',
  always: 'a sign always',
  exceptZero: 'a sign except on zero',
  never: 'no sign',
  parentheses: 'negatives in parentheses',
}
/** A sign on zero, and none on what is negative, mislead more often than they are meant. */
const misleads = (value: FullStyle['sign']) => value === 'always' || value === 'never'
export const sign: PhraseOf<'sign'> = {
  lead: ', with',
  name: 'sign',
  applies: always,
  choices: () => SIGNS.filter((value) => !misleads(value)),
  say: (value) => signWords[value],
}
