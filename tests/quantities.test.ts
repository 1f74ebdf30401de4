import { handOn } from './lib/hand'
import { until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const { choose, saved, select, show } = handOn(desk)

const label = (surface: string, at = 0) =>
  desk.page.locator(`[data-surface="${surface}"][data-at="${at}"]`).first()
const text = (surface: string, at?: number) => label(surface, at).textContent()

test('a table shows other columns, each written as its own quantity is', async () => {
  const { page } = desk
  await show('Revenue')
  await page.getByRole('button', { name: 'Columns of the table' }).click()
  await page.getByRole('checkbox', { name: 'harvest kg', exact: true }).check()
  await page.keyboard.press('Escape')
  await until(
    () => page.locator('.number.beside[role="cell"]').first().textContent(),
    '20,320\u00a0kg',
  )
  await page.getByRole('columnheader', { name: 'Harvest' }).getByRole('button').click()
  await page.getByRole('img', { name: 'Columns of Harvest' }).waitFor()
  expect(await page.getByRole('combobox', { name: 'Where this style applies' }).textContent()).toBe(
    'in the table',
  )
})

test.each([
  ['Bars', 'Bars'],
  ['A line', 'Line'],
  ['Points', 'Points'],
  ['An area', 'Area'],
  ['A ring', 'Ring'],
])('%s are drawn with the same labels', async (form, name) => {
  const { page } = desk
  await select('Form', form)
  await page.getByRole('img', { name: `${name} of Harvest` }).waitFor()
  const labels = await page.locator('[data-surface="marks"]').allTextContents()
  expect(labels).toHaveLength(4)
  for (const one of labels) expect(one).toMatch(/^[\d,]+\u00a0kg$/)
})

test('panels for each site share one axis and one rung, and their labels are numbered through', async () => {
  const { page } = desk
  await select('Form', 'Columns')
  await page.getByRole('region', { name: 'Page' }).getByRole('button', { name: 'more …' }).click()
  await select('Panels', 'a panel for each site')
  await until(() => page.getByRole('img', { name: /^Columns of Harvest, / }).count(), 6)
  expect(await page.locator('[data-surface="marks"]').count()).toBe(24)
  await label('marks', 23).click()
  await choose(/^notation:/, 'shortened')
  await choose(/^rung:/, 'by one rung for all')
  await until(
    async () =>
      (await page.locator('[data-surface="marks"]').allTextContents()).every((one) =>
        /K\u00a0kg$/.test(one),
      ),
    true,
  )
  await select('Panels', 'in one panel')
})

test('a second quantity has an axis of its own, in its own wording, which leads to it', async () => {
  const { page } = desk
  await select('Second axis', 'with extract l on a second axis')
  await until(() => page.locator('[data-second]').first().textContent(), '0\u00a0l')
  await page.locator('[data-second]').first().click()
  await page.getByRole('img', { name: 'Columns of Extract' }).waitFor()
  await until(
    () => page.getByRole('combobox', { name: 'Where this style applies' }).textContent(),
    'on the axis',
  )
  await show('Harvest')
  await select('Second axis', 'without a second axis')
})

test('an axis of powers is chosen on the ruler, and stands on the desk', async () => {
  const { page } = desk
  await page.getByRole('link', { name: 'Ticks' }).click()
  await select('Counted in', 'powers of 10')
  await until(() => page.locator('[data-ruler-label]').first().textContent(), '10⁴\u00a0kg')
  await page
    .getByRole('button', { name: /^Use candidate/ })
    .or(page.getByText('on the page'))
    .first()
    .waitFor()
  await page.getByRole('link', { name: 'Desk' }).click()
  await until(() => text('axis'), '10⁴\u00a0kg')
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => text('axis'), '0\u00a0kg')
})

test('a column is made of two others and written on its own', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'Columns of the table' }).click()
  await select('How it is calculated', 'the ratio of')
  await select('Column', 'revenue eur')
  await select('Other column', 'harvest kg')
  await page.getByLabel('Name of the new column').fill('price')
  await page.getByRole('button', { name: 'Add column' }).click()
  await page.getByRole('img', { name: 'Columns of price' }).waitFor()
  await until(() => page.getByRole('combobox', { name: 'Aggregate' }).textContent(), 'mean')
  await page.keyboard.press('Escape')
  await show('Harvest')
})

