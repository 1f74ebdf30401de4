import { superscript } from '../decimal/superscript'
import { ladderOf } from '../ladders/find'
import { isNumberAlone, parsePattern } from '../locale/pattern'
import type { ByPlural, PluralKey } from '../locale/types'
import { notationOf } from '../notations'
import type { FullStyle } from '../style/schemas'
import { framesOf, NO_SURROUNDINGS, type Surroundings, textParts } from './frames'
import type { Forms, Rule } from './types'
import { hasPrefixes } from './prefixes'
import type { UnitWriting } from '../units/types'

/**
 * Rung and unit around the number; where rungs are prefixes of the unit, its gap comes before them.
 */
export function surroundings(style: FullStyle, unit: UnitWriting): Surroundings {
  const prefixes = hasPrefixes(style)
  const at = unit.after.findIndex((slot) => typeof slot === 'object' && slot.type === 'unit')
  if (!prefixes || at < 0)
    return { ...NO_SURROUNDINGS, rung: ['rung'], before: unit.before, after: unit.after }
  return {
    ...NO_SURROUNDINGS,
    before: unit.before,
    after: [...unit.after.slice(0, at), 'prefix', ...unit.after.slice(at)],
  }
}

export const namesOf = ({ named }: UnitWriting): Rule['names'] =>
  named &&
  Object.fromEntries(
    Object.entries(named).map(([plural, [front, back, says]]) => [
      plural,
      [
        textParts(front, 'unit'),
        textParts(back, 'unit'),
        ...(says === undefined ? ([] as const) : ([says] as const)),
      ],
    ]),
  )
export const outsideOf = ({ named }: UnitWriting): Surroundings['outside'] =>
  named ? [['nameBefore'], ['nameAfter']] : [[], []]

/** A rung's frames by plural, from the region's patterns: money has patterns of its own. */
export function formsOf(
  style: FullStyle,
  unit: UnitWriting,
  isMoneyPattern: boolean,
  patterns: ByPlural,
): Forms {
  const { fill } = unit.layer
  return Object.fromEntries(
    (Object.entries(patterns) as [PluralKey, string][]).map(([plural, text]) => {
      const pattern = parsePattern(text)
      const hidden = !/[0#]/.test(text.replace(/'[^']*'/g, ''))
      const layer = { pattern, fill: { ...fill, text: 'rung' as const } }
      const around: Surroundings = {
        ...NO_SURROUNDINGS,
        before: unit.before,
        after: unit.after,
        outside: outsideOf(unit),
        hidden,
      }
      // A pattern without a word is the number as it would stand anyway.
      if (isNumberAlone(pattern)) return [plural, framesOf(style, unit.layer, around)]
      // A rung's pattern takes the place of the number's own; only a percent sign or the like stays
      // around it.
      if (isMoneyPattern || isNumberAlone(unit.layer.pattern))
        return [plural, framesOf(style, layer, around)]
      return [plural, framesOf(style, unit.layer, { ...around, inner: layer })]
    }),
  )
}

/** What a title says in the labels' place: "€ million", "thousand kg", "×10⁻⁷ mol/L". */
export function titleOf(style: FullStyle, rule: Rule, { title }: UnitWriting): string {
  const { power } = rule.rungs[rule.fixedRung ?? 0]!
  const ladder = ladderOf(style.ladder)
  const prefixes = hasPrefixes(style)
  const named = notationOf(style).hasRungs
    ? ladder.rungs.find((rung) => rung.power === power)
    : undefined
  const scale =
    rule.exponent?.fixed != null
      ? `×10${superscript(rule.exponent.fixed)}`
      : ((prefixes ? named?.symbol : named?.word) ?? '')
  if (title.side === 'before') return [title.text, scale].filter(Boolean).join(' ')
  return [scale, title.text].filter(Boolean).join(prefixes ? '' : ' ')
}
