import { bringIn, withDesk } from './lib/program'

const desk = withDesk()
const cards = () => desk.page.locator('article.finding')
const axisCard = () => desk.page.locator('article[data-check="step-hidden"]')
/** The sentence's findings come last. */
const allChecked = () => desk.page.locator('article.finding[data-on~="sentence"]').first().waitFor()
const saved = () => desk.page.getByRole('status').getByText('Saved', { exact: true }).waitFor()

test('findings that one fix mends stand on one card, and what is counted are the cards', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await axisCard().waitFor()
  await allChecked()
  await page.getByText('3 errors', { exact: true }).waitFor()
  expect(await cards().count()).toBe(3)
  await axisCard()
    .getByText(/^4 more with the same cause: different numbers read the same/)
    .click()
  await axisCard()
    .getByText('Ticks 250,000 apart are written “€0M”, “€0M”, “€1M”, “€1M” and 4 more')
    .waitFor()
})

test('one finding on several surfaces is one card: a fix says which it reaches, and mends those', async () => {
  const { page } = desk
  const card = page.locator('article[data-check="vanished"]')
  await card.getByText('on the data labels, in the table, in the sentence').waitFor()
  const fix = card.getByRole('button', { name: 'Write 1 decimal: data labels and sentence' })
  await fix.click()
  await fix.waitFor({ state: 'detached' })
  expect(await page.locator('[data-surface="marks"]').allTextContents()).toContain('€0.3M')
  // What it does not reach is left on the card.
  await card.getByText('in the table', { exact: true }).waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await fix.waitFor()
  await saved()
})

test('a check that takes long says how far it is, is stopped, and begins again', async () => {
  const { page, program } = desk
  let isHeld = true
  let release = () => {}
  const held = new Promise<void>((go) => (release = go))
  // What reads the labels back arrives late, as over a slow line.
  await page.route(/\/_nuxt\/checks\.worker-.*\.js$/, async (route) => {
    if (isHeld) await held
    await route.continue()
  })
  await page.goto(program.url)
  await page.getByRole('progressbar', { name: 'Progress of the check' }).waitFor()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await page.getByText('The check was stopped.').waitFor()
  expect(await cards().count()).toBe(0)
  isHeld = false
  release()
  await page.getByRole('button', { name: 'Check again' }).click()
  await allChecked()
  expect(await page.getByText('The check was stopped.').count()).toBe(0)
  await page.unrouteAll()
})

test('the table marks the rows that mislead, and only errors and warnings', async () => {
  const { page } = desk
  expect(await page.locator('.flagged[data-surface="table"]').count()).toBeGreaterThan(5)
  expect(await page.locator('[data-surface="axis"].flagged').count()).toBe(8)
})

test('a finding is left with a reason, which outlives a reload, and is taken back', async () => {
  const { page } = desk
  await axisCard().getByRole('button', { name: 'Dismiss' }).click()
  const field = page.getByLabel('Why is this fine?')
  await field.press('Enter')
  await expect(axisCard().count()).resolves.toBe(1)
  await field.fill('A sketch for the board')
  await field.press('Enter')
  await page.getByText('1 dismissed: A sketch for the board').waitFor()
  expect(await axisCard().count()).toBe(0)
  expect(await page.locator('[data-surface="axis"].flagged').count()).toBe(0)
  await saved()

  await page.reload()
  await page.getByText('1 dismissed: A sketch for the board').waitFor()
  await page.getByRole('button', { name: 'Restore' }).click()
  await axisCard().waitFor()
})

test('a fix is undone and done again, by button and by key', async () => {
  const { page } = desk
  const firstTick = () => page.locator('[data-surface="axis"][data-at="1"]').textContent()
  expect(await firstTick()).toBe('€0M')
  await axisCard().getByRole('button', { name: 'Write 2 decimals' }).click()
  await axisCard().waitFor({ state: 'detached' })
  expect(await firstTick()).toBe('€0.25M')
  await saved()
  await page.keyboard.press('Control+z')
  await axisCard().waitFor()
  expect(await firstTick()).toBe('€0M')
  await page.getByRole('button', { name: 'Redo' }).click()
  await axisCard().waitFor({ state: 'detached' })
  expect(await firstTick()).toBe('€0.25M')
  await page.getByRole('button', { name: 'Undo' }).click()
  await axisCard().waitFor()
  await saved()
  await page.reload()
  await allChecked()
  expect(await cards().count()).toBeGreaterThan(2)
})

test('exponents that differ are found on data of one’s own and mended', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await bringIn(desk, 'value\n2500\n4000\n15000', 'value')
  await page.getByRole('button', { name: /^notation:/ }).click()
  await page.getByRole('option').filter({ hasText: 'with a power of ten' }).first().click()
  const card = page.locator('article[data-check="mixed-notation"][data-on~="axis"]')
  await card.getByRole('button', { name: 'Use one exponent' }).click()
  await card.waitFor({ state: 'detached' })
})
