import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { removeFolder, until, withDesk } from './lib/program'

const desk = withDesk({ acceptDownloads: true })
const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-export-'))
afterAll(() => removeFolder(folder))

async function select(name: string, title: string | RegExp) {
  await desk.page.getByRole('combobox', { name, exact: true }).click()
  await desk.page
    .getByRole('option', { name: title })
    .and(desk.page.locator('.p-select-option'))
    .first()
    .click()
}
async function show(title: string) {
  await select('Quantity on the page', new RegExp(`^${title}$`))
  await until(() => desk.page.getByRole('img', { name: new RegExp(` of ${title}$`) }).count(), 1)
}
const open = () => desk.page.getByRole('button', { name: 'Export', exact: true }).click()
/** Downloads what is made, and gives its path. */
async function fetched(ending: string): Promise<string> {
  const button = desk.page.getByRole('button', { name: new RegExp(`^Download .*\\${ending}$`) })
  const [download] = await Promise.all([desk.page.waitForEvent('download'), button.click()])
  const path = join(folder, download.suggestedFilename())
  await download.saveAs(path)
  return path
}

test.each([
  ['the style as data', 'The style was read in again', '.style.json', /"notation": "scaled"/],
  [
    'options of the platform’s number format',
    'These options were run on this engine',
    '.options.json',
    /"locale": "en"/,
  ],
  [
    'a table of values and labels',
    'The file was read in again',
    '.csv',
    /^site,species,year,value,label,reads as\r\nFarrow Ledge,ribbon kelp,2021,65484\.41,€0M,0\r\n/,
  ],
  [
    'a table for a web page',
    'The table was read in again',
    '.html',
    /<data value="65484\.41">€0M<\/data>/,
  ],
  [
    'the whole study as one file',
    'The file was read in again',
    '.study.json',
    /"format": "ivory-abacus study"/,
  ],
])('Revenue is taken away as %s', async (title, proof, ending, content) => {
  const { page, program } = desk
  if (!page.url().startsWith(program.url)) await page.goto(program.url)
  if ((await page.getByRole('dialog').count()) === 0) await open()
  await select('Format', new RegExp(`^${title}`))
  await page.getByText(proof).waitFor()
  expect(readFileSync(await fetched(ending), 'utf8')).toMatch(content)
})

/** Texts with their boxes, by the corner of what holds them. */
const textsIn = (root: Element[], inside: string) => {
  const corner = root[0]!.getBoundingClientRect()
  return root
    .flatMap((one) => Array.from(one.querySelectorAll(`:scope > ${inside}`)))
    .filter((text) => text.textContent !== '')
    .map((text) => {
      const { left, top, width, height } = text.getBoundingClientRect()
      return {
        text: text.textContent!,
        left: left - corner.left,
        top: top - corner.top,
        width,
        height,
      }
    })
}
interface Boxed {
  text: string
  left: number
  top: number
  width: number
  height: number
}
const overlaps = (boxes: readonly Boxed[]) =>
  boxes.flatMap((a, at) =>
    boxes
      .slice(at + 1)
      .filter(
        (b) =>
          a.left < b.left + b.width - 1 &&
          b.left < a.left + a.width - 1 &&
          a.top < b.top + b.height - 3 &&
          b.top < a.top + a.height - 3,
      )
      .map((b) => `${a.text} over ${b.text}`),
  )

/** The picture of the shown chart, opened by itself. */
async function pictured() {
  await open()
  await select('Format', /^the chart as a picture/)
  await desk.page.getByText('The picture was read in again').waitFor()
  const path = await fetched('.svg')
  const alone = await (
    await desk.browser.newContext({ viewport: { width: 1280, height: 800 } })
  ).newPage()
  await alone.goto(`file://${path}`)
  await alone.evaluate(() => document.fonts.ready)
  return alone
}

