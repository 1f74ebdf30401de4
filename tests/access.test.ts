import { readFileSync } from 'node:fs'
import { until, withDesk } from './lib/program'

const axe = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8')

const desk = withDesk({ bypassCSP: true, reducedMotion: 'reduce' })

/** What axe finds on the page, each with where. */
async function violations(): Promise<string[]> {
  const { page } = desk
  await page.waitForTimeout(400)
  await page.evaluate(axe)
  return page.evaluate(async () => {
    const { violations: found } = await (
      globalThis as unknown as {
        axe: { run(): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> }
      }
    ).axe.run()
    return found.flatMap(({ id, nodes }) =>
      nodes.slice(0, 3).map(({ html }) => `${id}: ${html.slice(0, 200)}`),
    )
  })
}

test('axe finds nothing on the desk, its lists and its dialogs', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  await page.getByText('The axis goes up by').waitFor()
  expect(await violations()).toEqual([])
  await page.getByRole('button', { name: /^rung:/ }).click()
  expect(await violations()).toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill('a,b\nx,1')
  expect(await violations()).toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Export', exact: true }).click()
  await page.getByText(/The package was run: all [\d,]+ values/).waitFor()
  expect(await violations()).toEqual([])
})

test.each(['light', 'dark'] as const)('axe finds nothing on the dialogs, %s', async (scheme) => {
  const { page, program } = desk
  await page.emulateMedia({ colorScheme: scheme })
  await page.goto(program.url)
  await page.getByText('The axis goes up by').waitFor()
  await page.getByRole('button', { name: 'On the page …' }).click()
  await page
    .getByText(/all labels fit|crowded in/)
    .first()
    .waitFor()
  expect(await violations()).toEqual([])
  await page.keyboard.press('Escape')
  for (const opener of [
    'where settings come from …',
    'stylebook …',
    'house rules …',
    'matched quantities …',
    'History',
  ]) {
    await page.getByRole('button', { name: opener }).click()
    await page.getByRole('dialog').waitFor()
    expect({ opener, found: await violations() }).toEqual({ opener, found: [] })
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'detached' })
  }
})

test('axe finds nothing on the screens in the dark', async () => {
  const { page, program } = desk
  for (const screen of ['Desk', 'Ticks', 'Compare', 'Sweep', 'Regions', 'Ladders']) {
    await page.getByRole('link', { name: screen, exact: true }).click()
    await page.waitForLoadState('networkidle')
    expect({ screen, found: await violations() }).toEqual({ screen, found: [] })
  }
  await page.goto(`${program.url}/studies`)
  await page.getByRole('link', { name: 'Osprind Sound Kelp Cooperative' }).waitFor()
  expect(await violations()).toEqual([])
  await page.emulateMedia({ colorScheme: 'light' })
})

test('the chart and every cell are said in words, with the names of their units', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page
    .locator('svg.chart desc', {
      hasText: 'Farrow Ledge: 2 million euros; Holm Skerry: 1 million euros',
    })
    .waitFor({ state: 'attached' })
  await page.getByRole('button', { name: /^rung:/ }).click()
  await page.getByRole('option', { name: /in thousands/ }).click()
  const cell = page.getByRole('cell', { name: '65 thousand euros' }).first()
  await cell.waitFor()
  expect(await cell.textContent()).toBe('€65K')
})

test('axe finds nothing on the ticks', async () => {
  await desk.page.goto(desk.program.url)
  await desk.page.getByRole('link', { name: 'Ticks' }).click()
  await desk.page.getByRole('button', { name: /^Use candidate 1/ }).waitFor()
  expect(await violations()).toEqual([])
})

test.each([
  ['Compare', 'tbody tr'],
  ['Sweep', '[data-order]'],
  ['Regions', '.pages img'],
  ['Ladders', '[data-ladder="short"]'],
])('axe finds nothing on %s', async (screen, content) => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('link', { name: screen, exact: true }).click()
  await page.locator(content).first().waitFor()
  expect(await violations()).toEqual([])
})

