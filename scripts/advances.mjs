// Remakes core/text/advances.json: how far each character of the shipped typeface moves the pen, in
// thousandths of the font size, with tabular figures, as Chromium lays it out. Run it when the
// typeface changes.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { withProgram } from './lib/browser.mjs'
import { root } from './lib/prepare.mjs'

const range = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, at) => String.fromCodePoint(from + at))
const CHARACTERS = [
  ...range(0x20, 0x7e),
  ...range(0xa0, 0x17f),
  ...range(0x370, 0x3ff),
  ...range(0x400, 0x45f),
  ...range(0x2009, 0x200a),
  ...range(0x2010, 0x2033),
  ...range(0x2070, 0x208e),
  ...range(0x20a0, 0x20bf),
  ...range(0x2150, 0x215e),
  '\u2116',
  '\u2126',
  '\u212b',
  '\u2212',
  '\u221e',
  '\u2248',
  '\u2260',
  '\u2264',
  '\u2265',
].filter((character) => !/\p{C}|\p{Zl}|\p{Zp}/u.test(character))

/** Widths of characters that the typeface has: those that no fallback changes. */
const measure = (page, weight) =>
  page.evaluate(
    async ({ characters, weight }) => {
      const span = document.body.appendChild(document.createElement('span'))
      span.style.cssText = `position: absolute; white-space: pre; font-size: 1000px; font-weight: ${weight}; font-kerning: none`
      const family = getComputedStyle(document.body).fontFamily.split(',')[0]
      await document.fonts.load(`${weight} 20px ${family}`, characters.join(''))
      const widths = (fallback) => {
        span.style.fontFamily = `${family}, ${fallback}`
        return characters.map((character) => {
          span.textContent = character
          return Math.round(span.getBoundingClientRect().width)
        })
      }
      const [one, other] = [widths('monospace'), widths('serif')]
      return characters.flatMap((character, at) =>
        one[at] === other[at] ? [[character, one[at]]] : [],
      )
    },
    { characters: CHARACTERS, weight },
  )

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage()
  await page.goto(`${url}/studies`)
  await page.getByText('Name of a new study').waitFor()
  const table = {}
  for (const weight of [400, 600]) {
    const byWidth = {}
    for (const [character, width] of await measure(page, weight))
      byWidth[width] = (byWidth[width] ?? '') + character
    table[weight] = byWidth
  }
  writeFileSync(join(root, 'core/text/advances.json'), `${JSON.stringify(table, null, 1)}\n`)
})
