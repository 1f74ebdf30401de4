import type { ExponentForm, SignMode } from '../label/types'
import { superscript } from '../label/write'
import { LADDER_IDS } from '../ladders'
import { ladderOf, REGIONAL } from '../ladders/find'
import { decimalsText } from './decimals'
import type { FullStyle } from './schemas'

/** How a field stands in the style sentence. */
export interface Phrase<Value> {
  /** What leads to it in the sentence. */
  readonly lead: string
  /** What the choice is of, for assistive technology. */
  readonly name: string
  /** Whether the sentence has it in this style. */
  applies(style: FullStyle): boolean
  /** The choices worth a place in the list; the style's own value is added to them. */
  choices(style: FullStyle): readonly Value[]
  /** A value in words. */
  say(value: Value, style: FullStyle): string
  /** How a value that is not listed is typed: what to type, and what the text means. */
  readonly typed?: { readonly hint: string; read(text: string): unknown }
}

const asIs = (text: string): string => text
/** Nothing typed is nothing set. */
const orNone = (text: string): string | null => text || null

const always = () => true
const MOST_LISTED_DECIMALS = 4
const listed = Array.from({ length: MOST_LISTED_DECIMALS }, (_, at) => at + 1)

const isScaled = (style: FullStyle) => style.notation === 'scaled'
/** Whether labels are written with an exponent by their notation. */
export const isPowered = (style: FullStyle): boolean =>
  style.notation === 'scientific' || style.notation === 'engineering'

const notationWords: Record<FullStyle['notation'], string> = {
  plain: 'with all its digits',
  scaled: 'shortened',
  scientific: 'with a power of ten',
  engineering: 'with a power of a thousand',
  multiple: 'as multiples',
}
export const notation: Phrase<FullStyle['notation']> = {
  lead: '',
  name: 'notation',
  applies: always,
  choices: () => ['plain', 'scaled', 'scientific', 'engineering', 'multiple'],
  say: (value) => notationWords[value],
}

const MOST_LISTED_RUNGS = 8
export const rung: Phrase<FullStyle['rung']> = {
  lead: '',
  name: 'rung',
  applies: isScaled,
  choices: (style) => [
    'each',
    'shared',
    0,
    ...ladderOf(style.ladder)
      .rungs.map(({ power }) => power)
      .filter((power) => power > -12)
      .slice(0, MOST_LISTED_RUNGS),
  ],
  say(value, style) {
    if (value === 'each') return 'by its own rung'
    if (value === 'shared') return 'by one rung for all'
    if (value === 0) return 'in units'
    const ladder = ladderOf(style.ladder)
    const found = ladder.rungs.find(({ power }) => power === value)
    if (!found) return `in 10${superscript(value)}`
    return ladder.prefixes || found.symbol === found.word
      ? `in ${found.symbol}`
      : `in ${found.word}s (${found.symbol})`
  },
}

export const ladder: Phrase<FullStyle['ladder']> = {
  lead: 'of',
  name: 'ladder',
  applies: isScaled,
  choices: () => [...LADDER_IDS, REGIONAL],
  say: (value) =>
    typeof value === 'string' ? ladderOf(value).title : (value.title ?? 'a ladder of your own'),
}

const rungFormWords: Record<FullStyle['rungForm'], string> = {
  symbol: 'as a symbol',
  word: 'as a word',
  symbolExponent: 'as a symbol with its power',
}
export const rungForm: Phrase<FullStyle['rungForm']> = {
  lead: 'written',
  name: 'form of the rung',
  applies: isScaled,
  choices: () => ['symbol', 'word', 'symbolExponent'],
  say: (value) => rungFormWords[value],
}

export const rungFrom: Phrase<FullStyle['rungFrom']> = {
  lead: ',',
  name: 'where scaling begins',
  applies: (style) => isScaled(style) && typeof style.rung === 'string',
  choices: (style) => [
    null,
    ...ladderOf(style.ladder)
      .rungs.map(({ power }) => power)
      .filter((power) => power > 0)
      .slice(1, 4),
  ],
  say: (value) => (value === null ? 'from the first rung on' : `from 10${superscript(value)} on`),
}

const constantWords: Record<string, string> = { pi: 'π', tau: 'τ', e: 'e' }
export const multipleOf: Phrase<FullStyle['multipleOf']> = {
  lead: 'of',
  name: 'constant',
  applies: (style) => style.notation === 'multiple',
  choices: () => ['pi', 'tau', 'e'],
  say: (value) => constantWords[value] ?? value,
  typed: { hint: 'another number, such as 0.25', read: asIs },
}

const gapWords: Record<string, string> = { '': 'no gap', ' ': 'a space', '\u202f': 'a thin space' }
export const rungGap: Phrase<FullStyle['rungGap']> = {
  lead: 'after',
  name: 'gap before the rung',
  applies: isScaled,
  choices: () => [null, '', ' ', '\u202f'],
  say: (value) => (value === null ? 'the usual gap' : (gapWords[value] ?? `“${value}”`)),
}

