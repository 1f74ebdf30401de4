import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import Ajv from 'ajv'
import type { Db } from '../db/database'
import { createStudy, importDataset } from '../study/studies'
import type { Style } from '../../core/style/fields'
import type { Level } from '../../shared/quantities'
import type { ExportId } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { labelsByModule } from '../../shared/exports/run'
import { ownDatabase, serverOn, take as takenOf } from '../testing/taken'
import type { Server } from './tasks'

const KILOBYTE = 1024

let own: ReturnType<typeof ownDatabase>
let db: Db
let server: Server
let study: Study
beforeAll(() => {
  own = ownDatabase()
  db = own.db
  server = serverOn(db)
  const made = createStudy(
    db,
    { ...newDocument('Exports'), house: { marks: { minus: '−' } } },
    'Begin',
  )
  study = importDataset(
    db,
    made.id,
    'Numbers',
    'n,money\n1234567.891,EUR\n-0.0004,USD\n999950,EUR\n12345678901234567890.5,\n1e-7,USD\n0,GBP',
  )!
})
afterAll(() => own.close())

const take = (
  id: ExportId,
  quantity: Quantity,
  level: Level = 'quantity',
  from = server,
  of = study,
) => takenOf(from, of, { id, quantity, level })
const quantity = (style: Style): Quantity => ({
  ...study.document.quantities[0]!,
  title: 'Größe & Maß',
  style,
  surfaces: {},
})

test.each<Style>([
  {},
  { notation: 'scaled', fraction: [0, 1] },
  { notation: 'scaled', rung: 'shared', fraction: [1, 1], rungForm: 'word' },
  { notation: 'scientific', exponent: 'shared', exponentForm: 'power' },
  { significant: [1, 3], sign: 'always' },
  { unit: { kind: 'currency', code: 'EUR' }, sign: 'parentheses', fraction: [2, 2] },
  { notation: 'multiple', multipleOf: 'pi' },
  {
    locale: 'de',
    notation: 'scaled',
    ladder: 'locale',
    rungForm: 'word',
    unit: { kind: 'currency', code: 'EUR', display: 'name' },
  },
  { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [2, 2] },
  {
    cases: [
      {
        when: { column: 'money', is: ['USD'] },
        use: { factor: '0.001', unit: { kind: 'symbol', text: 'k$' } },
      },
    ],
  },
  { cases: [{ when: { magnitude: { from: 6 } }, use: { notation: 'scaled', fraction: [0, 1] } }] },
])('a module of %j writes what the core writes, and was run to prove it', async (style) => {
  const { files, proof } = await take('module', quantity(style))
  expect(proof).toEqual({ how: 'The module was run', values: 6, equal: 6, differs: [] })
  expect(files.map(({ name }) => name)).toEqual(['grosse-mass.mjs', 'grosse-mass.d.mts'])
})

