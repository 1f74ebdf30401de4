import type { Style } from '../../core/style/fields'
import { readTable } from '../../shared/import/table'
import { readFile } from '../../shared/import/files'
import type { Export } from '../../shared/exports/export'
import type { Level } from '../../shared/quantities'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { createStudy, importDataset } from '../study/studies'
import { unzipped } from '../../shared/exports/sheet/zip'
import { ownDatabase, serverOn, take as takenOf } from '../testing/taken'
import type { Server } from './tasks'

let own: ReturnType<typeof ownDatabase>
let server: Server
let study: Study
beforeAll(() => {
  own = ownDatabase()
  server = serverOn(own.db)
  const made = createStudy(
    own.db,
    { ...newDocument('Sheets'), house: { marks: { minus: '−' } } },
    'Begin',
  )
  study = importDataset(
    own.db,
    made.id,
    'Numbers',
    'site,n,money\nHolm,1234567.891,EUR\nVik,-0.0004,USD\nTarn,999950,EUR\nAsk,12345678901234567890.5,\nOya,,GBP\nLund,0,GBP',
  )!
})
afterAll(() => own.close())

const quantity = (style: Style): Quantity => ({
  ...study.document.quantities[0]!,
  ...{ title: 'Income', style, surfaces: {} },
})
const take = (style: Style, level: Level = 'quantity') =>
  takenOf(server, study, { id: 'ods', quantity: quantity(style), level })

/** The column of numbers of a document that is brought in. */
async function broughtIn({ files: [file] }: Export) {
  const bytes = Buffer.from(file.text, 'base64')
  const { text, styles } = await readFile({ bytes, name: file.name })
  return readTable(text, { styles }).columns.find(({ name }) => name === 'Income')!
}
const VALUES = ['1234567.891', '-0.0004', '999950', '12345678901234567890.5', null, '0']

test.each<Style>([
  {},
  { fraction: [0, 0] },
  { notation: 'scaled', fraction: [0, 1] },
  { notation: 'scaled', rung: 6, fraction: [1, 1] },
  { notation: 'scaled', rung: 'shared', fraction: [1, 1], rungForm: 'word' },
  { unit: { kind: 'currency', code: 'EUR' }, sign: 'parentheses', fraction: [2, 2] },
  { unit: { kind: 'percent' }, fraction: [0, 1] },
  { notation: 'scaled', unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 1] },
  { locale: 'de', notation: 'scaled', ladder: 'locale', rungForm: 'word', fraction: [0, 1] },
  { locale: 'es', unit: { kind: 'currency', code: 'EUR' } },
  { locale: 'hi', fraction: [0, 2] },
  { locale: 'ar-EG', fraction: [0, 2] },
  { marks: { minus: '-' }, notation: 'scientific', exponentForm: 'E', fraction: [0, 2] },
  { marks: { minus: '-' }, notation: 'engineering', exponentForm: 'E', fraction: [1, 2] },
  { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [2, 2] },
  { under: '0.01', over: '1000000', zero: 'none', fraction: [0, 2] },
  { cases: [{ when: { magnitude: { from: 6 } }, use: { notation: 'scaled', fraction: [0, 1] } }] },
])('a spreadsheet by number styles says %j, its values and numbers beyond them', async (style) => {
  const made = await take(style)
  const { values, equal, differs } = made.proof
  expect(differs).toEqual([])
  expect([values > 100, equal]).toEqual([true, values])
  expect((await broughtIn(made)).cells()).toEqual(VALUES)
})

test.each<[Style, Style]>([
  [{ fraction: [0, 2] }, { fraction: [0, 2], grouping: 'always' }],
  [
    { fraction: [1, 1], sign: 'parentheses' },
    { fraction: [1, 1], grouping: 'always', sign: 'parentheses' },
  ],
  [
    { notation: 'scaled', fraction: [0, 1] },
    { notation: 'scaled', ladder: 'short', fraction: [0, 1], grouping: 'always' },
  ],
  [
    { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
    { notation: 'scaled', ladder: 'short', rung: 12, fraction: [1, 1], grouping: 'always' },
  ],
  [
    { notation: 'scientific', exponentForm: 'E', fraction: [0, 2] },
    { notation: 'scientific', exponentForm: 'E', fraction: [0, 2] },
  ],
])('what %j makes is brought in as %j', async (style, read) => {
  const part = importDataset(own.db, study.id, 'Part', 'n\n1234567.891\n-25\n3120000000000')!
  const one = part.document.quantities.at(-1)!
  const of = { ...one, title: 'Income', style, surfaces: {} }
  const made = await takenOf(server, part, { id: 'ods', quantity: of, level: 'quantity' })
  expect((await broughtIn(made)).style).toEqual(read)
})

test.each<[Style, string, string]>([
  [{ notation: 'scaled', ladder: 'binary' }, '1.177Mi', '1234567.891'],
  [{ factor: '2.5', unit: { kind: 'symbol', text: 'kg' } }, '3,086,419.728\u00a0kg', '1234567.891'],
  [{ significant: [1, 3] }, '1,230,000', '1,234,568'],
  [{ notation: 'multiple', multipleOf: 'pi' }, '392,975.165π', '1234567.891'],
])('%j is more than number styles say: %s is told as %s', async (style, label, other) => {
  const { proof } = await take(style)
  expect(proof.differs[0]).toEqual({ value: '1234567.891', label, other })
  expect(proof.equal).toBeLessThan(proof.values)
})

test('a spreadsheet has its type first, its cells typed, where it comes from, and the same bytes again', async () => {
  const style: Style = { unit: { kind: 'currency', code: { column: 'money' } } }
  const [one, other] = [await take(style), await take(style)]
  expect(one.files[0].text).toBe(other.files[0].text)
  const bytes = Buffer.from(one.files[0].text, 'base64')
  expect(bytes.subarray(38, 84).toString()).toBe('application/vnd.oasis.opendocument.spreadsheet')
  const files = new Map(unzipped(bytes).map(({ name, text }) => [name, text]))
  expect([...files.keys()]).toEqual([
    ...['mimetype', 'content.xml', 'styles.xml', 'meta.xml', 'META-INF/manifest.xml'],
  ])
  const { text } = await readFile({ bytes, name: 'income.ods' })
  expect(text.split('\n')[0]).toBe('site,money,Income,Income currency')
  expect(files.get('content.xml')).toMatch(
    /office:value-type="currency" office:value="-0.0004" office:currency="USD"/,
  )
  // Number styles give way to number styles, and cells' styles to cells' styles.
  const styles = files.get('styles.xml')!
  const named = (pattern: RegExp) => [...styles.matchAll(pattern)].map(([, name]) => name!)
  const [numbers, cells] = [
    named(/<number:\w+-style style:name="(\w+)"/g),
    named(/<style:style style:name="(\w+)"/g),
  ]
  const applied = [
    ...styles.matchAll(/"(value|cell-content)\(\)[^"]*" style:apply-style-name="(\w+)"/g),
  ]
  expect(applied.length).toBeGreaterThan(8)
  for (const [, of, name] of applied) expect(of === 'value' ? numbers : cells).toContain(name)
  for (const name of named(/style:data-style-name="(\w+)"/g)) expect(numbers).toContain(name)
  expect(files.get('meta.xml')).toContain('ivory-abacus export')
})
