import fc from 'fast-check'
import Papa from 'papaparse'
import { compare, magnitudeOf, multiply, subtract, sum } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toText } from '../../core/decimal/decimal'
import { load } from '../../core/label/testing/platform'
import { joinRegions, regionsBy } from '../../core/label/needs'
import type { Style } from '../../core/style/fields'
import { part } from '../../core/testing/part'
import { labelsByModule } from '../../shared/exports/run'
import { USUAL_SIZE } from '../../shared/page/layout'
import { pageSnapshot } from '../../shared/page/snapshot'
import type { PageValues } from '../../shared/page/values'
import { stylesIn } from '../../shared/quantities'
import { newDocument, type StudyDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { columnCells } from '../db/columns'
import { createStudy, importDataset } from '../study/studies'
import { ownDatabase, serverOn, take } from '../testing/taken'

const own = ownDatabase()
afterAll(() => own.close())
const server = serverOn(own.db)

const RATES: NonNullable<StudyDocument['rates']> = [
  { currency: 'GBP', rate: '1.17', base: 'EUR', date: '2031-03-01', source: 'Osprind treasury' },
  { currency: 'SEK', rate: '0.0884', base: 'EUR' },
  { currency: 'JPY', rate: '0.0062', base: 'EUR' },
]
/** How many of the common unit one of each unit makes, worked out by hand. */
const WORTH: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  currency: { EUR: '1', GBP: '1.17', SEK: '0.0884', JPY: '0.0062' },
  measure: { kilogram: '1', tonne: '1e3', gram: '0.001', pound: '0.45359237' },
}
type Kind = 'currency' | 'measure'
const named = (kind: Kind, unit: string | { column: string }): NonNullable<Style['unit']> =>
  kind === 'currency' ? { kind, code: unit } : { kind, id: unit }

const anyStudy = fc.constantFrom<Kind>('currency', 'measure').chain((kind) =>
  fc.record({
    kind: fc.constant(kind),
    rows: fc.array(
      fc.record({
        unit: fc.constantFrom(...Object.keys(WORTH[kind]!)),
        value: fc
          .tuple(fc.integer({ min: -(10 ** 9), max: 10 ** 9 }), fc.integer({ min: -4, max: 4 }))
          .map(([digits, power]) => toText({ coefficient: BigInt(digits), exponent: power })),
      }),
      { minLength: 2, maxLength: 12 },
    ),
    shown: fc.constantFrom<string | null>(null, ...Object.keys(WORTH[kind]!)),
    recorded: fc.constantFrom(0, 0, 3),
    notation: fc.constantFrom<Style>(
      {},
      { notation: 'scaled' },
      { notation: 'scaled', rung: 'shared' },
      { notation: 'scientific', exponent: 'shared' },
    ),
    town: fc.constantFrom(1, 3),
  }),
)
type Drawn = typeof anyStudy extends fc.Arbitrary<infer One> ? One : never

function studyOf({ kind, rows, shown, recorded, notation, town }: Drawn): [Study, Quantity] {
  const lines = rows.map(({ unit, value }, at) => `t${at % town},n${at},${unit},${value}`)
  const { id } = createStudy(own.db, newDocument('Units'), 'Begin')
  const study = importDataset(own.db, id, 'Rows', ['town,name,in,amount', ...lines].join('\n'))!
  const found = study.document.quantities.find(({ column }) => column === 'amount')!
  const quantity: Quantity = {
    ...found,
    recorded,
    units: { kind, column: 'in' },
    surfaces: undefined,
    // So many digits that nothing is rounded: what is read back is the value itself.
    style: {
      ...notation,
      unit: named(kind, shown ?? { column: 'in' }),
      significant: [1, 60],
      priority: 'morePrecision',
    },
    chart: { category: town === 1 ? 'name' : 'town', aggregate: 'sum' },
    total: 'plain',
  }
  const document = { ...study.document, quantities: [quantity], rates: RATES }
  return [{ ...study, document }, quantity]
}
function pageOf({ document, datasets }: Study, quantity: Quantity): Readonly<PageValues> {
  const regions = joinRegions(stylesIn(document).map((style) => regionsBy(style, load)))
  const [dataset] = datasets
  return pageSnapshot({
    ...{ document, quantity, dataset: dataset!, regions, size: USUAL_SIZE, machine: false },
    cellsOf: (name) => columnCells(own.db, dataset!.id, name),
  })
}

/** A value of a row in the common unit: its digits by what its unit is worth. */
const byHand = (kind: Kind, { unit, value }: Drawn['rows'][number], common: string): Decimal => {
  const worth = WORTH[kind]!
  const of = (text: string) => decimal(text)
  const [own, base] = [of(worth[unit]!), of(worth[common]!)]
  const product = decimal(value)
  return {
    // The bases are powers of ten, or the unit itself.
    coefficient: unit === common ? product.coefficient : product.coefficient * own.coefficient,
    exponent: unit === common ? product.exponent : product.exponent + own.exponent - base.exponent,
  }
}
/** Digits of a label in a unit in which a value never ends; many more than anybody keeps. */
const KEPT = decimal('1e-50')
const agree = (a: Decimal, b: Decimal): boolean =>
  compare(magnitudeOf(subtract(a, b)), multiply(magnitudeOf(b), KEPT)) <= 0
