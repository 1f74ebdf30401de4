import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { spawnSync } from 'node:child_process'
import type { Locator, Page } from 'playwright-core'
import { removeFolder, startProgram, withDesk, until } from './lib/program'

const TIDE = [
  'turn,warming,volume',
  ...Array.from(
    { length: 8 },
    (_, at) => `turn ${at + 1},${(at + 1) / 8},${(at + 1) * 312_500 + 1234.5}`,
  ),
].join('\n')

const desk = withDesk({ acceptDownloads: true })
let page: Page
beforeAll(() => {
  page = desk.page
})

const labels = (surface: string, from: Page = page) =>
  from.locator(`[data-surface="${surface}"]`).allTextContents()
const finding = (check: string, place: string) =>
  page.locator(`[data-check="${check}"]`, { hasText: place })
const saved = () => page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
async function choose(phrase: RegExp, title: string) {
  await page.getByRole('button', { name: phrase }).click()
  await page.getByRole('option', { name: title }).click()
}
async function showQuantity(title: string) {
  await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await page
    .getByRole('option', { name: title, exact: true })
    .and(page.locator('.p-select-option'))
    .click()
  await page.getByRole('img', { name: `Columns of ${title}` }).waitFor()
}
async function bringIn(table: string, quantity: string) {
  await page.goto(desk.program.url)
  await page.getByRole('button', { name: 'Bring in data' }).click()
  await page.getByLabel('Paste a table').fill(table)
  await page.getByRole('button', { name: 'Bring in', exact: true }).click()
  await page.getByRole('img', { name: `Columns of ${quantity}` }).waitFor()
}
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

test('the whole path: from a pasted table to a module that writes the same labels', async () => {
  await page.goto(desk.program.url)
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  expect(await labels('axis')).toEqual(['€0M', '€0M', '€1M', '€1M', '€1M', '€1M', '€2M', '€2M'])

  await page.getByRole('button', { name: 'Bring in data' }).click()
  await page.getByLabel('Paste a table').fill(TIDE)
  await page.getByText('Number: all 8 cells are numbers').first().waitFor()
  await page.getByLabel('Name').fill('Tide of May')
  await page.getByRole('button', { name: 'Bring in', exact: true }).click()
  await page.getByRole('img', { name: 'Columns of warming' }).waitFor()

  await page.getByLabel('Tick step', { exact: true }).fill('0.125')
  await choose(/^decimals:/, 'no decimals')
  await finding('step-hidden', 'axis')
    .getByText('The axis goes up by 0.125, but a reader sees it go up by 0 or 1')
    .waitFor()
  await finding('step-hidden', 'axis')
    .getByText(/mends \d more: different numbers read the same/)
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
  await page.getByText('Every label reads back as its number.').waitFor()
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

  await showQuantity('volume')
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

  await page.getByRole('button', { name: 'Take away', exact: true }).click()
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
}, 90_000)

test('the rail moves with the arrow keys, and every label with it', async () => {
  await showQuantity('Revenue')
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
}, 30_000)

test('beside the styled labels stands what a machine writes', async () => {
  await page.getByText('beside what a machine writes').click()
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
  await page.getByText('beside what a machine writes').click()
}, 30_000)

test('a table sorts by the number, not by its label', async () => {
  await showQuantity('Spores released')
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
}, 30_000)

test('what cannot be read is listed by row, and an empty paste says what to do', async () => {
  await page.getByRole('button', { name: 'Bring in data' }).click()
  await page.getByLabel('Paste a table').fill('site;depth\na;1,5\nb;x7\nc;2\nd;3\ne;4')
  await page.getByText('row 2: “x7” is kept as missing').waitFor()
  await page.getByText('Numbers were read with a decimal comma.').waitFor()
  await page.getByLabel('Paste a table').fill('site,depth')
  await page.getByText('There is a header but no row below it.').waitFor()
  expect(await page.getByRole('button', { name: 'Bring in', exact: true }).isDisabled()).toBe(true)
  await page.keyboard.press('Escape')
}, 30_000)

