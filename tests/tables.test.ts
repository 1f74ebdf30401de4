import { execFileSync } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { isExhaustive } from '../core/testing/part'
import { handOn } from './lib/hand'
import { removeFolder, root, withDesk } from './lib/program'

/**
 * Tables that people bring, and what they find on the page when they have: nothing to mend first.
 */
const desk = withDesk()
const hand = handOn(desk)
const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-tables-'))
const made = JSON.parse(
  execFileSync('node', [join(root, 'tests/tables/make.mjs'), folder], { encoding: 'utf8' }),
) as { readonly file: string }[]
afterAll(() => removeFolder(folder))

/** What may not stand on a page that nobody changed yet. */
const UNSOUND = ['crowded', 'cut-label', 'uneven-decimals']
const cards = () => desk.page.locator('article.finding')
const busy = () => desk.page.locator('aside.margin .clean .busy').count()
/** Checks begin anew while a page is laid out: it is checked when it has been for a while. */
const [PAUSE, QUIET, PATIENCE] = [50, 6, 1200]
async function settled(): Promise<void> {
  let quiet = 0
  for (let turn = 0; quiet < QUIET; turn++) {
    if (turn === PATIENCE) throw new Error('the page is checked for a minute and more')
    await desk.page.waitForTimeout(PAUSE)
    quiet = (await busy()) === 0 ? quiet + 1 : 0
  }
}

/** Brings a file in as a study of its own: two clicks, the file and the button. */
async function bringFile(file: string): Promise<void> {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Choose a file').setInputFiles(join(folder, file))
  const before = page.url()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.waitForFunction((url) => location.href !== url, before)
  await page.locator('svg [data-surface="marks"], svg [data-surface="axis"]').first().waitFor()
}

/** Errors, and what is crowded, cut or ragged, of the quantity that is shown. */
async function unsound(): Promise<string[]> {
  await settled()
  const told = await cards().evaluateAll((all) =>
    all.map((card) => `${card.getAttribute('data-checks')} ${card.className}`),
  )
  return told.filter((text) => /error/.test(text) || UNSOUND.some((check) => text.includes(check)))
}

/** A usual run tries every sixth table, which includes every kind of file. */
const EVERY = 6
const tried = made.map(({ file }) => file).filter((_, at) => isExhaustive || at % EVERY === 0)
test.each(tried)('%s begins soundly, on every page', async (file) => {
  await bringFile(file)
  const list = desk.page.getByRole('combobox', { name: 'Quantity on the page', exact: true })
  await list.click()
  const titles = (await desk.page.locator('.p-select-option').allTextContents()).map((title) =>
    title.trim(),
  )
  await desk.page.keyboard.press('Escape')
  expect(titles.length).toBeGreaterThan(0)
  const found: Record<string, string[]> = {}
  for (const title of titles) {
    if (titles.length > 1) await hand.select('Quantity on the page', title)
    found[title] = await unsound()
  }
  expect(found).toEqual(Object.fromEntries(titles.map((title) => [title, []])))
})
