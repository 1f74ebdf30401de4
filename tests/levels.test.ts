import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { handOn } from './lib/hand'
import { bringIn, removeFolder, startProgram, until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const { choose, labels, saved, select } = handOn(desk)
const TABLE = 'bridge,weight\nOld Span,5250000\nRail Arch,980000\nFoot Way,41250'
const first = async (surface: string) => (await labels(surface))[0]
const dialog = (name: string | RegExp) => desk.page.getByRole('dialog', { name })
const cell = (key: string) => desk.page.locator(`[data-cell="${key}"]`)
const closed = async (name: string | RegExp) => {
  await desk.page.keyboard.press('Escape')
  await dialog(name).waitFor({ state: 'detached' })
}
const where = (title: string) => select('Where this style applies', title)

test('the sentence of every surface says on which it is not so', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await bringIn(desk, TABLE, 'weight')
  await where('in the tooltip')
  await choose(/^sign:|^grouping:/, 'not grouped')
  await where('on every surface')
  const note = page.getByRole('button', { name: /^except/ })
  await until(
    () => note.getAttribute('title').then((text) => text?.includes('in the tooltip')),
    true,
  )
})

describe('who sets what', () => {
  test('one view has every surface and phrase, with the value and who says it', async () => {
    const { page } = desk
    await page.getByRole('button', { name: /^except/ }).click()
    await dialog('Where settings come from: weight').waitFor()
    await until(
      () =>
        cell('tooltip grouping').evaluate((one: HTMLElement) => [
          one.textContent?.trim(),
          one.title,
        ]),
      ['not grouped', 'Set here'],
    )
    expect(await cell('table grouping').getAttribute('title')).not.toBe('Set here')
  })

  test('several are set at once, and taken back at once', async () => {
    const { page } = desk
    await cell('table grouping').click()
    await cell('headline grouping').click({ modifiers: ['Shift'] })
    await page.getByText('grouping, 2 places').waitFor()
    await page.getByRole('combobox', { name: 'Another value for grouping' }).click()
    await page.getByRole('option', { name: 'not grouped' }).click()
    await until(
      () =>
        cell('headline grouping')
          .textContent()
          .then((one) => one?.trim()),
      'not grouped',
    )
    await until(() => cell('table grouping').getAttribute('title'), 'Set here')
    expect(await cell('marks grouping').getAttribute('title')).not.toBe('Set here')
    await page.getByRole('button', { name: 'clear 2' }).click()
    await until(
      () =>
        cell('table grouping')
          .textContent()
          .then((one) => one?.trim() !== 'not grouped'),
      true,
    )
    await closed('Where settings come from: weight')
    // One step did both.
    await page.getByRole('button', { name: 'Undo' }).click()
    await page.getByRole('button', { name: 'Undo' }).click()
    await saved()
  })

  test('what is taken back is what was picked, cell by cell', async () => {
    const { page } = desk
    await page.getByRole('button', { name: /^except/ }).click()
    for (const [key, field, value] of [
      ['table grouping', 'grouping', 'not grouped'],
      ['headline grouping', 'grouping', 'not grouped'],
      ['table fraction', 'decimals', 'exactly 1 decimal'],
      ['headline fraction', 'decimals', 'exactly 1 decimal'],
    ]) {
      await cell(key!).click()
      await page.getByRole('combobox', { name: `Another value for ${field}` }).click()
      await page.getByRole('option', { name: value, exact: true }).click()
      await until(() => cell(key!).getAttribute('title'), 'Set here')
    }
    await cell('table grouping').click()
    await cell('headline fraction').click({ modifiers: ['Shift'] })
    await page.getByRole('button', { name: 'clear 2' }).click()
    await until(
      () =>
        cell('headline fraction')
          .getAttribute('title')
          .then((one) => one === 'Set here'),
      false,
    )
    expect(await cell('table grouping').getAttribute('title')).not.toBe('Set here')
    expect(await cell('headline grouping').getAttribute('title')).toBe('Set here')
    expect(await cell('table fraction').getAttribute('title')).toBe('Set here')
    await closed('Where settings come from: weight')
    for (let step = 0; step < 5; step++) await page.getByRole('button', { name: 'Undo' }).click()
    await saved()
  })

  test('all that a level sets is taken back by the head of its column', async () => {
    const { page } = desk
    await page.getByRole('button', { name: /^except/ }).click()
    await page.getByRole('button', { name: 'tooltip', exact: true }).click()
    await page.getByRole('button', { name: /^clear (it|\d+)$/ }).click()
    await closed('Where settings come from: weight')
    await until(() => page.locator('[title*="in the tooltip"]').count(), 0)
  })
})

