import { strToU8, zipSync } from 'fflate'
import { parquetWriteBuffer } from 'hyparquet-writer'
import { LIMITS } from '../../limits'
import { readTable } from '../table'
import { readFile } from '.'
import { runsFit } from './parquetRuns'

const read = (name: string, bytes: Uint8Array) => readFile({ bytes, name })
const readText = async (name: string, text: string) =>
  readTable((await read(name, strToU8(text))).text)

const sheet = (rows: string) =>
  zipSync({
    mimetype: strToU8('x'),
    'content.xml': strToU8(
      `<office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x"><office:body><office:spreadsheet><table:table table:name="a">${rows}</table:table></office:spreadsheet></office:body></office:document-content>`,
    ),
  })
const cells = (count: number) =>
  `<table:table-cell office:value-type="float" office:value="1" table:number-columns-repeated="${count}"/>`

/** Columns of one cell each, as an object of lists; one of them is long. */
const oneLongColumn = `{"a": [${Array(200_000).fill(1).join(',')}], ${Array.from({ length: 4900 }, (_, at) => `"c${at}": [1]`).join(',')}}`

test.each<[string, string, () => Uint8Array]>([
  [
    'a sheet that repeats rows and cells',
    'a.ods',
    () =>
      sheet(
        `<table:table-row table:number-rows-repeated="4000000">${cells(4000)}</table:table-row>`,
      ),
  ],
  [
    'a sheet of more columns than are taken',
    'a.ods',
    () => sheet(`<table:table-row>${cells(16_000)}</table:table-row>`),
  ],
  [
    'cells of a page that span each other',
    'a.html',
    () => strToU8(`<table>${'<tr><td rowspan=1000 colspan=1000>1</td></tr>'.repeat(500)}</table>`),
  ],
  ['one long column among many short ones', 'a.json', () => strToU8(oneLongColumn)],
  [
    'a new name on each line',
    'a.jsonl',
    () => strToU8(Array.from({ length: 6000 }, (_, at) => `{"n${at}":1}`).join('\n')),
  ],
  [
    'one wide row below many narrow ones',
    'a.csv',
    () => strToU8(`a\n${'1\n'.repeat(200_000)}${'1,'.repeat(4000)}1`),
  ],
])('%s are counted before they are made', async (_, name, bytes) => {
  const file = bytes()
  const began = performance.now()
  const failed = await read(name, file)
    .then(({ text }) => readTable(text))
    .then(
      () => 'read',
      (error: Error) => error,
    )
  expect(failed).toMatchObject({ name: 'ImportError' })
  expect(String(failed)).toMatch(/which is as many as are taken|at most 5,000 are taken/)
  // What is refused is never made: a hundred times the cells would take no longer.
  expect(process.memoryUsage().heapUsed).toBeLessThan(2 ** 31)
  expect(performance.now() - began).toBeLessThan(240_000)
})

test('blank rows and cells that a sheet repeats to its end are no cells of the table', async () => {
  const blanks = '<table:table-cell table:number-columns-repeated="16380"/>'
  const row = `<table:table-row>${cells(2)}${blanks}</table:table-row>`
  const many =
    '<table:table-row table:number-rows-repeated="900000"><table:table-cell/></table:table-row>'
  const { text } = await read('a.ods', sheet(row + many + row))
  const lines = text.split('\n')
  expect([lines[0], lines.at(-1), lines.length]).toEqual(['1,1', '1,1', 2 + LIMITS.blankRows])
})

test('JSON of many rows with names of their own is read within the limit', async () => {
  const rows = Array.from({ length: 300 }, (_, at) => ({ site: 'Holm', [`n${at % 40}`]: at }))
  const { columns, rowCount } = await readText('a.json', JSON.stringify(rows))
  expect([columns.length, rowCount]).toEqual([41, 300])
})

describe('Parquet', () => {
  const written = (values: (number | null)[], codec: 'UNCOMPRESSED' | 'SNAPPY') =>
    new Uint8Array(
      parquetWriteBuffer({
        columnData: [{ name: 'kg', data: values, type: 'DOUBLE', nullable: true }],
        codec,
      }),
    )
  const values = Array.from({ length: 1000 }, (_, at) => (at < 900 ? null : at / 8))

  test.each(['UNCOMPRESSED', 'SNAPPY'] as const)('%s: nulls in runs are read', async (codec) => {
    const { text } = await read('a.parquet', written(values, codec))
    expect(text.split('\n').filter(Boolean)).toHaveLength(101)
  })
  test('a run of more nulls than its page has values is refused', async () => {
    const file = written(Array<null>(1000).fill(null), 'UNCOMPRESSED')
    // 1,000 times the level 0: the number of times 2, in seven bits a byte, then the level.
    const run = [0xd0, 0x0f, 0]
    const at = file.findIndex((_, place) => run.every((byte, n) => file[place + n] === byte))
    expect(at).toBeGreaterThan(0)
    file.set([0xfe, 0x7f], at)
    await expect(read('a.parquet', file)).rejects.toThrow('claims more values than it can hold')
  })
  test('runs are added up without their values', () => {
    expect(runsFit(Uint8Array.of(0x0a, 1), 1, 5)).toBe(true)
    expect(runsFit(Uint8Array.of(0x0c, 1), 1, 5)).toBe(false)
    // Eight values packed, of which three are padding.
    expect(runsFit(Uint8Array.of(0x03, 0xff), 1, 5)).toBe(true)
    expect(runsFit(Uint8Array.of(0xfe, 0xff, 0xff, 0xff, 0x0f, 1), 1, 1000)).toBe(false)
  })
})

test('an archive of very many files is refused by their number', async () => {
  const files = Object.fromEntries(
    Array.from({ length: 20_000 }, (_, at) => [`f${at}`, [new Uint8Array(0), { level: 0 }]]),
  ) as never
  await expect(read('a.ods', zipSync(files))).rejects.toThrow('more than 10000 files')
})
