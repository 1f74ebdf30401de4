// A million labels against the platform: one interleaved run, strings flattened; a ratio is the
// median of the rounds' own ratios, since the machine itself grows faster and slower meanwhile.
// Each region runs in a process of its own, as a page writes for one. The mix: a third log-uniform
// over 1e-3 to 1e13, a third whole numbers, a third money with cents.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from '../scripts/lib/prepare.mjs'
import { median, mixOf } from './lib/mix.mjs'
import { fromSource } from '../scripts/lib/source.mjs'

const COUNT = 1_000_000
const ROUNDS = 11
const { labeller, resolve } = await fromSource(
  "export { labeller } from './core/label/labeller'; export { resolve } from './core/label/resolve'",
)

const mix = mixOf(COUNT)

/** Reads a character of each string, so that joined strings are made flat. */
const timed = (write) => {
  let sum = 0
  const began = performance.now()
  for (const value of mix) {
    const text = write(value)
    sum += text.charCodeAt(text.length - 1)
  }
  return sum > 0 ? performance.now() - began : NaN
}

function measure(locale) {
  const tables = {
    [locale]: JSON.parse(
      readFileSync(join(root, 'core/locale/generated/locales', `${locale}.json`), 'utf8'),
    ),
  }
  const scaled = labeller(resolve({ locale, notation: 'scaled', fraction: [0, 1] }, { tables }))
  const plain = labeller(resolve({ locale, fraction: [0, 3] }, { tables }))
  const compact = new Intl.NumberFormat(locale, { notation: 'compact', maximumFractionDigits: 1 })
  const decimal = new Intl.NumberFormat(locale, { maximumFractionDigits: 3 })
  const runs = {
    scaled: scaled.label,
    plain: plain.label,
    text: String,
    compact: (value) => compact.format(value),
    decimal: (value) => decimal.format(value),
  }
  const times = Object.fromEntries(Object.keys(runs).map((name) => [name, []]))
  for (let round = 0; round < ROUNDS; round++)
    for (const [name, write] of Object.entries(runs)) times[name].push(timed(write))
  const at = Object.fromEntries(Object.entries(times).map(([name, all]) => [name, median(all)]))
  const ratio = (a, b) => median(times[a].map((time, round) => time / times[b][round])).toFixed(2)
  console.log(
    `${locale}: scaled ${at.scaled.toFixed(0)} ms, ${ratio('compact', 'scaled')} times as fast as the platform's compact (bar 10), ${ratio('scaled', 'text')} of the time of String(n) (bar 0.75)`,
  )
  console.log(
    `${locale}: plain ${at.plain.toFixed(0)} ms, ${ratio('decimal', 'plain')} times as fast as the platform's decimal (bar 5)`,
  )
}

const [region] = process.argv.slice(2)
if (region) measure(region)
else {
  for (const locale of ['en', 'de', 'hi'])
    execFileSync(process.execPath, [process.argv[1], locale], { stdio: 'inherit' })
  const making = Array.from({ length: 2000 }, (_, at) => {
    const began = performance.now()
    labeller(resolve({ notation: 'scaled', fraction: [0, at % 7] }))
    return performance.now() - began
  })
  console.log(`a labeller is made in ${median(making.slice(500)).toFixed(3)} ms (bar 0.2 ms)`)
}