describe('the stylebook', () => {
  const enter = async (name: string) => {
    const { page } = desk
    await page.getByRole('button', { name: /^stylebook/ }).click()
    await page.getByLabel(/^Save the style/).fill(name)
    await page.getByRole('button', { name: 'Save' }).click()
    await page.getByText(`${name} is saved as version`).waitFor()
  }
  /** Another program, or another tab, enters a style. */
  const entered = (name: string, style: object) =>
    desk.page.evaluate(
      async ([name, style]) => {
        const body = JSON.stringify({ name, style })
        const headers = { 'content-type': 'application/json' }
        await fetch('/api/stylebook', { method: 'POST', headers, body })
        window.dispatchEvent(new Event('focus'))
      },
      [name, style] as const,
    )

  test('a style is entered, and the level that had it takes it from there', async () => {
    const { page } = desk
    await where('in the table')
    await choose(/^grouping:/, 'not grouped')
    await until(() => first('table'), '5250000')
    await enter('Weights')
    await closed('Stylebook')
    expect(await first('table')).toBe('5250000')
    await until(
      () => page.getByRole('button', { name: /^grouping:/ }).getAttribute('title'),
      'From the stylebook',
    )
    await saved()
  })

  test('a change in it is told, and taken after old and new labels were seen', async () => {
    const { page } = desk
    await entered('Weights', { notation: 'scaled', fraction: [2, 2] })
    await page.getByRole('button', { name: 'stylebook … 1 update' }).click()
    await page.getByText('weight, in the table').waitFor()
    await page.getByText('5.25M   980.00K   41.25K').waitFor()
    expect(await first('table')).not.toBe('5.25M')
    await page.getByRole('button', { name: 'Update', exact: true }).click()
    await until(() => first('table'), '5.25M')
    await closed('Stylebook')
    await saved()
    await page.reload()
    await until(() => first('table'), '5.25M')
  })

  test('what is set on the level wins over what it takes', async () => {
    await where('in the table')
    await choose(/^decimals:/, 'exactly 1 decimal')
    await until(() => first('table'), '5.3M')
  })

  test('a style is pasted as JSON, with what is wrong in it told as it is typed', async () => {
    const { page } = desk
    await page.getByRole('button', { name: /^stylebook/ }).click()
    const field = page.getByLabel('Paste a style as JSON')
    await field.fill('{"fraction": [0, 400]}')
    await page.getByText(/fraction: \[0,400\] is not allowed/).waitFor()
    await field.fill('{"notation": "scientific", "fraction": [1, 1], "significant": null}')
    await page.getByRole('button', { name: 'Apply it in the table' }).click()
    await closed('Stylebook')
    await until(() => first('table'), '5.3×10⁶')
    await page.getByRole('button', { name: 'Undo' }).click()
    await until(() => first('table'), '5.3M')
  })
})

describe('rules of the house', () => {
  test('a rule is made in words, broken by labels, told in the margin, and mended there', async () => {
    const { page } = desk
    await page.getByRole('button', { name: 'house rules …' }).click()
    await select('Surface of the rule', 'in the table')
    await select('Value of the rule', 'no decimals')
    await page.getByLabel('reason').fill('Tables are long.')
    await page.getByRole('button', { name: 'Add rule' }).click()
    // A finding in the margin may already quote the rule.
    await page.getByText('decimals (table): no decimals', { exact: true }).waitFor()
    await closed('House rules')
    const card = page.locator('article[data-check="house-rule"]')
    await card
      .getByText('“5.3M” breaks “decimals (table): no decimals”: Tables are long.')
      .waitFor()
    await card.getByRole('button').filter({ hasText: 'no decimals' }).click()
    await card.waitFor({ state: 'detached' })
    await until(() => first('table'), '5M')
  })

  test('a rule that is removed finds nothing any more', async () => {
    const { page } = desk
    await page.getByRole('button', { name: 'Undo' }).click()
    await page.locator('article[data-check="house-rule"]').waitFor()
    await page.getByRole('button', { name: 'house rules …' }).click()
    await page
      .getByRole('button', { name: 'Remove the rule decimals (table): no decimals' })
      .click()
    await closed('House rules')
    await page.locator('article[data-check="house-rule"]').waitFor({ state: 'detached' })
    await saved()
  })
})

