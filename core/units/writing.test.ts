import { parsePattern } from '../locale/pattern'
import type { LocaleTable } from '../locale/types'
import en from '../locale/generated/locales/en.json'
import { inherit } from '../style/inherit'
import type { FullStyle } from '../style/schemas'
import { framesOf, NO_SURROUNDINGS } from '../label/frames'
import type { Frame } from '../label/types'
import type { Layer, Slot } from '../locale/parts'
import { type Unit, writeUnit } from './index'
import type { Region } from './types'

const marks = { decimal: '.', group: ',', minus: '-', plus: '+' }
const region = {
  table: en as LocaleTable,
  system: (en as LocaleTable).systems.latn!,
  names: { EUR: { name: 'Euro', one: 'euro', other: 'euros' } },
  measures: null,
}
const write = (unit: Unit, where: Region = region) =>
  writeUnit(unit, { region: where, marks, isAccounting: false, hasPrefixes: false })
const text = (slots: readonly Slot[]) =>
  slots.map((slot) => (typeof slot === 'object' ? slot.value : `{${slot}}`)).join('')
const around = ({ before, after }: Frame) => `${text(before)}5${text(after)}`
const layer = (pattern: string, unit = ''): Layer => ({
  pattern: parsePattern(pattern),
  fill: { marks, unit, text: 'literal' },
})
const frames = (pattern: string, unit = '', style: Partial<FullStyle> = {}) =>
  framesOf(inherit(style), layer(pattern, unit), { ...NO_SURROUNDINGS, rung: ['rung'] })

test('the sign comes first where the pattern has no place for it', () => {
  const { none, minus, plus } = frames('¤#', '€')
  expect([none, minus, plus].map(around)).toEqual(['€5{rung}', '-€5{rung}', '+€5{rung}'])
})

test('a pattern for negative numbers is used, for a plus too where it has a minus', () => {
  const { minus, plus } = frames('¤#;¤-#', '€')
  expect([minus, plus].map(around)).toEqual(['€-5{rung}', '€+5{rung}'])
  const accounting = frames('¤#;(¤#)', '€')
  expect([accounting.minus, accounting.plus].map(around)).toEqual(['(€5{rung})', '+€5{rung}'])
})

test('a currency that is a word is kept off the digits, a symbol is not', () => {
  expect(around(frames('¤#', 'CHF').none)).toBe('CHF\u00a05{rung}')
  expect(around(frames('¤#', 'US$').none)).toBe('US$5{rung}')
  expect(around(frames('#¤', 'EUR').none)).toBe('5{rung}\u00a0EUR')
})

test('parentheses stand around all but the texts before and after', () => {
  expect(around(frames('¤#', '€', { sign: 'parentheses', before: '~', after: '*' }).minus)).toBe(
    '~(€5{rung})*',
  )
})

test('a hidden sign leaves negative numbers as they would be without', () => {
  expect(around(frames('#', '', { sign: 'never' }).minus)).toBe('5{rung}')
})

test.each<[Unit, string, string]>([
  [{ kind: 'none' }, '', '1'],
  [{ kind: 'currency', code: 'USD' }, '$', '1'],
  [{ kind: 'currency', code: 'CAD', display: 'narrowSymbol' }, '$', '1'],
  [{ kind: 'currency', code: 'CAD' }, 'CA$', '1'],
  [{ kind: 'currency', code: 'CAD', display: 'code' }, 'CAD', '1'],
  [{ kind: 'currency', code: 'EUR', display: 'name' }, 'Euro', '1'],
  [{ kind: 'percent' }, '%', '100'],
  [{ kind: 'permille' }, '‰', '1000'],
  [{ kind: 'percentPoint' }, 'pp', '100'],
  [{ kind: 'basisPoint' }, 'bp', '10000'],
  [{ kind: 'symbol', text: 'kg' }, 'kg', '1'],
])('%j is said as "%s" in a title, %s of it to one', (unit, said, perOne) => {
  const writing = write(unit)
  expect(writing.title.text).toBe(said)
  expect(writing.perOne).toBe(perOne)
})

test("a currency's name goes by the number's plural", () => {
  const { named } = write({ kind: 'currency', code: 'EUR', display: 'name' })
  expect(named).toMatchObject({ one: ['', ' euro'], other: ['', ' euros'] })
})

test('names that were not loaded are asked for, and codes that are none refused', () => {
  const name: Unit = { kind: 'currency', code: 'EUR', display: 'name' }
  expect(() => write(name, { ...region, names: null })).toThrow(/^style\.unit\.display/)
  expect(() => write({ kind: 'currency', code: 'ZZZ' })).toThrow(/^style\.unit\.code: "ZZZ"/)
})
