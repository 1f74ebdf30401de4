import { spawn } from 'node:child_process'
import { randomInt } from 'node:crypto'
import { mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { isExhaustive } from '../core/testing/part'
import { DATABASE } from '../server/db/backups'
import { openDatabase } from '../server/db/database'
import { migrations } from '../server/db/testing/migrations'
import { apiPaths } from '../server/http/paths'
import { newDocument } from '../shared/study/document'
import type { Study } from '../shared/study/study'
import { changed, type Draw, drawing, oneOf, problemIn } from './lib/mutations'
import { type Program, removeFolder, root, startProgram } from './lib/program'

/** How often each is tried: what takes minutes in full is tried in part where nobody asked for all. */
const [REQUESTS, KILLS, CLIENTS, SAVES] = isExhaustive ? [20_000, 200, 50, 60] : [400, 3, 12, 6]
/** In milliseconds; a machine that does other work besides may take longer. */
const SLOWEST = isExhaustive ? 2000 : 10_000
jest.setTimeout(isExhaustive ? 3_600_000 : 300_000)

const JSON_TYPE = { 'content-type': 'application/json' }
const put = (url: string, body: unknown, method = 'PUT') =>
  fetch(url, { method, headers: JSON_TYPE, body: JSON.stringify(body) })
const studiesAt = async (url: string) =>
  (await (await fetch(`${url}/api/studies`)).json()) as { id: string; revision: number }[]
const studyAt = async (url: string, id: string) =>
  (await (await fetch(`${url}/api/studies/${id}`)).json()) as Study

describe('requests that went wrong', () => {
  let program: Program
  let study: Study
  beforeAll(async () => {
    program = await startProgram()
    const [first] = await studiesAt(program.url)
    study = await studyAt(program.url, first!.id)
  })
  afterAll(async () => {
    await program.stop()
    removeFolder(program.data)
  })

  /** A body that each route takes, by the last of its path's names. */
  const bodies = (): Readonly<Record<string, unknown>> => ({
    '/api/studies/*': { base: study.revision, what: 'Change', document: study.document, key: 'a' },
    '/api/studies': { name: 'New', table: { text: 'a,b\n1,2\n3,1e5', roles: { a: 'amount' } } },
    '/api/studies/*/datasets': { name: 'Table', text: 'a,b\n1,2\n3,1e5', marks: { b: '.' } },
    '/api/studies/*/datasets/*/columns': { name: 'Log', of: 'revenue eur', by: 'logarithm' },
    '/api/studies/*/datasets/*/roles': { column: 'revenue eur', role: 'code' },
    '/api/studies/*/revisions/*': { name: 'as printed' },
    '/api/studies/*/name': { name: 'Another name' },
    '/api/stylebook': { name: 'Style', style: { notation: 'scaled', rung: 6, fraction: [0, 2] } },
  })
  /** What stands for a star behind a name. */
  const there = (): Readonly<Record<string, string>> => ({
    studies: study.id,
    datasets: study.datasets[0]!.id,
    regions: 'en',
  })
  const ODD_PLACES = ['..', '%', 'x', '1e9', '-1', '0', 'constructor', '\u0000', 'file']
  /** An address with its stars filled, by what is there or by what is odd. */
  const filled = (path: string, draw: Draw): string =>
    path.replace(/(\w+)\/\*/g, (_, name: string) => {
      const place = draw(6) === 0 ? oneOf(draw, ODD_PLACES) : (there()[name] ?? '1')
      return `${name}/${encodeURIComponent(place)}`
    })
  const bodyFor = (path: string, draw: Draw): unknown =>
    (draw(4) === 0 ? undefined : bodies()[path]) ?? oneOf(draw, Object.values(bodies()))
  const QUERIES = [
    '',
    '',
    '?',
    '?quantity=x',
    '?revision=1e9',
    '?before=-1',
    '?as=none&as=csv',
    '?%00',
  ]

  test(`none of ${REQUESTS} over all routes fails on the server, is slow, or is refused without a word`, async () => {
    const draw = drawing(20261130)
    const routes = Object.entries(apiPaths()).flatMap(([path, methods]) =>
      methods
        .filter(
          (method) => !(path === '/api/backups/*' || path.endsWith('/events')) || method !== 'GET',
        )
        .map((method) => ({ path, method })),
    )
    const statuses = new Map<number, number>()
    for (let at = 0; at < REQUESTS; at++) {
      const { path, method } = oneOf(draw, routes)
      if (path.startsWith('/api/backups/')) continue
      const text = JSON.stringify(changed(bodyFor(path, draw), draw))
      const cut = draw(20) === 0 ? text.slice(0, draw(text.length)) : text
      const sent = method === 'GET' ? {} : { headers: JSON_TYPE, body: cut }
      const address = filled(path, draw) + oneOf(draw, QUERIES)
      const began = performance.now()
      const answer = await fetch(program.url + address, { method, ...sent })
      const said = await answer.text()
      const told = `${method} ${address} ${cut.slice(0, 300)}`
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1)
      expect([told, answer.status < 500]).toEqual([told, true])
      expect([told, performance.now() - began < SLOWEST]).toEqual([told, true])
      if (answer.ok && method !== 'GET') {
        // What was removed comes back, and the next change is made on what stands.
        await put(`${program.url}/api/studies/${study.id}/restore`, {}, 'POST')
        study = await studyAt(program.url, study.id)
      }
      if (answer.status >= 400)
        expect([told, problemIn(said)]).toEqual([
          told,
          expect.objectContaining({
            status: answer.status,
            detail: expect.stringMatching(/\w/) as string,
          }),
        ])
    }
    // Some of each kind came through, so that more than the door was tried.
    expect([...statuses.keys()]).toEqual(expect.arrayContaining([200, 400, 404, 422]))
    expect((await fetch(`${program.url}/api/health`)).status).toBe(200)
    console.info(Object.fromEntries(statuses))
  })
})

