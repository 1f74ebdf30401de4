import { readdirSync } from 'node:fs'
import { join, relative, sep } from 'node:path'
import { type Caller, refusalOf } from './door'
import { apiPaths, methodsAt } from './paths'

const api = join(__dirname, '../api')
/** The paths and methods that the files of the API answer. */
function answered(): Record<string, string[]> {
  const found: Record<string, string[]> = {}
  for (const entry of readdirSync(api, { recursive: true, withFileTypes: true })) {
    const match = /^(.+)\.(get|post|put|delete)\.ts$/.exec(entry.name)
    if (!match) continue
    const parts = [...relative(api, entry.parentPath).split(sep), match[1]!]
    const path = `/api/${parts.filter((part) => part && part !== 'index').join('/')}`
    const known = path.replace(/\[[^\]]+\]/g, '*')
    found[known] = [...(found[known] ?? []), match[2]!.toUpperCase()]
  }
  return found
}

test('the table of paths is that of the files', () => {
  const sorted = (table: Readonly<Record<string, readonly string[]>>) =>
    Object.entries(table)
      .map(([path, methods]) => `${path} ${[...methods].sort().join(' ')}`)
      .sort()
  expect(sorted(apiPaths())).toEqual(sorted(answered()))
  expect(methodsAt('/api/studies/one/copy')).toEqual(['POST'])
  expect(methodsAt('/api/nothing')).toEqual([])
})

const house = { hosts: new Set(['127.0.0.1']) }
const caller = (path: string, headers: Record<string, string>, method = 'POST'): Caller => ({
  method,
  path,
  header: (name) =>
    ({ host: '127.0.0.1:4317', 'content-type': 'application/json', ...headers })[name],
})

test.each<[string, Caller, number | undefined]>([
  ['its own page', caller('/api/studies', { origin: 'http://127.0.0.1:4317' }), undefined],
  ['a program', caller('/api/studies', {}), undefined],
  ['another port', caller('/api/studies', { origin: 'http://127.0.0.1:80' }), 403],
  [
    'a link from elsewhere to a file',
    caller(
      '/api/studies/x/file',
      { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' },
      'GET',
    ),
    undefined,
  ],
  [
    'a script from elsewhere',
    caller('/api/studies', { 'sec-fetch-site': 'cross-site' }, 'GET'),
    403,
  ],
  ['another name', caller('/guide/index.html', { host: 'evil.example' }, 'GET'), 421],
  [
    'a table of 300 MB',
    caller('/api/studies/x/datasets', { 'content-length': '300000000' }),
    undefined,
  ],
  ['a save of 5 MB', caller('/api/studies/x/name', { 'content-length': '5000000' }, 'PUT'), 413],
  ['a body of no length', caller('/api/studies', { 'transfer-encoding': 'chunked' }), 411],
])('%s', (_, asked, status) => expect(refusalOf(asked, house)?.status).toBe(status))
