// From moving the cut or the beam to labels that are laid out, on the demo, in Chromium.
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, calmOf, handleOf, measure, measurePainted, SHARE } from '../scripts/lib/moves.mjs'

const ROUNDS = 5

const handles = [
  ['Cut', ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']],
  ['Beam', ['ArrowRight', 'ArrowLeft']],
]
const ways = [
  ['to labels laid out', measure],
  ["with painting and all else of the page's thread", measurePainted],
]

await withProgram(async ({ browser, url }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByText('The labels hide the step').waitFor()
  const labels = () => page.locator('[data-surface="axis"]').allTextContents()
  const before = await labels()
  const measured = handles.flatMap(([name, keys]) =>
    ways.map(([what, way]) => ({ name, keys, what, way, rounds: [] })),
  )
  for (let round = 0; round < ROUNDS; round++)
    for (const { name, keys, way, rounds } of measured)
      rounds.push(await way(page, await handleOf(page, name), keys))
  if (before.join() !== (await labels()).join())
    throw new Error('the moves did not come back to where they began')
  const say = (some) =>
    `median ${at(some, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(some, SHARE).toFixed(1)} ms`
  const constant = measured.flatMap(({ rounds }) => rounds.flatMap((one) => one.constant))
  for (const { name, what, rounds } of measured) {
    const times = rounds.flatMap((one) => one.times)
    const calmly = calmOf(rounds, constant)
    console.log(
      `${name} ${what}: ${say(times)} (bar: 10 ms); the ${calmly.length} of ${times.length} moves in calm moments: ${calmly.length > 0 ? say(calmly) : '–'}`,
    )
  }
  console.log(
    `constant work around them: ${say(constant)}, least ${Math.min(...constant).toFixed(1)} ms`,
  )
})
