// The labels of an exported module against the platform's formatter, in Node and in Chromium: one
// interleaved run, strings flattened; a ratio is the median of the rounds' own ratios. The mix is
// that of labels.mjs. Beside them what modules weigh.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { root } from '../scripts/lib/prepare.mjs'
import { startBrowser } from '../scripts/lib/browser.mjs'
import { median, mixOf } from './lib/mix.mjs'
import { fromSource } from '../scripts/lib/source.mjs'

const COUNT = 300_000
const ROUNDS = 9
const core = await fromSource(
  `export { inherit } from './core/style/inherit'
export { resolve } from './core/label/resolve'
export { regionsBy } from './core/label/needs'
export { spokenPlan, spokenStyle } from './core/text/words'
export { slim } from './shared/exports/code/slim'
export { constantsOf, embedded, functionsOf } from './shared/exports/code/source'
export { runtimeFor } from './shared/exports/runtime'`,
)

const tableOf = (kind, name) =>
  JSON.parse(readFileSync(join(root, 'core/locale/generated', kind, `${name}.json`), 'utf8'))
/** The text of a module that writes by a style. */
function moduleOf(style, given = {}) {
  const context = { ...core.regionsBy(core.spokenStyle(core.inherit(style)), tableOf), ...given }
  const plan = core.resolve(style, context)
  const source = core.slim({
    plan,
    words: core.spokenPlan(plan, style, context),
  })
  const runtime = readFileSync(join(root, 'dist/runtime', core.runtimeFor([source])), 'utf8')
  const { text, nameOf } = core.embedded(runtime)
  return [core.constantsOf(source), text, ...core.functionsOf(source, nameOf)].join('\n')
}

/** Runs in Node as in a page, so that it stands by itself. */
async function measure({ modules, mix, rounds }) {
  const timed = (write) => {
    let sum = 0
    const began = performance.now()
    for (const value of mix) {
      const text = write(value)
      sum += text.charCodeAt(text.length - 1)
    }
    return sum > 0 ? performance.now() - began : NaN
  }
  const load = (text) => import(`data:text/javascript,${encodeURIComponent(text)}`)
  const [scaled, plain] = await Promise.all(modules.map(load))
  const compact = new Intl.NumberFormat('en', { notation: 'compact', maximumFractionDigits: 1 })
  const decimal = new Intl.NumberFormat('en', { maximumFractionDigits: 3 })
  const pairs = {
    scaled: [(value) => scaled.label(value), (value) => compact.format(value)],
    plain: [(value) => plain.label(value), (value) => decimal.format(value)],
  }
  return Object.entries(pairs).map(([name, [own, platform]]) => {
    const ratios = Array.from({ length: rounds }, () => {
      const time = timed(own)
      return timed(platform) / time
    })
    return [name, ratios]
  })
}

const styles = [{ notation: 'scaled', fraction: [0, 1] }, { fraction: [0, 3] }]
const given = { modules: styles.map((style) => moduleOf(style)), mix: mixOf(COUNT), rounds: ROUNDS }
const BARS = { scaled: 8, plain: 4 }
const told = (where, found) => {
  for (const [name, ratios] of found)
    console.log(
      `${where}: a module's ${name} labels ${median(ratios).toFixed(2)} times as fast as the platform's (bar ${BARS[name]})`,
    )
}
told('Node', await measure(given))
const browser = await startBrowser()
try {
  told('Chromium', await (await browser.newPage()).evaluate(measure, given))
} finally {
  await browser.close()
}
const CODES =
  'EUR USD JPY GBP CHF SEK NOK DKK PLN CZK HUF RON BGN TRY INR CNY KRW BRL MXN CAD AUD NZD ZAR ILS AED SAR THB IDR MYR PHP'
const rows = CODES.split(' ').map((money) => ({ money }))
const byColumn = moduleOf(
  { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [0, 2] },
  { rows, values: rows.map((_, at) => at * 1000), hasRowsToCome: true },
)
const [scaledSize, plainSize] = given.modules.map((text) => gzipSync(text, { level: 9 }).length)
console.log(
  `packed: plain ${plainSize} bytes (bar 5000), an axis with every rung ${scaledSize} bytes (bar 6000), 30 currencies by column ${gzipSync(byColumn, { level: 9 }).length} bytes (bar 12000)`,
)
