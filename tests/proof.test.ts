import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from 'playwright-core'
import { build } from 'esbuild'
import type { ToldFile } from '../shared/proof/told'
import { runCommand } from './lib/command'
import { type Program, removeFolder, root, startBrowser, startProgram } from './lib/program'

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-proof-'))
const at = (name: string) => join(folder, name)
let program: Program
let browser: Browser
/** Draws charts in a page, as somebody's own program would. */
let drawing: Page
beforeAll(async () => {
  program = await startProgram()
  browser = await startBrowser()
  const { outputFiles } = await build({
    stdin: { contents: DRAW, resolveDir: root, loader: 'js' },
    bundle: true,
    write: false,
    format: 'iife',
  })
  drawing = await browser.newPage()
  await drawing.addScriptTag({ content: outputFiles[0]!.text })
})
afterAll(async () => {
  await browser.close()
  await program.stop()
  removeFolder(program.data)
  removeFolder(folder)
})

const DRAW = `
import { axisBottom, axisLeft, axisRight, axisTop } from 'd3-axis'
import { scaleLinear, scaleLog, scaleBand } from 'd3-scale'
import { create } from 'd3-selection'
const sides = { left: axisLeft, right: axisRight, top: axisTop, bottom: axisBottom }
window.draw = ({ panels }) => {
  const svg = create('svg').attr('xmlns', 'http://www.w3.org/2000/svg').attr('width', 520).attr('height', 330)
  panels.forEach(({ side, kind = 'linear', ticks, labels, bars = [] }, at) => {
    const wide = 440 / panels.length - 40
    const g = svg.append('g').attr('transform', 'translate(' + (60 + at * (440 / panels.length)) + ',20)')
    const upright = side === 'left' || side === 'right'
    const ends = [ticks[0], ticks[ticks.length - 1]]
    const y = (kind === 'log' ? scaleLog() : scaleLinear()).domain(ends).range(upright ? [280, 0] : [0, wide])
    const x = scaleBand(bars.map((one) => one.name), [0, wide]).padding(0.2)
    for (const { name, value, label } of bars) {
      g.append('rect').attr('x', x(name)).attr('width', x.bandwidth()).attr('y', y(value)).attr('height', 280 - y(value))
      g.append('text').attr('x', x(name) + x.bandwidth() / 2).attr('y', y(value) - 4).attr('text-anchor', 'middle').attr('font-size', 10).text(label)
    }
    g.append('g').attr('transform', side === 'right' ? 'translate(' + wide + ',0)' : side === 'bottom' ? 'translate(0,280)' : null)
      .call(sides[side](y).tickValues(ticks).tickFormat((_, i) => labels[i]))
  })
  return svg.node().outerHTML
}`
interface Panel {
  readonly side: 'left' | 'right' | 'top' | 'bottom'
  readonly kind?: 'log'
  readonly ticks: readonly number[]
  readonly labels: readonly string[]
  readonly bars?: readonly { name: string; value: number; label: string }[]
}
const draw = (...panels: readonly Panel[]): Promise<string> =>
  drawing.evaluate((given) => (window as unknown as { draw(given: object): string }).draw(given), {
    panels,
  })

