// How long moves of the rail's handles take, in Chromium.

const MOVES = 100
export const SHARE = 0.95

/**
 * Milliseconds of work for a move: from the key to the frame that shows its labels being ready;
 * and, between the moves, of a loop that is always the same, which tells how far the machine's own
 * speed swings.
 */
export const measure = (page, name, keys) => page.evaluate(async ({ name, keys, moves }) => {
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

/** The time that a share of some times stays within. */
export const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)]
