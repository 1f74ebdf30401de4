import { handOn } from './lib/hand'
import { bringIn, until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const { select, show, unfold } = handOn(desk)

test('the axis of a second quantity is checked, and leads to it', async () => {
  const { page } = desk
  await show('Harvest')
  await unfold()
  await select('Second axis', 'with revenue eur on a second axis')
  const card = page.locator('article').filter({ hasText: 'on the axis of Revenue' }).first()
  await card.getByRole('button', { name: 'Show Revenue' }).click()
  await page.getByRole('img', { name: / of Revenue$/ }).waitFor()
})

test('rows that are ticked for a total stay ticked over a reload and a filter', async () => {
  const { page } = desk
  await show('Revenue')
  await page.getByRole('checkbox', { name: 'Row 2 in the total' }).check()
  await page.getByRole('checkbox', { name: 'Row 3 in the total' }).check()
  await page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
  await page.reload()
  await until(
    () =>
      page
        .getByRole('checkbox', { name: /^Row [23] in the total/ })
        .and(page.locator(':checked'))
        .count(),
    2,
  )
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(
    () =>
      page
        .getByRole('checkbox', { name: /^Row [23] in the total/ })
        .and(page.locator(':checked'))
        .count(),
    1,
  )
})

test('the page is laid out anew: the table below, the words under all', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'On the page …' }).click()
  await select('Position of the table', 'below the chart')
  // The menu goes where a page that is laid out anew scrolls.
  if (!(await page.getByRole('dialog', { name: 'On the page' }).isVisible()))
    await page.getByRole('button', { name: 'On the page …' }).click()
  await select('Position of the headline and sentence', 'below')
  await page.keyboard.press('Escape')
  const top = async (selector: string) => (await page.locator(selector).first().boundingBox())!.y
  await until(async () => (await top('[data-head="table"]')) > (await top('svg.chart')) + 200, true)
  expect(await top('[data-surface="headline"]')).toBeGreaterThan(await top('[data-head="table"]'))
})

test('dates that can be read in two ways are asked for at import, and sentences follow the answer', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill('buoy,laid,depth\na,03/04/2026,4.5\nb,05/06/2026,2.5')
  await page.getByLabel('this study').check()
  await select('Order of the dates in laid', 'month first')
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: 'Columns of depth' }).waitFor()
  await page.getByRole('button', { name: 'Edit the sentence' }).click()
  await page.getByLabel('Text of the sentence').fill('Laid {laid :date largest=depth}')
  await page.getByLabel('Text of the sentence').press('Control+Enter')
  await until(
    () => page.locator('[data-surface="sentence"]').first().textContent(),
    'Laid March 4, 2026',
  )
})

test('a rail drawn move by move looks as one that is drawn at once', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await show('Revenue')
  const spots = page
    .getByRole('group', { name: 'Rail: digits of sample values' })
    .locator('.spots > span')
  const drawn = () =>
    spots.evaluateAll((all) =>
      all
        .map((one) => [one.textContent, one.className, one.getAttribute('style')].join(' '))
        .join('\n'),
    )
  const cut = page.getByRole('slider', { name: /^Cut/ })
  const atFirst = await drawn()
  const seen = [atFirst]
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowLeft']) {
    await cut.press(key)
    await until(async () => (await drawn()) !== seen.at(-1), true)
    seen.push(await drawn())
  }
  expect(new Set(seen).size).toBe(4)
  expect(seen[4]).toBe(seen[2])
  await page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
  await page.reload()
  await until(drawn, seen[4])
  for (let undone = 0; undone < 4 && (await drawn()) !== atFirst; undone++)
    await page.getByRole('button', { name: 'Undo' }).click()
  await until(drawn, atFirst)
})

test('names without end and numbers of three hundred digits keep to their room, and hide no label', async () => {
  const { page } = desk
  const name = 'The very long name of a mooring far off the northern coast'
  await bringIn(
    desk,
    `site,length\n${[3, 2, 1].map((size) => `${name} ${size},${size}234567.891`).join('\n')}`,
    'length',
  )
  const tip = page.getByRole('note', { name: `Tooltip of ${name} 1` })
  const isWhole = (element: Element) => element.scrollWidth <= element.clientWidth
  expect(await tip.locator('[data-surface="tooltip"]').evaluate(isWhole)).toBe(true)
  expect(await tip.locator('.name').evaluate(isWhole)).toBe(false)
  const box = (await tip.boundingBox())!
  for (const label of await page.locator('[data-surface="marks"]').all()) {
    const { x, y, width, height } = (await label.boundingBox())!
    expect(
      x + width <= box.x ||
        x >= box.x + box.width ||
        y + height <= box.y ||
        y >= box.y + box.height,
    ).toBe(true)
  }
  await bringIn(desk, 'site,size\na,1e300\nb,-3e299', 'size')
  expect((await page.getByLabel('Tick step', { exact: true }).boundingBox())!.width).toBeLessThan(
    400,
  )
  expect(await page.locator('html').evaluate(isWhole)).toBe(true)
  expect(
    await page
      .locator('[data-surface="headline"]')
      .evaluateAll((lines) =>
        lines.every(
          (line) =>
            line.getBoundingClientRect().right <=
            line.closest('[data-page-body]')!.getBoundingClientRect().right,
        ),
      ),
  ).toBe(true)
})