describe('kills', () => {
  test(`of ${KILLS} while studies are written, tables read and backups made, none loses what was acknowledged`, async () => {
    const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
    const table = `site,catch\n${Array.from({ length: isExhaustive ? 100_000 : 5000 }, (_, at) => `Site ${at},${at * 7}`).join('\n')}`
    /** The last revision of each study that was acknowledged. */
    const acknowledged = new Map<string, number>()
    for (let kill = 0; kill < KILLS; kill++) {
      const program = await startProgram(data)
      const [first] = await studiesAt(program.url)
      const working = { goesOn: true }
      const write = async () => {
        const { revision, document } = await studyAt(program.url, first!.id)
        for (let base = revision; working.goesOn; base++) {
          const document_ = { ...document, house: { ...document.house, fraction: [0, base % 9] } }
          const body = { base, document: document_, what: `Change ${base}` }
          const answer = await put(`${program.url}/api/studies/${first!.id}`, body)
          if (!answer.ok) throw new Error(await answer.text())
          const saved = (await answer.json()) as { revision: number }
          acknowledged.set(first!.id, saved.revision)
        }
      }
      const bring = async () => {
        while (working.goesOn) {
          const body = { name: `Table ${kill}`, table: { text: table } }
          const answer = await put(`${program.url}/api/studies`, body, 'POST')
          const made = (await answer.json()) as Study
          acknowledged.set(made.id, made.revision)
        }
      }
      const works = [write(), kill % 3 === 0 ? bring() : null].map((work) =>
        work?.catch(() => null),
      )
      await new Promise((next) => setTimeout(next, randomInt(20, 1200)))
      await program.stop('SIGKILL')
      working.goesOn = false
      await Promise.all(works)
      const db = new Database(join(data, 'ivory-abacus.sqlite'))
      expect(db.pragma('integrity_check', { simple: true })).toBe('ok')
      expect(db.pragma('foreign_key_check')).toEqual([])
      for (const [id, revision] of acknowledged) {
        const kept = db.prepare('SELECT revision FROM study WHERE id = ?').pluck().get(id) as number
        expect(kept).toBeGreaterThanOrEqual(revision)
      }
      db.close()
    }
    const last = await startProgram(data)
    for (const [id, revision] of acknowledged) {
      const study = await studyAt(last.url, id)
      expect(study.revision).toBeGreaterThanOrEqual(revision)
    }
    await last.stop()
    removeFolder(data)
  })
})

/** Studies with revisions, as a version of the program that knew so many migrations kept them. */
function olderData(data: string, form: number): string[] {
  const db = openDatabase(join(data, DATABASE), migrations.slice(0, form))
  const ids = Array.from({ length: 40 }, (_, at) => `study-${at}`)
  const document = JSON.stringify({ ...newDocument('Old'), version: 1 })
  db.transaction(() => {
    for (const id of ids) {
      db.prepare('INSERT INTO study VALUES (?, ?, 30, ?)').run(id, id, '2026-11-01T00:00:00Z')
      for (let number = 1; number <= 30; number++)
        db.prepare(
          'INSERT INTO revision (study_id, number, document, what, made_at) VALUES (?, ?, ?, ?, ?)',
        ).run(id, number, document, 'Change', '2026-11-01T00:00:00Z')
    }
  })()
  db.close()
  return ids
}

