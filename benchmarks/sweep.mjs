// The sweep of every order of magnitude by six styles: how soon it appears, and its frames while it
// is scrolled, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, calmOf, constantWork } from '../scripts/lib/moves.mjs'

const STYLES = 6
const ROUNDS = 15
/** A fast hand; and faster than any. */
const PIXELS_A_FRAME = [120, 500]
const FRAMES = 75

/** From the click to the frame in which the first labels are painted, in milliseconds. */
const appear = (page) =>
  page.evaluate(async () => {
    const frame = () => new Promise(requestAnimationFrame)
    const link = [...document.querySelectorAll('a')].find((one) => one.textContent === 'Sweep')
    // Told as soon as they are in the document, so that the frame waited for is the one that paints
    // them.
    const there = new Promise((found) =>
      new MutationObserver((_, observer) => {
        if (!document.querySelector('[data-order] .labels')) return
        observer.disconnect()
        found()
      }).observe(document, { subtree: true, childList: true }),
    )
    await frame()
    const began = performance.now()
    link.click()
    await there
    await frame()
    // Layout and style of that frame are part of it; a message comes after both.
    await new Promise((next) => {
      const { port1, port2 } = new MessageChannel()
      port1.onmessage = next
      port2.postMessage(0)
    })
    return performance.now() - began
  })

/** Milliseconds from frame to frame while it is scrolled by some pixels in each. */
const frames = (page, pixels) =>
  page.evaluate(
    async ({ pixels, count }) => {
      const rows = document.querySelector('.sweep .rows')
      rows.scrollTop = 0
      const frame = () => new Promise(requestAnimationFrame)
      await frame()
      await frame()
      const gaps = []
      let last = await frame()
      for (let i = 0; i < count; i++) {
        rows.scrollTop += pixels
        const now = await frame()
        gaps.push(now - last)
        last = now
      }
      return gaps
    },
    { pixels, count: FRAMES },
  )

const say = (times) =>
  `median ${at(times, 0.5).toFixed(1)} ms, 95 % within ${at(times, 0.95).toFixed(1)} ms, longest ${Math.max(...times).toFixed(1)} ms`

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByRole('link', { name: 'Compare', exact: true }).click()
  await page.locator('tbody tr').first().waitFor()
  while ((await page.locator('thead th').count()) < STYLES + 1)
    await page.getByRole('button', { name: 'copy' }).last().click()
  // Copies are made to differ at the cut.
  for (let style = 4; style <= STYLES; style++) {
    await page.getByRole('button', { name: new RegExp(`^Style ${style}:`) }).click()
    for (let place = 3; place < style; place++)
      await page.getByRole('slider', { name: 'Cut' }).press('ArrowRight')
  }
  const times = []
  const constant = [await page.evaluate(constantWork)]
  for (let round = 0; round < ROUNDS; round++) {
    await page.getByRole('link', { name: 'Compare', exact: true }).click()
    await page.locator('tbody tr').first().waitFor()
    await page.waitForTimeout(500)
    times.push(await appear(page))
    constant.push(await page.evaluate(constantWork))
    await page.waitForTimeout(300)
  }
  const said = (some) => some.map((time) => time.toFixed(0)).join(', ')
  console.log(
    `${STYLES} styles appear, the first time and ${ROUNDS - 1} times again: ${said(times)} ms (bar: 100)`,
  )
  console.log(
    `  those in calm moments: ${said(calmOf([{ times, constant }]))} ms; constant work around them: ${say(constant)}`,
  )
  for (const pixels of [...PIXELS_A_FRAME, 0]) {
    const gaps = []
    for (let round = 0; round < ROUNDS; round++) gaps.push(...(await frames(page, pixels)))
    console.log(`frames, scrolled by ${pixels} px in each: ${say(gaps)}`)
  }
})
