import { spawnSync } from 'node:child_process'
import {
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { removeFolder, root, startBrowser, startProgram, until } from './lib/program'

const server = join(root, '.output/server/index.mjs')
const file = (folder: string) => join(folder, 'ivory-abacus.sqlite')
let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))))
afterEach(() => removeFolder(folder))

/** Starts a server that is to end by itself. */
const failing = (data: string) =>
  spawnSync(process.execPath, [server], {
    env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: '0', IVORY_ABACUS_DATA: data },
    encoding: 'utf8',
    timeout: 120_000,
  })
const studiesAt = async (url: string) =>
  (await (await fetch(`${url}/api/studies`)).json()) as { id: string; name: string }[]

test('a second process on a folder ends, and names the first with its address', async () => {
  const program = await startProgram(folder)
  const { status, stderr } = failing(folder)
  expect(status).toBe(1)
  expect(stderr).toContain(`It is in use by process`)
  expect(stderr).toContain(program.url)
  expect(stderr.trim().split('\n')).toHaveLength(1)
  await program.stop('SIGKILL')
  await (await startProgram(folder)).stop()
})

test('after SIGTERM the file alone is whole', async () => {
  const program = await startProgram(folder)
  await fetch(`${program.url}/api/studies`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Last' }),
  })
  const studies = await studiesAt(program.url)
  const news = (
    await fetch(`${program.url}/api/studies/${studies[0]!.id}/events`)
  ).body!.getReader()
  const { value } = await news.read()
  expect(Buffer.from(value!).toString()).toMatch(/^data: {"revision":\d+}/)
  const began = Date.now()
  await program.stop('SIGTERM')
  const lines = readFileSync(join(folder, 'logs', 'ivory-abacus.log'), 'utf8')
    .trim()
    .split('\n')
  const told = lines.map((line) => JSON.parse(line) as { msg: string; path?: string })
  expect([told[0]!.msg, told.at(-1)!.msg]).toEqual(['started', 'ended'])
  expect(told).toContainEqual(
    expect.objectContaining({ method: 'POST', path: '/api/studies', status: 200 }),
  )
  // Those who listen for news keep no server from its end.
  expect(Date.now() - began).toBeLessThan(60_000)
  const copy = join(folder, 'copy.sqlite')
  copyFileSync(file(folder), copy)
  const db = new Database(copy, { readonly: true })
  expect(db.pragma('integrity_check', { simple: true })).toBe('ok')
  expect(db.prepare('SELECT name FROM study ORDER BY rowid DESC').pluck().get()).toBe('Last')
  db.close()
})

test('a folder that goes away while the program runs is told, and going on needs no restart', async () => {
  const program = await startProgram(folder)
  const make = () =>
    fetch(`${program.url}/api/studies`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Away' }),
    })
  const away = `${folder}-away`
  renameSync(folder, away)
  const refused = await make()
  expect(refused.status).toBe(503)
  expect(((await refused.json()) as { detail: string }).detail).toContain('nothing was saved')
  renameSync(away, folder)
  expect((await make()).status).toBe(200)
  expect((await studiesAt(program.url)).filter(({ name }) => name === 'Away')).toHaveLength(1)
  await program.stop()
})

test('damaged data are told in one line with the way back, which works', async () => {
  const program = await startProgram(folder)
  await program.stop()
  const bytes = readFileSync(file(folder))
  bytes.fill(0x5a, 3 * 4096)
  writeFileSync(file(folder), bytes)
  const { status, stderr } = failing(folder)
  expect(status).toBe(1)
  expect(stderr.trim().split('\n')).toHaveLength(1)
  const [, command] = /npm run (restore -- \S+)/.exec(stderr)!
  const restored = spawnSync('npm', ['run', '--silent', ...command!.split(' ')], {
    cwd: root,
    env: { ...process.env, IVORY_ABACUS_DATA: folder },
    encoding: 'utf8',
  })
  expect(restored.stdout).toContain('is back. What stood there before is in')
  const again = await startProgram(folder)
  expect(await studiesAt(again.url)).toHaveLength(1)
  await again.stop()
})

test.each([
  [
    'a file',
    (path: string) => writeFileSync(path, ''),
    'Where the data folder should be, there is a file',
  ],
  [
    'no database in it',
    (path: string) => writeFileSync(file(path.replace(/\/data$/, '')), 'a text'.repeat(200)),
    'is no database',
  ],
])('%s for a data folder is told in one line', (_, prepare, message) => {
  prepare(join(folder, 'data'))
  const { status, stderr } = failing(message.includes('is a file') ? join(folder, 'data') : folder)
  expect(status).toBe(1)
  expect(stderr).toContain(message)
  expect(stderr.trim().split('\n')).toHaveLength(1)
})

test('all studies are brought back from the page, and those of now are kept beside', async () => {
  const program = await startProgram(folder)
  const browser = await startBrowser()
  try {
    const page = await browser.newPage()
    await page.goto(`${program.url}/studies`)
    const names = () => page.locator('a.name').allTextContents()
    await page.getByText('1 backup').click()
    const before = await names()
    await page.getByLabel('Name of a new study').fill('Made after the backup')
    await page.getByRole('button', { name: 'Create', exact: true }).click()
    await page.getByText('No numbers yet').waitFor()
    await page.goto(`${program.url}/studies`)
    await until(names, ['Made after the backup', ...before])
    await page.getByText('1 backup').click()
    await page.getByRole('button', { name: 'restore all studies from this' }).click()
    await page.getByRole('button', { name: 'restore' }).click()
    await page.getByText('The studies are restored.').waitFor()
    await until(names, before)
    // The server goes on: what is saved now is kept.
    const made = await fetch(`${program.url}/api/studies`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Made after all' }),
    })
    expect(made.status).toBe(200)
  } finally {
    await browser.close()
  }
  const other = await fetch(`${program.url}/api/backups/ivory-abacus-none.sqlite`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{}',
  })
  expect(other.status).toBe(404)
  await program.stop()
  const aside = readdirSync(folder).filter((name) => name.includes('before-restore'))
  expect(aside).toHaveLength(1)
  const db = new Database(join(folder, aside[0]!), { readonly: true })
  expect(
    db.prepare("SELECT count(*) FROM study WHERE name = 'Made after the backup'").pluck().get(),
  ).toBe(1)
  db.close()
})
