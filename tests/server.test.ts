import { request as plainRequest } from 'node:http'
import { type Program, removeFolder, startProgram } from './lib/program'

let program: Program
beforeAll(async () => { program = await startProgram() }, 30_000)
afterAll(async () => {
  await program.stop()
  removeFolder(program.data)
})

const send = (path: string, method = 'GET', body?: unknown, headers: Record<string, string> = {}) =>
  fetch(program.url + path, { method, headers: { 'content-type': 'application/json', ...headers }, ...(body === undefined ? {} : { body: JSON.stringify(body) }) })
const problem = async (response: Response) => ({ contentType: response.headers.get('content-type'), ...((await response.json()) as { status: number; detail: string }) })

test('a built tree answers within two seconds', () => {
  expect(program.startedIn).toBeLessThan(2000)
})

test('pages carry a policy that allows their own files alone', async () => {
  const policy = (await send('/')).headers.get('content-security-policy')
  expect(policy).toMatch(/default-src 'self'; script-src 'self' 'sha256-[^;]*; /)
  expect(policy).not.toMatch(/script-src[^;]*unsafe/)
})

test('a foreign host and a foreign origin are refused', async () => {
  const status = await new Promise<number>((answer) => {
    plainRequest(`${program.url}/api/studies`, { headers: { host: 'evil.example' } }, (response) => answer(response.statusCode!)).end()
  })
  expect(status).toBe(421)
  expect((await send('/api/studies', 'GET', undefined, { origin: 'https://evil.example' })).status).toBe(403)
  expect((await send('/api/studies', 'GET', undefined, { origin: 'null' })).status).toBe(403)
  expect((await send('/api/studies', 'GET', undefined, { origin: program.url })).status).toBe(200)
})

test('errors are problem documents that name the place', async () => {
  expect(await problem(await send('/api/studies/none'))).toMatchObject({ contentType: 'application/problem+json', status: 404 })
  const made = (await (await send('/api/studies', 'POST', { name: 'Errors' })).json()) as { id: string }
  const document = { name: 'Errors', house: { fraction: [3, 1] }, quantities: [], shown: null }
  const refused = await problem(await send(`/api/studies/${made.id}`, 'PUT', { base: 1, document, what: 'Break' }))
  expect(refused).toMatchObject({ status: 422 })
  expect(refused.detail).toContain('style.fraction: [3,1] is not allowed; it takes [least, most]')
  expect(await problem(await send(`/api/studies/${made.id}/datasets`, 'POST', { name: 'x', text: '' }))).toMatchObject({ status: 422, title: 'Not a table' })
})

test('a save on an old revision answers 409 with what stands now', async () => {
  const study = (await (await send('/api/studies', 'POST', { name: 'Twice' })).json()) as { id: string; document: object }
  const save = (name: string) => send(`/api/studies/${study.id}`, 'PUT', { base: 1, document: { ...study.document, name }, what: 'Rename' })
  expect((await save('One')).status).toBe(200)
  const late = await save('Two')
  expect(late.status).toBe(409)
  expect(await late.json()).toMatchObject({ current: { revision: 2, document: { name: 'One' } } })
})
