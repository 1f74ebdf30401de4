import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { keptColumn } from '../../shared/import/kept'
import { newDocument } from '../../shared/study/document'
import type { NewColumn } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { columnCells } from '../db/columns'
import { type Db, openDatabase } from '../db/database'
import { migrations } from '../db/testing/migrations'
import { takeColumn } from './derived'
import { ColumnError, derivedColumn } from './derivedColumn'
import { createStudy, importDataset, loadStudy, saveStudy } from './studies'

let folder: string
let db: Db
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  db = openDatabase(join(folder, 'test.sqlite'), migrations)
})
afterAll(() => {
  db.close()
  rmSync(folder, { recursive: true })
})
const empty = (name: string): Study => createStudy(db, newDocument(name), 'Begin')

/** Makes a column of the first data set of a study and takes it in. */
function derive(studyId: string, column: NewColumn): Study {
  const { document, datasets } = loadStudy(db, studyId)!
  const cellsOf = (datasetId: string, name: string) => columnCells(db, datasetId, name)
  const made = derivedColumn({ document, dataset: datasets[0]!, column, cellsOf })
  const kept = keptColumn(made.column)
  return takeColumn(db, { studyId, datasetId: datasets[0]!.id }, column, { ...made, kept })!
}

test('columns recorded in other powers meet as true values, and one taken back gives way', () => {
  const study = importDataset(db, empty('Mixed').id, 'Mixed', 'site,a,b (thousands)\nFarrow,500,2')!
  const [dataset] = study.datasets
  const make = (column: Omit<NewColumn, 'name' | 'of'>) =>
    derive(study.id, { name: 'made', of: 'a', ...column })!
  const made = make({ by: 'sum', and: 'b (thousands)' })
  expect(columnCells(db, dataset!.id, 'made')).toEqual([2500])
  const quantities = made.document.quantities.filter(({ column }) => column !== 'made')
  const { shown } = study.document
  saveStudy(db, study.id, {
    base: made.revision,
    document: { ...made.document, quantities, shown },
    what: 'Undo',
  })
  make({ by: 'times', number: '0.1' })
  expect(columnCells(db, dataset!.id, 'made')).toEqual([50])
  expect(() => make({ by: 'groupShare', and: 'site' })).toThrow('There is a column “made” already')
})

test('a column is made of two others, exactly, as a quantity that is shown', () => {
  const study = importDataset(
    db,
    empty('Depths').id,
    'Soundings',
    'site,high,low\nFarrow,0.3,0.1\nHolm,,2\nTarn,5,0',
  )!
  const [dataset] = study.datasets
  const made = derive(study.id, {
    name: 'rise',
    by: 'difference',
    of: 'high',
    and: 'low',
  })!
  expect(columnCells(db, dataset!.id, 'rise')).toEqual([0.2, null, 5])
  expect(made.document.quantities.find(({ id }) => id === made.document.shown)).toMatchObject({
    column: 'rise',
    chart: { category: 'site', aggregate: 'sum' },
  })
  const shares = derive(study.id, { name: 'part', by: 'share', of: 'low' })!
  expect(shares.document.quantities.at(-1)!.style).toMatchObject({ unit: { kind: 'percent' } })
  const wrong = (column: NewColumn) => () => derive(study.id, column)
  expect(wrong({ name: 'rise', by: 'share', of: 'low' })).toThrow(ColumnError)
  expect(wrong({ name: 'x', by: 'sum', of: 'low', and: 'site' })).toThrow(
    '“site” is no column of numbers in Soundings.',
  )
  expect(wrong({ name: 'x', by: 'sum', of: 'low' })).toThrow(
    'the sum of … takes two columns of numbers.',
  )
  expect(wrong({ name: 'x', by: 'times', of: 'low' })).toThrow('takes a column and a number')
  expect(wrong({ name: 'x', by: 'groupShare', of: 'low', and: 'high' })).toThrow(
    '“high” is no column of names in Soundings.',
  )
})

test('a constant keeps the unit and the style of what it is applied to', () => {
  const study = importDataset(
    db,
    empty('Fares').id,
    'Fares',
    'stop,fare (EUR)\nQuay,2.5\nMill,3.25',
  )!
  for (const by of ['times', 'over', 'plus'] as const) {
    const made = derive(study.id, { name: by, by, of: 'fare (EUR)', number: '2' })
    expect(made.document.quantities.at(-1)!.style.unit).toEqual({ kind: 'currency', code: 'EUR' })
  }
})

test('columns of one dimension meet in the unit of the first; others are refused with both names', () => {
  const study = importDataset(
    db,
    empty('Loads').id,
    'Loads',
    'ship,net (t),crates (kg),fuel (l),fee (EUR),toll (SEK)\nAsk,2,500,9,5,6',
  )!
  const [dataset] = study.datasets
  const make = (name: string, column: Omit<NewColumn, 'name'>) => {
    derive(study.id, { name, ...column })
    return columnCells(db, dataset!.id, name)
  }
  expect(make('gross', { by: 'sum', of: 'net (t)', and: 'crates (kg)' })).toEqual([2.5])
  expect(make('rest', { by: 'difference', of: 'crates (kg)', and: 'net (t)' })).toEqual([-1500])
  expect(make('part', { by: 'ratio', of: 'crates (kg)', and: 'net (t)' })).toEqual([0.25])
  // A quotient of two dimensions is in a unit of its own.
  expect(make('use', { by: 'ratio', of: 'fuel (l)', and: 'net (t)' })).toEqual([4.5])
  const refused = (of: string, and: string) => () =>
    derive(study.id, { name: 'x', by: 'sum', of, and })
  expect(refused('net (t)', 'fee (EUR)')).toThrow('“net (t)” is in tonne and “fee (EUR)” in EUR')
  expect(refused('net (t)', 'fuel (l)')).toThrow('“fuel (l)” in liter')
  expect(refused('fee (EUR)', 'toll (SEK)')).toThrow(
    '“fee (EUR)” is in EUR and “toll (SEK)” in SEK',
  )
})

