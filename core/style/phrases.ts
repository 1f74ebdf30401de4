import type { ExponentForm, SignMode } from '../label/types'
import { superscript } from '../label/write'
import { ladders } from '../ladders'
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
}

const always = () => true
const MOST_LISTED_DECIMALS = 4
const listed = Array.from({ length: MOST_LISTED_DECIMALS }, (_, at) => at + 1)

const notationWords: Record<string, string> = { plain: 'with all its digits', scaled: 'shortened', scientific: 'with a power of ten' }

export const notation: Phrase<FullStyle['notation']> = {
  lead: '', name: 'notation', applies: always,
  choices: () => ['plain', 'scaled', 'scientific'],
  say: (value) => notationWords[value] ?? value,
}

export const rung: Phrase<FullStyle['rung']> = {
  lead: '', name: 'rung', applies: (style) => style.notation === 'scaled',
  choices: (style) => ['each', 'shared', 0, ...ladders[style.ladder].rungs.map(({ power }) => power)],
  say(value, style) {
    if (value === 'each') return 'by its own rung'
    if (value === 'shared') return 'by one rung for all'
    if (value === 0) return 'in units'
    const found = ladders[style.ladder].rungs.find(({ power }) => power === value)
    return found ? `in ${found.word}s (${found.symbol})` : `in 10${superscript(value)}`
  },
}

export const exponent: Phrase<FullStyle['exponent']> = {
  lead: ',', name: 'exponent', applies: (style) => style.notation === 'scientific',
  choices: () => ['each', 'shared'],
  say: (value) => (value === 'each' ? 'each its own' : value === 'shared' ? 'one for all' : `10${superscript(value)} on every label`),
}

const formWords: Record<ExponentForm, string> = { times: '×10⁵', power: '10⁵ alone where it can', e: 'e5', E: 'E5' }
export const exponentForm: Phrase<ExponentForm> = {
  lead: 'set as', name: 'form of the exponent', applies: (style) => style.notation === 'scientific',
  choices: () => ['times', 'power', 'e', 'E'],
  say: (value) => formWords[value],
}

export const fraction: Phrase<FullStyle['fraction']> = {
  lead: ', with', name: 'decimals', applies: always,
  choices: () => [[0, 0], ...listed.map((n) => [n, n] as [number, number]), ...listed.map((n) => [0, n] as [number, number])],
  say([least, most]) {
    if (most === 0) return decimalsText(0)
    if (least === most) return `exactly ${decimalsText(most)}`
    return least === 0 ? `at most ${decimalsText(most)}` : `${least} to ${decimalsText(most)}`
  },
}

const groupingWords: Record<FullStyle['grouping'], string> = {
  auto: 'grouped', always: 'always grouped', min2: 'grouped from five digits on', never: 'not grouped',
}
export const grouping: Phrase<FullStyle['grouping']> = {
  lead: ',', name: 'grouping', applies: always,
  choices: () => ['auto', 'min2', 'never'],
  say: (value) => groupingWords[value],
}

const signWords: Record<SignMode, string> = {
  auto: 'a minus where negative', always: 'a sign always', exceptZero: 'a sign except on zero', never: 'no sign', parentheses: 'negatives in parentheses',
}
export const sign: Phrase<SignMode> = {
  lead: ', with', name: 'sign', applies: always,
  choices: () => ['auto', 'exceptZero', 'parentheses'],
  say: (value) => signWords[value],
}

const currencies = ['EUR', 'USD', 'GBP', 'JPY', 'CHF']
export const unit: Phrase<FullStyle['unit']> = {
  lead: 'and', name: 'unit', applies: always,
  choices: () => [{ kind: 'none' }, ...currencies.map((code) => ({ kind: 'currency' as const, code }))],
  say(value) {
    if (value.kind === 'none') return 'no unit'
    if (value.kind === 'currency') return `its currency (${value.code})`
    return `“${value.text}” ${value.side ?? 'after'} it`
  },
}