const eighths = [0, 0.125, 0.25, 0.375, 0.5]
const millions = [0, 500_000, 1_000_000, 1_500_000, 2_000_000]
/** Charts with what is wrong with them, and which fix mends it. */
const CHARTS: readonly (readonly [string, readonly Panel[], string])[] = [
  [
    'an axis of eighths',
    [{ side: 'left', ticks: eighths, labels: ['0.0', '0.1', '0.3', '0.4', '0.5'] }],
    'step-hidden',
  ],
  [
    'a label of another number',
    [{ side: 'left', ticks: [0, 10, 20, 30, 40], labels: ['0', '10', '20', '35', '40'] }],
    'misplaced',
  ],
  [
    'exponents that differ',
    [{ side: 'left', ticks: millions, labels: ['0', '5×10⁵', '1×10⁶', '1.5×10⁶', '2×10⁶'] }],
    'mixed-notation',
  ],
  [
    'several rungs',
    [{ side: 'right', ticks: millions, labels: ['0', '500K', '1.0M', '1.5M', '2.0M'] }],
    'mixed-rungs',
  ],
  [
    'decimals that come and go',
    [{ side: 'bottom', ticks: [2, 2.5, 3, 3.5, 4], labels: ['2', '2.5', '3', '3.5', '4'] }],
    'uneven-decimals',
  ],
  [
    'a wrong power on a log axis',
    [
      {
        side: 'left',
        kind: 'log',
        ticks: [1, 10, 100, 1000, 10000],
        labels: ['1', '10', '100', '2,000', '10,000'],
      },
    ],
    'misplaced',
  ],
  [
    'ticks that read the same',
    [{ side: 'top', ticks: [1, 1.5, 2, 2.5, 3], labels: ['1', '2', '2', '3', '3'] }],
    'step-hidden',
  ],
  [
    'German marks',
    [
      {
        side: 'left',
        ticks: eighths.map((one) => one * 10),
        labels: ['0,0', '1,3', '2,5', '3,8', '5,0'],
      },
    ],
    'step-hidden',
  ],
  [
    'one of two panels',
    [
      { side: 'left', ticks: [0, 10, 20, 30], labels: ['0', '10', '20', '30'] },
      { side: 'left', ticks: eighths, labels: ['0.0', '0.1', '0.3', '0.4', '0.5'] },
    ],
    'step-hidden',
  ],
  [
    'an axis beside bars',
    [
      {
        side: 'left',
        ticks: eighths,
        labels: ['0.0', '0.1', '0.3', '0.4', '0.5'],
        bars: [
          { name: 'Holm', value: 0.42, label: '0.42' },
          { name: 'Varm', value: 0.18, label: '0.18' },
          { name: 'Ossa', value: 0.31, label: '0.31' },
        ],
      },
    ],
    'step-hidden',
  ],
]

interface Told {
  readonly files: readonly ToldFile[]
}
function told(file: string): ToldFile {
  const { stdout, stderr } = runCommand(['proof', file, '--format', 'json'])
  if (stdout === '') throw new Error(stderr)
  return (JSON.parse(stdout) as Told).files[0]!
}
const checksIn = ({ findings }: ToldFile): string[] =>
  findings.filter(({ severity }) => severity !== 'note').map(({ check }) => check)
const valuesIn = ({ axes }: ToldFile) =>
  axes.map(({ ticks }) => ticks.map(({ value }) => Number(value)))
const withoutTexts = (svg: string) => svg.replace(/(<text[^>]*>)[^<]*/g, '$1')

test.each(CHARTS)(
  '%s is found on the page, mended, saved, and read again',
  async (name, panels, check) => {
    const file = at(`${name.replaceAll(' ', '-')}.svg`)
    const original = await draw(...panels)
    writeFileSync(file, original)
    const before = told(file)
    expect(checksIn(before)).toEqual([check])
    expect(
      valuesIn(before)
        .flat()
        .sort((a, b) => a - b),
    ).toEqual(panels.flatMap(({ ticks }) => ticks).sort((a, b) => a - b))

    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    const trouble: string[] = []
    page.on('pageerror', (error) => trouble.push(error.message))
    await page.goto(`${program.url}/proof`)
    await page.locator('input[type=file]').setInputFiles(file)
    const card = page.locator(`.finding[data-check=${check}]`)
    await card.locator('.fixes button').first().click()
    await page.getByText(/With these labels, .* has no findings left/).waitFor()
    await page.getByRole('button', { name: 'Write to the file' }).click()
    await page.getByText('No findings on its numbers').waitFor()
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the file' }).click(),
    ])
    const written = at(`mended-${name.replaceAll(' ', '-')}.svg`)
    await saved.saveAs(written)
    await page.close()
    expect(trouble).toEqual([])

    const after = told(written)
    expect(checksIn(after)).toEqual([])
    expect(valuesIn(after)).toEqual(valuesIn(before))
    const text = readFileSync(written, 'utf8')
    expect(text).not.toBe(original)
    expect(withoutTexts(text)).toBe(withoutTexts(original))
  },
)