test('ticks by hand stand in a module where its axis has them, and are told where only the style goes along', async () => {
  const one = quantity({ fraction: [0, 0] })
  const byHand = { ...one, ticks: { ...one.ticks, labels: ['', 'a good year', ''] } }
  const { files, proof } = await take('module', byHand, 'axis')
  expect(proof.equal).toBe(proof.values)
  const { text } = files[0]!
  const [, tick] = /export const tickValues = \[[^,]+, ([^,]+),/.exec(text)!
  expect(await labelsByModule(text, [tick!, null, Number(tick), 1])).toEqual([
    ...['a good year', '–', 'a good year', '1'],
  ])
  expect(text).toMatch(/export const ticks = .*"label":"a good year"/)
  const csv = await take('csv', byHand, 'axis')
  expect(csv.files[0].text).toContain(',a good year,')
  expect((await take('style', byHand, 'axis')).notes).toEqual([
    'On the page 1 tick is written by hand; this writes them by the style.',
  ])
})

test('a module that writes something else is not given out', async () => {
  const broken: Server = {
    ...server,
    ask: (question, asks) =>
      question === 'runtime'
        ? ('const one = () => () => "?", all = () => (values) => values.map(one());export{one as labelBy,all as labelsBy,one as partsBy,one as spokenBy};' as never)
        : server.ask(question, asks),
  }
  await expect(take('module', quantity({}), 'quantity', broken)).rejects.toThrow(
    /^The module writes "\?" where the desk writes "1,234,567\.891" \(row 1\)/,
  )
})

test('a module that does not run is not given out', async () => {
  await expect(labelsByModule('throw new Error("no such thing")', [1])).rejects.toThrow(
    'The module does not run: no such thing',
  )
})

test.each<[string, Style, number]>([
  ['a plain style', {}, 5.4],
  ['a money style', { unit: { kind: 'currency', code: 'EUR' }, fraction: [2, 2] }, 6],
  [
    'the ladder of a region',
    { notation: 'scaled', ladder: 'locale', locale: 'pl', rungForm: 'word' },
    10,
  ],
])('the module of %s stays small: %j under %d kilobytes packed', async (_, style, most) => {
  const { files } = await take('module', quantity(style))
  expect(gzipSync(files[0]!.text).length).toBeLessThan(most * KILOBYTE)
})

const moduleOf = async <Exports>(made: Export, name: string): Promise<Exports> => {
  const path = join(own.folder, name)
  writeFileSync(path, made.files[0]!.text)
  return (await import(path)) as Exports
}
test('a module says its labels in words, and has the ticks of the axis with their labels', async () => {
  const style: Style = {
    notation: 'scaled',
    fraction: [0, 1],
    unit: { kind: 'currency', code: 'EUR' },
  }
  const { spoken } = await moduleOf<{ spoken(value: number): string }>(
    await take('module', quantity(style)),
    'spoken.mjs',
  )
  expect([1234567, -1e6].map((value) => spoken(value))).toEqual([
    '1.2 million euros',
    'minus 1 million euros',
  ])
  const { ticks } = await moduleOf<{ ticks: { value: number; label: string }[] }>(
    await take(
      'module',
      { ...quantity(style), ticks: { domain: ['0', '2e6'], step: '1e6' } },
      'axis',
    ),
    'ticks.mjs',
  )
  expect(ticks).toEqual([
    { value: 0, label: '€0' },
    { value: 1_000_000, label: '€1M' },
    { value: 2_000_000, label: '€2M' },
  ])
})

test('a surface is exported with its own values: what they share is frozen', async () => {
  const style: Style = { notation: 'scaled', rung: 'shared', fraction: [0, 1] }
  const small = {
    ...quantity(style),
    ticks: { domain: ['0', '3000'] as [string, string], step: '1000' },
  }
  const { label } = await moduleOf<{ label(value: number): string }>(
    await take('module', small, 'axis'),
    'axis.mjs',
  )
  expect(label(2_000_000)).toBe('2,000K')
})

test('a style as data keeps to its schema, which refuses what the style does', async () => {
  const {
    files: [style, schema],
  } = await take(
    'style',
    quantity({
      notation: 'scaled',
      fraction: [0, 1],
      cases: [{ when: { magnitude: { from: 6 } }, use: { sign: 'always' } }],
    }),
  )
  const holds = new Ajv({ unknownFormats: 'ignore' }).compile(JSON.parse(schema!.text) as object)
  holds(JSON.parse(style!.text))
  expect(holds.errors).toBe(null)
  expect([{ colour: 1 }, { sign: 'loud' }, { fraction: [1] }].map((wrong) => holds(wrong))).toEqual(
    [false, false, false],
  )
})

test('options say the style as far as they can, and name the rest with the values that differ', async () => {
  const plain = await take('options', quantity({ marks: { minus: '-' } }))
  expect(plain.notes).toEqual(['The options have no word for marks of one’s own.'])
  expect(plain.proof).toMatchObject({ differs: [] })
  const scaled = await take(
    'options',
    quantity({ notation: 'scaled', ladder: 'si', fraction: [0, 0], marks: { minus: '-' } }),
  )
  expect(JSON.parse(scaled.files[0]!.text)).toMatchObject({
    locale: 'en',
    options: { notation: 'compact', maximumFractionDigits: 0 },
  })
  expect(scaled.notes[0]).toContain('this ladder')
  expect(scaled.proof.differs[0]).toEqual({ value: '-0.0004', label: '-400µ', other: '0' })
})

test('a table keeps every digit, what each label reads as, and words for screen readers', async () => {
  const money = quantity({
    notation: 'scaled',
    fraction: [0, 1],
    unit: { kind: 'currency', code: 'EUR' },
  })
  expect((await take('csv', money)).files[0]!.text.split('\r\n').slice(0, 5)).toEqual([
    'money,value,label,reads as',
    'EUR,1234567.891,€1.2M,1200000',
    'USD,-0.0004,€0,0',
    'EUR,999950,€1M,1000000',
    ',12345678901234567890.5,€12.3Qt,12300000000000000000',
  ])
  const { text } = (await take('html', money)).files[0]!
  expect(text).toContain(
    '<td style="text-align:end" aria-label="1.2 million euros"><data value="1234567.891">€1.2M</data></td>',
  )
  expect(text).toContain('<table lang="en" dir="ltr">')
  const byMark = await take('html', quantity({ align: 'decimal', fraction: [0, 3] }))
  expect(byMark.files[0]!.text).toMatch(
    /<data value="1234567.891">1,234,567<span style="display:inline-block;min-width:[\d.]+em;text-align:start">\.891<\/span><\/data>/,
  )
  const atEdges = await take('html', quantity({ align: 'edges', before: 'c. ' }))
  expect(atEdges.files[0]!.text).toContain('<span style="float:inline-start">c. </span>999,950')
  expect((await take('html', quantity({ locale: 'ar-EG' }))).files[0]!.text).toContain('dir="rtl"')
})
