import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { countText } from '../shared/import/counts'
import { isExhaustive, part } from '../core/testing/part'
import { removeFolder, root, until, withDesk } from './lib/program'

/** How long it takes from a table to its page, and what can be done meanwhile. */
const desk = withDesk({ reducedMotion: 'reduce' })
const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-reading-'))
afterAll(() => removeFolder(folder))

const send = (path: string, method = 'GET', body?: unknown) =>
  fetch(desk.program.url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })
const studies = async () => ((await (await send('/api/studies')).json()) as unknown[]).length

const ROWS = 300_000
const long = [
  'site,depth,mass',
  ...Array.from({ length: ROWS }, (_, at) => `Farrow ${at % 7},${at / 8},${at * 1.37}`),
].join('\n')

test('a long table can be watched while it is read, others are answered, and it can be ended', async () => {
  const before = await studies()
  const ends = send('/api/studies', 'POST', { name: 'Long', table: { text: long, key: 'own-1' } })
  const done: number[] = []
  await until(async () => {
    const answer = await send('/api/jobs/own-1')
    if (answer.ok) done.push(((await answer.json()) as { done: number }).done)
    return done.some((part) => part > 0)
  }, true)
  expect((await send('/api/jobs/own-1', 'DELETE')).status).toBe(200)
  const answer = await ends
  expect(answer.status).toBe(409)
  expect(((await answer.json()) as { detail: string }).detail).toContain('was cancelled')
  expect((await send('/api/jobs/own-1')).status).toBe(404)
  expect(await studies()).toBe(before)
})

test('a long file is read beside the page, and its first lines are shown', async () => {
  const { page, program } = desk
  const file = join(folder, 'soundings.csv')
  writeFileSync(file, long)
  await page.goto(program.url)
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Choose a file').setInputFiles(file)
  await page.getByText('Reading …').waitFor()
  await page.getByText(`300,000 rows, separated by commas. 2 of 3 columns are numbers.`).waitFor()
  await page.getByText(`The first lines of ${countText(long.length)} characters.`).waitFor()
  expect(await page.getByLabel('Paste a table').inputValue()).toBe(long.slice(0, 2000))
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByText('Importing …').waitFor()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByText('Bringing in was cancelled; nothing was kept of the table.').waitFor()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
})

const TEXTS = /\.(csv|tsv|json|jsonl|txt)$/
const JOURNEYS = part(4, 10)
const [MOST_CLICKS, MOST_SECONDS] = [2, 60]
test('from a pasted table to a page that could be printed it is two clicks and few seconds', async () => {
  const { page, program } = desk
  const made = JSON.parse(
    execFileSync('node', [join(root, 'tests/tables/make.mjs'), folder], { encoding: 'utf8' }),
  ) as { readonly file: string }[]
  await page.addInitScript(() =>
    addEventListener(
      'click',
      ({ isTrusted }) => {
        if (isTrusted) sessionStorage.clicks = Number(sessionStorage.clicks ?? 0) + 1
      },
      true,
    ),
  )
  const journeys: Record<string, { clicks: number; seconds: number }> = {}
  for (const { file } of made.filter((one) => TEXTS.test(one.file)).slice(0, JOURNEYS)) {
    await page.goto(program.url)
    await page.evaluate(() => (sessionStorage.clicks = 0))
    const began = Date.now()
    await page.getByRole('button', { name: 'Import' }).click()
    await page.getByLabel('Paste a table').fill(readFileSync(join(folder, file), 'utf8'))
    const before = page.url()
    await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
    await page.waitForFunction((url) => location.href !== url, before)
    await page.locator('svg [data-surface="marks"], svg [data-surface="axis"]').first().waitFor()
    await until(() => page.locator('aside.margin .clean .busy').count(), 0)
    expect([file, await page.locator('article.finding.error').count()]).toEqual([file, 0])
    const clicks = Number(await page.evaluate(() => sessionStorage.clicks))
    journeys[file] = { clicks, seconds: (Date.now() - began) / 1000 }
  }
  expect(Object.keys(journeys)).toHaveLength(JOURNEYS)
  console.info(JSON.stringify(journeys))
  for (const [file, { clicks, seconds }] of Object.entries(journeys)) {
    expect([file, clicks]).toEqual([file, MOST_CLICKS])
    // Times mean nothing on a busy machine.
    if (isExhaustive) expect(seconds).toBeLessThan(MOST_SECONDS)
  }
})
