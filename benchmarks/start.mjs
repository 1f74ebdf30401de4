// From starting the built server to its first answer, beside a Node that has nothing to do.
import { spawnSync } from 'node:child_process'
import { build, install } from '../scripts/lib/prepare.mjs'
import { dataFolder, startServer } from '../scripts/lib/server.mjs'
import { at } from '../scripts/lib/moves.mjs'

const ROUNDS = 7

const timed = async (work) => {
  const began = performance.now()
  const result = await work()
  return { took: performance.now() - began, result }
}
async function start(data) {
  const { took, result } = await timed(() => startServer(data))
  await result.stop()
  return took
}

install()
build()
const data = dataFolder()
const fresh = await start(data)
const [bare, again] = [[], []]
for (let round = 0; round < ROUNDS; round++) {
  bare.push((await timed(() => spawnSync(process.execPath, ['-e', '0']))).took)
  again.push(await start(data))
}
const [one, other] = [at(bare, 0.5), at(again, 0.5)]
console.log(
  `the server answers after ${other.toFixed(0)} ms (${(other / one).toFixed(1)} of a bare Node's ${one.toFixed(0)} ms; bar: 2000 ms); with the demo yet to be loaded after ${fresh.toFixed(0)} ms`,
)
