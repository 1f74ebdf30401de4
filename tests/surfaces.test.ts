import { handOn } from './lib/hand'
import { until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const { choose, openList, saved, select, show } = handOn(desk)

const label = (surface: string, at = 0) =>
  desk.page.locator(`[data-surface="${surface}"][data-at="${at}"]`).first()
const text = (surface: string, at?: number) => label(surface, at).textContent()

describe('a style on each of three levels', () => {
  test('an axis in millions with its table in thousands takes two clicks and no copy', async () => {
    const { page, program } = desk
    await page.goto(program.url)
    await label('table').click()
    await until(
      () => page.getByRole('combobox', { name: 'Where this style applies' }).textContent(),
      'in the table',
    )
    await choose(/^rung: in millions/, 'in thousands (K)')
    await until(() => text('table'), '€65K')
    expect([await text('axis', 4), await text('marks')]).toEqual(['€1M', '€2M'])
  })

  test('what is set says so, is taken back, and given to the quantity', async () => {
    const { page } = desk
    const phrase = page.getByRole('button', { name: 'rung: in thousands (K)' })
    await until(() => phrase.getAttribute('title'), 'Set here')
    await until(
      () => page.getByRole('button', { name: /^notation: shortened/ }).getAttribute('title'),
      'From the quantity',
    )
    await phrase.click()
    await page.getByRole('button', { name: 'clear', exact: true }).click()
    await until(() => text('table'), '€0M')
    await page.getByText('as the quantity,').waitFor()
    await choose(/^rung: in millions/, 'in thousands (K)')
    await phrase.click()
    await page.getByRole('button', { name: 'move to the quantity' }).click()
    await until(() => text('axis', 4), '€1,000K')
    expect([await text('table'), await text('tooltip', 5)]).toEqual(['€65K', '€307,502.88'])
  })

  test('the house style reaches every quantity that sets nothing else, and all of it outlives a reload with its undo', async () => {
    const { page } = desk
    await page.keyboard.press('Escape')
    await saved()
    await page.keyboard.press('9')
    await choose(/^grouping:/, 'not grouped')
    await until(() => text('axis', 4), '€1000K')
    await saved()
    await page.reload()
    await until(() => text('axis', 4), '€1000K')
    await page.getByRole('button', { name: 'History' }).click()
    const done = page.getByRole('button', {
      name: 'Revenue: grouping, not grouped, in the whole study',
    })
    await done.waitFor()
    await page.locator('.steps .step').nth(1).click()
    await page.getByRole('img', { name: /^The page after/ }).waitFor()
    await page.getByRole('button', { name: 'Restore this version' }).click()
    await until(() => text('axis', 4), '€1,000K')
    await page.getByRole('button', { name: 'Undo' }).click()
    await until(() => text('axis', 4), '€1000K')
    await page.getByRole('button', { name: 'Undo' }).click()
    await saved()
  })
})

describe('other wordings for some', () => {
  test('one species is written in cubic metres, converted, on every surface', async () => {
    const { page } = desk
    await show('Extract')
    await page.locator('[data-mark="0"]').click()
    await page.getByRole('button', { name: 'Add an exception for crown kelp …' }).click()
    await page.getByLabel('Unit of the exception').fill('m³')
    await page.getByLabel('Factor of the exception').fill('0.001')
    await until(() => text('marks'), '9,820.685\u00a0m³')
    expect(await text('marks', 1)).toMatch(/\u00a0l$/)
    expect(await text('tooltip', 3)).toMatch(/\u00a0l$/)
    await page
      .getByRole('button', {
        name: 'where species is crown kelp: “m³” after it, converted by 0.001',
      })
      .waitFor()
    await page.keyboard.press('Escape')
  })

  test('a wording that is never used says which one comes first, and can be raised', async () => {
    const { page } = desk
    await page.locator('[data-mark="0"]').click()
    const cases = () => page.getByRole('button', { name: /^where species is/ }).count()
    await page.getByRole('button', { name: 'Add an exception for crown kelp …' }).click()
    await page.getByLabel('Unit of the exception').waitFor()
    // A case that changes nothing is none.
    expect(await cases()).toBe(1)
    await page.getByLabel('Unit of the exception').fill('l')
    await page
      .getByText('never used: the exception where species is crown kelp comes first')
      .waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'put first' }).click()
    await until(() => text('marks').then((one) => /\u00a0l$/.test(one!)), true)
    await page
      .getByRole('button', { name: 'Remove the exception where species is crown kelp' })
      .first()
      .click()
    await until(() => text('marks'), '9,820.685\u00a0m³')
  })
})

