// Suggestions for an axis, ticks and styles sought together, and all checks of a column with their
// fixes.
import { median } from './lib/mix.mjs'
import { fromSource } from '../scripts/lib/source.mjs'

const { suggest, suggestAxis, findAll, runChecks, placeTicks, decimal } = await fromSource(
  "export { suggest } from './core/suggest/suggest'; export { suggestAxis } from './core/suggest/axis'; export { findAll, runChecks } from './core/checks/run'; export { placeTicks } from './core/ticks/place'; export { decimal } from './core/decimal/decimal'",
)
function timed(rounds, run) {
  return median(
    Array.from({ length: rounds }, (_, round) => {
      const began = performance.now()
      run(round)
      return performance.now() - began
    }),
  )
}

const axes = Array.from({ length: 200 }, (_, at) =>
  placeTicks({ domain: [decimal(0), decimal(String(1.7 ** (at % 40)))] }),
)
const suggesting = timed(200, (round) => {
  const { ticks, step } = axes[round]
  suggest({
    surface: 'axis',
    style: {},
    values: ticks.map(({ value }) => value),
    step: decimal(step),
  })
})
console.log(`suggestions for an axis: ${suggesting.toFixed(1)} ms (bar 10 ms)`)

const searching = timed(200, (round) =>
  suggestAxis({
    domain: [decimal(0), decimal(String(1.7 ** (round % 40)))],
    style: {},
    width: 300 + round,
  }),
)
console.log(`ticks and style of an axis together: ${searching.toFixed(1)} ms (bar 10 ms)`)

const ROWS = 1_000_000
let state = 7
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
const numbers = Array.from({ length: ROWS }, () => Math.round(10 ** (random() * 7) * 100) / 100)
const subject = {
  surface: 'table',
  style: { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
  values: Float64Array.from(numbers),
}
const texts = timed(5, () => numbers.map(String))
const finding = timed(3, () => findAll(subject))
const fixing = timed(1, () => runChecks(subject))
console.log(
  `all checks of ${ROWS} values: ${finding.toFixed(0)} ms, ${(finding / texts).toFixed(1)} times String(n) (bar 3 times); with proved fixes ${fixing.toFixed(0)} ms`,
)
