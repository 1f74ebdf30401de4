// Bundles the runtime of exported modules, in one variant for each set of parts that a Plan may
// need.
import { join } from 'node:path'
import { minify } from '@swc/core'
import { build } from 'esbuild'

/** Parts of the runtime that few Plans use, with what stands in for each where it is left out. */
const RARE = {
  exponent: {
    file: /core\/(label\/exponents|text\/powerWords)\.ts$/,
    standIn:
      'export const exponentFor = () => null, beyondLadder = () => null, nextExponent = null, exponentBelow = null, emitExponent = null, emitPowerAlone = null, powerWords = null',
  },
  increment: {
    file: /core\/label\/increments\.ts$/,
    standIn: 'export const onIncrement = null, isTooCoarse = () => false',
  },
  binary: {
    file: /core\/decimal\/binary\.ts$/,
    standIn: 'export const scaleByTwos = null, reachesTwos = null',
  },
  multiple: {
    file: /core\/(label\/constant|text\/constantWords)\.ts$/,
    standIn:
      'export const constantWords = null, denominatorWords = null, decideConstant = null, emitConstant = null, readConstant = null, timesConstant = null',
  },
  clock: {
    file: /core\/label\/clock\.ts$/,
    standIn: 'export const emitClock = null, readClock = null',
  },
  convert: {
    file: /core\/label\/conversion\.ts$/,
    standIn: 'export const intoMeasure = null, outOfMeasure = null',
  },
  uncertainty: {
    file: /core\/label\/uncertainty\.ts$/,
    standIn:
      'export const decideUncertain = null, emitUncertain = null, readUncertain = null, reachOf = null, sayError = null, signsWithin = () => false',
  },
  bounds: {
    file: /core\/label\/bounds\.ts$/,
    standIn:
      'export const isTurned = () => false, boundOf = () => null, digitsIn = null, exactly = null',
  },
  leveled: {
    file: /core\/label\/leveled\.ts$/,
    standIn: 'export const precisionAt = (precision) => precision',
  },
  cases: {
    file: /core\/label\/conditions\.ts$/,
    standIn:
      'export const ruleFor = () => 0, inOwnCase = (_plan, _value, _row, decided) => decided, inOwnUnit = (_plan, _written, _row, text) => text',
  },
  plurals: {
    file: /core\/(locale\/plurals|label\/names)\.ts$/,
    standIn: "export const pluralOf = () => 'other', nameFor = null",
  },
}
const names = Object.keys(RARE)
/**
 * Every set of so few parts, none first, and all of them: more than three seldom meet, and what
 * has four has all.
 */
const MOST = 3
const setsFrom = (from, room) => [
  [],
  ...(room > 0
    ? names
        .slice(from)
        .flatMap((name, at) => setsFrom(from + at + 1, room - 1).map((rest) => [name, ...rest]))
    : []),
]
const sets = [...setsFrom(0, MOST), names]

const without = (kept) => ({
  name: 'without-rare-parts',
  setup(bundle) {
    for (const [name, { file, standIn }] of Object.entries(RARE)) {
      if (!kept.includes(name))
        bundle.onLoad({ filter: file }, () => ({ contents: standIn, loader: 'js' }))
    }
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
