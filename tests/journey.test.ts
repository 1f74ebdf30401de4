import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { spawnSync } from 'node:child_process'
import type { Locator, Page } from 'playwright-core'
import { handOn } from './lib/hand'
import { bringIn as bringInto, removeFolder, until, withDesk } from './lib/program'

const desk = withDesk({ acceptDownloads: true })
const { choose, labels, saved, select, show } = handOn(desk)
let page: Page
beforeAll(() => {
  page = desk.page
})

const TIDE = [
  'turn,warming,volume',
  ...Array.from(
    { length: 8 },
    (_, at) => `turn ${at + 1},${(at + 1) / 8},${(at + 1) * 312_500 + 1234.5}`,
  ),
].join('\n')

const finding = (check: string, place: string) =>
  page.locator(`[data-check="${check}"]`, { hasText: place })
/** How wide a column of the rail is: a step of the cut. */
async function columnWidth() {
  const cut = page.getByRole('slider', { name: /^Cut/ })
  const place = async () => (await cut.boundingBox())!.x
  const before = await place()
  await cut.press('ArrowRight')
  const after = await place()
  await cut.press('ArrowLeft')
  return after - before
}
/** By the bead at its top. */
async function dragTo(handle: Locator, columns: number) {
  const column = await columnWidth()
  const box = (await handle.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + 9]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x - (columns * column) / 2, y)
  await page.mouse.move(x - columns * column, y)
  await page.mouse.up()
}

async function bringIn(table: string, quantity: string) {
  await page.goto(desk.program.url)
  await bringInto(desk, table, quantity)
}

test('the whole path: from a pasted table to a module that writes the same labels', async () => {
  await page.goto(desk.program.url)
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  expect(await labels('axis')).toEqual(['€0M', '€0M', '€1M', '€1M', '€1M', '€1M', '€2M', '€2M'])

  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill(TIDE)
  await page.getByText('Numbers: all 8 cells are numbers').first().waitFor()
  await page.getByLabel('Name').fill('Tide of May')
  await page.getByLabel('this study').check()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: 'Columns of warming' }).waitFor()

  await page.getByLabel('Tick step', { exact: true }).fill('0.125')
  await page.locator('[data-surface="axis"]').first().click()
  await choose(/^decimals:/, 'no decimals')
  await finding('step-hidden', 'axis')
    .getByText('The axis goes up by 0.125, but readers see steps of 0 or 1')
    .waitFor()
  await finding('step-hidden', 'axis')
    .getByText(/\d more with the same cause: different numbers read the same/)
    .click()
  await page.locator('[data-check="same-label"]').getByText('all read “1”').first().waitFor()
  await finding('step-hidden', 'axis').getByRole('button', { name: 'Write 3 decimals' }).click()
  await finding('step-hidden', 'axis').waitFor({ state: 'detached' })
  for (const fixes = page.locator('[data-fix]'); (await fixes.count()) > 0;) {
    const before = await page.locator('article.finding').allTextContents()
    await fixes.first().click()
    await page.waitForFunction(
      (old) =>
        Array.from(document.querySelectorAll('article.finding'))
          .map((one) => one.textContent)
          .join('|') !== old,
      before.join('|'),
    )
  }
  await page.getByText('No finding on the labels of this page.').waitFor()
  expect(await labels('axis')).toEqual([
    '0.000',
    '0.125',
    '0.250',
    '0.375',
    '0.500',
    '0.625',
    '0.750',
    '0.875',
    '1.000',
  ])

  await show('volume')
  await dragTo(page.getByRole('slider', { name: /^Beam/ }), 6)
  // A mark without its label and a row that is not there are told apart.
  const drawn = async () => ({
    marks: await labels('marks'),
    shapes: await page.locator('[data-mark]').count(),
    rows: await page.getByRole('table', { name: /^volume/ }).getAttribute('aria-rowcount'),
  })
  await until(drawn, {
    marks: ['2.501M', '2.189M', '1.876M', '1.564M', '1.251M', '0.939M', '0.626M', '0.314M'],
    shapes: 8,
    rows: '9',
  })
  await saved()

  await page.reload()
  await page.getByRole('img', { name: 'Columns of volume' }).waitFor()
  expect((await labels('marks'))[0]).toBe('2.501M')

  await page.getByRole('button', { name: 'Export', exact: true }).click()
  await page.getByRole('combobox', { name: 'Format' }).click()
  await page.getByRole('option', { name: 'a module for JavaScript', exact: true }).click()
  await page.getByText('The module was run: all 8 values are written as on the desk.').waitFor()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download volume.mjs' }).click(),
  ])
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-module-'))
  const file = join(folder, 'volume.mjs')
  writeFileSync(file, readFileSync(await download.path()))
  await page.keyboard.press('Escape')
  const values = Array.from({ length: 8 }, (_, at) => (at + 1) * 312_500 + 1234.5)
  const run = spawnSync(process.execPath, [
    '--input-type=module',
    '-e',
    `import { labels } from ${JSON.stringify(file)}; console.log(JSON.stringify(labels(${JSON.stringify(values)})))`,
  ])
  removeFolder(folder)
  const written = JSON.parse(run.stdout.toString()) as string[]
  // Only the rows in sight are drawn; each says which it is.
  const rows = await page
    .locator('[data-surface="table"]')
    .evaluateAll((cells) =>
      cells.map((cell) => ({ at: Number(cell.getAttribute('data-at')), text: cell.textContent })),
    )
  expect(rows.length).toBeGreaterThan(4)
  expect(rows.map(({ text }) => text)).toEqual(rows.map(({ at }) => written[at]))
})

