import type { Context } from '../label/context'
import { resolve } from '../label/resolve'
import { inherit } from '../style/inherit'
import type { Plan, Rule } from '../label/types'
import type { FullStyle, Style } from '../style/schemas'
import type { SpokenPlan } from './spoken'
import { type SpokenWords, spokenWordsOf } from './spokenWords'

type Unit = FullStyle['unit']

/** Units that have words of their own. */
const UNITS_IN_WORDS: { readonly [Kind in Unit['kind']]?: (unit: never) => Unit } = {
  currency: (unit: Extract<Unit, { kind: 'currency' }>) => ({ ...unit, display: 'name' }),
  measure: (unit: Extract<Unit, { kind: 'measure' }>) => ({ ...unit, display: 'long' }),
}
const unitInWords = (unit: Unit): Unit => UNITS_IN_WORDS[unit.kind]?.(unit as never) ?? unit

/**
 * What is written for the eye alone is left out: parentheses, gaps, a unit said elsewhere. Texts
 * around the label are said with it.
 */
function inWords<Some extends Style>(style: Some): Some {
  return {
    ...style,
    ...(style.unit ? { unit: unitInWords(style.unit) } : {}),
    ...(style.uncertainty?.form === 'parentheses'
      ? { uncertainty: { ...style.uncertainty, form: 'plusMinus' } }
      : {}),
    ...(style.sign === 'parentheses' ? { sign: 'auto' } : {}),
    ...(style.zero == null ? {} : { zero: '0' }),
    exponentForm: 'times',
  }
}

/**
 * A style as it is said: what has to be loaded for `spokenPlan`.
 *
 * @example spokenStyle({ unit: { kind: 'currency', code: 'EUR' } }).unit // … display: 'name'
 */
export function spokenStyle(style: Style): FullStyle {
  const full = inherit(style)
  return {
    ...inWords(full),
    unitAt: 'label',
    // A zero is said as one: what is missing may not be.
    ...(full.missing === '0' ? { missing: '' } : {}),
    cases: full.cases.map(({ when, use }) => ({ when, use: inWords(use) })),
  }
}

function difference(from: Rule, to: Rule): Partial<Rule> {
  const entries = Object.entries(to).filter(
    ([name, value]) => JSON.stringify(value) !== JSON.stringify(from[name as keyof Rule]),
  )
  return Object.fromEntries(entries)
}

/**
 * Of a language's words those of units and constants that the labels have: they go with each
 * module.
 */
function neededBy(plan: Plan, words: SpokenWords | null): SpokenWords | null {
  const written = JSON.stringify(plan.rules)
  const needed = <Word>(all: Readonly<Record<string, Word>>) =>
    Object.fromEntries(Object.entries(all).filter(([sign]) => written.includes(`"${sign}"`)))
  if (!words) return null
  const { plusMinus, to, ...rest } = words
  const ofErrors = plan.rules.some(({ uncertainty }) => uncertainty) ? { plusMinus, to } : {}
  return { ...rest, ...ofErrors, units: needed(words.units), constants: needed(words.constants) }
}

/**
 * The words of a style's labels: rungs and currencies by their names, in the region's language
 * where CLDR has them.
 *
 * @param plan of the labels
 * @param style of the Plan
 * @param context of the Plan, with the tables that `spokenStyle` needs
 * @throws StyleError where the style cannot be resolved
 * @example speaker(plan, spokenPlan(plan, style))(1234567) // '1.2 million euros'
 */
export function spokenPlan(plan: Plan, style: Style, context: Context = {}): SpokenPlan {
  const words = resolve(spokenStyle(style), { ...context, inWords: true })
  return {
    rules: words.rules.map((rule, at) => difference(plan.rules[at]!, rule)),
    words: neededBy(words, spokenWordsOf(inherit(style).locale)),
  }
}
