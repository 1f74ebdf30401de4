import { type Decimal, toExactText } from '../decimal/decimal'
import { notationOf } from '../notations'
import type { FullStyle, Style } from '../style/fields'
import { togetherOf } from '../style/together'
import type { Context } from './context'
import { resolve } from './resolve'

/**
 * A style for numbers of several quantities: what it shares is decided over all of them, and is
 * fixed, so that each quantity by itself is written so.
 *
 * @param values of all quantities
 * @param context with the tables that the style needs
 * @throws StyleError where it cannot be resolved
 * @example togetherFor(inherit({ notation: 'scaled', rung: 'shared' }), [decimal(5e6), decimal(900)]).rung // 6
 */
export function togetherFor(
  style: FullStyle,
  values: readonly Decimal[],
  context: Context = {},
): Style {
  const { rungs, fixedRung, exponent, precision } = resolve(
    { ...style, cases: [], uncertainty: null },
    { ...context, values: values.map(toExactText) },
  ).rules.at(-1)!
  const { hasRungs, hasExponent } = notationOf(style)
  const power = hasRungs && fixedRung !== null ? rungs[fixedRung]!.power : null
  const own = togetherOf(style)
  return {
    ...own,
    // On the ground there is no rung to say.
    ...(power === 0 ? { notation: 'plain' } : {}),
    ...(power ? { rung: power } : {}),
    ...(hasExponent && exponent && exponent.fixed !== null ? { exponent: exponent.fixed } : {}),
    ...(style.fraction === 'step' && precision.fraction
      ? { fraction: [...precision.fraction] as [number, number] }
      : {}),
  }
}
