import { bringIn, until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const columns = () => desk.page.getByRole('button', { name: 'Columns of the table' }).click()
const cells = (name: string) => desk.page.locator(`[data-${name}]`).allTextContents()

test('columns stand in the table in their order, each with its total in its own wording', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await bringIn(
    desk,
    'stop,line,boardings,fare (EUR),share (%)\nQuay,north,1200,2400.5,40\nMill,north,800,1600,35\nDock,south,500,999.5,25',
    'boardings',
  )
  await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await page.getByRole('option', { name: 'boardings', exact: true }).click()
  await columns()
  for (const name of ['fare (EUR)', 'share (%)'])
    await page.getByRole('checkbox', { name, exact: true }).check()
  await page.getByRole('button', { name: 'Move share (%) to the left' }).click()
  await page.keyboard.press('Escape')
  await until(
    async () => (await page.getByRole('columnheader').allTextContents()).slice(1, -1),
    ['stop', 'line', 'share', 'fare', 'boardings'],
  )
  await page.getByRole('button', { name: 'Show a total' }).click()
  await until(() => cells('total'), ['2,500'])
  // What its chart averages has no total; money is written as money.
  await until(() => cells('other-total'), ['', '€5,000.0'])
  const ends = await page
    .locator('[data-surface="table"], [data-total]')
    .evaluateAll((all) => all.map((one) => Math.round(one.getBoundingClientRect().right)))
  expect(new Set(ends).size).toBe(1)
})

test('a column is made with a number, taken back with one step and made anew', async () => {
  const { page } = desk
  const make = async (number: string) => {
    await columns()
    await page.getByRole('combobox', { name: 'How it is calculated' }).click()
    await page.getByRole('option', { name: 'the quotient of' }).click()
    await page.getByLabel('Number', { exact: true }).fill(number)
    await page.getByLabel('Name of the new column').fill('scaled')
    await page.getByRole('button', { name: 'Add column' }).click()
  }
  const shown = async (title: string) =>
    (await page.getByRole('combobox', { name: 'Quantity on the page' }).textContent())?.includes(
      title,
    )
  const first = () => page.locator('[data-surface="table"]').first().getAttribute('data-value')
  await make('1K')
  await until(() => shown('scaled'), true)
  await until(first, '1.2')
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => shown('boardings'), true)
  await make('0.1')
  await until(first, '12000')
})

test('a column is said to hold codes later on, and that is one step', async () => {
  const { page } = desk
  await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await page.getByRole('option', { name: 'boardings', exact: true }).click()
  await columns()
  const role = page.getByRole('combobox', { name: 'What fare (EUR) holds' })
  await role.click()
  await page.getByRole('option', { name: 'codes' }).click()
  await page.keyboard.press('Escape')
  await until(() => cells('other-total'), [''])
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => cells('other-total'), ['', '€5,000.0'])
})