test('a mark says its number, its share and its change in two lines, each still a number underneath', async () => {
  const { page } = desk
  await show('Harvest')
  await openList('What data labels show')
  await page.getByRole('option', { name: 'its share of the total' }).click()
  await page.keyboard.press('Escape')
  const shares = () => page.locator('[data-part="share"]').allTextContents()
  await until(async () => (await shares()).length, 4)
  expect((await shares())[0]).toMatch(/^ \(\d\d(\.\d)?%\)$/)
  await select('Lines of a data label', 'on two lines')
  await until(async () => /^\d\d(\.\d)?%$/.test((await shares())[0]!), true)
  await page.locator('[data-part="share"]').first().click()
  await until(
    () => page.getByRole('combobox', { name: 'Where this style applies' }).textContent(),
    'in the shares on data labels',
  )
  await choose(/^decimals: at most 1 decimal/, '2 decimals')
  await until(async () => /^\d\d\.\d\d%$/.test((await shares())[0]!), true)
  const total = (await shares()).reduce((sum, share) => sum + parseFloat(share), 0)
  expect(Math.abs(total - 100)).toBeLessThan(0.03)
})

describe('sentences', () => {
  test('a sentence follows the rows that are shown', async () => {
    const { page } = desk
    await show('Depth')
    await until(
      () => text('sentence').then((one) => one!.slice(0, 41)),
      'Shallowest mooring: Hythe Sands, 2.875\u00a0m,',
    )
    await page.getByRole('button', { name: 'all rows …' }).click()
    await openList('Rows to show')
    await page.getByRole('option', { name: 'Farrow Ledge' }).click()
    await page.getByRole('option', { name: 'Northmost' }).click()
    await page.keyboard.press('Escape')
    const day = Math.round(
      (Date.UTC(new Date().getFullYear(), new Date().getMonth(), new Date().getDate()) -
        Date.UTC(2026, 3, 25)) /
        86_400_000,
    )
    await until(
      () => text('sentence'),
      `Shallowest mooring: Farrow Ledge, 4.2\u00a0m, laid April 25, 2026, ${day} days ago.`,
    )
    expect(await page.locator('[data-surface="table"]').count()).toBe(2)
    await page.getByRole('button', { name: 'show all' }).click()
    await until(() => page.locator('[data-surface="table"]').count(), 6)
  })

  test('it is written in its place: what it would say is offered, and a mistake is told with its place', async () => {
    const { page } = desk
    await page.getByRole('button', { name: 'Edit the headline' }).click()
    const field = page.getByLabel('Text of the headline')
    await field.fill('Deepest: {$largest')
    await page.getByText(/at character 19/).waitFor()
    await field.fill('Deepest: {')
    await page.getByRole('button', { name: /^\{\$largest\} 38/ }).click()
    await until(() => text('headline'), 'Deepest: 38\u00a0m')
    await field.fill('{depth :least}')
    await page
      .getByText(/there is no column “depth”; the columns are mooring, laid, depth m, north m/)
      .waitFor()
    await page.getByRole('button', { name: 'write it automatically' }).click()
    await until(() => text('headline'), '38\u00a0m')
  })
})