test('bringing data in is a step like others: undone, and redone over a reload', async () => {
  await showQuantity('Revenue')
  await saved()
  await bringIn('mooring,depth\nFarrow Ledge,4.125\nHolm Skerry,11.75', 'depth')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  await saved()
  await page.reload()
  await page.getByRole('button', { name: 'Redo' }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
  await until(() => labels('marks'), ['11.75', '4.125'])
  await showQuantity('Revenue')
  await saved()
}, 30_000)

test('a dialog can be written in as soon as it is there, and leaves the hand in the field that it goes to', async () => {
  const browser = await page.context().newCDPSession(page)
  await browser.send('Animation.enable')
  await browser.send('Animation.setPlaybackRate', { playbackRate: 0.05 })
  await page.getByRole('button', { name: 'Bring in data' }).click()
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
}, 30_000)

test('two tabs: the second to save is told, and chooses', async () => {
  await showQuantity('Harvest')
  await saved()
  const other = await page.context().newPage()
  await other.goto(page.url())
  await other.getByRole('img', { name: 'Columns of Harvest' }).waitFor()
  await choose(/^notation:/, 'shortened')
  await saved()
  await other.getByLabel('Tick step', { exact: true }).fill('20000')
  await other.getByText('Changed in another tab').waitFor()
  // Data that come in bring the server's study with them: they wait until it is chosen, and stay in their field.
  await other.getByRole('button', { name: 'Bring in data' }).click()
  await other.getByLabel('Paste a table').fill('site,depth\na,7')
  await other.getByRole('button', { name: 'Bring in', exact: true }).click()
  await other.getByText('Choose “Take theirs” or “Keep mine” first').waitFor()
  expect(await other.getByLabel('Paste a table').inputValue()).toBe('site,depth\na,7')
  await other.keyboard.press('Escape')
  await other.getByRole('button', { name: 'Take theirs' }).click()
  await other.getByText('Saved', { exact: true }).waitFor()
  expect(await labels('axis', other)).toEqual(await labels('axis'))
  await other.close()
}, 30_000)

test('a saved change outlives the server being killed', async () => {
  await showQuantity('Warming')
  await choose(/^decimals:/, 'exactly 3 decimals')
  await saved()
  await desk.program.stop('SIGKILL')
  const again = await startProgram(desk.program.data)
  desk.program = again
  await page.goto(again.url)
  await page.getByRole('img', { name: 'Columns of Warming' }).waitFor()
  expect((await labels('axis')).slice(0, 2)).toEqual(['0.000\u00a0°C', '0.125\u00a0°C'])
}, 60_000)

test('a phrase is opened, searched and chosen with the keyboard alone', async () => {
  await showQuantity('Harvest')
  await page.getByRole('button', { name: /^notation:/ }).focus()
  await page.keyboard.press('ArrowDown')
  await page.getByRole('option', { name: /^shortened/ }).waitFor()
  await page.keyboard.press('Home')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'notation: shortened' }).waitFor()
  expect((await labels('axis'))[1]).toMatch(/K\u00a0kg$/)
  await saved()
}, 30_000)

test('rung and unit move from the labels into the titles', async () => {
  await showQuantity('Revenue')
  await choose(/^rung:/, 'in thousands (K)')
  await page.getByRole('region', { name: 'Style' }).getByRole('button', { name: 'more …' }).click()
  await choose(/^where rung and unit are said:/, 'in the title')
  await page.getByText('Revenue, € thousand').first().waitFor()
  expect((await labels('axis')).slice(0, 3)).toEqual(['0', '250', '500'])
  expect(await page.getByRole('columnheader', { name: 'Revenue, € thousand' }).count()).toBe(1)
  await saved()
}, 30_000)

test('labels follow another region, fetched when it is chosen, and an increment that is typed', async () => {
  await bringIn('site,sales\nHolm,1739346.2\nVik,1281729.96', 'sales')
  await page.getByRole('region', { name: 'Style' }).getByRole('button', { name: 'more …' }).click()
  await choose(/^region:/, 'Hindi (hi)')
  await page.getByRole('button', { name: /^increment:/ }).click()
  const typed = page.getByRole('textbox', { name: /^increment:/ })
  await typed.fill('250k')
  await page.getByText('"250k" is not allowed; it takes null or decimal text').waitFor()
  await typed.fill('50000')
  await page.getByText('17,50,000 13,00,000 Enter takes it').waitFor()
  await typed.press('Enter')
  expect(await labels('marks')).toEqual(['17,50,000', '13,00,000'])
  await saved()
  await page.reload()
  await page.getByRole('img', { name: 'Columns of sales' }).waitFor()
  expect(await labels('marks')).toEqual(['17,50,000', '13,00,000'])
}, 30_000)

test('a column names the currency of each row, on the desk and in the module', async () => {
  await bringIn('site,amount,money\nHolm,1200,EUR\nVik,7,JPY\nSund,3,', 'amount')
  await choose(/^unit:/, 'the currency in money')
  await page.getByText('€1,200.00', { exact: true }).waitFor()
  expect(await labels('table')).toEqual(['€1,200.00', '¥7', '3'])
  await saved()
  await page.getByRole('button', { name: 'Take away', exact: true }).click()
  await page.getByText('The module was run: all 3 values').waitFor()
}, 30_000)

test('a new study begins empty, says what to do, and keeps its data', async () => {
  await page.goto(`${desk.program.url}/studies`)
  await page.getByLabel('A new study').fill('Depths')
  await page.getByRole('button', { name: 'Begin' }).click()
  await page.getByRole('heading', { name: 'No numbers yet' }).waitFor()
  await page.getByRole('main').getByRole('button', { name: 'Bring in data' }).last().click()
  await page
    .getByLabel('Paste a table')
    .fill('mooring\tdepth\nFarrow Ledge\t4.125\nHolm Skerry\t11.75')
  await page.getByRole('button', { name: 'Bring in', exact: true }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
  expect(await labels('marks')).toEqual(['11.75', '4.125'])
  await page.goto(`${desk.program.url}/studies`)
  await page.getByRole('link', { name: 'Depths' }).waitFor()
}, 30_000)

test('a study that is not there is said, with the way back', async () => {
  await page.goto(`${desk.program.url}/study/none`)
  await page.getByText('There is no such study').waitFor()
  await page.getByRole('link', { name: 'All studies' }).click()
  await page.getByRole('heading', { name: 'Studies' }).waitFor()
}, 30_000)
