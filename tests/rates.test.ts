import { until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const BAKERIES = `bakery,currency,revenue
Ask & Sons,EUR,120000
Brodd,SEK,1400000
Corner Loaf,GBP,98000
Emmer,EUR,87000`
const labels = (surface: string) =>
  desk.page.locator(`[data-surface="${surface}"]`).allTextContents()
const shot = async (name: string) =>
  process.env.SHOTS && (await desk.page.screenshot({ path: `${process.env.SHOTS}/${name}.png` }))

test('amounts in several currencies are not drawn before somebody decides how', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill(BAKERIES)
  await page.getByLabel('this study').check()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByText('These amounts are in 3 currencies: EUR, SEK and GBP.').waitFor()
  await until(() => page.locator('[data-surface="marks"]').count(), 0)
  await shot('offer')
  await page.getByRole('button', { name: 'EUR, 2 rows' }).click()
  await page.getByRole('img', { name: 'Bars of revenue' }).waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByText('These amounts are in 3 currencies').waitFor()
})

test('each currency gets a panel with its own axis, where that is asked for', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'Draw a panel for each unit' }).click()
  for (const currency of ['EUR', 'SEK', 'GBP'])
    await page.getByRole('img', { name: `Bars of revenue, ${currency}` }).waitFor()
  await shot('panels')
  const ticks = await labels('axis')
  for (const sign of ['€', 'SEK', '£'])
    expect(ticks.filter((label) => label.includes(sign)).length).toBeGreaterThan(1)
  // The largest bar of each panel is longer than half of it, whatever its currency.
  const panels = await page.locator('.panels svg').evaluateAll((all) =>
    all.map((svg) => {
      const lengths = Array.from(svg.querySelectorAll('[data-mark]')).map(
        (mark) => mark.getBoundingClientRect().width,
      )
      return Math.max(...lengths) / svg.getBoundingClientRect().width
    }),
  )
  for (const share of panels) expect(share).toBeGreaterThan(0.25)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByText('These amounts are in 3 currencies').waitFor()
})

test('a rate that cannot be is told with its line, and what is still missing is said', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'Enter exchange rates' }).click()
  const rates = page.getByLabel('Rates', { exact: true })
  await rates.fill('1 GBP = 1.17 EUX')
  await page.getByText('Line 1: “EUX” is not a currency.').waitFor()
  await until(() => page.getByRole('button', { name: 'Save rates' }).isDisabled(), true)
  await rates.fill('1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury')
  await page.getByText('No rate leads from SEK to EUR yet.').waitFor()
  await shot('dialog')
  await rates.fill(
    'currency,rate,base,date,source\nGBP,1.17,EUR,2031-03-01,Osprind treasury\nSEK,0.088,EUR,2031-03-01,Osprind treasury',
  )
  await page.getByText('All rows can be shown in EUR.').waitFor()
  await page.getByRole('button', { name: 'Save rates' }).click()
})

test('with rates the chart stands in one currency, and says what was converted', async () => {
  const { page } = desk
  await page.getByRole('img', { name: 'Bars of revenue' }).waitFor()
  await page
    .getByText('1 GBP = 1.17 EUR, 1 SEK = 0.088 EUR (2031-03-01, Osprind treasury)')
    .waitFor()
  const ticks = await labels('axis')
  expect(ticks.length).toBeGreaterThan(2)
  expect(ticks.every((label) => label.startsWith('€') || /^0/.test(label))).toBe(true)
  const widths = await page
    .locator('[data-mark]')
    .evaluateAll((marks) => marks.map((mark) => mark.getBoundingClientRect().width))
  // 120,000, 123,200, 114,660 and 87,000 euros, the largest first.
  const [largest] = widths
  const shares = widths.map((height) => Math.round((height / largest!) * 100))
  expect(shares).toEqual([100, 97, 93, 71])
  await page.locator('[data-mark]').first().hover()
  await until(() => page.locator('[data-converted]').first().textContent(), '(€123,200 at 0.088)')
  await shot('converted')
})

test('rates are kept with the study, and taken back by one step', async () => {
  const { page } = desk
  await page.getByText('Saved').first().waitFor()
  await page.reload()
  await page.getByText('1 SEK = 0.088 EUR').waitFor()
  await page.getByRole('button', { name: 'Edit rates' }).click()
  await until(
    () => page.getByLabel('Rates', { exact: true }).inputValue(),
    '1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury\n1 SEK = 0.088 EUR, 2031-03-01, Osprind treasury',
  )
  await page.getByLabel('Rates', { exact: true }).fill('')
  await page.getByRole('button', { name: 'Save rates' }).click()
  await page.getByText('These amounts are in 3 currencies').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('img', { name: 'Bars of revenue' }).waitFor()
})

test('the column of currencies can be unlinked: then its numbers are in no unit', async () => {
  const { page } = desk
  const unit = page.getByLabel('Unit of the recorded numbers')
  await unit.click()
  await page.getByRole('option', { name: 'in no unit' }).click()
  await until(() => page.locator('[data-rates-note]').count(), 0)
  await until(async () => (await labels('table'))[1]?.replace(/\.0+$/, ''), '1,400,000')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.locator('[data-rates-note]').waitFor()
})
