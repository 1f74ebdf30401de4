import { readFileSync } from 'node:fs'
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { join } from 'node:path'
import { createPinia, setActivePinia } from 'pinia'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import type { Style } from '../../core/style/fields'
import type { DatasetMeta } from '~~/shared/study/dataset'
import { useCells } from './cells'
import { useLocaleTables } from './localeTables'

const GENERATED = join(__dirname, '../../core/locale/generated')
const table = (kind: string, name: string) =>
  readFileSync(join(GENERATED, kind, `${name}.json`), 'utf8')

/** What was asked of the server, and how it answers; a real one, with the real tables. */
let asked: string[] = []
let answer: (path: string, response: ServerResponse) => void
const json = (response: ServerResponse, text: string, status = 200) =>
  response.writeHead(status, { 'content-type': 'application/json' }).end(text)
const regions = (path: string, response: ServerResponse) => {
  const [, , , name, names] = path.split('/')
  json(response, names ? table('currency-names', name!) : table('locales', name!))
}
const server = createServer((request: IncomingMessage, response) => {
  asked.push(request.url!)
  answer(request.url!, response)
})
const browserFetch = globalThis.fetch
beforeAll(() => new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready)))
afterAll(() => {
  globalThis.fetch = browserFetch
  server.closeAllConnections()
  server.close()
})
beforeEach(() => {
  // Paths are the page's own, as in a browser.
  globalThis.fetch = (path, options) =>
    browserFetch(
      `http://127.0.0.1:${(server.address() as AddressInfo).port}${path as string}`,
      options,
    )
  setActivePinia(createPinia())
  asked = []
  answer = regions
})

const german: Style = { locale: 'de', fraction: [1, 1] }
const namedMoney: Style = { locale: 'de', unit: { kind: 'currency', code: 'EUR', display: 'name' } }

describe('tables of regions', () => {
  test('English is there; others are asked for once, and labels are written by them', async () => {
    const store = useLocaleTables()
    expect([store.has({}), store.has(german)]).toEqual([true, false])
    await store.load([{}, german, { ...german, grouping: 'never' }])
    await store.load([german])
    expect(asked).toEqual(['/api/regions/de'])
    expect(store.has(german)).toBe(true)
    expect(labeller(resolve(german, store.loaded)).label(1234.5)).toBe('1.234,5')
  })
  test('names of currencies are asked for where a style writes them', async () => {
    const store = useLocaleTables()
    await store.load([namedMoney])
    expect(asked.sort()).toEqual(['/api/regions/de', '/api/regions/de/currencies'])
    expect(labeller(resolve(namedMoney, store.loaded)).label(2)).toContain('Euro')
  })
  test('what only a voice needs is given, and changes nothing for the labels', async () => {
    const store = useLocaleTables()
    await store.load([german])
    const before = store.loaded
    const spoken = await store.loadedWith(namedMoney)
    expect(Object.keys(spoken.currencyNames ?? {})).toEqual(['de'])
    expect(store.loaded).toBe(before)
    expect(store.has(namedMoney)).toBe(false)
    await store.loadedWith(namedMoney)
    expect(asked).toEqual(['/api/regions/de', '/api/regions/de/currencies'])
  })
  test('two that ask at once share one answer', async () => {
    const store = useLocaleTables()
    await Promise.all([store.load([german]), store.load([german])])
    expect(asked).toEqual(['/api/regions/de'])
  })
  test('after a failure, which says why, it is asked again', async () => {
    const store = useLocaleTables()
    answer = (_, response) =>
      json(response, JSON.stringify({ detail: 'The tables are being built.' }), 503)
    await expect(store.load([german])).rejects.toMatchObject({
      status: 503,
      message: 'The tables are being built.',
    })
    expect(store.has(german)).toBe(false)
    answer = regions
    await store.load([german])
    expect(store.has(german)).toBe(true)
  })
})

describe('columns', () => {
  const column = (name: string, position: number, encoding: 'float64' | 'json') => ({
    position,
    name,
    kind: 'number' as const,
    reason: '',
    encoding,
    missing: 0,
    unread: [],
  })
  const dataset = {
    id: 'd',
    name: 'Harvest',
    rowCount: 3,
    notices: [],
    columns: [column('weight', 0, 'float64'), column('exact', 1, 'json')],
  } as unknown as DatasetMeta
  const doubles = (...values: number[]) => Buffer.from(new Float64Array(values).buffer)
  const answers = (path: string, response: ServerResponse) =>
    path.endsWith('/0')
      ? void response
          .writeHead(200, { 'content-type': 'application/octet-stream' })
          .end(doubles(1.5, NaN, -2))
      : json(response, '["12345678901234567890",null,1]')

  test('come as doubles or with all their digits; what is missing is none', async () => {
    answer = answers
    const store = useCells()
    expect(await store.cells(dataset, 'weight')).toEqual([1.5, null, -2])
    expect(await store.cells(dataset, 'exact')).toEqual(['12345678901234567890', null, 1])
  })
  test('are fetched once, and again after a failure', async () => {
    const store = useCells()
    answer = (_, response) => json(response, '{}', 500)
    await expect(store.cells(dataset, 'weight')).rejects.toMatchObject({
      message: 'The server answered 500.',
    })
    answer = answers
    const [one, other] = await Promise.all([
      store.cells(dataset, 'weight'),
      store.cells(dataset, 'weight'),
    ])
    expect(one).toBe(other)
    expect(asked).toEqual(['/api/datasets/d/columns/0', '/api/datasets/d/columns/0'])
  })
  test('that are not there are said by their name', () =>
    expect(useCells().cells(dataset, 'colour')).rejects.toThrow('Harvest has no column “colour”.'))
  test('a server that is gone is said, with what to do', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('fetch failed'))
    await expect(useCells().cells(dataset, 'weight')).rejects.toThrow(
      'Start it again with npm start.',
    )
  })
})
