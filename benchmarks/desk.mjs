// From moving the cut or the beam to painted labels, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'

const MOVES = 200
const SHARE = 0.95

/** Milliseconds of work for a move: from the key to the frame that shows its labels being ready. */
const measure = (page, name, keys) => page.evaluate(async ({ name, keys, moves }) => {
  const handle = [...document.querySelectorAll('[role=slider]')].find((one) => one.getAttribute('aria-label').startsWith(name))
  const frame = () => new Promise(requestAnimationFrame)
  const times = []
  for (let i = 0; i < moves; i++) {
    await frame()
    const began = performance.now()
    handle.dispatchEvent(new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }))
    await Promise.resolve()
    await new Promise((done) => queueMicrotask(done))
    document.body.getBoundingClientRect()
    times.push(performance.now() - began)
  }
  return times
}, { name, keys, moves: MOVES })

const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByText('The labels hide the step').waitFor()
  for (const [name, keys] of [['Cut', ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']], ['Beam', ['ArrowRight', 'ArrowLeft']]]) {
    const before = await page.locator('[data-surface="axis"]').allTextContents()
    const times = await measure(page, name, keys)
    const after = await page.locator('[data-surface="axis"]').allTextContents()
    if (before.join() !== after.join()) throw new Error('the moves did not come back to where they began')
    console.log(`${name} to painted labels: median ${at(times, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(times, SHARE).toFixed(1)} ms (bar: 10 ms), largest ${Math.max(...times).toFixed(1)} ms`)
  }
})
