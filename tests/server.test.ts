import { request as plainRequest } from 'node:http'
import { EXPORT_IDS, exportForms } from '../shared/exports'
import type { Export } from '../shared/exports/export'
import type { Study } from '../shared/study/study'
import { removeFolder, startProgram, withProgram } from './lib/program'

const program = withProgram()

const send = (path: string, method = 'GET', body?: unknown, headers: Record<string, string> = {}) =>
  fetch(program.url + path, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })
const problem = async (response: Response) => ({
  contentType: response.headers.get('content-type'),
  ...((await response.json()) as { status: number; detail: string }),
})

test('pages carry a policy that allows their own files only', async () => {
  const policy = (await send('/')).headers.get('content-security-policy')
  expect(policy).toMatch(/default-src 'self'; script-src 'self' 'sha256-[^;]*; /)
  expect(policy).not.toMatch(/script-src[^;]*unsafe/)
})

test('a foreign host and a foreign origin are refused', async () => {
  const status = await new Promise<number>((answer) => {
    plainRequest(`${program.url}/api/studies`, { headers: { host: 'evil.example' } }, (response) =>
      answer(response.statusCode!),
    ).end()
  })
  expect(status).toBe(421)
  expect(
    (await send('/api/studies', 'GET', undefined, { origin: 'https://evil.example' })).status,
  ).toBe(403)
  expect((await send('/api/studies', 'GET', undefined, { origin: 'null' })).status).toBe(403)
  expect((await send('/api/studies', 'GET', undefined, { origin: program.url })).status).toBe(200)
})

test.each<[string, string, string, Record<string, string>, number]>([
  ['another port of this machine', 'PUT', '/api/studies/x', { origin: 'http://127.0.0.1:1' }, 403],
  ['a page of another site', 'POST', '/api/studies', { 'sec-fetch-site': 'cross-site' }, 403],
  ['a form', 'POST', '/api/studies', { 'content-type': 'text/plain' }, 415],
  ['a path that is not there', 'GET', '/api/stories', {}, 404],
  ['a method that a path does not take', 'DELETE', '/api/studies', {}, 405],
])('%s is refused with a problem document', async (_, method, path, headers, status) => {
  const body = method === 'GET' || method === 'DELETE' ? undefined : { name: 'x' }
  expect(await problem(await send(path, method, body, headers))).toMatchObject({
    contentType: 'application/problem+json',
    status,
  })
})

test.each([
  ['{"name": "x",}', 400],
  ['\ufeff{"name": "x"}', 400],
  ['{"name": ' + '['.repeat(70) + ']'.repeat(70) + '}', 400],
  ['', 400],
  ['{"name": 5}', 422],
  ['{"name": "x", "__proto__": {}}', 422],
])('the body %j is answered %i', async (body, status) => {
  const answer = await fetch(`${program.url}/api/studies`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  })
  expect(await problem(answer)).toMatchObject({ contentType: 'application/problem+json', status })
})

test('a body that is too large is refused before it is sent', async () => {
  const status = await new Promise<number>((answer, fail) => {
    const asked = plainRequest(
      `${program.url}/api/studies/x`,
      {
        method: 'PUT',
        headers: { 'content-type': 'application/json', 'content-length': 5 * 2 ** 20 },
      },
      (response) => answer(response.statusCode!),
    )
    asked.on('error', fail)
    asked.flushHeaders()
  })
  expect(status).toBe(413)
})

test('every answer says that it may not be framed, nor its type guessed, and none who made it', async () => {
  for (const path of ['/', '/guide/index.html', '/api/studies', '/api/none']) {
    const { headers } = await send(path)
    expect([path, headers.get('x-content-type-options')]).toEqual([path, 'nosniff'])
    expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'")
    expect(headers.get('x-powered-by')).toBeNull()
  }
})

test('the server tells its version, whether its data are sound, and the room left', async () => {
  const health = (await (await send('/api/health')).json()) as Record<string, unknown>
  expect(health).toMatchObject({ version: '0.1.0', sound: true })
  expect(Number(health.room)).toBeGreaterThan(0)
})

test('a server that others can reach is opened by its token alone, which a cookie keeps', async () => {
  const own = await startProgram(undefined, 'a-token')
  const ask = (path: string, headers: Record<string, string> = {}) =>
    fetch(own.url + path, { headers, redirect: 'manual' })
  for (const path of ['/', '/api/studies', '/guide/index.html', '/?token=other'])
    expect([path, (await ask(path)).status]).toEqual([path, 401])
  const welcome = await ask('/?token=a-token')
  expect([welcome.status, welcome.headers.get('location')]).toEqual([302, '/'])
  const cookie = welcome.headers.get('set-cookie')!
  expect(cookie).toMatch(/HttpOnly; SameSite=Strict/)
  expect((await ask('/api/studies', { cookie: cookie.split(';')[0]! })).status).toBe(200)
  await own.stop()
  removeFolder(own.data)
})

