// A million rows on the desk: from moving the cut to painted labels, and the longest frame while
// they are checked.
import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { withProgram } from '../scripts/lib/browser.mjs'
import { at, handleOf, measure, SHARE } from '../scripts/lib/moves.mjs'
import { root } from '../scripts/lib/prepare.mjs'

const WATCHED = 8000
const table = join(root, 'demo/large/harvest.csv')
if (!existsSync(table)) execFileSync(process.execPath, [join(root, 'demo/make.mjs'), '--large'])

/** The longest time between two frames. */
const longestFrame = (page, watched) =>
  page.evaluate(async (watched) => {
    let last = performance.now()
    const end = last + watched
    let longest = 0
    while (last < end) {
      await new Promise(requestAnimationFrame)
      const now = performance.now()
      longest = Math.max(longest, now - last)
      last = now
    }
    return longest
  }, watched)

await withProgram(async ({ browser, url }) => {
  const send = async (path, body, method = 'POST') => {
    const answer = await fetch(url + path, {
      method,
      headers: { 'content-type': 'application/json', origin: url },
      body: JSON.stringify(body),
    })
    if (!answer.ok) throw new Error(await answer.text())
    return answer.json()
  }
  const { id } = await send('/api/studies', { name: 'Large' })
  const { document, revision } = await send(`/api/studies/${id}/datasets`, {
    name: 'harvest',
    text: readFileSync(table, 'utf8'),
  })
  const shown = document.quantities.find(({ column }) => column === 'revenue eur').id
  const style = { notation: 'scaled', rung: 3, fraction: [1, 1] }
  const quantities = document.quantities.map((one) => (one.id === shown ? { ...one, style } : one))
  await send(
    `/api/studies/${id}`,
    { base: revision, document: { ...document, shown, quantities }, what: 'Show revenue' },
    'PUT',
  )
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const began = performance.now()
  await page.goto(`${url}/study/${id}`)
  await page.getByRole('img', { name: /^Columns of/ }).waitFor({ timeout: 60_000 })
  console.log(
    `a million rows are drawn ${((performance.now() - began) / 1000).toFixed(1)} s after opening`,
  )
  const { times } = await measure(page, await handleOf(page, 'Cut'), [
    'ArrowRight',
    'ArrowRight',
    'ArrowLeft',
    'ArrowLeft',
  ])
  console.log(
    `cut to painted labels: median ${at(times, 0.5).toFixed(1)} ms, ${SHARE * 100} % within ${at(times, SHARE).toFixed(1)} ms (bar: 25 ms), largest ${Math.max(...times).toFixed(1)} ms`,
  )
  const checked = await longestFrame(page, WATCHED)
  await page.getByText('Checking').waitFor({ state: 'hidden', timeout: 120_000 })
  console.log(
    `longest frame while they are checked: ${checked.toFixed(0)} ms; with nothing to do: ${(await longestFrame(page, WATCHED)).toFixed(0)} ms`,
  )
})
