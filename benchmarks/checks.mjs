// Suggestions for an axis, and all checks of a column with their fixes.
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from '../scripts/lib/prepare.mjs'

const bundled = await build({
  stdin: {
    contents: "export { suggest } from './core/suggest/suggest'; export { findAll, runChecks } from './core/checks/run'; export { placeTicks } from './core/ticks/place'; export { decimal } from './core/decimal/decimal'",
    resolveDir: join(root), loader: 'ts',
  },
  bundle: true, format: 'esm', write: false, platform: 'node', target: 'node20',
})
const { suggest, findAll, runChecks, placeTicks, decimal } = await import(`data:text/javascript,${encodeURIComponent(bundled.outputFiles[0].text)}`)
const median = (times) => [...times].sort((a, b) => a - b)[times.length >> 1]
function timed(rounds, run) {
  return median(Array.from({ length: rounds }, (_, round) => {
    const began = performance.now()
    run(round)
    return performance.now() - began
  }))
}

const axes = Array.from({ length: 200 }, (_, at) => placeTicks({ domain: [decimal(0), decimal(String(1.7 ** (at % 40)))] }))
const suggesting = timed(200, (round) => {
  const { ticks, step } = axes[round]
  suggest({ surface: 'axis', style: {}, values: ticks.map(({ value }) => value), step: decimal(step) })
})
console.log(`suggestions for an axis: ${suggesting.toFixed(1)} ms (bar 10 ms)`)

const ROWS = 100_000
let state = 7
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
const numbers = Array.from({ length: ROWS }, () => Math.round(10 ** (random() * 7) * 100) / 100)
const subject = { surface: 'table', style: { notation: 'scaled', rung: 'shared', fraction: [1, 1] }, values: numbers.map((number) => decimal(number)) }
const texts = timed(5, () => numbers.map(String))
const finding = timed(3, () => findAll(subject))
const fixing = timed(1, () => runChecks({ ...subject, values: subject.values.slice(0, 1000) }))
console.log(`all checks of ${ROWS} values: ${finding.toFixed(0)} ms, ${(finding / texts).toFixed(0)} times String(n) (bar 3 times); with fixes, of 1,000 values: ${fixing.toFixed(0)} ms`)