describe('kills while it starts', () => {
  /** Starts a server and kills it that many milliseconds later. */
  async function killedAfter(data: string, ms: number): Promise<void> {
    const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
      env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: '0', IVORY_ABACUS_DATA: data },
      stdio: 'ignore',
    })
    await new Promise((next) => setTimeout(next, ms))
    const ended = new Promise((done) => server.once('exit', done))
    server.kill('SIGKILL')
    await ended
  }
  const soundAt = (path: string): unknown => {
    const db = new Database(path, { readonly: true })
    try {
      return db.pragma('integrity_check', { simple: true })
    } finally {
      db.close()
    }
  }

  test(`of ${KILLS} while older data are upgraded, backed up and thinned, none loses a study`, async () => {
    for (let kill = 0; kill < KILLS; kill++) {
      const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
      // The first forms of the table of studies are alike, so that one way of filling them will do.
      const ids = olderData(data, 1)
      for (let again = 0; again < 2; again++) await killedAfter(data, randomInt(100, 900))
      const program = await startProgram(data)
      const there = (await studiesAt(program.url)).map(({ id }) => id).sort()
      expect(there).toEqual([...ids].sort())
      for (const id of ids.slice(0, 3)) expect((await studyAt(program.url, id)).revision).toBe(30)
      await program.stop()
      const backups = readdirSync(join(data, 'backups')).filter((name) => name.endsWith('.sqlite'))
      for (const name of backups) expect(soundAt(join(data, 'backups', name))).toBe('ok')
      expect(soundAt(join(data, DATABASE))).toBe('ok')
      // What stood before the upgrade is kept.
      expect(backups.length).toBeGreaterThan(0)
      removeFolder(data)
    }
  })

  test(`of ${KILLS} first starts, none leaves half a demo`, async () => {
    for (let kill = 0; kill < KILLS; kill++) {
      const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
      await killedAfter(data, randomInt(100, 1200))
      const program = await startProgram(data)
      const [first, ...more] = await studiesAt(program.url)
      expect(more).toEqual([])
      expect((await studyAt(program.url, first!.id)).datasets).toHaveLength(6)
      await program.stop()
      removeFolder(data)
    }
  })
})

describe('many at once', () => {
  test(`${CLIENTS} on one study and ${CLIENTS} on one each: nothing is lost, and nobody waits long`, async () => {
    const program = await startProgram()
    const [shared] = await studiesAt(program.url)
    const waits: number[] = []
    const timed = async (url: string, body: unknown) => {
      const began = performance.now()
      const answer = await put(url, body)
      waits.push(performance.now() - began)
      return answer
    }
    let kept = 0
    /** Saves on the newest revision; where another was sooner it begins again there, as a tab does. */
    async function onShared() {
      for (let saves = 0; saves < SAVES;) {
        const { revision, document } = await studyAt(program.url, shared!.id)
        const body = { base: revision, document, what: 'Change' }
        const answer = await timed(`${program.url}/api/studies/${shared!.id}`, body)
        expect([200, 409]).toContain(answer.status)
        if (answer.status === 409) continue
        saves++
        kept++
      }
    }
    async function onOwn(at: number) {
      const made = await put(`${program.url}/api/studies`, { name: `Client ${at}` }, 'POST')
      const { id, document, revision } = (await made.json()) as Study
      for (let saves = 0; saves < SAVES; saves++) {
        const body = { base: revision + saves, document, what: 'Change' }
        expect((await timed(`${program.url}/api/studies/${id}`, body)).status).toBe(200)
      }
      expect((await studyAt(program.url, id)).revision).toBe(revision + SAVES)
    }
    const all = Array.from({ length: CLIENTS }, (_, at) => at)
    await Promise.all([...all.map(onShared), ...all.map(onOwn)])
    expect((await studyAt(program.url, shared!.id)).revision).toBe(shared!.revision + kept)
    const sorted = [...waits].sort((a, b) => a - b)
    const p99 = sorted[Math.floor(sorted.length * 0.99)]!
    console.info({ saves: waits.length, p99: Math.round(p99) })
    expect(p99).toBeLessThan(SLOWEST)
    await program.stop()
    removeFolder(program.data)
  })
})
