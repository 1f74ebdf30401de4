import { request } from 'node:http'
import { withProgram } from './lib/program'

const program = withProgram()

const post = (path: string, body: string) =>
  fetch(program.url + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  })
const table = (text: string, more: object = {}) =>
  JSON.stringify({ name: 'Hostile', table: { text, ...more } })
const health = async () =>
  (await (await fetch(`${program.url}/api/health`)).json()) as { sound: boolean }

const ones = (count: number) => Array(count).fill(1).join(',')
test.each<[string, number, () => string]>([
  [
    'one long column beside 4,900 short ones',
    422,
    () =>
      table(
        `{"a":[${ones(200_000)}],${Array.from({ length: 4900 }, (_, at) => `"c${at}":[1]`).join(',')}}`,
      ),
  ],
  [
    'one wide row below 200,000 narrow ones',
    422,
    () => table(`a\n${'1\n'.repeat(200_000)}${ones(4900)}`),
  ],
  [
    'a new name on each line',
    422,
    () => table(Array.from({ length: 6000 }, (_, at) => `{"n${at}":1}`).join('\n')),
  ],
  ['millions of empty lists', 400, () => `{"name": [${'[],'.repeat(3_000_000)}[]]}`],
  ['a table that nests in itself', 422, () => table('['.repeat(60) + ']'.repeat(60))],
])('%s are refused with %i, and the server goes on', async (_, status, body) => {
  const answer = await post('/api/studies', body())
  expect({ status: answer.status, type: answer.headers.get('content-type') }).toEqual({
    status,
    type: 'application/problem+json',
  })
  expect(await health()).toMatchObject({ sound: true })
})

test('a table that nobody waits for any more is not read on', async () => {
  const rows = `site,kg\n${'Holm,1.25\n'.repeat(400_000)}`
  const body = table(rows, { key: 'left' })
  const sent = request(`${program.url}/api/studies`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) },
  })
  sent.on('error', () => {})
  sent.end(body)
  const isUnderWay = async () => (await fetch(`${program.url}/api/jobs/left`)).ok
  while (!(await isUnderWay())) await new Promise((next) => setTimeout(next, 20))
  const before = (await (await fetch(`${program.url}/api/studies`)).json()) as unknown[]
  sent.destroy()
  while (await isUnderWay()) await new Promise((next) => setTimeout(next, 20))
  const after = (await (await fetch(`${program.url}/api/studies`)).json()) as unknown[]
  expect(after).toHaveLength(before.length)
})
