// From moving the cut or the beam to painted labels, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'

const MOVES = 100
const ROUNDS = 5
const SHARE = 0.95

/**
 * Milliseconds of work for a move: from the key to the frame that shows its labels being ready;
 * and, between the moves, of a loop that is always the same, which tells how far the machine's own
 * speed swings.
 */
const measure = (page, name, keys) => page.evaluate(async ({ name, keys, moves }) => {
  const handle = [...document.querySelectorAll('[role=slider]')].find((one) => one.getAttribute('aria-label').startsWith(name))
  const frame = () => new Promise(requestAnimationFrame)
  const times = []
  const constant = []
  const loop = () => {
    let sum = 0
    for (let i = 0; i < 2e6; i++) sum += Math.sqrt(i)
    return sum
  }
  for (let i = 0; i < moves; i++) {
    await frame()
    const began = performance.now()
    handle.dispatchEvent(new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }))
    await Promise.resolve()
    await new Promise((done) => queueMicrotask(done))
    document.body.getBoundingClientRect()
    times.push(performance.now() - began)
    await frame()
    const start = performance.now()
    loop()
    constant.push(performance.now() - start)
  }
  return { times, constant }
}, { name, keys, moves: MOVES })

const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]

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