test('three ways of writing are offered, and one is taken', async () => {
  const { page } = desk
  await label('axis').click()
  await page.getByRole('button', { name: 'suggestions' }).click()
  const ways = page.getByRole('dialog', { name: 'Suggested styles' }).getByRole('button')
  expect(await ways.count()).toBe(3)
  const promised = (await ways.first().locator('b').textContent())!.split(/ {2,}/)
  await ways.first().click()
  await until(() => text('axis', 1), promised[1]!)
  await page.getByText('clear all').waitFor()
})

test('the keyboard alone takes up a surface, changes it and undoes that', async () => {
  const { page } = desk
  await page.keyboard.press('?')
  await page.getByRole('dialog', { name: 'Help' }).getByText('Fix the first finding').waitFor()
  await page.keyboard.press('Escape')
  await label('table').click()
  await page.keyboard.press('2')
  const before = await text('marks')
  await page.getByRole('slider', { name: /^Beam/ }).focus()
  await page.keyboard.press('ArrowLeft')
  await until(async () => (await text('marks')) !== before, true)
  await page.keyboard.press('Control+z')
  await until(() => text('marks'), before)
})

test('a study is renamed, copied, removed and brought back', async () => {
  const { page, program } = desk
  await saved()
  await page.goto(`${program.url}/studies`)
  await page.getByRole('button', { name: 'Rename Osprind Sound Kelp Cooperative' }).click()
  const inHand = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label'))
  expect(await inHand()).toBe('New name')
  await page.keyboard.press('Escape')
  expect(await inHand()).toBe('Rename Osprind Sound Kelp Cooperative')
  await page.keyboard.press('Enter')
  await page.keyboard.insertText('Osprind')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Copy Osprind', exact: true }).click()
  await page.getByRole('link', { name: 'Osprind, a copy' }).waitFor()
  await page.getByRole('button', { name: 'Delete Osprind', exact: true }).click()
  await page.getByRole('heading', { name: 'Deleted' }).waitFor()
  expect(await page.getByRole('link', { name: 'Osprind', exact: true }).count()).toBe(0)
  await page.getByRole('button', { name: 'Restore Osprind' }).click()
  await page.getByRole('link', { name: 'Osprind', exact: true }).waitFor()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file: Osprind', exact: true }).click(),
  ])
  await page.getByLabel('Open a study or a table from a file').setInputFiles(await file.path())
  await page.getByRole('img', { name: 'Columns of Harvest' }).waitFor()
})

test('a table and a study are brought in by dropping their files, each a study of its own', async () => {
  const { page, program } = desk
  await page.goto(`${program.url}/studies`)
  await page.getByRole('link', { name: 'Osprind', exact: true }).first().waitFor()
  const count = await page.locator('.list > li').count()
  const data = await page.evaluateHandle(() => {
    const files = new DataTransfer()
    files.items.add(new File(['weir,flow\nNorth,5250000\nSouth,980000'], 'weirs.csv'))
    files.items.add(new File(['lock,rise\nUpper,4.5\nLower,2.25'], 'locks.csv'))
    return files
  })
  await page.dispatchEvent('main', 'drop', { dataTransfer: data })
  await until(() => page.locator('.list > li').count(), count + 2)
  await page.getByText('weirs: 2 rows').waitFor()
  // Its picture is there: it was drawn from its page.
  const picture = page.locator('li', { hasText: 'weirs' }).locator('img').first()
  await until(
    () => picture.evaluate((one: HTMLImageElement) => one.complete && one.naturalWidth > 0),
    true,
  )
})

test('a revision is named, found by its name over a reload, and gone back to', async () => {
  const { page } = desk
  await page.getByRole('link', { name: 'weirs', exact: true }).click()
  await page.getByRole('img', { name: 'Columns of flow' }).waitFor()
  const first = await text('table')
  await page.getByRole('button', { name: 'History' }).click()
  await page.getByLabel('Name this version').fill('as sent to print')
  await page.getByRole('button', { name: 'Save the name' }).click()
  await page.locator('.steps .step', { hasText: 'as sent to print' }).waitFor()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^grouping:/ }).click()
  await page.getByRole('option', { name: 'not grouped' }).click()
  await until(async () => (await text('table')) === first, false)
  await saved()
  await page.reload()
  await page.getByRole('button', { name: 'History' }).click()
  await page.getByLabel('named only').check()
  await page.locator('.steps .step', { hasText: 'as sent to print' }).click()
  await page.getByRole('button', { name: 'Restore this version' }).click()
  await until(() => text('table'), first)
  await saved()
})
