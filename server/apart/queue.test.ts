import { queueOf } from './queue'

const never = new AbortController().signal
/** Asks for a turn, and notes whether it began and how many it heard to wait before it. */
function ask(queue: ReturnType<typeof queueOf>, ended = never) {
  const asked = { before: [] as number[], leave: null as (() => void) | null, failed: false }
  queue
    .turn((before) => asked.before.push(before), ended)
    .then(
      (leave) => (asked.leave = leave),
      () => (asked.failed = true),
    )
  return asked
}
const settled = () => new Promise((next) => setImmediate(next))

test('two run at once, the others in their order, and each hears how many wait before it', async () => {
  const queue = queueOf(2)
  const [first, second, third, fourth] = [ask(queue), ask(queue), ask(queue), ask(queue)]
  await settled()
  expect([first, second, third, fourth].map(({ leave }) => leave !== null)).toEqual([
    true,
    true,
    false,
    false,
  ])
  expect([third.before.at(-1), fourth.before.at(-1)]).toEqual([0, 1])
  first.leave!()
  // A turn is given back once, whoever says so again.
  first.leave!()
  await settled()
  expect([third.leave !== null, fourth.leave !== null, fourth.before.at(-1)]).toEqual([
    true,
    false,
    0,
  ])
  second.leave!()
  third.leave!()
  await settled()
  expect(fourth.leave).not.toBeNull()
})

test('what is given up while it waits leaves the queue', async () => {
  const queue = queueOf(1)
  const running = ask(queue)
  const ended = new AbortController()
  const [left, next] = [ask(queue, ended.signal), ask(queue)]
  await settled()
  ended.abort(new Error('given up'))
  await settled()
  expect([left.failed, next.before.at(-1)]).toEqual([true, 0])
  running.leave!()
  await settled()
  expect([left.leave, next.leave !== null]).toEqual([null, true])
})
