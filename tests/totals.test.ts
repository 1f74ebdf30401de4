import { bringIn, until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const parts = () => desk.page.locator('[data-surface="table"]').allTextContents()
const marks = () => desk.page.locator('[data-surface="marks"]').allTextContents()
const total = () => desk.page.locator('[data-total]').textContent()

test('parts that miss their printed total are told, with three ways out and their numbers', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await bringIn(desk, 'site,part\nHolm,3.4\nVik,5.4\nTarn,2.4', 'part')
  await page.getByRole('button', { name: /^decimals:/ }).click()
  await page.getByRole('option', { name: 'no decimals' }).click()
  await page.getByRole('button', { name: 'Show a total' }).click()
  await until(total, '11')
  await page.getByText('The printed parts add up to 10.').waitFor()
  await page.getByRole('button', { name: 'Options …' }).click()
  await page.getByText('Unrounded: 3.4 + 5.4 + 2.4 = 11.2').waitFor()
  await page.getByRole('button', { name: 'Write 1 decimal 3.4 + 5.4 + 2.4 = 11.2' }).waitFor()
  await page
    .getByRole('button', { name: /^Adjust 1 of the printed parts 4 \+ 5 \+ 2 = 11/ })
    .click()
  await until(parts, ['†4', '5', '2'])
  await page.getByText('1 printed part is adjusted (†) so that they add up to the total.').waitFor()
  // The bars say the same; they stand in the order of their size.
  await until(marks, ['5', '†4', '2'])
})

test('a selection has a total of its own, which is left with a note', async () => {
  const { page } = desk
  await page.getByRole('checkbox', { name: 'Row 1 in the total' }).check()
  await page.getByRole('checkbox', { name: 'Row 2 in the total' }).check()
  await page.getByText('Total of 2 rows').waitFor()
  await until(total, '9')
  await until(parts, ['†4', '5', '2'])
  await until(marks, ['5', '†4', '2'])
  await page.getByRole('button', { name: 'change' }).click()
  await page.getByRole('button', { name: /^Leave it, with a note/ }).click()
  await until(parts, ['3', '5', '2'])
  await until(marks, ['5', '3', '2'])
  await page.getByText('Parts may miss the total because each is rounded.').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(parts, ['†4', '5', '2'])
})

test('a total is parted by category, and the parts keep the table’s wording', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'by site' }).click()
  await until(() => page.locator('[data-subtotal]').allTextContents(), ['3', '5'])
  const ends = await page
    .locator('[data-surface="table"], [data-total], [data-subtotal]')
    .evaluateAll((all) => all.map((one) => Math.round(one.getBoundingClientRect().right)))
  expect(new Set(ends).size).toBe(1)
  await page.getByRole('button', { name: 'by site' }).click()
  await until(() => page.locator('[data-subtotal]').count(), 0)
})

test('a label under the pointer says its value, what it reads back as, and what a click does', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await page.getByRole('option', { name: 'Revenue', exact: true }).click()
  await page.locator('[data-surface="marks"][data-at="1"]').hover()
  const note = page.getByRole('tooltip')
  await note.waitFor()
  expect(await note.innerText()).toBe(
    'value\n1,281,729.96\nlabel\n€1M\nreads as\n1,000,000\noff by\n281,729.96\n\nClick to change how it is written on the data labels',
  )
  await page.locator('[data-surface="marks"][data-at="1"]').click()
  await until(
    () => note.innerText(),
    'value\n1,281,729.96\nlabel\n€1M\nreads as\n1,000,000\noff by\n281,729.96',
  )
  expect(
    await page.getByRole('combobox', { name: 'Where this style applies' }).textContent(),
  ).toContain('on the data labels')
  await page.locator('[data-surface="legend"]').first().hover()
  await until(() => note.innerText(), 'Click to change how it is written in the legend')
  await page.mouse.move(5, 5)
  await note.waitFor({ state: 'detached' })
})
