import { handOn } from './lib/hand'
import { bringIn, until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const { finding, select, show, texts, unfold } = handOn(desk)

test('a legend that needs two lines takes them from the chart, and gives them back', async () => {
  const { page, program } = desk
  await page.setViewportSize({ width: 1024, height: 700 })
  await page.goto(program.url)
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  const bottoms = () =>
    page.locator('[data-page-body]').evaluate((body) => {
      const lines = new Set(
        Array.from(body.querySelectorAll('.legend .bin'), (bin) =>
          Math.round(bin.getBoundingClientRect().top),
        ),
      ).size
      return {
        lines,
        isWhole:
          body.querySelector('.legend')!.getBoundingClientRect().bottom <=
          body.getBoundingClientRect().bottom,
        scrolls: body.scrollHeight > body.clientHeight,
      }
    })
  const whole = (lines: number) => until(bottoms, { lines, isWhole: true, scrolls: false })
  await whole(1)
  const beam = page.getByRole('slider', { name: /^Beam/ })
  const cut = page.getByRole('slider', { name: /^Cut/ })
  const handles = async () => [
    await beam.getAttribute('aria-valuetext'),
    await cut.getAttribute('aria-valuetext'),
  ]
  const before = await handles()
  await beam.press('ArrowRight')
  for (const key of ['ArrowRight', 'ArrowRight']) await cut.press(key)
  await whole(2)
  for (const key of ['ArrowLeft', 'ArrowLeft']) await cut.press(key)
  await beam.press('ArrowLeft')
  await until(handles, before)
  await whole(1)
  await page.setViewportSize({ width: 1280, height: 800 })
})

describe('one colour for each', () => {
  test('columns are parted by species, and the tooltip tells each part', async () => {
    const { page, program } = desk
    await page.goto(program.url)
    await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
    await unfold()
    await select('Colours', 'one colour for each species')
    await until(() => page.locator('[data-mark="0"] rect').count(), 4)
    const colours = await page
      .getByRole('list', { name: 'Colours' })
      .getByRole('listitem')
      .allTextContents()
    await page.locator('[data-mark="0"] rect').first().hover()
    await until(() => texts('.tip .piece'), colours)
    const parts = (await texts('.tip .number')).map((label) => Number(label.replace(/[€,]/g, '')))
    const whole = Number(
      (await page.locator('[data-surface="tooltip"]').textContent())!.replace(/[€,]/g, ''),
    )
    expect(parts.reduce((sum, part) => sum + part, 0)).toBeCloseTo(whole, 2)
  })

  test('what does not add up is drawn in one colour, with the reason', async () => {
    const { page } = desk
    await select('Aggregate', 'mean')
    await page.getByText('Pieces of a mean do not add up to it').waitFor()
    expect(await page.locator('[data-mark="0"] rect').count()).toBe(1)
    await select('Aggregate', 'sum')
    await until(() => page.locator('[data-mark="0"] rect').count(), 4)
    await select('Colours', 'in one colour')
  })
})

test('a callout stands at its mark, is written in its place, and moved with the arrow keys', async () => {
  const { page } = desk
  await show('Revenue')
  await unfold()
  await select('Callout', 'a callout at Holm Skerry')
  const callout = page.locator('.note [data-surface="sentence"]')
  await until(() => callout.textContent(), 'Holm Skerry: €1M')
  await page.getByRole('button', { name: 'Edit the callout' }).click()
  await page.getByLabel('Text of the callout').fill('{$value} of {$total} here')
  await until(() => callout.textContent(), '€1M of €5M here')
  await page.getByRole('button', { name: 'done' }).click()
  const before = (await callout.boundingBox())!
  await page.getByRole('button', { name: 'Move the callout' }).focus()
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowUp']) await page.keyboard.press(key)
  await until(async () => {
    const now = (await callout.boundingBox())!
    return [Math.round(now.x - before.x), Math.round(now.y - before.y)]
  }, [8, -4])
  await select('Callout', 'no callout')
  await until(() => callout.count(), 0)
})

test('a mark says its change from another column, and its share of its panel', async () => {
  const { page } = desk
  await show('Harvest')
  const parts = page.getByRole('combobox', { name: 'What data labels show' })
  const tick = async (title: string) => {
    await page.locator('.p-multiselect', { has: parts }).click()
    await page.getByRole('option', { name: title, exact: true }).click()
    await page.keyboard.press('Escape')
  }
  await tick('the change from another column')
  await select('Column to compare with', 'extract l')
  const against = await texts('[data-part="against"]')
  expect(against.every((one) => /^ ?\([+−]\d[\d.,]*%\)$/.test(one))).toBe(true)
  expect(against.length).toBeGreaterThan(2)
  await tick('the change from another column')
  await unfold()
  await select('Panels', 'a panel for each site')
  await tick('its share of the panel')
  const shares = (await texts('[data-part="seriesShare"]')).map((one) =>
    parseFloat(one.replace(/[^\d.]/g, '')),
  )
  const inPanel = await page
    .locator('svg.chart')
    .first()
    .locator('[data-part="seriesShare"]')
    .count()
  expect(shares.slice(0, inPanel).reduce((sum, share) => sum + share, 0)).toBeCloseTo(100, 0)
  await tick('its share of the panel')
  await select('Panels', 'in one panel')
})

test('the spread of all rows says its least, median and largest, on an axis of the quantity', async () => {
  const { page } = desk
  await show('Water temperature')
  await select('Form', 'The spread')
  await page.getByRole('img', { name: 'Spread of Water temperature' }).waitFor()
  await until(
    () => texts('[data-part="name"]').then((names) => names.map((name) => name.trim())),
    ['least', 'median', 'largest'],
  )
  const [least, median, largest] = (await texts('[data-surface="marks"]')).map((label) =>
    parseFloat(label),
  )
  expect(least! < median! && median! < largest!).toBe(true)
  expect(await page.locator('[data-surface="sentence"]').textContent()).toMatch(
    /^Half of them lie below \d/,
  )
  await select('Form', 'An area')
})

test('marks without room get a second line, or keep the labels that tell most', async () => {
  const { page } = desk
  await bringIn(
    desk,
    `week,landed\n${Array.from({ length: 30 }, (_, at) => `w${at + 1},${100 + ((at * 37) % 30) * 11}`).join('\n')}`,
    'landed',
  )
  await select('Category', 'week')
  await select('Order', 'in row order')
  await page
    .locator('.p-multiselect')
    .filter({ has: page.getByRole('combobox', { name: 'What data labels show' }) })
    .click()
  await page.getByRole('option', { name: 'its share of the total' }).click()
  await page.keyboard.press('Escape')
  await finding('crowded').getByRole('button', { name: 'Use a second line' }).click()
  await until(
    () => page.getByRole('combobox', { name: 'Lines of a data label' }).textContent(),
    'on two lines',
  )
  await page.getByRole('button', { name: 'Undo' }).click()
  await unfold()
  await select('Which marks have labels', 'the ends, the largest and the smallest')
  await until(
    () =>
      page
        .locator('[data-surface="marks"]')
        .count()
        .then((count) => count <= 4),
    true,
  )
})

test('labels stand inside the columns that have room for them, and outside the others', async () => {
  const { page } = desk
  await show('Harvest')
  await unfold()
  await select('Position of the labels', 'inside where it fits')
  await until(
    () =>
      page
        .locator('text.inside')
        .count()
        .then((count) => count > 0),
    true,
  )
  const inside = (await page.locator('text.inside').first().boundingBox())!
  const column = (await page.locator('[data-mark="0"] rect').boundingBox())!
  expect(
    inside.x >= column.x &&
      inside.x + inside.width <= column.x + column.width &&
      inside.y >= column.y,
  ).toBe(true)
  await select('Position of the labels', 'outside')
})

test('a page in a language that is read from right to left begins there: axis, marks, table, words', async () => {
  const { page, program } = desk
  const study = `${program.url}/api/studies/${page.url().split('/study/')[1]!.split(/[/?]/)[0]}`
  await until(() => page.getByText('Saved', { exact: true }).count(), 1)
  const { revision, document } = await (await page.request.get(study)).json()
  document.house.locale = 'ar-EG'
  const saved = await page.request.put(study, {
    headers: { origin: program.url },
    data: { base: revision, what: 'Write all in Arabic', document },
  })
  expect(saved.status()).toBe(200)
  await page.reload()
  await page.locator('[data-page-body]').waitFor()
  await show('Revenue')
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  const middleOf = async (selector: string) => {
    const { x, width } = (await page.locator(selector).first().boundingBox())!
    return x + width / 2
  }
  const body = page.locator('[data-page-body]')
  expect(await body.getAttribute('dir')).toBe('rtl')
  const [axis, first, last, cell, name] = await Promise.all(
    [
      '[data-surface="axis"]',
      '[data-mark="0"]',
      '[data-mark="5"]',
      '[data-surface="table"]',
      '.value-table .text',
    ].map(middleOf),
  )
  expect(axis! > first! && first! > last! && last! > cell!).toBe(true)
  expect(name! > cell!).toBe(true)
  const frame = (await page.locator('svg.chart').boundingBox())!
  for (const label of await page.locator('svg.chart text').all()) {
    const box = (await label.boundingBox())!
    expect(box.x).toBeGreaterThanOrEqual(frame.x - 1)
    expect(box.x + box.width).toBeLessThanOrEqual(frame.x + frame.width + 1)
  }
})
