// From moving the cut or the beam to painted labels, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, measure, SHARE } from '../scripts/lib/moves.mjs'

const ROUNDS = 5

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByText('The labels hide the step').waitFor()
  for (const [name, keys] of [['Cut', ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']], ['Beam', ['ArrowRight', 'ArrowLeft']]]) {
    const before = await page.locator('[data-surface="axis"]').allTextContents()
    const rounds = []
    for (let round = 0; round < ROUNDS; round++) rounds.push(await measure(page, name, keys))
    const [times, constant] = ['times', 'constant'].map((kind) => rounds.flatMap((one) => one[kind]))
    // Other work on the machine only ever adds: the calmest round is nearest to the program's own.
    const calmest = Math.min(...rounds.map((one) => at(one.times, SHARE)))
    const after = await page.locator('[data-surface="axis"]').allTextContents()
    if (before.join() !== after.join()) throw new Error('the moves did not come back to where they began')
    console.log(`${name} to painted labels: median ${at(times, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(times, SHARE).toFixed(1)} ms (calmest of ${ROUNDS} rounds ${calmest.toFixed(1)} ms; bar: 10 ms), largest ${Math.max(...times).toFixed(1)} ms`)
    console.log(`  a constant loop beside it: median ${at(constant, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(constant, SHARE).toFixed(1)} ms (${(at(constant, SHARE) / at(constant, 0.5)).toFixed(2)} of the median)`)
  }
})
