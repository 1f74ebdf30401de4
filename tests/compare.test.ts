import { until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const column = (at: number) => desk.page.locator(`tbody td:nth-of-type(${at})`).allTextContents()
const foot = (row: string) =>
  desk.page.locator('tfoot tr').filter({ hasText: row }).locator('td').allTextContents()
const texts = async (row: string) =>
  (await foot(row)).map((text) => text.trim().replace(/\s+/g, ' '))
async function select(name: string, title: string) {
  await desk.page.getByRole('combobox', { name, exact: true }).click()
  await desk.page
    .getByRole('option', { name: title, exact: true })
    .and(desk.page.locator('.p-select-option'))
    .click()
}
const saved = () => desk.page.getByRole('status').getByText('Saved', { exact: true }).waitFor()

test('the style as it is stands beside the best that the program suggests, each measured on the same numbers', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('link', { name: 'Compare', exact: true }).click()
  await until(() => column(1), ['€2M', '€1M', '€1M', '€1M', '€0M', '€0M'])
  expect(await column(2)).toEqual(['€1.74M', '€1.28M', '€0.96M', '€0.63M', '€0.49M', '€0.31M'])
  expect((await texts('different labels')).slice(0, 2)).toEqual(['3 of 6', '6 of 6'])
  expect((await texts('largest error'))[0]).toMatch(/^100%/)
  expect((await texts('findings'))[1]).toBe('none')
  expect(await page.locator('tbody td.misread').count()).toBeGreaterThan(0)
})

test('one is changed in place, at the rail too, and the others stay as they are', async () => {
  const { page } = desk
  await page.getByRole('button', { name: /^Style 2:/ }).click()
  await page.getByRole('slider', { name: 'Cut' }).press('ArrowRight')
  await until(() => column(2).then(([first]) => first), '€1.739M')
  await page.getByRole('button', { name: /^rung: in millions/ }).click()
  await page.getByRole('option', { name: /^in thousands/ }).click()
  await until(() => column(2).then(([first]) => first), '€1,739.346K')
  expect((await column(1))[0]).toBe('€2M')
})

test('what is copied, pinned and moved is kept with the study, and undone', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'copy' }).nth(1).click()
  await until(() => page.locator('thead th').count(), 5)
  await page.getByRole('button', { name: 'pin', exact: true }).nth(1).click()
  await until(() => column(1).then(([first]) => first), '€1,739.346K')
  await saved()
  await page.reload()
  await until(() => column(1).then(([first]) => first), '€1,739.346K')
  expect(await page.getByRole('button', { name: 'pinned' }).count()).toBe(1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => column(1).then(([first]) => first), '€2M')
  await page.getByRole('button', { name: 'remove' }).last().click()
  await until(() => page.locator('thead th').count(), 4)
})

test('styles are compared on troublesome, drawn and typed numbers, missing ones among them', async () => {
  const { page } = desk
  await select('Numbers to compare', 'edge values')
  await until(() => page.getByRole('rowheader', { name: 'missing' }).count(), 1)
  await select('Numbers to compare', 'random numbers')
  await until(() => page.locator('tbody tr').count(), 14)
  const before = await column(1)
  await page.getByRole('button', { name: 'draw others' }).click()
  await until(() => column(1).then((now) => now.join() !== before.join()), true)
  await select('Numbers to compare', 'numbers that you type')
  await page.getByRole('textbox', { name: 'Your numbers' }).fill('2500000 none 999500')
  await until(() => column(1), ['€3M', '–', '€1M'])
})

test('the winner is taken for the quantity or for one surface alone, at one click', async () => {
  const { page } = desk
  await select('Apply style 2', 'in the table')
  await saved()
  await page.getByRole('link', { name: 'Desk' }).click()
  await until(
    () =>
      page
        .locator('[data-surface="table"]')
        .first()
        .textContent()
        .then((text) => /^€[\d.]+K$/.test(text!)),
    true,
  )
  expect(await page.locator('[data-surface="marks"]').first().textContent()).toBe('€2M')
})

