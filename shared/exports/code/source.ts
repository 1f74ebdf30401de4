import { fitsDouble } from '../../../core/decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../../../core/decimal/decimal'
import { resolve } from '../../../core/label/resolve'
import type { Value } from '../../../core/label/types'
import { spokenPlan } from '../../../core/text/words'
import { scriptJson } from '../../escape'
import type { Written } from '../written'
import { goesByRow } from './declarations'
import { type Instead, insteadFunctions, insteadIn, NOTHING_INSTEAD } from './instead'
import { sharedCode } from './sharing'
import { ladderOf, slim, type Source } from './slim'

/** A value as a program takes it: a double where that is the same number, else text. */
const asNumber = (value: Decimal): Value => (fitsDouble(value) ? toNumber(value) : toText(value))

/** The least and the largest of values; those that are no number are left out. */
export function domainOf(values: readonly Value[]): [number, number] {
  const numbers = values
    .map((value) => (value === null || value === undefined || value === '' ? NaN : Number(value)))
    .filter((value) => Number.isFinite(value))
  if (numbers.length === 0) return [0, 0]
  return numbers.reduce<[number, number]>(
    ([least, most], value) => [Math.min(least, value), Math.max(most, value)],
    [Infinity, -Infinity],
  )
}

/** The functions of the runtime by which a module is made, in their order in it. */
export const MAKERS = ['labelBy', 'labelsBy', 'partsBy', 'spokenBy', 'ticksBy'] as const
export type Maker = (typeof MAKERS)[number]
/** The file of a package that holds the runtime of its modules. */
export const RUNTIME = 'runtime.mjs'
/** The line by which a module of a package takes what it needs of the runtime. */
export const runtimeImport = (path: string): string =>
  `import { ${MAKERS.join(', ')} } from '${path.includes('/') ? '..' : '.'}/${RUNTIME}';\n`

/** Whether ticks of an axis stand evenly, so that others can be placed when it zooms. */
const zooms = ({ ticks, quantity }: Written): boolean =>
  ticks !== null && (quantity.ticks?.kind ?? 'linear') === 'linear'

/** Rows to come may name units that the study's own do not. */
export function sourceOf(written: Written): Source {
  const { style, context, plan, lacking } = written
  const ladder = zooms(written) ? ladderOf(plan) : null
  if (!goesByRow(written)) return slim({ plan, words: spokenPlan(plan, style, context), ladder })
  const open = { ...context, hasRowsToCome: true }
  const opened = resolve(style, open)
  return slim({ plan: opened, words: spokenPlan(opened, style, open), lacking })
}

/** The Plan and its words, as the module begins. */
export const constantsOf = ({ plan, words, doubles, ladder }: Source): string =>
  sharedCode({
    ...{ plan, words },
    ...(doubles && { doubles }),
    ...(ladder && ladder.length > 0 && { ladder }),
  })

/** What the runtime gives, at its end: `export{a as labelBy,…};` */
const GIVEN = /export\s*\{([^}]*)\};?\s*$/
/** The runtime as a part of a module, and what its functions are called there. */
export function embedded(runtime: string): { text: string; nameOf: (maker: Maker) => string } {
  const names = new Map(
    GIVEN.exec(runtime)![1]!
      .split(',')
      .map((pair) => {
        const [inner, outer = inner] = pair.trim().split(/\s+as\s+/)
        return [outer!, inner!]
      }),
  )
  return { text: runtime.replace(GIVEN, ''), nameOf: (maker) => names.get(maker)! }
}

/**
 * The functions of a module, a line each.
 *
 * @param nameOf what a function of the runtime is called there
 * @param instead what stands in place of what the style writes
 */
export function functionsOf(
  { doubles, lacking }: Source,
  nameOf: (maker: Maker) => string,
  instead: Instead = NOTHING_INSTEAD,
): string[] {
  const pure = (maker: Maker, given: string) => `/* @__PURE__ */ ${nameOf(maker)}(${given})`
  const behind = lacking === null ? '' : `, ${scriptJson(lacking)}`
  const byDoubles = doubles ? 'plan, doubles' : 'plan'
  const by = behind && !doubles ? 'plan, undefined' : byDoubles
  const before = insteadFunctions(instead)
  const own = (name: string, styled: string) =>
    before.some((line) => line.startsWith(`export const ${name} =`))
      ? `const ${styled}`
      : `export const ${name}`
  return [
    `${own('label', 'styled')} = ${pure('labelBy', by + behind)};`,
    `${own('labels', 'allStyled')} = ${pure('labelsBy', by + behind)};`,
    `${own('parts', 'styledParts')} = ${pure('partsBy', `plan${behind}`)};`,
    `${own('spoken', 'styledSpoken')} = ${pure('spokenBy', `plan, words${behind}`)};`,
    ...before,
  ]
}

/**
 * What a module gives: its functions, and what it knows of the study.
 *
 * @param nameOf what a function of the runtime is called there
 */
export function exportsOf(
  written: Written,
  source: Source,
  nameOf: (maker: Maker) => string,
): string {
  const { values, labels, ticks, quantity } = written
  const [least, most] = domainOf(values)
  const lines = [
    ...functionsOf(source, nameOf, insteadIn(written)),
    `export const domain = [${least}, ${most}];`,
    // What is missing lies nowhere; text and objects are compared as the numbers that they stand for.
    `export const isOutside = (value) => value != null && value !== '' && (value < ${least} || value > ${most});`,
  ]
  if (goesByRow(written))
    lines.push(`export const labelRow = (row) => label(row[${scriptJson(quantity.column)}], row);`)
  if (source.ladder) {
    const ladder = source.ladder.length > 0 ? 'plan, ladder' : 'plan'
    lines.push(`export const ticksFor = /* @__PURE__ */ ${nameOf('ticksBy')}(${ladder});`)
  }
  if (ticks) {
    const marked = ticks.map((value, at) => ({ value: asNumber(value), label: labels[at]! }))
    lines.push(
      `export const ticks = ${scriptJson(marked)};`,
      `export const tickValues = [${ticks.map(toNumber).join(', ')}];`,
    )
  }
  return `${lines.join('\n')}\n`
}