export const exponent: Phrase<FullStyle['exponent']> = {
  lead: ',',
  name: 'exponent',
  applies: isPowered,
  choices: () => ['each', 'shared'],
  say: (value) =>
    value === 'each'
      ? 'each its own'
      : value === 'shared'
        ? 'one for all'
        : `10${superscript(value)} on every label`,
}

const formWords: Record<ExponentForm, string> = {
  times: '×10⁵',
  power: '10⁵ alone where it can',
  e: 'e5',
  E: 'E5',
}
export const exponentForm: Phrase<ExponentForm> = {
  lead: 'set as',
  name: 'form of the exponent',
  applies: isPowered,
  choices: () => ['times', 'power', 'e', 'E'],
  say: (value) => formWords[value],
}

const digitRange = (
  [least, most]: readonly [number, number],
  words: (count: number) => string,
): string => {
  if (most === 0) return words(0)
  if (least === most) return `exactly ${words(most)}`
  return least <= 1 ? `at most ${words(most)}` : `${least} to ${words(most)}`
}
const pairs = (least: number, exact: readonly number[]) => [
  ...exact.map((n) => [n, n] as [number, number]),
  ...exact.filter((n) => n > least).map((n) => [least, n] as [number, number]),
]

export const fraction: Phrase<FullStyle['fraction']> = {
  lead: ', with',
  name: 'decimals',
  applies: (style) => style.fraction !== null,
  choices: () => pairs(0, [0, ...listed]),
  say: (value) => (value === null ? 'any decimals' : digitRange(value, decimalsText)),
}

const significantText = (count: number) => `${count} significant digit${count === 1 ? '' : 's'}`
export const significant: Phrase<FullStyle['significant']> = {
  lead: ', with',
  name: 'significant digits',
  applies: always,
  choices: () => [null, ...pairs(1, listed)],
  say: (value) =>
    value === null ? 'no count of significant digits' : digitRange(value, significantText),
}

const roundingWords: Record<FullStyle['rounding'], string> = {
  halfExpand: 'halves away from zero',
  halfEven: 'halves to even',
  halfTrunc: 'halves towards zero',
  halfCeil: 'halves up',
  halfFloor: 'halves down',
  ceil: 'always up',
  floor: 'always down',
  expand: 'always away from zero',
  trunc: 'always towards zero',
}
export const rounding: Phrase<FullStyle['rounding']> = {
  lead: ', rounding',
  name: 'rounding',
  applies: always,
  choices: () => Object.keys(roundingWords) as FullStyle['rounding'][],
  say: (value) => roundingWords[value],
}

export const increment: Phrase<FullStyle['increment']> = {
  lead: 'to',
  name: 'increment',
  applies: always,
  choices: () => [null, '0.05', '0.25', '0.5', '5', '10', '50'],
  say: (value) => (value === null ? 'any digit' : `multiples of ${value}`),
  typed: { hint: 'another step, such as 0.125', read: orNone },
}

const priorityWords: Record<FullStyle['priority'], string> = {
  morePrecision: 'the finer of both',
  lessPrecision: 'the coarser of both',
}
export const priority: Phrase<FullStyle['priority']> = {
  lead: 'by',
  name: 'decimals or significant digits',
  applies: (style) => style.fraction !== null && style.significant !== null,
  choices: () => ['morePrecision', 'lessPrecision'],
  say: (value) => priorityWords[value],
}

/** Languages worth a place in the list, by how many people write numbers in them, with the rarer ways of grouping among them. */
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
export const locale: Phrase<FullStyle['locale']> = {
  lead: ', as in',
  name: 'region',
  applies: always,
  choices: () => listedLocales,
  say: (value) =>
    `${languages.of(value.split('-u-')[0]!.split('-').slice(0, 3).join('-'))} (${value})`,
  typed: { hint: 'another language tag, such as fi or ar-MA-u-nu-latn', read: asIs },
}

