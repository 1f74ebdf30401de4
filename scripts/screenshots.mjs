// Remakes docs/screenshots/ from the demo.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './lib/prepare.mjs'
import { withProgram } from './lib/browser.mjs'

const folder = join(root, 'docs', 'screenshots')
mkdirSync(folder, { recursive: true })

/** Shows another quantity of the demo. */
async function show(page, title) {
  await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await page
    .getByRole('option', { name: title, exact: true })
    .and(page.locator('.p-select-option'))
    .click()
}
/** What the pictures after a view need it to take back. */
const shownAgain = ['line', 'sentence', 'regions']

/** Each main view: its file, and how to get there from the desk of the demo. */
const views = {
  desk: async () => {},
  'desk-mended': async (page) => {
    await page.getByRole('button', { name: 'Write 2 decimals' }).first().click()
    await page.getByText('Compare with raw numbers').click()
  },
  choices: (page) => page.getByRole('button', { name: /^rung:/ }).click(),
  ticks: async (page) => {
    await page.getByRole('link', { name: 'Ticks' }).click()
    await page.getByRole('button', { name: /^Use candidate 1/ }).waitFor()
  },
  compare: async (page) => {
    await page.getByRole('link', { name: 'Compare', exact: true }).click()
    await page.locator('tbody td').first().waitFor()
  },
  sweep: async (page) => {
    await page.getByRole('link', { name: 'Sweep', exact: true }).click()
    await page.locator('[data-order]').first().waitFor()
  },
  ladders: async (page) => {
    await page.getByRole('link', { name: 'Ladders', exact: true }).click()
    await page.locator('[data-ladder="short"]').waitFor()
  },
  regions: async (page) => {
    await show(page, 'Depth')
    await page.getByRole('link', { name: 'Regions', exact: true }).click()
    await page.locator('[data-region="ja"]').waitFor()
  },
  line: (page) => show(page, 'Tide phase'),
  sentence: async (page) => {
    await show(page, 'Depth')
    await page.getByRole('button', { name: 'Edit the sentence' }).click()
  },
  import: async (page) => {
    await page.getByRole('button', { name: 'Import' }).click()
    await page
      .getByLabel('Paste a table')
      .fill(
        'mooring;depth;keeper\nFarrow Ledge;4,125;Una\nHolm Skerry;11,75;Tove\nTarn Bight;x7;Una\nGull Stack;23,5;Ask\nNorthmost;38;Tove\nHythe Sands;2,875;Ask',
      )
  },
  export: async (page) => {
    await page.getByRole('button', { name: 'Export', exact: true }).click()
    await page.getByText('The package was run').waitFor()
  },
  studies: (page, url) => page.goto(`${url}/studies`),
  proof: async (page, url) => {
    await page.goto(`${url}/proof`)
    await page.getByRole('button', { name: /^Try it/ }).click()
    await page.locator('.finding').first().waitFor()
  },
  // Last, since these change the demo.
  colours: async (page) => {
    await page.getByRole('region', { name: 'Page' }).getByRole('button', { name: 'more …' }).click()
    await page.getByRole('combobox', { name: 'Colours' }).click()
    await page.getByRole('option', { name: 'one colour for each species' }).click()
    await page.locator('[data-mark="1"]').hover()
  },
  surfaces: async (page) => {
    await page.locator('[data-surface="table"]').first().click()
    await page.getByRole('button', { name: /^rung:/ }).click()
    await page.getByRole('option', { name: /in thousands/ }).click()
  },
  totals: async (page) => {
    await page.getByRole('button', { name: /^rung:/ }).click()
    await page.getByRole('option', { name: /in thousands/ }).click()
    for (const row of [1, 2])
      await page.getByRole('checkbox', { name: `Row ${row} in the total` }).check()
    await page.getByRole('button', { name: 'Options …' }).click()
  },
}

await withProgram(async ({ browser, url }) => {
  for (const [name, reach] of Object.entries(views)) {
    const page = await browser.newPage({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
    })
    await page.goto(url)
    await page
      .getByText('The labels hide the step')
      .or(page.getByText('Every label reads back'))
      .or(page.getByText('Different numbers'))
      .first()
      .waitFor()
    await reach(page, url)
    await page.waitForTimeout(700)
    await page.screenshot({ path: join(folder, `${name}.png`) })
    if (shownAgain.includes(name)) {
      await show(page, 'Revenue')
      await page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
    }
    if (name === 'desk-mended') {
      // The views after it are of the demo as it comes.
      await page.getByRole('button', { name: 'Undo' }).click()
      await page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
      await page.waitForTimeout(700)
    }
    await page.close()
  }
})
console.log(`${Object.keys(views).length} pictures in docs/screenshots`)
