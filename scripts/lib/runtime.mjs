// Bundles the runtime of exported modules, in one variant for each set of parts that a Plan may
// need.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { minify } from '@swc/core'
import { build } from 'esbuild'

/**
 * Parts of the runtime that few Plans use: their files, what stands in for them where they are left
 * out, and what the fields that lead to them are then, so that nothing of the way there is left.
 */
const RARE = {
  exponent: {
    file: /core\/(label\/exponents|text\/powerWords)\.ts$/,
    standIn:
      'export const exponentFor = () => null, beyondLadder = () => null, nextExponent = null, exponentBelow = null, emitExponent = null, emitPowerAlone = null, powerWords = null',
    absent: { 'rule.exponent': 'null', 'written.exponent': 'null', 'level.exponent': 'null' },
  },
  factor: { absent: { 'rule.factor': "'1'", 'precision.strip': 'false' } },
  increment: {
    file: /core\/(label\/increments|decimal\/binary)\.ts$/,
    standIn:
      'export const onIncrement = null, isTooCoarse = () => false, scaleByTwos = null, reachesTwos = null',
    absent: { 'precision.increment': 'null' },
  },
  multiple: {
    file: /core\/(label\/constant|text\/constantWords)\.ts$/,
    standIn:
      'export const constantWords = null, denominatorWords = null, decideConstant = null, emitConstant = null, readConstant = null, timesConstant = null',
    absent: { 'rule.multiple': 'null' },
  },
  ticks: {
    file: /core\/module\/ticks\.ts$/,
    standIn: 'export const ticksBy = null',
  },
  clock: {
    file: /core\/label\/clock\.ts$/,
    standIn: 'export const emitClock = null, readClock = null',
    absent: { 'rule.clock': 'undefined' },
  },
  convert: {
    file: /core\/label\/conversion\.ts$/,
    standIn: 'export const intoMeasure = null, outOfMeasure = null',
    absent: { 'rule.convert': 'undefined' },
  },
  uncertainty: {
    file: /core\/label\/uncertainty\.ts$/,
    standIn:
      'export const decideUncertain = null, emitUncertain = null, readUncertain = null, reachOf = null, sayError = null, signsWithin = () => false',
    absent: { 'rule.uncertainty': 'undefined', 'written.error': 'undefined' },
  },
  bounds: {
    file: /core\/label\/bounds\.ts$/,
    standIn:
      'export const isTurned = () => false, boundOf = () => null, digitsIn = null, exactly = null',
    absent: { 'written.bound': "''" },
  },
  leveled: {
    file: /core\/label\/leveled\.ts$/,
    standIn: 'export const precisionAt = (precision) => precision',
  },
  cases: {
    file: /core\/label\/conditions\.ts$/,
    standIn:
      'export const ruleFor = () => 0, inOwnCase = (_plan, _value, _row, decided) => decided, unitNamer = () => (_value, _row, text) => text',
  },
  plurals: {
    file: /core\/(locale\/plurals|label\/names)\.ts$/,
    standIn: "export const pluralOf = () => 'other', nameFor = null",
    absent: { 'rule.names': 'null', 'rule.plurals': 'null' },
  },
}
const names = Object.keys(RARE).sort()
/** What axes alone have, beside any of the others. */
const TICKS = 'ticks'
const others = names.filter((name) => name !== TICKS)
/**
 * Every set of so few parts, none first, with and without ticks, and all of them: more than three
 * seldom meet, and what has four has all.
 */
const MOST = 3
const setsFrom = (from, room) => [
  [],
  ...(room > 0
    ? others
        .slice(from)
        .flatMap((name, at) => setsFrom(from + at + 1, room - 1).map((rest) => [name, ...rest]))
    : []),
]
const sets = [...setsFrom(0, MOST).flatMap((set) => [set, [...set, TICKS].sort()]), names]

/** The code of the core, where fields that lead to parts that are left out are as they then are. */
function slimmed(path, left) {
  let code = readFileSync(path, 'utf8')
  for (const { absent = {} } of left)
    for (const [field, value] of Object.entries(absent))
      code = code.replace(new RegExp(`(?<![\\w.])${field.replace('.', '\\.')}\\b`, 'g'), value)
  return code
}
const without = (kept) => ({
  name: 'without-rare-parts',
  setup(bundle) {
    const left = names.filter((name) => !kept.includes(name)).map((name) => RARE[name])
    bundle.onLoad({ filter: /core\/.*\.ts$/ }, ({ path }) => {
      const part = left.find(({ file }) => file?.test(path))
      return part
        ? { contents: part.standIn, loader: 'js' }
        : { contents: slimmed(path, left), loader: 'ts' }
    })
  },
})

/** What the bundler leaves: a twentieth of the size. */
const SMALL = {
  module: true,
  ecma: 2022,
  compress: { passes: 3, pure_getters: true, keep_fargs: false },
  mangle: true,
}

/**
 * The variants by file name: label.mjs, label-multiple.mjs, …; shared/exports/runtime.ts chooses
 * among them.
 */
export async function runtimeVariants(root) {
  const made = await Promise.all(
    sets.map(async (kept) => {
      const { outputFiles } = await build({
        entryPoints: [join(root, 'core/module/module.ts')],
        bundle: true,
        format: 'esm',
        target: 'es2022',
        minify: true,
        charset: 'utf8',
        legalComments: 'none',
        write: false,
        plugins: [without(kept)],
      })
      const { code } = await minify(outputFiles[0].text, SMALL)
      return [`${['label', ...kept].join('-')}.mjs`, code]
    }),
  )
  return Object.fromEntries(made)
}
