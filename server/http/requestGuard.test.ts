import { spellingsOf } from '../testing/spellings'
import { apiPaths } from './paths'
import { type Caller, refusalOf } from './requestGuard'

const policy = { hosts: new Set(['127.0.0.1']) }
const caller = (target: string, headers: Record<string, string>, method = 'POST'): Caller => ({
  method,
  target,
  localAddress: '192.0.2.2',
  header: (name) =>
    ({ host: '127.0.0.1:4317', 'content-type': 'application/json', ...headers })[name],
})

test.each<[string, Caller, number | undefined]>([
  ['its own page', caller('/api/studies', { origin: 'http://127.0.0.1:4317' }), undefined],
  ['a program', caller('/api/studies', {}), undefined],
  ['another port', caller('/api/studies', { origin: 'http://127.0.0.1:80' }), 403],
  [
    'a link from another site to a file',
    caller(
      '/api/studies/x/file',
      { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' },
      'GET',
    ),
    undefined,
  ],
  [
    'a script of another site',
    caller('/api/studies', { 'sec-fetch-site': 'cross-site' }, 'GET'),
    403,
  ],
  ['another name', caller('/guide/index.html', { host: 'evil.example' }, 'GET'), 421],
  ['its own address', caller('/api/studies', { host: '192.0.2.2:4317' }, 'GET'), undefined],
  ['an address of another machine', caller('/', { host: '192.0.2.3:4317' }, 'GET'), 421],
  [
    'a table of 300 MB',
    caller('/api/studies/x/datasets', { 'content-length': '300000000' }),
    undefined,
  ],
  ['a save of 5 MB', caller('/api/studies/x/name', { 'content-length': '5000000' }, 'PUT'), 413],
  ['a body of no length', caller('/api/studies', { 'transfer-encoding': 'chunked' }), 411],
  ['the folder of the guide', caller('/guide/', {}, 'GET'), undefined],
  ['a route with a slash at its end', caller('/api/studies/', {}, 'GET'), 404],
  ['a change of a page', caller('/studies', {}), 404],
  [
    'a name with a slash and an accent',
    caller('/api/stylebook/a%2Fb%C3%A9', {}, 'DELETE'),
    undefined,
  ],
])('%s', (_, asked, status) => expect(refusalOf(asked, policy)?.status).toBe(status))

test('every path of the API is refused in every other spelling', () => {
  for (const [pattern, methods] of Object.entries(apiPaths()))
    for (const target of spellingsOf(pattern.replaceAll('*', 'one')))
      for (const method of methods) {
        const status = refusalOf(caller(target, {}, method), policy)?.status
        const isHarmless =
          method === 'GET' && !/^\/api(?:\/|$)/.test(target) && status === undefined
        expect({
          target,
          method,
          isRefused: status === 400 || status === 404 || isHarmless,
        }).toEqual({
          target,
          method,
          isRefused: true,
        })
      }
})