test('a drawing that is dropped on any screen opens here, and its bars make a study', async () => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${program.url}/studies`)
  await page.getByText('Proofread a finished chart or table').waitFor()
  const svg = await draw({
    side: 'left',
    ticks: [0, 2_000_000, 4_000_000, 6_000_000],
    labels: ['0', '2M', '4M', '6M'],
    bars: [
      { name: 'Holm', value: 6_000_000, label: '5.2M' },
      { name: 'Varm', value: 3_000_000, label: '3.0M' },
      { name: 'Ossa', value: 4_500_000, label: '4.5M' },
    ],
  })
  await page.evaluate((text) => {
    const data = new DataTransfer()
    data.items.add(new File([text], 'bars.svg', { type: 'image/svg+xml' }))
    document.dispatchEvent(
      new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }),
    )
  }, svg)
  await page.waitForURL('**/proof')
  await page.getByText(/The mark labelled “5.2M”.*ends at 6,000,000 on its axis/).waitFor()
  await page.getByRole('button', { name: 'Create a study from its numbers' }).click()
  await page.waitForURL('**/study/*')
  await page.getByRole('heading', { name: 'bars' }).waitFor()
  await page.evaluate(() => {
    const data = new DataTransfer()
    data.items.add(new File(['<table><tr><th>kg<tr><td>5<tr><td>7</table>'], 'table.html'))
    document.dispatchEvent(
      new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }),
    )
  })
  await page.getByText('No findings on its numbers').waitFor()
  await page.goBack()
  await page.getByRole('heading', { name: 'bars' }).waitFor()
  await page.close()
})

test('a file that cannot be read says why on the page, and the next one is read', async () => {
  const page = await browser.newPage({ viewport: { width: 1024, height: 700 } })
  await page.goto(`${program.url}/proof`)
  const give = (name: string, text: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) })
  await give('broken.svg', '<svg xmlns="http://www.w3.org/2000/svg"><text>7</svg>')
  await page.getByText(/broken.svg could not be read.*line 1, column/).waitFor()
  await give(
    'table.html',
    '<table><tr><th>Site<th>Kilos<tr><td>Holm<td>1,200<tr><td>Varm<td>800<tr><td>Total<td>2,100</table>',
  )
  await page.getByText(/add up to 2,000, but their total is written “2,100”/).waitFor()
  await page.close()
})

test('the command tells line and column, ends as check does, and writes files anew', async () => {
  const bad = at('bad.svg')
  writeFileSync(bad, await draw(...CHARTS[0]![1]))
  const text = runCommand(['proof', bad])
  expect(text.status).toBe(1)
  expect(text.stdout).toMatch(
    /bad\.svg:1:\d+: error step-hidden: left axis: The axis goes up by 0\.125/,
  )
  const { stdout } = runCommand(['proof', bad, bad, '--format', 'sarif'])
  const log = JSON.parse(stdout) as {
    runs: {
      results: {
        ruleId: string
        locations: { physicalLocation: { region: { startColumn: number } } }[]
      }[]
    }[]
  }
  expect(log.runs[0]!.results.map(({ ruleId }) => ruleId)).toEqual(['step-hidden', 'step-hidden'])
  expect(log.runs[0]!.results[0]!.locations).toHaveLength(3)
  const style = at('style.json')
  writeFileSync(style, '{"fraction": [3, 3]}')
  const out = at('out')
  const mended = runCommand(['proof', bad, '--style', style, '--out', join(out, 'good.svg')])
  expect(mended).toMatchObject({ status: 0, stderr: '' })
  expect(readFileSync(join(out, 'good.svg'), 'utf8')).toContain('>0.125<')
  const lossy = at('lossy.json')
  writeFileSync(lossy, '{"fraction": [0, 0]}')
  const refused = runCommand(['proof', bad, '--style', lossy, '--out', at('lossy.svg')])
  expect(refused.status).toBe(2)
  expect(refused.stderr).toMatch(/is not written: in this style the label of/)
  expect(runCommand(['proof', bad, '--readers', 'xx-nowhere']).stderr).toContain('--readers')
  expect(runCommand(['proof', at('none.svg')]).stderr).toContain('cannot be read')
})