describe('the sweep over every order of magnitude', () => {
  const row = (order: number) => desk.page.locator(`[data-order="${order}"]`)
  const written = async (order: number, style: number) =>
    (await row(order).locator('.labels').nth(style).innerText()).split('\n').slice(-3)

  test('shows each order with its name and its edges, and jumps to one', async () => {
    const { page } = desk
    await page.getByRole('link', { name: 'Sweep' }).click()
    await row(6).waitFor()
    expect(await row(6).locator('.name').textContent()).toMatch(/^one million M, SI M/)
    expect(await written(6, 0)).toEqual(['€1M', '€1M', '€1M'])
    // Orders far from the data, in which nothing happens, are one row.
    expect(await row(12).count()).toBe(0)
    await page.getByRole('textbox', { name: 'Order of magnitude' }).fill('9')
    await row(9).waitFor()
    expect(await written(9, 0)).toEqual(['€1,000M', '€1,000M', '€1,000M'])
    expect(await row(9).locator('.edges').innerText()).toBe(
      ['999,999,490', '1,000,000,000', '1,000,005,100'].join('\n'),
    )
    await page.getByRole('textbox', { name: 'Order of magnitude' }).fill('-300')
    await page.getByRole('textbox', { name: 'Order of magnitude' }).press('Enter')
    await row(-300).waitFor()
    expect((await written(-300, 0))[1]).toBe('€0M')
  })

  test('leads to where a style turns, and says what it does there', async () => {
    const { page } = desk
    await page
      .getByRole('button', { name: /written as zero/ })
      .first()
      .click()
    await page.getByText('↓ zero').first().waitFor()
  })

  test('writes six styles, and goes on with the rows that it has while it is scrolled', async () => {
    const { page } = desk
    const styles = () =>
      page
        .locator('thead th')
        .count()
        .then((count) => count - 1)
    await page.getByRole('link', { name: 'Compare', exact: true }).click()
    await page.locator('tbody tr').first().waitFor()
    const before = await styles()
    for (let count = before; count < 6; count++) {
      await page.getByRole('button', { name: 'copy' }).last().click()
      await until(styles, count + 1)
    }
    await page.getByRole('link', { name: 'Sweep', exact: true }).click()
    await until(() => row(6).locator('.labels').count(), 6)
    const rows = page.locator('.sweep .rows')
    // Each end is opened in its own row: rows of another place may still be drawn.
    const [HEAD, table] = [1, page.getByRole('table', { name: 'Every order of magnitude' })]
    for (const end of ['the top', 'the bottom']) {
      await page.getByRole('button', { name: end }).click()
      const at = end === 'the top' ? HEAD + 1 : await table.getAttribute('aria-rowcount')
      await table
        .locator(`[aria-rowindex="${at}"]`)
        .getByRole('button', { name: /similar orders: show them/ })
        .click()
    }
    await page.waitForTimeout(300)
    const elements = await page.locator('[data-order]').elementHandles()
    for (let at = 0; at < 10; at++) {
      await rows.evaluate((element, top) => element.scrollTo(0, top), at * 3700)
      await page.waitForTimeout(20)
    }
    await row(-240).waitFor()
    expect(await page.locator('[data-order]').count()).toBe(elements.length)
    expect(
      await Promise.all(elements.map((element) => element.evaluate((one) => one.isConnected))),
    ).not.toContain(false)
    // At rest the rows stand in the document as they stand in sight.
    await until(
      () =>
        page
          .locator('[data-order]')
          .evaluateAll((all) =>
            all
              .map((one) => Number(one.getAttribute('data-order')))
              .every((order, at, orders) => at === 0 || order === orders[at - 1]! - 1),
          ),
      true,
    )
    await page.getByRole('link', { name: 'Compare', exact: true }).click()
    await page.locator('tbody tr').first().waitFor()
    for (let count = 6; count > before; count--) {
      await page.getByRole('button', { name: 'remove' }).last().click()
      await until(styles, count - 1)
    }
  })
})

