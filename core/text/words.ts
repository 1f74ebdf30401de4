import { type Context, resolve } from '../label/resolve'
import { inherit } from '../style/inherit'
import type { FullStyle, Style } from '../style/schemas'
import type { SpokenPlan } from './spoken'

const unitInWords = (unit: FullStyle['unit']): FullStyle['unit'] => (unit.kind === 'currency' ? { ...unit, display: 'name' } : unit)

/** What is written for the eye alone is left out: parentheses, gaps, ornaments, a unit said elsewhere. */
function inWords<Some extends Style>(style: Some): Some {
  return {
    ...style,
    ...(style.unit ? { unit: unitInWords(style.unit) } : {}),
    ...(style.sign === 'parentheses' ? { sign: 'auto' } : {}),
    ...(style.zero == null ? {} : { zero: '0' }),
    exponentForm: 'times', before: '', after: '',
  }
}

/**
 * A style as it is said: what has to be loaded for `spokenPlan`.
 *
 * @example spokenStyle({ unit: { kind: 'currency', code: 'EUR' } }).unit // … display: 'name'
 */
export function spokenStyle(style: Style): FullStyle {
  const full = inherit(style)
  return { ...inWords(full), missing: '–', unitAt: 'label', cases: full.cases.map(({ when, use }) => ({ when, use: inWords(use) })) }
}

/**
 * The words of a style's labels: rungs and currencies by their names, in the region's language
 * where CLDR has them.
 *
 * @param context the very one of the labels' Plan, with the tables that `spokenStyle` needs
 * @example speaker(resolve(style), spokenPlan(style))(1234567) // '1.2 million euros'
 */
export const spokenPlan = (style: Style, context: Context = {}): SpokenPlan =>
  ({ plan: resolve(spokenStyle(style), { ...context, inWords: true }), isEnglish: /^en\b/.test(inherit(style).locale) })
