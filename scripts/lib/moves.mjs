// How long moves of the rail's handles take, in Chromium.

const MOVES = 100
export const SHARE = 0.95

/**
 * Milliseconds of some work that is always the same, which tell how fast the machine is at the
 * moment; run in the page. It goes through memory as a move does: arithmetic alone does not feel a
 * neighbour on the same core.
 */
export function constantWork() {
  const rows = Array.from({ length: 1500 }, (_, at) => ({
    at,
    name: `row ${at}`,
    values: [at / 7, at / 3],
  }))
  const began = performance.now()
  const { length } = JSON.stringify(JSON.parse(JSON.stringify(rows)))
  return length > 0 ? performance.now() - began : 0
}
/**
 * A moment is calm when the work before it and after it takes no more than this many of what it
 * takes at its best.
 */
const CALM = 1.25
const BEST = 0.02
/**
 * The times of calm moments: a machine that is shared runs at half its speed for some of the time.
 *
 * @param rounds each with constant work once more than times, before the first and after each
 * @param all the constant work of a whole benchmark, which tells the best
 */
export function calmOf(rounds, all = rounds.flatMap(({ constant }) => constant)) {
  const most = CALM * at(all, BEST)
  return rounds.flatMap(({ times, constant }) =>
    times.filter((_, i) => Math.max(constant[i], constant[i + 1]) <= most),
  )
}

/** A handle of the rail, by how its name begins. */
export const handleOf = (page, name) =>
  page.getByRole('slider', { name: new RegExp(`^${name}`) }).elementHandle()

/**
 * Milliseconds of work for a move, from the key to its labels being laid out; and of the constant
 * work, once before the first move and once after each.
 */
export const measure = (page, handle, keys) =>
  page.evaluate(
    async ({ handle, keys, moves, constantText }) => {
      const constantWork = new Function(`return ${constantText}`)()
      const frame = () => new Promise(requestAnimationFrame)
      const times = []
      await frame()
      const constant = [constantWork()]
      for (let i = 0; i < moves; i++) {
        await frame()
        const began = performance.now()
        handle.dispatchEvent(
          new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }),
        )
        await Promise.resolve()
        await new Promise((done) => queueMicrotask(done))
        document.body.getBoundingClientRect()
        times.push(performance.now() - began)
        await frame()
        constant.push(constantWork())
      }
      return { times, constant }
    },
    { handle, keys, moves: MOVES, constantText: String(constantWork) },
  )

/**
 * Milliseconds that the page's own thread works for a move, painting too: what it takes of the
 * processor from one move to the next, more than it takes for as many frames without one. While the
 * thread waits, since something else has the processor, it does not work. With the constant work,
 * as above.
 */
export async function measurePainted(page, handle, keys) {
  const devtools = await page.context().newCDPSession(page)
  const still = await traceMoves(page, devtools, { handle, keys, isMoving: false })
  const moving = await traceMoves(page, devtools, { handle, keys, isMoving: true })
  await devtools.detach()
  const usual = at(still.times, 0.5)
  return { times: moving.times.map((time) => time - usual), constant: moving.constant }
}

/**
 * What Chromium calls a task of a thread in its traces, whose `tdur` is the thread's own time in
 * microseconds.
 */
const TASK = 'ThreadControllerImpl::RunTask'
const MARK = 'move begins'
const CONSTANT_MARK = 'constant work'

async function traceMoves(page, devtools, { handle, keys, isMoving }) {
  const events = []
  const gather = ({ value }) => events.push(...value)
  devtools.on('Tracing.dataCollected', gather)
  await devtools.send('Tracing.start', {
    traceConfig: {
      includedCategories: ['toplevel', 'blink.user_timing'],
      excludedCategories: ['*'],
    },
  })
  const constant = await page.evaluate(
    async ({ handle, keys, moves, isMoving, mark, constantMark, constantText }) => {
      const constantWork = new Function(`return ${constantText}`)()
      const frame = () => new Promise(requestAnimationFrame)
      // A task of its own, so that it can be told from the move's.
      const timed = () =>
        new Promise((done) =>
          setTimeout(() => {
            performance.mark(constantMark)
            done(constantWork())
          }),
        )
      const constant = [await timed()]
      for (let i = 0; i < moves; i++) {
        await frame()
        performance.mark(mark)
        if (isMoving)
          handle.dispatchEvent(
            new KeyboardEvent('keydown', { key: keys[i % keys.length], bubbles: true }),
          )
        await frame()
        constant.push(await timed())
      }
      await frame()
      performance.mark(mark)
      return constant
    },
    {
      handle,
      keys,
      moves: MOVES,
      isMoving,
      mark: MARK,
      constantMark: CONSTANT_MARK,
      constantText: String(constantWork),
    },
  )
  const complete = new Promise((done) => devtools.once('Tracing.tracingComplete', done))
  await devtools.send('Tracing.end')
  await complete
  devtools.off('Tracing.dataCollected', gather)
  const marksOf = (mark) => events.filter((one) => one.name === mark).sort((a, b) => a.ts - b.ts)
  const marks = marksOf(MARK)
  const constants = marksOf(CONSTANT_MARK)
  const tasks = events.filter(
    (one) =>
      one.ph === 'X' && one.name === TASK && one.pid === marks[0].pid && one.tid === marks[0].tid,
  )
  const holds = (task, { ts }) => task.ts <= ts && ts < task.ts + task.dur
  const work = tasks.filter((task) => !constants.some((mark) => holds(task, mark)))
  // The task that holds a mark began before it; one that began before the trace is not in it.
  const starts = marks.map((mark) => work.find((task) => holds(task, mark))?.ts ?? mark.ts)
  const workFrom = (from, to) =>
    work.reduce((sum, task) => sum + (task.ts >= from && task.ts < to ? task.tdur / 1000 : 0), 0)
  return { times: starts.slice(1).map((to, i) => workFrom(starts[i], to)), constant }
}

/** The time that a share of some times stays within. */
export const at = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]
