// From moving the cut or the beam to labels that are laid out, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, calmOf, measure, measurePainted, SHARE } from '../scripts/lib/moves.mjs'

const ROUNDS = 5

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByText('The labels hide the step').waitFor()
  for (const [name, keys] of [['Cut', ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']], ['Beam', ['ArrowRight', 'ArrowLeft']]]) {
    const before = await page.locator('[data-surface="axis"]').allTextContents()
    const rounds = []
    const painted = []
    for (let round = 0; round < ROUNDS; round++) {
      rounds.push(await measure(page, name, keys))
      painted.push(await measurePainted(page, name, keys))
    }
    const after = await page.locator('[data-surface="axis"]').allTextContents()
    if (before.join() !== after.join()) throw new Error('the moves did not come back to where they began')
    const say = (some) => `median ${at(some, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(some, SHARE).toFixed(1)} ms`
    for (const [what, some] of [['to labels laid out', rounds], ['with painting and all else of the page\'s thread', painted]]) {
      const times = some.flatMap((one) => one.times)
      const calmly = calmOf(some)
      console.log(`${name} ${what}: ${say(times)} (bar: 10 ms); the ${calmly.length} of ${times.length} moves in calm moments: ${say(calmly)}`)
    }
    const constant = [...rounds, ...painted].flatMap((one) => one.constant)
    console.log(`  a constant loop around them: ${say(constant)}, least ${Math.min(...constant).toFixed(1)} ms`)
  }
})
