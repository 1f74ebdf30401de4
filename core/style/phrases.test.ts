import fc from 'fast-check'
import { FIELD_NAMES, fields } from './fields'
import { inherit } from './inherit'
import { parseStyle } from './parse'
import type { Phrase } from './phrases/types'
import type { FieldName, FullStyle, Style } from './schemas'

const phraseOf = (name: FieldName) => fields[name].phrase as Phrase<unknown>
const styles = (
  [
    {},
    { notation: 'scaled' },
    { notation: 'scaled', ladder: 'si', rung: 'shared' },
    { notation: 'scaled', ladder: 'long', rung: 6 },
    { notation: 'scientific', exponent: 'shared' },
    { notation: 'engineering' },
    { notation: 'multiple' },
    { fraction: [1, 2], significant: [2, 3], priority: 'morePrecision' },
    { unit: { kind: 'currency', code: 'EUR' } },
    { unit: { kind: 'percent' } },
  ] as Style[]
).map((style) => inherit(parseStyle(style)))
const anyStyle = fc.constantFrom(...styles)

describe.each(FIELD_NAMES)('%s', (name) => {
  const phrase = phraseOf(name)

  test('each of its choices is a style, and no two are said alike', () =>
    fc.assert(
      fc.property(anyStyle, (style) => {
        const choices = phrase.choices(style)
        expect(choices.length).toBeGreaterThan(0)
        for (const choice of choices) expect(() => parseStyle({ [name]: choice })).not.toThrow()
        const said = choices.map((choice) => phrase.say(choice, style))
        for (const text of said) expect(text.trim()).not.toBe('')
        expect(new Set(said).size).toBe(said.length)
      }),
    ))

  test('what stands by default is said, wherever the sentence has it', () => {
    for (const style of styles)
      if (phrase.applies(style)) expect(phrase.say(style[name], style)).toEqual(expect.any(String))
  })

  test('it is told from the other phrases by its name', () => {
    expect(FIELD_NAMES.filter((other) => phraseOf(other).name === phrase.name)).toEqual([name])
  })
})

const said = <Name extends FieldName>(name: Name, value: FullStyle[Name], style: Style = {}) =>
  phraseOf(name).say(value, inherit(style))
test.each([
  ['rung', 6, { notation: 'scaled' }, 'in millions (M)'],
  ['rung', 0, { notation: 'scaled' }, 'in units'],
  ['rung', 7, { notation: 'scaled' }, 'in 10⁷'],
  ['rung', 6, { notation: 'scaled', ladder: 'si' }, 'in M'],
  ['fraction', [0, 0], {}, 'no decimals'],
  ['fraction', [2, 2], {}, 'exactly 2 decimals'],
  ['fraction', [0, 3], {}, 'at most 3 decimals'],
  ['fraction', [2, 4], {}, '2 to 4 decimals'],
  ['significant', [1, 1], {}, 'exactly 1 significant digit'],
  [
    'unit',
    { kind: 'currency', code: 'EUR', display: 'code' },
    {},
    'its currency (EUR) by its code',
  ],
  ['unit', { kind: 'currency', code: { column: 'coin' } }, {}, 'the currency in coin'],
  ['unit', { kind: 'symbol', text: 'kg' }, {}, '“kg” after it'],
  ['marks', { decimal: ',', group: '\u202f' }, {}, 'decimal “,”, group a thin space'],
  ['exponent', -6, { notation: 'scientific' }, '10⁻⁶ on every label'],
  ['under', '0.01', {}, '“<0.01” for all below'],
  [
    'cases',
    [
      { when: { column: 'site', is: ['Gull Stack', 'Northmost'] }, use: {} },
      { when: { magnitude: { from: 3, to: 6 } }, use: {} },
    ],
    {},
    'Gull Stack, Northmost written otherwise and numbers from 10³ to 10⁶ written otherwise',
  ],
] as [FieldName, never, Style, string][])('%s as %j is said', (name, value, style, text) =>
  expect(said(name, value, style)).toBe(text),
)

test('what is typed where a list ends is read as a style', () => {
  const typed = (name: FieldName, text: string) => phraseOf(name).typed!.read(text)
  expect(typed('unit', 'SEK')).toEqual({ kind: 'currency', code: 'SEK' })
  expect(typed('unit', 'kg')).toEqual({ kind: 'measure', id: 'kilogram' })
  expect(typed('unit', 'MWh')).toEqual({ kind: 'measure', id: 'megawatt-hour' })
  // A rung beside money is no letter of its unit.
  expect(typed('unit', 'bn €')).toEqual({ kind: 'currency', code: 'EUR' })
  expect(phraseOf('unit').typed!.others!('bn €')).toEqual([{ kind: 'symbol', text: 'bn €' }])
  expect(typed('unit', 'casks')).toEqual({ kind: 'symbol', text: 'casks' })
  const others = (text: string) => phraseOf('unit').typed!.others!(text)
  expect([others('kg'), others('casks')]).toEqual([[{ kind: 'symbol', text: 'kg' }], []])
  expect([typed('increment', ''), typed('increment', '0.125'), typed('under', '')]).toEqual([
    null,
    '0.125',
    null,
  ])
  for (const [name, text] of [
    ['unit', 'SEK'],
    ['factor', '0.001'],
    ['increment', '0.125'],
    ['locale', 'fi'],
    ['over', '1000000'],
    ['multipleOf', '0.25'],
    ['missing', 'none'],
    ['before', 'c. '],
  ] as const)
    expect(() => parseStyle({ [name]: typed(name, text) })).not.toThrow()
})

test('the sentence asks only what the notation lets decide', () => {
  const asked = (style: Style) =>
    FIELD_NAMES.filter((name) => phraseOf(name).applies(inherit(style)))
  const [plain, scaled, powered] = [
    asked({}),
    asked({ notation: 'scaled' }),
    asked({ notation: 'scientific' }),
  ]
  for (const name of ['rung', 'ladder', 'rungForm', 'rungGap'] as const)
    expect([plain, scaled, powered].map((names) => names.includes(name))).toEqual([
      false,
      true,
      false,
    ])
  for (const name of ['exponent', 'exponentForm'] as const)
    expect([plain, scaled, powered].map((names) => names.includes(name))).toEqual([
      false,
      false,
      true,
    ])
  expect(
    [asked({ fraction: [1, 1] }), asked({ fraction: [1, 1], significant: [2, 2] })].map((names) =>
      names.includes('priority'),
    ),
  ).toEqual([false, true])
})
