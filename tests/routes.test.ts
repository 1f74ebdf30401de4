import { request } from 'node:http'
import { apiPaths } from '../server/http/paths'
import { spellingsOf } from '../server/testing/spellings'
import { withProgram } from './lib/program'

const program = withProgram()

/** Sends a request whose target stands on the wire exactly as it is given. */
function sendRaw(target: string, method: string, headers: Record<string, string>): Promise<number> {
  const { port } = new URL(program.url)
  return new Promise((answer) => {
    const sent = request({ port, method, headers, host: '127.0.0.1' }, (response) => {
      response.resume()
      answer(response.statusCode!)
    })
    // Node would refuse some of these in its options.
    Object.assign(sent, { path: target })
    // A request that the server does not even parse is refused too.
    sent.once('error', () => answer(400))
    sent.end(method === 'GET' || method === 'DELETE' ? undefined : '{}')
  })
}

const CROSS_SITE = {
  origin: 'http://127.0.0.1:1',
  'sec-fetch-site': 'same-site',
  'content-type': 'text/plain',
}
const studiesNow = async () => await (await fetch(`${program.url}/api/studies`)).text()

test('no spelling of a route gets a change from another origin past the guard', async () => {
  const before = await studiesNow()
  const { backups } = (await (await fetch(`${program.url}/api/backups`)).json()) as {
    backups: { name: string }[]
  }
  const [{ id }] = JSON.parse(before) as [{ id: string }]
  const named = (pattern: string) =>
    pattern
      .replace('/backups/*', `/backups/${backups[0]?.name ?? 'none'}`)
      .replace('/studies/*', `/studies/${id}`)
      .replaceAll('*', '1')
  let sent = 0
  const taken: string[] = []
  for (const [pattern, methods] of Object.entries(apiPaths()))
    for (const target of [named(pattern), ...spellingsOf(named(pattern))])
      for (const method of new Set([...methods, 'POST', 'DELETE'])) {
        const status = await sendRaw(target, method, CROSS_SITE)
        sent++
        if (status < 400) taken.push(`${method} ${target}: ${status}`)
      }
  expect(taken).toEqual([])
  expect(sent).toBeGreaterThan(1000)
  expect(await studiesNow()).toBe(before)
})
