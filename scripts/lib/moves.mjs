// How long moves of the rail's handles take, in Chromium.

const MOVES = 100
export const SHARE = 0.95

/** Milliseconds of a loop that is always the same, which tell how fast the machine is at the moment; run in the page. */
export function constantLoop() {
  const began = performance.now()
  let sum = 0
  for (let i = 0; i < 2e6; i++) sum += Math.sqrt(i)
  return sum > 0 ? performance.now() - began : 0
}
/** A moment is calm when the loops before it and after it take no more than this many of their medians. */
const CALM = 1.25
/**
 * The times of calm moments: a machine that is shared runs at half its speed for some of the time.
 *
 * @param rounds each with a loop more than times, one before the first and one after each
 */
export function calmOf(rounds) {
  const most = CALM * at(rounds.flatMap(({ constant }) => constant), 0.5)
  return rounds.flatMap(({ times, constant }) => times.filter((_, i) => Math.max(constant[i], constant[i + 1]) <= most))
}

/**
 * Milliseconds of work for a move, from the key to its labels being laid out; and of the constant loop,
 * once before the first move and once after each.
 */
export const measure = (page, name, keys) => page.evaluate(async ({ name, keys, moves, loopText }) => {
  const loop = new Function(`return ${loopText}`)()
  const handle = [...document.querySelectorAll('[role=slider]')].find((one) => one.getAttribute('aria-label').startsWith(name))
  const frame = () => new Promise(requestAnimationFrame)
  const times = []
  await frame()
  const constant = [loop()]
  for (let i = 0; i < moves; i++) {
    await frame()
    const began = performance.now()
    handle.dispatchEvent(new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }))
    await Promise.resolve()
    await new Promise((done) => queueMicrotask(done))
    document.body.getBoundingClientRect()
    times.push(performance.now() - began)
    await frame()
    constant.push(loop())
  }
  return { times, constant }
}, { name, keys, moves: MOVES, loopText: String(constantLoop) })

/** Milliseconds of all work of the page's own thread for a move, painting too, on average: what frames with moves take more than frames without. */
export async function measureFrames(page, name, keys) {
  const devtools = await page.context().newCDPSession(page)
  await devtools.send('Performance.enable', { timeDomain: 'timeTicks' })
  const busy = async () => (await devtools.send('Performance.getMetrics')).metrics.find((one) => one.name === 'TaskDuration').value * 1000
  const run = async (isMoving) => {
    const before = await busy()
    await page.evaluate(async ({ name, keys, moves, isMoving }) => {
      const handle = [...document.querySelectorAll('[role=slider]')].find((one) => one.getAttribute('aria-label').startsWith(name))
      for (let i = 0; i < moves; i++) {
        await new Promise(requestAnimationFrame)
        if (isMoving) handle.dispatchEvent(new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }))
        await new Promise(requestAnimationFrame)
      }
    }, { name, keys, moves: MOVES, isMoving })
    return await busy() - before
  }
  const [moving, still] = [await run(true), await run(false)]
  await devtools.detach()
  return (moving - still) / MOVES
}

/** The time that a share of some times stays within. */
export const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]
