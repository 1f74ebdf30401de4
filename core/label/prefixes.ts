import { multiply } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { ladderOf } from '../ladders/find'
import { notationOf } from '../notations'
import type { FullStyle } from '../style/schemas'
import type { Recorded } from './context'
import { kindOf } from '../units'

/** Whether the rungs are prefixes of the unit: k, M, G. */
export const hasPrefixes = (style: FullStyle): boolean =>
  notationOf(style).hasRungs && Boolean(ladderOf(style.ladder).prefixes)

/** The unit of a style without its prefix, where rungs are prefixes. */
const bareOf = (style: FullStyle) =>
  hasPrefixes(style) ? kindOf(style.unit).bare(style.unit) : null

/**
 * A style whose unit is letters that name a measure with a prefix, where rungs are prefixes too: it
 * counts the unit without it, so that 12,345,678 kWh is 12.3 GWh and not 12.3 MkWh.
 *
 * @throws StyleError where a prefix would change the unit itself, as before m²
 */
export function withoutPrefix(style: FullStyle): FullStyle {
  const bare = bareOf(style)
  if (!bare || bare.recorded !== null) return style
  const factor = multiply(decimal(style.factor), decimal(bare.factor))
  return { ...style, unit: bare.unit, factor: toText(factor) }
}

/**
 * What the labels of a style count, and what its values are recorded in: the measure without its
 * prefix where rungs are prefixes.
 *
 * @throws StyleError where a prefix would change the unit itself
 */
export function countedIn<Setting extends Recorded>(
  style: FullStyle,
  recorded: Setting,
): { readonly style: FullStyle; readonly recorded: Setting } {
  const bare = bareOf(style)
  if (!bare || bare.recorded === null) return { style, recorded }
  return {
    style: { ...style, unit: bare.unit },
    recorded: { ...recorded, measure: recorded.measure ?? bare.recorded },
  }
}
