import type { Style } from '../../core/style/fields'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { createStudy, importDataset } from '../study/studies'
import { ownDatabase, serverOn, take as takenOf } from '../testing/taken'

let own: ReturnType<typeof ownDatabase>
let study: Study
beforeAll(() => {
  own = ownDatabase()
  const document = { ...newDocument('Patterns'), house: { marks: { minus: '−' } } }
  const made = createStudy(own.db, document, 'Begin')
  study = importDataset(
    own.db,
    made.id,
    'Numbers',
    'n\n1234567.891\n-0.0004\n999950\n999.96\n12345678901234567890.4\n\n0',
  )!
})
afterAll(() => own.close())

async function take(style: Style) {
  const quantity: Quantity = { ...study.document.quantities[0]!, style, surfaces: {} }
  const { files, proof } = await takenOf(serverOn(own.db), study, {
    ...{ id: 'patterns', quantity, level: 'quantity' },
  })
  return { ...proof, patterns: JSON.parse(files[0].text) as Record<string, never> }
}

/** Ties go to even in patterns: they are looked at by themselves. */
const rounding = { rounding: 'halfEven' } as const
test.each<[Style, string]>([
  [{}, '#,##0.###'],
  [{ fraction: [0, 0] }, '#,##0'],
  [{ notation: 'scaled', fraction: [0, 1] }, '#,##0.#'],
  [{ notation: 'scaled', significant: [1, 3] }, '#,@##'],
  [{ significant: [2, 5] }, '@@,###'],
  [
    { unit: { kind: 'currency', code: 'EUR' }, sign: 'parentheses', fraction: [2, 2] },
    '€#,##0.00;(€#,##0.00)',
  ],
  [{ unit: { kind: 'percent' }, fraction: [0, 1] }, '#,##0.#%'],
  [{ unit: { kind: 'permille' }, fraction: [0, 1] }, '#,##0.#‰'],
  [{ notation: 'scaled', unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 1] }, '€#,##0.#'],
  [
    { locale: 'de', notation: 'scaled', ladder: 'locale', rungForm: 'word', fraction: [0, 1] },
    '#,##0.#',
  ],
  [{ locale: 'es', unit: { kind: 'currency', code: 'EUR' } }, '#,##0.00\u00a0€'],
  [{ locale: 'hi', fraction: [0, 2] }, '#,##,##0.##'],
  [{ locale: 'ar-EG', fraction: [0, 2] }, '#,##0.##'],
  [{ increment: '0.25', fraction: [2, 2] }, '#,##0.25'],
  [
    { before: "c. '", after: ' (#1)', sign: 'always' },
    "'c. '''+#,##0.###' (#1)';'c. '''-#,##0.###' (#1)'",
  ],
])('%j is the pattern %s, on its values and beyond', async (style, standard) => {
  const { values, equal, differs, patterns } = await take({ ...style, ...rounding })
  expect(differs).toEqual([])
  expect([values > 200, equal]).toEqual([true, values])
  expect(patterns.standard).toBe(standard)
})

test('shortened numbers have a pattern for each power of ten, and for one of them where that has a word', async () => {
  const { patterns } = await take({
    ...{ locale: 'de', notation: 'scaled', ladder: 'locale', rungForm: 'word', fraction: [0, 1] },
  })
  expect(patterns).toMatchObject({
    short: {
      '1000-count-other': '0 Tausend',
      '100000-count-other': '000 Tausend',
      '1000000-count-one': '0 Million',
      '1000000-count-other': '0 Millionen',
    },
    shortDigits: { fraction: [0, 1] },
    minimumGroupingDigits: 2,
  })
})

test.each<[string, Style, string, string, string]>([
  ['ties that go up', { fraction: [0, 0] }, '25e-1', '3', '2'],
  ['zeros without an exponent', { notation: 'scientific', exponentForm: 'E' }, '0', '0', '0E0'],
  [
    'decimals of engineers',
    { notation: 'engineering', exponentForm: 'E', fraction: [0, 2] },
    ...(['999950', '999.95E3', '1E6'] as const),
  ],
  [
    'all labels of one rung',
    { notation: 'scaled', rung: 6, fraction: [1, 1] },
    ...(['999950', '1.0M', '999,950'] as const),
  ],
  [
    'factors',
    { factor: '2.5', unit: { kind: 'symbol', text: 'kg' } },
    ...(['999950', '2,499,875\u00a0kg', '999,950'] as const),
  ],
])('%s are shown with their values', async (_what, style, value, label, other) => {
  const { differs, equal, values } = await take(style)
  expect(equal).toBeLessThan(values)
  expect(differs).toContainEqual({ value, label, other })
})
