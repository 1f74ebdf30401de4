import type { Page } from 'playwright-core'
import { handOn } from './lib/hand'
import { bringIn as bringInto, startProgram, until, withDesk } from './lib/program'

const desk = withDesk({ acceptDownloads: true })
const { choose, labels, saved, show } = handOn(desk)
let page: Page
beforeAll(() => {
  page = desk.page
})

async function bringIn(table: string, quantity: string) {
  await page.goto(desk.program.url)
  await bringInto(desk, table, quantity)
}

test('two tabs: the second to save is told, and chooses', async () => {
  await show('Harvest')
  await saved()
  const other = await page.context().newPage()
  // Without news it does not know what the first one saves.
  await other.route('**/events', (route) => route.abort())
  await other.goto(page.url())
  await other.getByRole('img', { name: 'Columns of Harvest' }).waitFor()
  await choose(/^notation:/, 'shortened')
  await saved()
  await other.getByLabel('Tick step', { exact: true }).fill('20000')
  await other.getByText('Changed in another tab').waitFor()
  // Data that come in bring the server's study with them: they wait until it is chosen, and stay in
  // their field.
  await other.getByRole('button', { name: 'Import' }).click()
  await other.getByLabel('Paste a table').fill('site,depth\na,7')
  await other.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await other.getByText('First choose “Use the other version” or “Keep mine”').waitFor()
  expect(await other.getByLabel('Paste a table').inputValue()).toBe('site,depth\na,7')
  await other.keyboard.press('Escape')
  await other.getByRole('button', { name: 'Use the other version' }).click()
  await other.getByText('Saved', { exact: true }).waitFor()
  expect(await labels('axis', other)).toEqual(await labels('axis'))
  await other.close()
})

test('a tab without unsaved changes follows another one without a reload, and can go back', async () => {
  const other = await page.context().newPage()
  await other.goto(page.url())
  await other.getByRole('img', { name: 'Columns of Harvest' }).waitFor()
  const before = await labels('axis', other)
  await choose(/^decimals:/, 'exactly 3 decimals')
  await saved()
  const now = await labels('axis')
  expect(now).not.toEqual(before)
  await until(() => labels('axis', other), now)
  // What it shows is its own.
  const revision = (tab: Page) => tab.locator('.state').getAttribute('title')
  await show('Warming')
  await saved()
  await until(() => revision(other), await revision(page))
  expect(await labels('axis', other)).toEqual(now)
  const undo = other.getByRole('button', { name: 'Undo' })
  await undo.click()
  await undo.click()
  await until(() => labels('axis', other), before)
  await other.getByText('Saved', { exact: true }).waitFor()
  await until(() => revision(page), await revision(other))
  await other.close()
  await show('Harvest')
  expect(await labels('axis')).toEqual(before)
})

test('a saved change outlives the server being killed', async () => {
  await show('Warming')
  await choose(/^decimals:/, 'exactly 3 decimals')
  await saved()
  await desk.program.stop('SIGKILL')
  const again = await startProgram(desk.program.data)
  desk.program = again
  await page.goto(again.url)
  await page.getByRole('img', { name: 'Columns of Warming' }).waitFor()
  expect((await labels('axis')).slice(0, 2)).toEqual(['0.000\u00a0°C', '0.125\u00a0°C'])
})

test('a phrase is opened, searched and chosen with the keyboard only', async () => {
  await show('Harvest')
  await page.getByRole('button', { name: /^notation:/ }).focus()
  await page.keyboard.press('ArrowDown')
  await page.getByRole('option', { name: /^shortened/ }).waitFor()
  await page.keyboard.press('Home')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'notation: shortened' }).waitFor()
  expect((await labels('axis'))[1]).toMatch(/K\u00a0kg$/)
  await saved()
})

test('rung and unit move from the labels into the titles', async () => {
  await show('Revenue')
  await choose(/^rung:/, 'in thousands (K)')
  await page.getByRole('region', { name: 'Style' }).getByRole('button', { name: 'more …' }).click()
  await choose(/^where rung and unit are said:/, 'in the title')
  await page.getByText('Revenue, € thousand').first().waitFor()
  expect((await labels('axis')).slice(0, 3)).toEqual(['0', '250', '500'])
  expect(await page.getByRole('columnheader', { name: 'Revenue, € thousand' }).count()).toBe(1)
  await saved()
})

test('labels follow another region, fetched when it is chosen, and an increment that is typed', async () => {
  await bringIn('site,sales\nHolm,1739346.2\nVik,1281729.96', 'sales')
  await page.getByRole('region', { name: 'Style' }).getByRole('button', { name: 'more …' }).click()
  await choose(/^region:/, 'Hindi (hi)')
  await page.getByRole('button', { name: /^increment:/ }).click()
  const typed = page.getByRole('textbox', { name: /^increment:/ })
  await typed.fill('250x')
  await page.getByText('“250x” is no number').waitFor()
  await typed.fill('50K')
  await page.getByText('17,50,000.00 13,00,000.00').last().waitFor()
  await typed.press('Enter')
  expect(await labels('table')).toEqual(['17,50,000.00', '13,00,000.00'])
  await saved()
  await page.reload()
  await page.getByRole('img', { name: 'Columns of sales' }).waitFor()
  expect(await labels('table')).toEqual(['17,50,000.00', '13,00,000.00'])
})

test('a column names the currency of each row, on the desk and in the package', async () => {
  await page.getByRole('button', { name: 'Import' }).click()
  await page
    .getByLabel('Paste a table')
    .fill('site,amount,currency\nHolm,1200,EUR\nVik,7000,JPY\nSund,3,EUR')
  await page.getByLabel('this study').check()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('button', { name: 'Enter exchange rates' }).click()
  await page.getByLabel('Rates', { exact: true }).fill('1 JPY = 0.0061 EUR')
  await page.getByRole('button', { name: 'Save rates' }).click()
  await page.getByRole('img', { name: 'Columns of amount' }).waitFor()
  expect(await labels('table')).toEqual(['€1,200.00', '¥7,000', '€3.00'])
  await saved()
  await page.getByRole('button', { name: 'Export', exact: true }).click()
  const dialog = page.getByRole('dialog')
  const isDone = dialog.locator('.proof').or(dialog.getByRole('alert'))
  expect(await isDone.innerText()).toMatch(/^The package was run: all [\d,]+ values/)
})

test('a new study begins empty, says what to do, and keeps its data', async () => {
  await page.goto(`${desk.program.url}/studies`)
  await page.getByLabel('Name of a new study').fill('Depths')
  await page.getByRole('button', { name: 'Create' }).click()
  await page.getByRole('heading', { name: 'No numbers yet' }).waitFor()
  await page.getByRole('main').getByRole('button', { name: 'Import' }).last().click()
  await page
    .getByLabel('Paste a table')
    .fill('mooring\tdepth\nFarrow Ledge\t4.125\nHolm Skerry\t11.75')
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
  expect(await labels('marks')).toEqual(['11.750', '4.125'])
  await page.goto(`${desk.program.url}/studies`)
  await page.getByRole('link', { name: 'Depths' }).waitFor()
})

test('a study that is not there is said, with the way back', async () => {
  await page.goto(`${desk.program.url}/study/none`)
  await page.getByText('There is no such study').waitFor()
  await page.getByRole('link', { name: 'All studies' }).click()
  await page.getByRole('heading', { name: 'Studies' }).waitFor()
})