export const marks: Phrase<FullStyle['marks']> = {
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

const zerosWords: Record<FullStyle['trailingZeros'], string> = {
  auto: 'whole numbers like the rest',
  stripIfInteger: 'whole numbers without decimals',
}
export const trailingZeros: Phrase<FullStyle['trailingZeros']> = {
  lead: ',',
  name: 'decimals that are all zero',
  applies: (style) => Boolean(style.fraction?.[0] || (style.significant?.[0] ?? 1) > 1),
  choices: () => ['auto', 'stripIfInteger'],
  say: (value) => zerosWords[value],
}

const groupingWords: Record<FullStyle['grouping'], string> = {
  auto: 'grouped',
  always: 'always grouped',
  min2: 'grouped from five digits on',
  never: 'not grouped',
}
export const grouping: Phrase<FullStyle['grouping']> = {
  lead: ',',
  name: 'grouping',
  applies: always,
  choices: () => ['auto', 'min2', 'never'],
  say: (value) => groupingWords[value],
}

const signWords: Record<SignMode, string> = {
  auto: 'a minus where negative',
  always: 'a sign always',
  exceptZero: 'a sign except on zero',
  never: 'no sign',
  parentheses: 'negatives in parentheses',
}
export const sign: Phrase<SignMode> = {
  lead: ', with',
  name: 'sign',
  applies: always,
  choices: () => ['auto', 'exceptZero', 'parentheses'],
  say: (value) => signWords[value],
}

const currencies = ['EUR', 'USD', 'GBP', 'JPY', 'CHF', 'INR']
const displays = {
  symbol: '',
  narrowSymbol: ' by its short sign',
  code: ' by its code',
  name: ' by its name',
} as const
const ratioWords: Record<string, string> = {
  percent: 'as percent',
  permille: 'as permille',
  percentPoint: 'as percentage points',
  basisPoint: 'as basis points',
}
export const unit: Phrase<FullStyle['unit']> = {
  lead: 'and',
  name: 'unit',
  applies: always,
  choices: ({ unit: own }) => [
    { kind: 'none' },
    ...currencies.map((code) => ({ kind: 'currency' as const, code })),
    ...(own.kind === 'currency'
      ? (['narrowSymbol', 'code', 'name'] as const).map((display) => ({ ...own, display }))
      : []),
    { kind: 'percent' },
    { kind: 'permille' },
    { kind: 'percentPoint' },
    { kind: 'basisPoint' },
  ],
  say(value) {
    if (value.kind === 'none') return 'no unit'
    if (value.kind === 'currency')
      return `${typeof value.code === 'string' ? `its currency (${value.code})` : `the currency in ${value.code.column}`}${displays[value.display ?? 'symbol']}`
    if (value.kind === 'symbol') return `“${value.text}” ${value.side ?? 'after'} it`
    return ratioWords[value.kind]!
  },
  typed: {
    hint: 'a unit such as kg, or the code of a currency',
    read: (text) =>
      /^[A-Z]{3}$/.test(text) ? { kind: 'currency', code: text } : { kind: 'symbol', text },
  },
}

export const factor: Phrase<FullStyle['factor']> = {
  lead: ', times',
  name: 'factor',
  applies: always,
  choices: () => ['1', '1000', '0.001'],
  say: (value) => (value === '1' ? 'one' : value),
  typed: { hint: 'what one of the cells is in the unit written, such as 0.001', read: asIs },
}

const placeWords: Record<FullStyle['unitAt'], string> = {
  label: 'on each label',
  first: 'on the first label',
  last: 'on the last label',
  title: 'in the title',
}
export const unitAt: Phrase<FullStyle['unitAt']> = {
  lead: ', rung and unit said',
  name: 'where rung and unit are said',
  applies: (style) =>
    isScaled(style)
      ? style.rung !== 'each'
      : style.unit.kind !== 'none' || (isPowered(style) && style.exponent !== 'each'),
  choices: (style) =>
    isScaled(style) && style.rung === 'each' ? ['label'] : ['label', 'first', 'last', 'title'],
  say: (value) => placeWords[value],
}

const boundPhrase = (name: 'under' | 'over', sign: string): Phrase<string | null> => ({
  lead: ', with',
  name: `bound ${name}`,
  applies: always,
  choices: () => [null],
  typed: { hint: `the bound, such as ${name === 'under' ? '0.01' : '1000000'}`, read: orNone },
  say: (value) =>
    value === null
      ? `no bound ${name}`
      : `“${sign}${value}” for all ${name === 'under' ? 'below' : 'above'}`,
})
export const under = boundPhrase('under', '<')
export const over = boundPhrase('over', '>')

export const zero: Phrase<FullStyle['zero']> = {
  lead: ', zero',
  name: 'zero',
  applies: always,
  choices: () => [null, '0', 'nil', '–'],
  say: (value) => (value === null ? 'as a number' : `as “${value}”`),
  typed: { hint: 'another text for zero', read: asIs },
}

export const missing: Phrase<FullStyle['missing']> = {
  lead: ', missing',
  name: 'missing values',
  applies: always,
  choices: () => ['–', 'n/a', '?', ''],
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
export const align: Phrase<FullStyle['align']> = {
  lead: ', lined up in tables',
  name: 'alignment in tables',
  applies: always,
  choices: () => ['end', 'decimal', 'edges'],
  say: (value) => alignWords[value],
}

const SMALL = 3
const GIANT = 15
export const cases: Phrase<FullStyle['cases']> = {
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
        const { from, to } = when.magnitude
        if (from === undefined) return `numbers below 10${superscript(to ?? 0)} written otherwise`
        return `numbers from 10${superscript(from)}${to === undefined ? ' on' : ` to 10${superscript(to)}`} written otherwise`
      })
      .join(' and ')
  },
}