test.each(['Revenue', 'Harvest', 'Warming', 'Depth', 'Tide phase', 'Nitrate', 'Water temperature'])(
  'the picture of %s has every text where the page has it',
  async (title) => {
    const { page } = desk
    await page.keyboard.press('Escape')
    await until(() => page.getByRole('dialog').count(), 0)
    await show(title)
    const alone = await pictured()
    const onPage: Boxed[] = await page
      .locator('[data-page-body] svg.chart')
      .evaluateAll(textsIn, '* text, :scope > text')
    const inPicture: Boxed[] = await alone
      .locator('svg > svg')
      .evaluateAll(textsIn, '* text, :scope > text')
    const said = await alone.locator('svg > g > text').allTextContents()
    const prose = page.locator('[data-page-body] .words [data-surface]')
    const unbroken = (texts: string[]) => texts.join('').replace(/\s/g, '')
    expect(unbroken(said)).toContain(unbroken(await prose.allTextContents()))
    const size = await alone.locator('svg').first().boundingBox()
    await alone.context().close()
    expect(inPicture.map(({ text }) => text)).toEqual(onPage.map(({ text }) => text))
    inPicture.forEach((box, at) => {
      expect([
        box.text,
        Math.abs(box.width - onPage[at]!.width) < 1,
        Math.abs(box.left - onPage[at]!.left) < 1,
        Math.abs(box.top - onPage[at]!.top) < 1,
      ]).toEqual([box.text, true, true, true])
      expect([box.text, box.left > -1, box.left + box.width < size!.width + 1]).toEqual([
        box.text,
        true,
        true,
      ])
    })
    expect(overlaps(inPicture)).toEqual(overlaps(onPage))
  },
)

test('a picture has the legend and the callout of its chart, where the page has them', async () => {
  const { page } = desk
  await page.keyboard.press('Escape')
  await until(() => page.getByRole('dialog').count(), 0)
  await show('Revenue')
  await page.getByRole('region', { name: 'Page' }).getByRole('button', { name: 'more …' }).click()
  await select('Callout', 'a callout at Holm Skerry')
  await page.locator('.note [data-surface="sentence"]').waitFor()
  const alone = await pictured()
  const corner = (await page.locator('[data-page-body] svg.chart').boundingBox())!
  const legend = await page.locator('.legend .bin').evaluateAll((bins) =>
    bins.map((bin) => {
      const [swatch, label] = Array.from(bin.children).map((one) => one.getBoundingClientRect())
      return {
        text: bin.textContent,
        colour: getComputedStyle(bin.children[0]!).backgroundColor,
        swatch: [swatch!.x, swatch!.y],
        label: [label!.x, label!.width],
      }
    }),
  )
  const inPicture = async (selector: string) =>
    alone.locator(selector).evaluateAll((all) =>
      all.map((one) => {
        const { x, y, width } = one.getBoundingClientRect()
        return { text: one.textContent, fill: one.getAttribute('fill'), x, y, width }
      }),
    )
  const [words, swatches] = [await inPicture('svg > g > text'), await inPicture('svg > g > rect')]
  const drawn = (await alone.locator('svg > svg').first().boundingBox())!
  const [across, down] = [corner.x - drawn.x, corner.y - drawn.y]
  expect(legend.length).toBe(4)
  for (const { text, colour, swatch, label } of legend) {
    const said = words.find((one) => one.text === text)!
    expect(
      [text, said.x + across - label[0]!, said.width - label[1]!].map((one) =>
        typeof one === 'number' ? Math.abs(one) < 1 : one,
      ),
    ).toEqual([text, true, true])
    expect(
      swatches.some(
        (one) =>
          one.fill === colour &&
          Math.abs(one.x + across - swatch[0]!) < 1 &&
          Math.abs(one.y + down - swatch[1]!) < 1,
      ),
    ).toBe(true)
  }
  expect(words.map(({ text }) => text)).toContain('Holm Skerry: €1M')
  expect(await alone.locator('svg > svg line').count()).toBeGreaterThan(0)
  await alone.context().close()
})
