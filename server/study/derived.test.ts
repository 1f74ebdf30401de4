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
  const made = keptColumn(derivedColumn({ document, dataset: datasets[0]!, column, cellsOf }))
  return takeColumn(db, { studyId, datasetId: datasets[0]!.id }, column, made)!
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
  // A quotient of two dimensions is a number of its own.
  expect(make('use', { by: 'ratio', of: 'fuel (l)', and: 'net (t)' })).toEqual([4.5])
  const refused = (of: string, and: string) => () =>
    derive(study.id, { name: 'x', by: 'sum', of, and })
  expect(refused('net (t)', 'fee (EUR)')).toThrow('“net (t)” is in tonne and “fee (EUR)” in EUR')
  expect(refused('net (t)', 'fuel (l)')).toThrow('“fuel (l)” in liter')
  expect(refused('fee (EUR)', 'toll (SEK)')).toThrow(
    '“fee (EUR)” is in EUR and “toll (SEK)” in SEK',
  )
})