/** The quantity of a new column, and its cells. */
function made(
  studyId: string,
  column: Omit<NewColumn, 'name'>,
  name = `made ${column.by} ${column.and ?? ''}`,
) {
  const { document, datasets } = derive(studyId, { name, ...column })
  const { style, measure, units, kind } = document.quantities.at(-1)!
  return { cells: columnCells(db, datasets[0]!.id, name), unit: style.unit, measure, units, kind }
}

test('products and quotients carry the units that are left when those above and below cancel', () => {
  const study = importDataset(
    db,
    empty('Power').id,
    'Power',
    'mill,used (kWh),price (€/MWh),run (h),way (km),loaves,fee (EUR),toll (SEK)\nAsk,2000,80,4,12,10,50,5',
  )!
  const of = (by: NewColumn['by'], first: string, and: string) => {
    const { cells, unit } = made(study.id, { by, of: first, and }, `${by} ${first} ${and}`)
    return [cells[0], unit]
  }
  const money = (code: string) => ({ kind: 'currency', code })
  const measure = (id: string) => ({ kind: 'measure', id })
  expect(of('product', 'used (kWh)', 'price (€/MWh)')).toEqual([160, money('EUR')])
  expect(of('ratio', 'used (kWh)', 'run (h)')).toEqual([500, measure('kilowatt')])
  expect(of('ratio', 'way (km)', 'run (h)')).toEqual([3, measure('kilometer-per-hour')])
  expect(of('ratio', 'fee (EUR)', 'used (kWh)')).toEqual([
    0.025,
    { kind: 'symbol', text: 'EUR/kWh' },
  ])
  expect(of('product', 'fee (EUR)', 'loaves')).toEqual([500, money('EUR')])
  expect(of('ratio', 'fee (EUR)', 'loaves')).toEqual([5, money('EUR')])
  // What says no unit may be a price: nothing is claimed of its product with a measure.
  expect(of('product', 'used (kWh)', 'loaves')).toEqual([20000, undefined])
  expect(of('product', 'way (km)', 'way (km)')).toEqual([144, measure('square-kilometer')])
  expect(of('ratio', 'fee (EUR)', 'fee (EUR)')).toEqual([1, undefined])
  expect(() => of('ratio', 'fee (EUR)', 'toll (SEK)')).toThrow(
    '“fee (EUR)” is in EUR and “toll (SEK)” in SEK: they cannot be added or compared. Choose columns of one unit, or enter exchange rates.',
  )
  expect(() => of('product', 'fee (EUR)', 'toll (SEK)')).toThrow('they cannot be multiplied')
})

const BAKERIES =
  'bakery,currency,revenue,cost,loaves\nAsk,EUR,120,100,10\nBrodd,SEK,1400,700,20\nEmmer,EUR,80,60,4'
/** A study of amounts in several currencies, with or without rates. */
function bakeries(rates?: readonly { currency: string; rate: string; base: string }[]) {
  const study = importDataset(db, empty('Bakeries').id, 'Bakeries', BAKERIES)!
  if (!rates) return study
  const document = { ...study.document, rates: [...rates] }
  saveStudy(db, study.id, { base: study.revision, document, what: 'Rates' })
  return loadStudy(db, study.id)!
}

test('what is made row by row stays in the currency of its row', () => {
  const { id } = bakeries()
  const units = { kind: 'currency', column: 'currency' }
  expect(made(id, { by: 'difference', of: 'revenue', and: 'cost' })).toMatchObject({
    ...{ cells: [20, 700, 20], units },
    unit: { kind: 'currency', code: { column: 'currency' } },
  })
  expect(made(id, { by: 'times', of: 'revenue', number: '2' })).toMatchObject({ units })
  expect(made(id, { by: 'product', of: 'loaves', and: 'cost' })).toMatchObject({ units })
  expect(made(id, { by: 'ratio', of: 'revenue', and: 'cost' })).toMatchObject({
    ...{ cells: ['1.2', '2', expect.stringMatching(/^1\.3+$/)], units: undefined, kind: 'ratio' },
  })
})

test('what is put together over rows takes rates, or is refused with the currencies', () => {
  const { id } = bakeries()
  for (const by of ['running', 'share', 'rowChange', 'rowGrowth'] as const)
    expect(() => made(id, { by, of: 'revenue' })).toThrow(
      'The rows of “revenue” are in EUR, SEK, which cannot be put together. Enter exchange rates,',
    )
  expect(() => made(id, { by: 'plus', of: 'revenue', number: '5' })).toThrow('Enter exchange rates')
  const rated = bakeries([{ currency: 'SEK', rate: '0.1', base: 'EUR' }])
  expect(made(rated.id, { by: 'running', of: 'revenue' })).toMatchObject({
    ...{ cells: [120, 260, 340], units: undefined },
    unit: { kind: 'currency', code: 'EUR' },
  })
  const { cells } = made(rated.id, { by: 'share', of: 'revenue' })
  expect(Number(cells[0])).toBeCloseTo(120 / 340)
})

test('a row that names no unit stands against what is put together over rows', () => {
  const study = importDataset(db, empty('Gaps').id, 'Gaps', `${BAKERIES}\nDinkel,,5,4,1`)!
  expect(() => made(study.id, { by: 'running', of: 'revenue' })).toThrow(
    'Some rows of “revenue” name no unit',
  )
})
