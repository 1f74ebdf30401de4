// From moving the cut or the beam to labels that are laid out, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, calmOf, measure, measureFrames, SHARE } from '../scripts/lib/moves.mjs'

const ROUNDS = 5

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByText('The labels hide the step').waitFor()
  for (const [name, keys] of [['Cut', ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']], ['Beam', ['ArrowRight', 'ArrowLeft']]]) {
    const before = await page.locator('[data-surface="axis"]').allTextContents()
    const rounds = []
    const frames = []
    for (let round = 0; round < ROUNDS; round++) {
      rounds.push(await measure(page, name, keys))
      frames.push(await measureFrames(page, name, keys))
    }
    const times = rounds.flatMap((one) => one.times)
    const constant = rounds.flatMap((one) => one.constant)
    const calmly = calmOf(rounds)
    const after = await page.locator('[data-surface="axis"]').allTextContents()
    if (before.join() !== after.join()) throw new Error('the moves did not come back to where they began')
    const say = (some) => `median ${at(some, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(some, SHARE).toFixed(1)} ms`
    console.log(`${name} to labels laid out: ${say(times)} (bar: 10 ms), largest ${Math.max(...times).toFixed(1)} ms`)
    console.log(`  the ${calmly.length} of ${times.length} moves in calm moments: ${say(calmly)}`)
    console.log(`  with painting and all else of the page's thread: ${at(frames, 0.5).toFixed(1)} ms a move on average (the median of ${ROUNDS} rounds; calmest ${Math.min(...frames).toFixed(1)} ms)`)
    console.log(`  a constant loop around them: ${say(constant)} (${(at(constant, SHARE) / at(constant, 0.5)).toFixed(2)} of the median)`)
  }
})