test('the rail moves with the arrow keys, and every label with it', async () => {
  await show('Revenue')
  await page.getByRole('slider', { name: /^Cut/ }).focus()
  await page.keyboard.press('ArrowRight')
  expect((await labels('axis')).slice(0, 3)).toEqual(['€0.0M', '€0.3M', '€0.5M'])
  expect((await labels('table'))[0]).toBe('€0.1M')
  await page.getByRole('slider', { name: /^Beam/ }).focus()
  await page.keyboard.press('ArrowRight')
  expect((await labels('axis'))[1]).toBe('€250.0K')
  expect(await page.getByRole('slider', { name: /^Beam/ }).getAttribute('aria-valuetext')).toBe(
    'thousands',
  )
  await page.keyboard.press('ArrowLeft')
  await page.getByRole('slider', { name: /^Cut/ }).focus()
  await page.keyboard.press('ArrowLeft')
  await saved()
})

test('beside the styled labels stands what a machine writes', async () => {
  await page.getByText('Compare with raw numbers').click()
  expect(await page.locator('svg.chart text.machine').allTextContents()).toEqual([
    '0',
    '250000',
    '500000',
    '750000',
    '1e+06',
    '1.25e+06',
    '1.5e+06',
    '1.75e+06',
  ])
  await page.getByText('Compare with raw numbers').click()
})

test('a table sorts by the number, not by its label', async () => {
  await show('Spores released')
  await choose(/^notation:/, 'shortened')
  const size = page.viewportSize()!
  await page.setViewportSize({ ...size, height: 1000 })
  await page.getByRole('button', { name: 'Spores released' }).click()
  const values = await page
    .locator('[data-surface="table"]')
    .evaluateAll((cells) => cells.map((cell) => Number(cell.getAttribute('data-value'))))
  await page.setViewportSize(size)
  expect(values.length).toBeGreaterThan(10)
  expect(values).toEqual([...values].sort((a, b) => b - a))
  await saved()
})

test('what cannot be read is listed by row, and an empty paste says what to do', async () => {
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill('site;depth\na;1,5\nb;x7\nc;2\nd;3\ne;4')
  await page.getByText('row 2: “x7” is imported as missing').waitFor()
  await page.getByText('Numbers were read with a decimal comma.').waitFor()
  await page.getByLabel('Paste a table').fill('site,depth')
  await page.getByText('There is a header but no row below it.').waitFor()
  expect(await page.getByRole('dialog').getByRole('button', { name: 'Import' }).isDisabled()).toBe(
    true,
  )
  await page.keyboard.press('Escape')
})

test('bringing data in is a step like others: undone, and redone over a reload', async () => {
  await show('Revenue')
  await saved()
  await bringIn('mooring,depth\nFarrow Ledge,4.125\nHolm Skerry,11.75', 'depth')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  await saved()
  await page.reload()
  await page.getByRole('button', { name: 'Redo' }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
  await until(() => labels('marks'), ['11.750', '4.125'])
  await show('Revenue')
  await saved()
})

test('a dialog can be written in as soon as it is there, and leaves the hand in the field that it goes to', async () => {
  const browser = await page.context().newCDPSession(page)
  await browser.send('Animation.enable')
  await browser.send('Animation.setPlaybackRate', { playbackRate: 0.05 })
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').waitFor({ state: 'attached' })
  await page.keyboard.press('Control+A')
  await page.keyboard.insertText('site,depth\na,7')
  expect(await page.getByLabel('Paste a table').inputValue()).toBe('site,depth\na,7')
  await page.getByLabel('Name').focus()
  // Whatever moves at the opening has ended.
  await page.waitForFunction(() =>
    document.getAnimations().every(({ playState }) => playState === 'finished'),
  )
  await page.keyboard.insertText('Depths')
  expect(await page.getByLabel('Name').inputValue()).toBe('Depths')
  await browser.detach()
  await page.keyboard.press('Escape')
  await page.getByRole('dialog').waitFor({ state: 'detached' })
})

test('a table is a study of its own, read as it is meant, and begins sound', async () => {
  await page.getByRole('button', { name: 'Import' }).click()
  await page
    .getByLabel('Paste a table')
    .fill(
      'station;year;sales\n10234;2021;€1.2M\n20455;2022;€950K\n30871;2023;(€3,400)\n40022;2024;closed',
    )
  await page.getByText('3 of 4 cells are numbers, read with K M').waitFor()
  await page.getByText('Read as numbers. They could also be codes.').waitFor()
  await select('What station holds', 'codes')
  await page.getByLabel('Name').fill('Tram stops')
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: 'Columns of sales' }).waitFor()
  await page
    .getByRole('button', { name: 'Tram stops' })
    .or(page.getByText('Tram stops'))
    .first()
    .waitFor()
  await until(() => labels('marks'), ['€1.2M', '€950.0K', '-€3.4K'])
  // Years are names: they part the chart, in their order. No label is wrong or crowded before
  // anything was chosen.
  await page.getByText('2021', { exact: true }).first().waitFor({ state: 'attached' })
  const found = await page
    .locator('article[data-checks]')
    .evaluateAll((cards) => cards.flatMap((card) => card.getAttribute('data-checks')!.split(' ')))
  const grave = ['crowded', 'misread', 'vanished', 'same-label', 'step-hidden', 'uneven-steps']
  expect(found.filter((check) => grave.includes(check))).toEqual([])
  await page.goto(`${desk.program.url}/studies`)
  await page.getByRole('link', { name: 'Osprind' }).first().click()
  await page.getByRole('img', { name: /^Columns of/ }).waitFor()
})
