import { multiply } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { StyleError } from '../error'
import { ladderOf } from '../ladders/find'
import { conversionOf } from '../measures/convert'
import { type Unprefixed, unprefixed } from '../measures/prefixed'
import { toDecimal } from '../measures/rational'
import { notationOf } from '../notations'
import type { FullStyle } from '../style/schemas'
import type { Recorded } from './context'
import { MEASURE_SYMBOLS } from '../style/namedUnits'

export type MeasureUnit = Extract<FullStyle['unit'], { kind: 'measure' }>

/** Whether the rungs are prefixes of the unit: k, M, G. */
export const hasPrefixes = (style: FullStyle): boolean =>
  notationOf(style).hasRungs && Boolean(ladderOf(style.ladder).prefixes)

const POWERED =
  'no prefix can stand before a unit with a power: 1 km² is a million m², not a thousand. Choose a ladder without prefixes, such as short, or another unit'

/**
 * The measure that the rungs of a style stand before.
 *
 * @throws StyleError where its first factor has a power
 */
export function prefixable({ id }: MeasureUnit): Unprefixed {
  const bare = unprefixed(String(id))
  if (bare) return bare
  throw new StyleError('unit.id', id, POWERED)
}

/**
 * A style whose unit is letters that name a measure with a prefix, where rungs are prefixes too: it
 * counts the unit without it, so that 12,345,678 kWh is 12.3 GWh and not 12.3 MkWh.
 *
 * @throws StyleError where a prefix would change the unit itself, as before m²
 */
export function withoutPrefix(style: FullStyle): FullStyle {
  const { unit } = style
  if (unit.kind !== 'symbol' || !hasPrefixes(style)) return style
  if (!Object.hasOwn(MEASURE_SYMBOLS, unit.text)) return style
  const id = MEASURE_SYMBOLS[unit.text]!
  const bare = unprefixed(id)
  if (!bare) throw new StyleError('unit.text', unit.text, POWERED)
  if (bare.symbol === '' || !unit.text.startsWith(bare.symbol)) return style
  const scale = toDecimal(conversionOf(id, bare.id).scale)!
  return {
    ...style,
    unit: { ...unit, text: unit.text.slice(bare.symbol.length) },
    factor: toText(multiply(decimal(style.factor), scale)),
  }
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
  const { unit } = style
  if (unit.kind !== 'measure' || !hasPrefixes(style)) return { style, recorded }
  const { id } = prefixable(unit)
  if (id === unit.id) return { style, recorded }
  return {
    style: { ...style, unit: { ...unit, id } },
    recorded: { ...recorded, measure: recorded.measure ?? String(unit.id) },
  }
}
