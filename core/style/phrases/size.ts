import { superscript } from '../../decimal/superscript'
import { LADDER_IDS } from '../../ladders'
import { ladderOf, REGIONAL } from '../../ladders/find'
import { NOTATION_IDS, notationOf, notations } from '../../notations'
import { CLOCK_FORMS, CLOCK_KINDS, type ClockForm, clockOf } from '../../notations/clock'
import { CONSTANTS } from '../../notations/multiple'
import { EXPONENT_FORMS, type FullStyle, RUNG_FORMS } from '../schemas'
import { always, asIs, type PhraseOf } from './types'

const hasRungs = (style: FullStyle) => notationOf(style).hasRungs
const hasExponent = (style: FullStyle) => notationOf(style).hasExponent

export const notation: PhraseOf<'notation'> = {
  lead: '',
  name: 'notation',
  applies: always,
  choices: () => NOTATION_IDS,
  say: (value) => notations[value].phrase,
}

const MOST_LISTED_RUNGS = 8
/** Smaller parts of one are rarely written. */
const LEAST_LISTED_POWER = -12
const setWords = { each: 'by its own rung', shared: 'by one rung for all' } as const
/** "in millions (M)", "in k", "in units" */
function powerWords(power: number, style: FullStyle): string {
  if (power === 0) return 'in units'
  const ladder = ladderOf(style.ladder)
  const found = ladder.rungs.find((one) => one.power === power)
  if (!found) return `in 10${superscript(power)}`
  const isPrefix = ladder.prefixes || found.symbol === found.word
  return isPrefix ? `in ${found.symbol}` : `in ${found.word}s (${found.symbol})`
}
export const rung: PhraseOf<'rung'> = {
  lead: '',
  name: 'rung',
  applies: hasRungs,
  choices: (style) => [
    'each',
    'shared',
    0,
    ...ladderOf(style.ladder)
      .rungs.map(({ power }) => power)
      .filter((power) => power > LEAST_LISTED_POWER)
      .slice(0, MOST_LISTED_RUNGS),
  ],
  say: (value, style) => (typeof value === 'number' ? powerWords(value, style) : setWords[value]),
}

export const ladder: PhraseOf<'ladder'> = {
  lead: 'of',
  name: 'ladder',
  applies: hasRungs,
  choices: () => [...LADDER_IDS, REGIONAL],
  say: (value) =>
    typeof value === 'string' ? ladderOf(value).title : (value.title ?? 'a ladder of your own'),
}

const rungFormWords: Readonly<Record<FullStyle['rungForm'], string>> = {
  symbol: 'as a symbol',
  word: 'as a word',
  symbolExponent: 'as a symbol with its power',
}
export const rungForm: PhraseOf<'rungForm'> = {
  lead: 'written',
  name: 'form of the rung',
  applies: hasRungs,
  choices: () => RUNG_FORMS,
  say: (value) => rungFormWords[value],
}

export const rungFrom: PhraseOf<'rungFrom'> = {
  lead: ',',
  name: 'where scaling begins',
  applies: (style) => hasRungs(style) && typeof style.rung === 'string',
  choices: (style) => [
    null,
    ...ladderOf(style.ladder)
      .rungs.map(({ power }) => power)
      .filter((power) => power > 0)
      .slice(1, 4),
  ],
  say: (value) => (value === null ? 'from the first rung on' : `from 10${superscript(value)} on`),
}

const gapWords: Readonly<Record<string, string>> = {
  '': 'no gap',
  ' ': 'a space',
  '\u202f': 'a thin space',
}
export const rungGap: PhraseOf<'rungGap'> = {
  lead: 'after',
  name: 'gap before the rung',
  applies: hasRungs,
  choices: () => [null, ...Object.keys(gapWords)],
  say: (value) => (value === null ? 'the usual gap' : (gapWords[value] ?? `“${value}”`)),
}

const constantWords: Readonly<Record<string, string>> = { pi: 'π', tau: 'τ', e: 'e' }
export const multipleOf: PhraseOf<'multipleOf'> = {
  lead: 'of',
  name: 'constant',
  applies: (style) => notationOf(style).countsConstant,
  choices: () => CONSTANTS,
  say: (value) => constantWords[value] ?? value,
  typed: { hint: 'another number, such as 0.25', read: asIs },
}

const clockForms: Readonly<Record<ClockForm, string>> = {
  'h:mm': 'hours and minutes',
  'h:mm:ss': 'hours, minutes and seconds',
  'm:ss': 'minutes and seconds',
  'd h:mm': 'days, hours and minutes',
}
/** Times of day have no days, and hours. */
const isTold = ({ form, kind }: Required<Pick<FullStyle['clock'], 'form' | 'kind'>>) =>
  kind === 'duration' || form.startsWith('h')
export const clock: PhraseOf<'clock'> = {
  lead: 'of',
  name: 'clock',
  applies: (style) => notationOf(style).isClock,
  choices: ({ clock: own }) =>
    CLOCK_KINDS.flatMap((kind) => CLOCK_FORMS.map((form) => ({ ...own, form, kind }))).filter(
      isTold,
    ),
  say(value) {
    const { form, kind } = clockOf(value)
    return clockForms[form] + (kind === 'duration' ? '' : ' of the day')
  },
}

const exponentWords = { each: 'each its own', shared: 'one for all' } as const
export const exponent: PhraseOf<'exponent'> = {
  lead: ',',
  name: 'exponent',
  applies: hasExponent,
  choices: () => ['each', 'shared'],
  say: (value) =>
    typeof value === 'number' ? `10${superscript(value)} on every label` : exponentWords[value],
}

const exponentFormWords: Readonly<Record<FullStyle['exponentForm'], string>> = {
  times: '×10⁵',
  power: '10⁵ alone where it can',
  e: 'e5',
  E: 'E5',
}
/** A constant is counted, or its powers are. */
const countWords: Readonly<Record<FullStyle['exponentForm'], string>> = {
  times: 'multiples',
  power: 'powers',
  e: 'multiples',
  E: 'multiples',
}
export const exponentForm: PhraseOf<'exponentForm'> = {
  lead: 'set as',
  name: 'form of the exponent',
  applies: (style) => hasExponent(style) || notationOf(style).countsConstant,
  choices: (style) => (hasExponent(style) ? EXPONENT_FORMS : ['times', 'power']),
  say: (value, style) => (notationOf(style).countsConstant ? countWords : exponentFormWords)[value],
}
