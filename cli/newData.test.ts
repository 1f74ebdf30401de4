import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { load } from '../core/label/testing/platform'
import { regionsBy } from '../core/label/needs'
import { readTable } from '../shared/import/table'
import { startOfTable } from '../shared/page/start'
import { onNewData } from './newData'
import type { ReadStudy } from './studyFile'

const TABLE = 'bakery,currency,sales\nAsk,EUR,120\nBrodd,SEK,1400'
const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-new-data-'))
afterAll(() => rmSync(folder, { recursive: true }))

const { document, dataset, cellsOf } = startOfTable('rows', readTable(TABLE), (style) =>
  regionsBy(style, load),
)
const study = {
  ...{ path: 'study.json', text: '', document, datasets: [dataset] },
  cellsOf: (_dataset: string, column: string) => [...cellsOf(column)],
} as unknown as ReadStudy

/** What is said of the study on the rows of another table. */
async function findingsOn(table: string): Promise<[check: string, message: string][]> {
  const path = join(folder, 'new.csv')
  writeFileSync(path, table)
  const { findings } = await onNewData(study, path)
  return findings.map(({ check, message }) => [check, message])
}

test('rows in the currencies of the study are taken without a word', async () =>
  expect(await findingsOn(`${TABLE}\nEmmer,€,80`)).toEqual([]))

test('a row that names no currency is told by its row', async () =>
  expect(await findingsOn(`${TABLE}\nEmmer,,80\nDinkel,,`)).toEqual([
    ['unit-missing', '“currency” is empty beside “sales” (row 3): fill in the unit of each row.'],
  ]))

test('a text that is no currency is told by its rows', async () =>
  expect(await findingsOn(`${TABLE}\nEmmer,XBX,80\nDinkel,shells,9`)).toEqual([
    ['unit-unknown', '“XBX” in “currency” is no currency (rows 3, 4): write a code such as EUR.'],
  ]))

test('numbers that became a thousand times as large are told', async () => {
  const [[check] = []] = await findingsOn(TABLE.replace('120', '120000').replace('1400', '1400000'))
  expect(check).toBe('scale-changed')
})
