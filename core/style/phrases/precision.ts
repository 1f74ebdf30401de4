import { ROUNDING_MODES } from '../../decimal/round'
import { decimalsText, decimalPair } from '../counts'
import { type FullStyle, PRIORITIES, TRAILING_ZEROS } from '../schemas'
import { always, orNone, type PhraseOf } from './types'

const MOST_LISTED_DECIMALS = 4
const listed = Array.from({ length: MOST_LISTED_DECIMALS }, (_, at) => at + 1)

/** "exactly 2 decimals", "at most 1 decimal" */
function digitRange(
  [least, most]: readonly [number, number],
  words: (count: number) => string,
): string {
  if (most === 0) return words(0)
  if (least === most) return `exactly ${words(most)}`
  return least <= 1 ? `at most ${words(most)}` : `${least} to ${words(most)}`
}
/** Exact counts, and the same as upper bounds. */
const pairs = (least: number, exact: readonly number[]): [number, number][] => [
  ...exact.map((n): [number, number] => [n, n]),
  ...exact.filter((n) => n > least).map((n): [number, number] => [least, n]),
]

export const fraction: PhraseOf<'fraction'> = {
  lead: ', with',
  name: 'decimals',
  applies: (style) => style.fraction !== null,
  choices: () => ['step', ...pairs(0, [0, ...listed])],
  say(value) {
    if (value === 'step') return 'the decimals that the step needs'
    return value === null ? 'any decimals' : digitRange(value, decimalsText)
  },
}

const significantText = (count: number) => `${count} significant digit${count === 1 ? '' : 's'}`
export const significant: PhraseOf<'significant'> = {
  lead: ', with',
  name: 'significant digits',
  applies: always,
  choices: () => [null, ...pairs(1, listed)],
  say: (value) =>
    value === null ? 'no count of significant digits' : digitRange(value, significantText),
}

const roundingWords: Readonly<Record<FullStyle['rounding'], string>> = {
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
export const rounding: PhraseOf<'rounding'> = {
  lead: ', rounding',
  name: 'rounding',
  applies: always,
  choices: () => ROUNDING_MODES,
  say: (value) => roundingWords[value],
}

export const increment: PhraseOf<'increment'> = {
  lead: 'to',
  name: 'increment',
  applies: always,
  choices: () => [null, '0.05', '0.25', '0.5', '5', '10', '50'],
  say: (value) => (value === null ? 'any digit' : `multiples of ${value}`),
  typed: { hint: 'another step, such as 0.125', isNumber: true, read: orNone },
}

const priorityWords: Readonly<Record<FullStyle['priority'], string>> = {
  morePrecision: 'the finer of both',
  lessPrecision: 'the coarser of both',
}
export const priority: PhraseOf<'priority'> = {
  lead: 'by',
  name: 'decimals or significant digits',
  applies: (style) => style.fraction !== null && style.significant !== null,
  choices: () => PRIORITIES,
  say: (value) => priorityWords[value],
}

const zerosWords: Readonly<Record<FullStyle['trailingZeros'], string>> = {
  auto: 'whole numbers like the rest',
  stripIfInteger: 'whole numbers without decimals',
}
export const trailingZeros: PhraseOf<'trailingZeros'> = {
  lead: ',',
  name: 'decimals that are all zero',
  applies: (style) =>
    Boolean(decimalPair(style.fraction)?.[0] || (style.significant?.[0] ?? 1) > 1),
  choices: () => TRAILING_ZEROS,
  say: (value) => zerosWords[value],
}
