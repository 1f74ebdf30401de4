import { notationOf } from '../../notations'
import { areAlike, isMeasure } from '../../measures/convert'
import { kinds } from '../../measures/parse'
import { powerOfMoney } from '../besideNumbers'
import { unitNamed } from '../../units/names'
import { isMoney, isWritten, kindOf, lettersOf, measureOf, sayUnit, type Unit } from '../../units'
import { ratios } from '../../units/ratios'
import { type FullStyle, UNIT_PLACES } from '../schemas'
import { always, asIs, type PhraseOf } from './types'

/** Currencies worth a place in the list; any other is typed. */
const currencies = ['EUR', 'USD', 'GBP', 'JPY', 'CHF', 'INR']
/** A unit in its other displays. */
const displaysOf = (own: Unit): readonly Unit[] => kindOf(own).displays(own)
/**
 * Measures worth a place in the list, beside one that the style has: those that it converts into.
 */
const MOST_MEASURES = 12
function measuresLike(own: Unit): Unit[] {
  const kind = kindOf(own)
  const id = kind.measure(own)
  if (id === null) return []
  return Object.keys(kinds)
    .filter((other) => other !== id && areAlike(other, id))
    .slice(0, MOST_MEASURES)
    .map((other) => kind.byCells!.of(own, other))
}

const lettersAs = (text: string): Unit => ({ kind: 'symbol', text: text.trim() })
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

/** Letters that are typed stand beside the unit that they name: they are told from it. */
const typedWords = (value: Unit): string =>
  lettersOf(value) === null ? sayUnit(value) : `the letters “${lettersOf(value)}”, not converted`

export const unit: PhraseOf<'unit'> = {
  lead: 'and',
  name: 'unit',
  applies: always,
  choices: ({ unit: own }) => [
    { kind: 'none' },
    ...measuresLike(own),
    ...(isMoney(own) ? [] : displaysOf(own)),
    ...currencies.map((code): Unit => ({ kind: 'currency', code })),
    ...(isMoney(own) ? displaysOf(own) : []),
    ...Object.values(ratios).map(({ kind }) => ({ kind })),
  ],
  say: sayUnit,
  typed: {
    hint: 'kg, t, MWh, kilometer per hour, EUR …',
    read: (text) => unitTyped(text) ?? lettersAs(text),
    needs: { kind: 'measure', id: 'meter' },
    say: (value) => typedWords(value as Unit),
    // Letters as they are convert nothing: they come behind the unit that they name.
    others: (text) =>
      measureOf(unitTyped(text)) !== null || powerOfMoney(text.trim()) ? [lettersAs(text)] : [],
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
  return isWritten(style.unit) || (hasExponent && style.exponent !== 'each')
}
export const unitAt: PhraseOf<'unitAt'> = {
  lead: ', rung and unit said',
  name: 'where rung and unit are said',
  applies: isSayable,
  choices: (style) =>
    notationOf(style).hasRungs && style.rung === 'each' ? ['label'] : UNIT_PLACES,
  say: (value) => placeWords[value],
}