test('a case goes by another column with that column’s own texts, and by none until it changes something', async () => {
  const { page } = desk
  await bringIn(desk, 'town,kind,length\nAsk,brick,12\nUna,steel,9', 'length')
  await saved()
  // What is opened at the dock closes where the dock scrolls: it stands still once all is checked.
  await until(() => page.locator('aside.margin .clean .busy').count(), 0)
  await page.getByRole('button', { name: /^add an exception/ }).click()
  await select('What the exception depends on', 'where kind is')
  const categories = dialog('Add an exception').locator('.p-multiselect-label')
  await until(() => categories.textContent().then((text) => text?.trim()), 'brick')
  await page.getByLabel('Unit of the exception').fill('m')
  await page.getByRole('button', { name: 'where kind is brick: “m” after it' }).waitFor()
  await page.keyboard.press('Escape')
  await until(() => labels('marks'), ['12\u00a0m', '9'])
})

test('a stylebook can be a folder; a file that changes there is seen, and one that is broken is told', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-styles-'))
  writeFileSync(join(folder, 'House.json'), '{"fraction": [3, 3]}')
  writeFileSync(join(folder, 'Torn.json'), '{"fraction": ')
  const program = await startProgram(undefined, '', { IVORY_ABACUS_STYLEBOOK: folder })
  const read = async () => {
    const answer = await fetch(`${program.url}/api/stylebook`)
    return (await answer.json()) as { entries: unknown[]; troubles: { file: string }[] }
  }
  expect(await read()).toMatchObject({
    folder,
    entries: [{ name: 'House', version: 1, style: { fraction: [3, 3] } }],
    troubles: [{ file: 'Torn.json' }],
  })
  writeFileSync(join(folder, 'House.json'), '{"version": 2, "style": {"fraction": [0, 1]}}')
  expect((await read()).entries).toEqual([
    { name: 'House', version: 2, style: { fraction: [0, 1] } },
  ])
  await program.stop()
  removeFolder(program.data)
  removeFolder(folder)
})

test('quantities are read together at one click, and one that leaves its set is found and mended', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await bringIn(
    desk,
    'town,cost,yield\nVik,5250000,3120000\nHolm,980000,41250\nTarn,61000,8000',
    'cost',
  )
  await page.getByRole('button', { name: 'matched quantities …' }).click()
  await page
    .locator('.p-multiselect')
    .filter({ has: page.getByRole('combobox', { name: /^Quantities that match it/ }) })
    .click()
  await page.getByRole('option', { name: /^yield/ }).click()
  await page.keyboard.press('Escape')
  const ways = dialog(/^Matched quantities/).getByRole('button', { name: /^Use for all/ })
  await ways.first().waitFor()
  const before = await page.locator('tr[data-way]').allTextContents()
  expect(before.join('|')).toMatch(/5\.250M/)
  const millions = page.locator('tr[data-way]', { hasText: '5.250M' }).first()
  await millions.getByRole('button').click()
  await until(() => labels('table'), ['5.250M', '0.980M', '0.061M'])
  await select('Quantity on the page', 'yield')
  await until(() => labels('table'), ['3.120M', '0.041M', '0.008M'])
  await choose(/^rung:/, 'in thousands (K)')
  const card = page.locator('article[data-checks~="surfaces-disagree"]')
  await card
    .getByText(/“cost” is matched with this quantity but differs in rung/)
    .first()
    .waitFor()
  await saved()
})