const saidBy = (page: Readonly<PageValues>, surface: 'marks' | 'table', label: string): Decimal =>
  page[`written.${surface}`].writer.read(label).value as Decimal

/** What a study's page and its exports say, each against what was worked out by hand. */
async function wrongIn(drawn: Drawn): Promise<string[]> {
  const [study, quantity] = studyOf(drawn)
  const page = pageOf(study, quantity)
  const common = page.common?.unit
  if (common === undefined) return ['has no common unit']
  const wrong: string[] = []
  const same = (what: string, a: Decimal, b: Decimal) => {
    if (compare(a, b) !== 0) wrong.push(`${what}: ${toText(a)} and not ${toText(b)}`)
  }
  const reads = (what: string, a: Decimal, b: Decimal) => {
    if (!agree(a, b)) wrong.push(`${what}: ${toText(a)} and not ${toText(b)}`)
  }
  const expected = drawn.rows.map((row) => byHand(drawn.kind, row, common))
  page.rows!.values.forEach((value, at) => same(`row ${at}`, value!, expected[at]!))
  same('total', page.total!, sum(expected))
  same('bars', sum(page.drawing!.all.map(({ value }) => value)), sum(expected))
  const { values, rows } = page['shows.table']
  const labels = page['written.table'].writer.labels(values, rows)
  labels.forEach((label, at) =>
    reads(`table ${label}`, saidBy(page, 'table', label), expected[at]!),
  )
  page.markLabels.forEach((label, at) =>
    reads(
      `mark ${label}`,
      saidBy(page, 'marks', label),
      page.drawing!.groups[page.drawing!.labelled[at]!]!.value,
    ),
  )
  const csv = await take(server, study, { id: 'csv', quantity, level: 'table' })
  const [head = [], ...lines] = Papa.parse<string[]>(csv.files[0].text, {
    skipEmptyLines: true,
  }).data
  lines.forEach((line, at) => {
    same('value in CSV', decimal(line[head.indexOf('value')]!), decimal(drawn.rows[at]!.value))
    if (!line.includes(labels[at]!)) wrong.push(`CSV says ${line.join()} and not ${labels[at]}`)
  })
  const module = await take(server, study, { id: 'module', quantity, level: 'table' })
  const byModule = await labelsByModule(
    module.files[0].text,
    drawn.rows.map(({ value }) => value),
    drawn.rows.map(({ unit }) => ({ in: unit })),
  )
  byModule.forEach((label, at) => {
    if (label !== labels[at]) wrong.push(`the module says ${label} and not ${labels[at]}`)
  })
  return wrong
}

test('bars, tables, totals, sheets and modules say one number for every row, whatever its unit', async () => {
  const studies = fc.sample(anyStudy, { numRuns: part(15, 300), seed: 36 })
  for (const drawn of studies) {
    const wrong = await wrongIn(drawn)
    expect([JSON.stringify(drawn), wrong]).toEqual([JSON.stringify(drawn), []])
  }
}, 3_600_000)

test('a package of several currencies is proved on every value', async () => {
  const drawn: Drawn = {
    kind: 'currency',
    rows: [
      { unit: 'EUR', value: '120000' },
      { unit: 'SEK', value: '1400000' },
      { unit: 'GBP', value: '98000.5' },
      { unit: 'GBP', value: '2150000' },
    ],
    ...{ shown: 'EUR', recorded: 0, notation: { notation: 'scaled' }, town: 1 },
  }
  for (const shown of ['EUR', null]) {
    const [study, quantity] = studyOf({ ...drawn, shown })
    const { proof } = await take(server, study, { id: 'package', quantity })
    expect([shown, proof.differs]).toEqual([shown, []])
    expect(proof.equal).toBe(proof.values)
  }
})

const TWO_ROWS: Drawn = {
  kind: 'currency',
  rows: [
    { unit: 'EUR', value: '5' },
    { unit: 'GBP', value: '7' },
  ],
  ...{ shown: 'EUR', recorded: 0, notation: {}, town: 1 },
}

test('every file of converted amounts lists the rates', async () => {
  const [study, quantity] = studyOf(TWO_ROWS)
  const said = '1 GBP = 1.17 EUR (2031-03-01, Osprind treasury)'
  for (const id of ['module', 'html', 'svg'] as const) {
    const { files } = await take(server, study, { id, quantity })
    expect([id, files[0].text.includes(said)]).toEqual([id, true])
  }
  const csv = await take(server, study, { id: 'csv', quantity })
  expect(csv.files.map(({ text }) => text).join('\n')).toContain(said)
  expect(csv.notes).toContain('Each value is given in the unit that “in” of its row names.')
})

test('a picture of amounts without rates is refused, with what to do', async () => {
  const [study, quantity] = studyOf({ ...TWO_ROWS, shown: null })
  const bare = { ...study, document: { ...study.document, rates: undefined } }
  await expect(take(server, bare, { id: 'svg', quantity })).rejects.toThrow(
    'The rows are in EUR, GBP, which share no scale. Enter rates, or draw a panel for each of them, or show the rows in one of them, and export again.',
  )
})
