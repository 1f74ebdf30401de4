import { notationOf } from '../../notations'
import { areAlike, isMeasure } from '../../measures/convert'
import { kinds } from '../../measures/parse'
import { measureTitle } from '../../measures/titles'
import { powerOfMoney } from '../besideNumbers'
import { unitNamed } from '../namedUnits'
import { type FullStyle, MEASURE_DISPLAYS, RATIO_UNITS, UNIT_PLACES } from '../schemas'
import { always, asIs, type PhraseOf } from './types'

/** Currencies worth a place in the list; any other is typed. */
const currencies = ['EUR', 'USD', 'GBP', 'JPY', 'CHF', 'INR']
const displays = {
  symbol: '',
  narrowSymbol: ' by its short sign',
  code: ' by its code',
  name: ' by its name',
} as const
const ratioWords: Readonly<Record<(typeof RATIO_UNITS)[number], string>> = {
  percent: 'as percent',
  permille: 'as permille',
  percentPoint: 'as percentage points',
  basisPoint: 'as basis points',
}
type Unit = FullStyle['unit']
type Currency = Extract<Unit, { kind: 'currency' }>
/** A currency by its other displays. */
const otherDisplays = (own: Unit): Currency[] =>
  own.kind === 'currency'
    ? (['narrowSymbol', 'code', 'name'] as const).map((display) => ({ ...own, display }))
    : []
const currencyWords = ({ code, display = 'symbol' }: Currency) =>
  (typeof code === 'string' ? `its currency (${code})` : `the currency in ${code.column}`) +
  displays[display]

type Measure = Extract<Unit, { kind: 'measure' }>
const measureDisplays: Readonly<Record<(typeof MEASURE_DISPLAYS)[number], string>> = {
  short: '',
  narrow: ' in its narrow form',
  long: ' in words',
}
const otherMeasureDisplays = (own: Unit): Measure[] =>
  own.kind === 'measure'
    ? MEASURE_DISPLAYS.filter((display) => display !== 'short').map((display) => ({
        ...own,
        display,
      }))
    : []
/**
 * Measures worth a place in the list, beside one that the style has: those that it converts into.
 */
const MOST_MEASURES = 12
const measuresLike = (own: Unit): Measure[] =>
  own.kind === 'measure' && typeof own.id === 'string'
    ? Object.keys(kinds)
        .filter((id) => id !== own.id && areAlike(id, String(own.id)))
        .slice(0, MOST_MEASURES)
        .map((id) => ({ ...own, id }))
    : []
const measureWords = ({ id, display = 'short' }: Measure) =>
  (typeof id === 'string' ? measureTitle(id) : `the measure in ${id.column}`) +
  measureDisplays[display]

const lettersOf = (text: string): Unit => ({ kind: 'symbol', text: text.trim() })
/** The unit that somebody types: its symbol, its sign, its code or its words; null for none known. */
function unitTyped(text: string): Unit | null {
  const written = text.trim()
  const named = unitNamed(written)
  if (named) return named as Unit
  // Of bn € the currency: its rung says the rest, and no letters do.
  const money = powerOfMoney(written)
  if (money) return { kind: 'currency', code: money.code }
  const id = text.trim().toLowerCase().replaceAll(' ', '-')
  return isMeasure(id) ? { kind: 'measure', id } : null
}

const unitWords = (value: Unit): string => {
  if (value.kind === 'none') return 'no unit'
  if (value.kind === 'currency') return currencyWords(value)
  if (value.kind === 'symbol') return `“${value.text}” ${value.side ?? 'after'} it`
  if (value.kind === 'measure') return measureWords(value)
  return ratioWords[value.kind]
}
/** Letters that are typed stand beside the unit that they name: they are told from it. */
const typedWords = (value: Unit): string =>
  value.kind === 'symbol' ? `the letters “${value.text}”, not converted` : unitWords(value)

export const unit: PhraseOf<'unit'> = {
  lead: 'and',
  name: 'unit',
  applies: always,
  choices: ({ unit: own }) => [
    { kind: 'none' },
    ...measuresLike(own),
    ...otherMeasureDisplays(own),
    ...currencies.map((code): Currency => ({ kind: 'currency', code })),
    ...otherDisplays(own),
    ...RATIO_UNITS.map((kind) => ({ kind })),
  ],
  say: unitWords,
  typed: {
    hint: 'kg, t, MWh, kilometer per hour, EUR …',
    read: (text) => unitTyped(text) ?? lettersOf(text),
    needs: { kind: 'measure', id: 'meter' },
    say: (value) => typedWords(value as Unit),
    // Letters as they are convert nothing: they come behind the unit that they name.
    others: (text) =>
      unitTyped(text)?.kind === 'measure' || powerOfMoney(text.trim()) ? [lettersOf(text)] : [],
  },
}

export const factor: PhraseOf<'factor'> = {
  lead: ', times',
  name: 'factor',
  applies: always,
  choices: () => ['1', '1000', '0.001'],
  say: (value) => (value === '1' ? 'one' : value),
  typed: {
    hint: 'what one of the cells is in the unit written, such as 0.001',
    isNumber: true,
    read: asIs,
  },
}

const placeWords: Readonly<Record<FullStyle['unitAt'], string>> = {
  label: 'on each label',
  first: 'on the first label',
  last: 'on the last label',
  title: 'in the title',
}
/** Whether rung, exponent or unit can be said once. */
function isSayable(style: FullStyle): boolean {
  const { hasRungs, hasExponent } = notationOf(style)
  if (hasRungs) return style.rung !== 'each'
  return style.unit.kind !== 'none' || (hasExponent && style.exponent !== 'each')
}
export const unitAt: PhraseOf<'unitAt'> = {
  lead: ', rung and unit said',
  name: 'where rung and unit are said',
  applies: isSayable,
  choices: (style) =>
    notationOf(style).hasRungs && style.rung === 'each' ? ['label'] : UNIT_PLACES,
  say: (value) => placeWords[value],
}