test('a suggested way is asked for in a form and a region, added, and printed with its title', async () => {
  const { page } = desk
  await page.getByRole('link', { name: 'Compare', exact: true }).click()
  await page.locator('tbody tr').first().waitFor()
  const before = await page.locator('thead th').count()
  await page.getByRole('button', { name: 'add a suggestion' }).click()
  const ways = page.getByRole('dialog', { name: 'Suggested styles' })
  await ways.getByRole('combobox', { name: 'How sizes are written' }).click()
  await page.getByRole('option', { name: 'words, such as million' }).click()
  await ways.getByText('million').first().waitFor()
  await ways.getByRole('combobox', { name: 'Region of the suggestions' }).click()
  await page.getByRole('option', { name: 'German', exact: true }).click()
  await ways
    .getByText(/\d,\d+\u00a0Millionen|\d,\d+\u00a0million/)
    .first()
    .waitFor()
  await ways.getByLabel('Width of the suggestions').fill('20')
  await ways
    .getByText('No style of this kind is free of errors')
    .or(ways.locator('.way').first())
    .first()
    .waitFor()
  await ways.getByLabel('Width of the suggestions').fill('')
  await ways.locator('.way').first().click()
  await until(() => page.locator('thead th').count(), before + 1)
  await page.emulateMedia({ media: 'print' })
  expect(await page.getByRole('button', { name: 'Undo' }).isVisible()).toBe(false)
  expect(await page.locator('thead').innerText()).toMatch(/decimal/)
  await page.emulateMedia({ media: 'screen' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => page.locator('thead th').count(), before)
})

test('what stands in the comparison already is not suggested again', async () => {
  const { page } = desk
  const before = await page.locator('thead th').count()
  const ways = page.getByRole('dialog', { name: 'Suggested styles' })
  const suggested = async () => {
    await page.getByRole('button', { name: 'add a suggestion' }).click()
    await ways.locator('.way b, p.soft:nth-of-type(2)').first().waitFor()
    return ways.locator('.way b').allTextContents()
  }
  const [taken, ...others] = await suggested()
  await ways.locator('.way').first().click()
  await until(() => page.locator('thead th').count(), before + 1)
  const next = await suggested()
  expect(next).not.toContain(taken)
  expect(next).toEqual(expect.arrayContaining(others))
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => page.locator('thead th').count(), before)
})

test('any size is tried by hand: its name, its power and its label, far beyond the data too', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  const line = page.getByRole('group', { name: 'Any size by hand' })
  const size = line.getByRole('slider', { name: 'Size' })
  await size.press('End')
  await until(() => line.innerText().then((text) => text.includes('1e308')), true)
  await size.press('Home')
  await until(() => line.innerText().then((text) => text.includes('1e−323')), true)
  await page.getByRole('link', { name: 'Sweep', exact: true }).click()
  await page.getByRole('slider', { name: 'Size' }).press('PageUp')
  await page.getByRole('group', { name: 'Any size by hand' }).getByText('€10M').first().waitFor()
})

test('the edge of a case by size is moved on the line of sizes', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('button', { name: /^add an exception/ }).click()
  await page.getByRole('combobox', { name: 'What the exception depends on' }).click()
  await page.getByRole('option', { name: 'by size' }).click()
  await page.getByLabel('Unit of the exception').fill('crowns')
  await page.keyboard.press('Escape')
  const edge = page.getByRole('slider', { name: /^Edge of the exception from 10\^6 on/ })
  await edge.press('ArrowLeft')
  await page.getByRole('button', { name: /^from 10\^5 on: “crowns” after it/ }).waitFor()
  const [box, track] = await Promise.all([
    page.getByRole('slider', { name: /^Edge of the exception/ }).boundingBox(),
    page.getByRole('group', { name: 'Any size by hand' }).boundingBox(),
  ])
  await page.mouse.move(box!.x + 4, box!.y + 4)
  await page.mouse.down()
  await page.mouse.move(track!.x + track!.width - 12, box!.y + 4, { steps: 4 })
  await page.mouse.up()
  await page.getByRole('button', { name: /^from 10\^(29\d|30\d) on: “crowns” after it/ }).waitFor()
  await page.getByRole('button', { name: /^Remove the exception from/ }).click()
})

test.each([
  ['one row', 'site,depth\nHolm,-1234.5', '3'],
  ['three hundred orders', 'site,depth\nHolm,1e308\nVik,0.00002', '308'],
])(
  'opened on %s, the sweep stands at its orders and stays whole while runs are folded',
  async (_, text, order) => {
    const { page, program } = desk
    const made = await page.request.post(`${program.url}/api/studies`, {
      headers: { origin: program.url },
      data: { name: 'Apart', table: { text } },
    })
    const { id } = (await made.json()) as { id: string }
    await page.goto(`${program.url}/study/${id}/sweep`)
    await page
      .locator('.turns')
      .getByText(/written as zero|nowhere/)
      .first()
      .waitFor()
    await page.locator(`[data-order="${order}"]`).waitFor()
    for (const place of ['the bottom', 'the top', 'largest value']) {
      await page.getByRole('button', { name: place }).click()
      await page.locator('[data-order]').first().waitFor()
    }
    await page.locator(`[data-order="${order}"]`).waitFor()
    expect(await page.locator('.failure').count()).toBe(0)
  },
)
