import localeNames from '../locale/generated/index.json'
import { resolve } from '../label/resolve'
import { load } from '../label/testing/platform'
import type { Value } from '../label/types'
import { regionsBy } from '../label/needs'
import type { Style } from '../style/schemas'
import { speaker } from './spoken'
import { SPOKEN_WORDS } from './spokenWords'
import { spokenPlan, spokenStyle } from './words'

function spoken(style: Style, ...values: Value[]): string[] {
  const context = { values, ...regionsBy(spokenStyle(style), load) }
  const plan = resolve(style, context)
  return values.map((value) => speaker(plan, spokenPlan(plan, style, context))(value))
}
const euro: Style['unit'] = { kind: 'currency', code: 'EUR' }
const short: Style = { notation: 'scaled', fraction: [0, 1] }

test.each<[Style, Value, string]>([
  [{ ...short, unit: euro }, 1234567, '1.2 million euros'],
  [{ ...short, unit: euro }, 1e6, '1 million euros'],
  [{ unit: euro, fraction: [0, 0] }, 1, '1 euro'],
  [{ unit: euro }, 1.5, '1.50 euros'],
  [
    { ...short, rung: 6, unitAt: 'title', unit: euro, sign: 'parentheses' },
    -2.5e6,
    'minus 2.5 million euros',
  ],
  [{ ...short, ladder: 'binary', unit: { kind: 'symbol', text: 'B' } }, 1536, '1.5 kibi B'],
  [{ ...short, ladder: 'locale' }, 12345, '12.3 thousand'],
  [{ notation: 'scientific', fraction: [0, 1] }, -4.2e-7, 'minus 4.2 times 10 to the minus 7'],
  [
    { notation: 'multiple', multipleOf: 'e', exponentForm: 'power' },
    Math.exp(-2),
    'e to the minus 2',
  ],
  [{ notation: 'scientific', exponentForm: 'power' }, 1e6, '1 times 10 to the 6'],
  [{ notation: 'multiple' }, -2.0943951023931953, 'minus 2 pi over 3'],
  [{ notation: 'multiple', multipleOf: '7' }, 21, '3 times 7'],
  [{ unit: { kind: 'percent' }, fraction: [0, 1], sign: 'always' }, 0.125, 'plus 12.5 percent'],
  [{ unit: { kind: 'basisPoint' } }, 0.0012, '12 basis points'],
  [{ under: '0.01', before: '≈ ' }, 0.001, 'less than about 0.01'],
  [{ zero: 'nil' }, 0, 'zero'],
  [{ missing: '' }, null, 'no value'],
  [{}, -Infinity, 'minus infinity'],
  [{ ...short, locale: 'de', unit: euro }, 1234567, '1,2 Millionen Euro'],
  [
    { ...short, locale: 'ja', ladder: 'locale', unit: { kind: 'currency', code: 'JPY' } },
    12345678,
    '1234.6万円',
  ],
  [{ ...short, locale: 'pl' }, 5e6, '5 milionów'],
])('%j says %p as %s', (style, value, words) => {
  expect(spoken(style, value)).toEqual([words])
})

const percent: Style['unit'] = { kind: 'percent' }
test.each<[string, Style, Value, string]>([
  ['de', { unit: percent }, -0.125, 'minus 12,5 Prozent'],
  ['de', { notation: 'scientific', fraction: [0, 1] }, 4.2e-7, '4,2 mal 10 hoch minus 7'],
  ['de-AT', { under: '0.01' }, 0.001, 'weniger als 0,01'],
  ['fr', { unit: { kind: 'percentPoint' } }, 0.02, '2 points de pourcentage'],
  ['fr', {}, -5, 'moins 5'],
  ['es', { ...short, unit: euro }, 1234567, '1,2 millones de euros'],
  ['fr', { ...short, unit: euro }, 2.5e6, '2,5 millions d’euros'],
  [
    'fr',
    { ...short, unit: { kind: 'currency', code: 'CHF' } },
    2e6,
    '2 millions de francs suisses',
  ],
  ['it', { ...short, unit: euro }, 3e9, '3 miliardi di euro'],
  ['pt', { ...short, unit: euro }, 2e6, '2 milhões de Euros'],
  ['es', { ...short, unit: euro }, 5000, '5 mil euros'],
  ['es', { notation: 'multiple' }, -2.0943951023931953, 'menos 2 pi entre 3'],
  ['it', { before: '≈ ' }, 12, 'circa 12'],
  ['pt-PT', { over: '99' }, 120, 'mais de 99'],
  ['nl', { unit: { kind: 'basisPoint' } }, 0.0012, '12 basispunten'],
  ['pl', {}, Infinity, 'nieskończoność'],
  ['ja', { under: '0.01' }, 0.001, '0.01未満'],
  ['ja', { unit: percent }, 0.125, '12.5パーセント'],
  ['ja', { notation: 'scientific' }, 1e6, '1かける10の6乗'],
  ['sv', { unit: percent }, 0.125, '12,5 %'],
])('in %s %j says %p as %s', (locale, style, value, words) => {
  expect(spoken({ ...style, locale }, value)).toEqual([words])
})

test.each(['de', 'fr', 'es', 'it', 'pt', 'nl', 'pl', 'ja'])(
  'nothing is said in English in %s',
  (locale) => {
    const own = SPOKEN_WORDS[locale]!
    const { en } = SPOKEN_WORDS
    // Words that the languages share are few: minus, plus, pi, zero.
    for (const key of [
      'about',
      'less',
      'more',
      'power',
      'times',
      'over',
      'infinity',
      'missing',
    ] as const)
      expect([key, own[key]]).not.toEqual([key, en![key]])
    expect(Object.keys(own.units)).toEqual(Object.keys(en!.units))
    for (const pattern of [own.about, own.less, own.more, own.power, own.over])
      expect(pattern).toContain('{0}')
  },
)

test.each<[Style, number, string]>([
  [{ unit: { kind: 'percentPoint' } }, 0.01, '1 percentage point'],
  [{ unit: { kind: 'percentPoint' } }, 0.02, '2 percentage points'],
  [{ unit: { kind: 'percentPoint' }, fraction: [1, 1] }, 0.01, '1.0 percentage points'],
  [{ unit: { kind: 'basisPoint' } }, 0.0001, '1 basis point'],
  [{ before: 'about ', after: ' boats' }, 12, 'about 12 boats'],
  [{ before: '~' }, 12, 'about 12'],
  [{ unit: { kind: 'measure', id: 'kilometer-per-hour' } }, 1, '1 kilometer per hour'],
  [{ unit: { kind: 'measure', id: 'kilogram' }, locale: 'de' }, 2, '2 Kilogramm'],
])('%j says %p as %s', (style, value, words) => {
  expect(spoken(style, value)).toEqual([words])
})

test('money is said in every region, by its code where there is no name for it', () => {
  const wrong = localeNames.filter((locale) => {
    const said = spoken({ locale, unit: { kind: 'currency', code: 'CHF' } }, 5)[0]!
    return said.length < 3
  })
  expect(wrong).toEqual([])
})

test('a case is said in its own unit', () => {
  const style: Style = {
    ...short,
    cases: [{ when: { magnitude: { from: 6 } }, use: { unit: euro } }],
  }
  expect(spoken(style, 1500, 2e6)).toEqual(['1.5 thousand', '2 million euros'])
})