test('axe finds nothing on a ladder of one’s own', async () => {
  const { page } = desk
  await page.getByRole('button', { name: 'copy' }).first().click()
  await page.locator('input.symbol').first().waitFor()
  expect(await violations()).toEqual([])
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('axe finds nothing on the list of studies', async () => {
  const { page, program } = desk
  await page.goto(`${program.url}/studies`)
  await page.getByRole('link', { name: 'Osprind Sound Kelp Cooperative' }).waitFor()
  expect(await violations()).toEqual([])
})

test.each([
  [1024, 700],
  [1600, 1000],
])('at %d×%d nothing is cut off at the sides', async (width, height) => {
  const { page, program } = desk
  await page.setViewportSize({ width, height })
  await page.goto(program.url)
  await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0)
  const dock = (await page.getByRole('slider', { name: /^Cut/ }).boundingBox())!
  expect(dock.y + dock.height).toBeLessThanOrEqual(height)
})

test.each([
  [1024, 700],
  [1280, 800],
  [1600, 1000],
])(
  'at %d×%d no row of the table is cut in two, and however far it is scrolled it is full of rows',
  async (width, height) => {
    const { page, program } = desk
    await page.setViewportSize({ width, height })
    await page.goto(program.url)
    await page.getByRole('img', { name: 'Columns of Revenue' }).waitFor()
    const table = page.getByRole('table', { name: /^Revenue/ }).getByRole('rowgroup')
    const sides = () =>
      table.evaluate((group) => {
        const { top, bottom } = group.getBoundingClientRect()
        return {
          height: bottom - top,
          rows: Array.from(group.querySelectorAll('[role=row]'), (row) =>
            row.getBoundingClientRect(),
          ).map((row) => [row.top - top, row.bottom - top] as const),
        }
      })
    const { height: room, rows } = await sides()
    expect(room).toBeGreaterThan(0)
    expect(rows.filter(([from, to]) => from < room && to > room)).toEqual([])
    for (const by of [13, 500, 1e6]) {
      await table.evaluate((group, down) => group.scrollTo(0, down), by)
      await until(async () => {
        const now = await sides()
        return now.rows[0]![0] <= 0 && now.rows.at(-1)![1] >= now.height - 0.5
      }, true)
    }
  },
)

test('help leads to the guide, whose pages and pictures are there', async () => {
  await desk.page.goto(desk.program.url)
  await desk.page.getByRole('button', { name: 'Help' }).click()
  const [guide] = await Promise.all([
    desk.page.waitForEvent('popup'),
    desk.page.getByRole('link', { name: 'The guide' }).click(),
  ])
  const links = await guide
    .locator('main a')
    .evaluateAll((all) => all.map((one) => (one as HTMLAnchorElement).href))
  expect(links.length).toBeGreaterThan(12)
  for (const link of links) {
    const answer = await guide.goto(link)
    expect([link, answer!.status()]).toEqual([link, 200])
    expect([link, await guide.locator('h1').count()]).toEqual([link, 1])
    const broken = await guide
      .locator('img')
      .evaluateAll((all) =>
        all
          .filter((one) => (one as HTMLImageElement).naturalWidth === 0)
          .map((one) => (one as HTMLImageElement).src),
      )
    expect(broken).toEqual([])
  }
  await guide.close()
})

test.each(['/guide', '/guide/', '/guide/index.html'])(
  'the guide at %s has its looks, its typeface and its links',
  async (path) => {
    const guide = await desk.browser.newPage()
    await guide.goto(desk.program.url + path)
    const faces = await guide.evaluate(async () => {
      await document.fonts.ready
      const said: string[] = []
      document.fonts.forEach(({ weight, status }) => said.push(`${weight} ${status}`))
      return said
    })
    expect(faces).toEqual(['400 loaded', '600 loaded'])
    expect(
      await guide.locator('main').evaluate((main) => getComputedStyle(main).backgroundColor),
    ).not.toBe('rgba(0, 0, 0, 0)')
    await guide.getByRole('link', { name: 'Checks', exact: true }).click()
    await guide.waitForURL(`${desk.program.url}/guide/checks.html`)
    await guide.close()
  },
)
