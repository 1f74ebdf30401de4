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

/**
 * Milliseconds of all work of the page's own thread for a move, painting too: what the frames from one
 * move to the next take more than as many frames without one. With the constant loop, as above.
 */
export async function measurePainted(page, name, keys) {
  const devtools = await page.context().newCDPSession(page)
  const still = await traceMoves(page, devtools, { name, keys, isMoving: false })
  const moving = await traceMoves(page, devtools, { name, keys, isMoving: true })
  await devtools.detach()
  const usual = at(still.times, 0.5)
  return { times: moving.times.map((time) => time - usual), constant: moving.constant }
}

/** What Chromium calls a task of a thread in its traces. */
const TASK = 'ThreadControllerImpl::RunTask'
const MARK = 'move begins'

async function traceMoves(page, devtools, { name, keys, isMoving }) {
  const events = []
  const gather = ({ value }) => events.push(...value)
  devtools.on('Tracing.dataCollected', gather)
  await devtools.send('Tracing.start', { traceConfig: { includedCategories: ['toplevel', 'blink.user_timing'], excludedCategories: ['*'] } })
  const constant = await page.evaluate(async ({ name, keys, moves, isMoving, mark, loopText }) => {
    const loop = new Function(`return ${loopText}`)()
    const handle = [...document.querySelectorAll('[role=slider]')].find((one) => one.getAttribute('aria-label').startsWith(name))
    const frame = () => new Promise(requestAnimationFrame)
    await frame()
    const constant = [loop()]
    for (let i = 0; i < moves; i++) {
      await frame()
      performance.mark(mark)
      if (isMoving) handle.dispatchEvent(new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }))
      await frame()
      constant.push(loop())
    }
    await frame()
    performance.mark(mark)
    return constant
  }, { name, keys, moves: MOVES, isMoving, mark: MARK, loopText: String(constantLoop) })
  const complete = new Promise((done) => devtools.once('Tracing.tracingComplete', done))
  await devtools.send('Tracing.end')
  await complete
  devtools.off('Tracing.dataCollected', gather)
  const marks = events.filter((one) => one.name === MARK).sort((a, b) => a.ts - b.ts)
  const tasks = events.filter((one) => one.ph === 'X' && one.name === TASK && one.pid === marks[0].pid && one.tid === marks[0].tid)
  // The task that holds a mark began before it.
  const starts = marks.map(({ ts }) => Math.max(...tasks.filter((task) => task.ts <= ts).map((task) => task.ts)))
  const workFrom = (from, to) => tasks.reduce((sum, task) => sum + (task.ts >= from && task.ts < to ? task.dur / 1000 : 0), 0)
  return { times: starts.slice(1).map((to, i) => workFrom(starts[i], to) - constant[i + 1]), constant }
}

/** The time that a share of some times stays within. */
export const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]