test('errors are problem documents that name the place', async () => {
  expect(await problem(await send('/api/studies/none'))).toMatchObject({
    contentType: 'application/problem+json',
    status: 404,
  })
  const made = (await (await send('/api/studies', 'POST', { name: 'Errors' })).json()) as {
    id: string
  }
  const document = { name: 'Errors', house: { fraction: [3, 1] }, quantities: [], shown: null }
  const refused = await problem(
    await send(`/api/studies/${made.id}`, 'PUT', { base: 1, document, what: 'Break' }),
  )
  expect(refused).toMatchObject({ status: 422 })
  expect(refused.detail).toContain(
    'document.house.fraction: [3,1] is not allowed; it takes step, or [least, most]',
  )
  expect(
    await problem(await send(`/api/studies/${made.id}/datasets`, 'POST', { name: 'x', text: '' })),
  ).toMatchObject({ status: 422, title: 'Not a table' })
})

test('a save on an old revision answers 409 with what stands now', async () => {
  const study = (await (await send('/api/studies', 'POST', { name: 'Twice' })).json()) as {
    id: string
    document: object
  }
  const save = (name: string) =>
    send(`/api/studies/${study.id}`, 'PUT', {
      base: 1,
      document: { ...study.document, name },
      what: 'Rename',
    })
  expect((await save('One')).status).toBe(200)
  const late = await save('Two')
  expect(late.status).toBe(409)
  expect(await late.json()).toMatchObject({ current: { revision: 2, document: { name: 'One' } } })
})

describe('tables of regions', () => {
  test('a region’s marks come with its patterns, and its currencies’ names apart', async () => {
    const german = (await (await send('/api/regions/de')).json()) as {
      systems: { latn: { marks: { decimal: string; group: string } } }
    }
    expect(german.systems.latn.marks).toMatchObject({ decimal: ',', group: '.' })
    const names = (await (await send('/api/regions/de/currencies')).json()) as {
      EUR: Record<string, string>
    }
    expect(names.EUR).toMatchObject({ other: 'Euro' })
  })
  test.each(['xx', '__proto__', '..%2f..%2fpackage', 'constructor'])(
    'there is none called %s',
    async (name) => {
      expect((await send(`/api/regions/${name}`)).status).toBe(404)
    },
  )
})

describe('exports', () => {
  const demo = async () => {
    const all = (await (await send('/api/studies')).json()) as { id: string; name: string }[]
    return (await (
      await send(`/api/studies/${all.find(({ name }) => name.startsWith('Osprind'))!.id}`)
    ).json()) as Study
  }
  test.each(EXPORT_IDS)('as %s keep to their contract', async (kind) => {
    const { id, document } = await demo()
    const answer = await send(
      `/api/studies/${id}/export?quantity=${encodeURIComponent(document.shown!)}&surface=axis&as=${kind}`,
    )
    expect(answer.status).toBe(200)
    const made = (await answer.json()) as Export
    expect(made.proof.equal > 0 || kind === 'options').toBe(true)
    const names: Partial<Record<typeof kind, string>> = {
      package: 'osprind-sound-kelp-cooperative-labels-1.0.0.tgz',
      svg: 'revenue.svg',
    }
    expect(made.files[0]!.name).toMatch(names[kind] ?? /^revenue-axis\./)
    // Beside the ticks, numbers beyond them are tried where a form may write otherwise.
    const tried = { options: 64, patterns: 64, ods: 64 }[kind as string] ?? 0
    if (exportForms[kind].isOfLevel) expect(made.proof.values).toBe(8 + tried)
  })
  test.each([
    ['quantity=none', 404],
    ['', 400],
    ['as=pdf&quantity=x', 400],
    ['surface=ceiling&quantity=x', 400],
  ])('?%s is refused with %d, and what the address takes', async (query, status) => {
    const { id } = await demo()
    const refused = await problem(await send(`/api/studies/${id}/export?${query}`))
    expect(refused).toMatchObject({ contentType: 'application/problem+json', status })
    if (status === 400)
      expect(refused.detail).toContain('module, style, options, patterns, csv, html, ods, svg')
  })
})

test('a ladder that is none, two of one title, and a callout far off are refused with their place', async () => {
  const { id, document } = (await (
    await send('/api/studies', 'POST', { name: 'Ladders' })
  ).json()) as Study
  const rungs = [{ power: 3, symbol: 'b', word: 'boatload' }]
  const put = async (more: object) =>
    await problem(
      await send(`/api/studies/${id}`, 'PUT', {
        base: 1,
        document: { ...document, ...more },
        what: 'Try',
      }),
    )
  expect(await put({ ladders: [{ title: 'a', rungs: [...rungs, ...rungs] }] })).toMatchObject({
    status: 422,
    detail: expect.stringContaining('document.ladders[0].rungs[1].power') as string,
  })
  expect(
    (
      await put({
        ladders: [
          { title: 'a', rungs },
          { title: 'a', rungs },
        ],
      })
    ).detail,
  ).toContain('two ladders have one title')
  expect((await put({ ladders: [{ rungs }] })).detail).toContain('a ladder of a study has a title')
  expect((await put({ regions: ['not a region!'] })).status).toBe(422)
  const saved = await send(`/api/studies/${id}`, 'PUT', {
    base: 1,
    document: { ...document, ladders: [{ title: 'a', rungs }], regions: ['de', 'ja'] },
    what: 'Keep',
  })
  expect(saved.status).toBe(200)
  expect(((await (await send(`/api/studies/${id}`)).json()) as Study).document).toMatchObject({
    ladders: [{ title: 'a', rungs }],
    regions: ['de', 'ja'],
  })
})
