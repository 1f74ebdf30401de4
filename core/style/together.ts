import { withDigits } from './digits'
import type { FieldName, FullStyle, Style } from './fields'

/** What quantities that are read together have alike: notation, rung, exponent and precision. */
export const TOGETHER_FIELDS = [
  'notation',
  'ladder',
  'rung',
  'rungForm',
  'rungFrom',
  'exponent',
  'exponentForm',
  'fraction',
  'significant',
  'priority',
  'increment',
  'trailingZeros',
] as const satisfies readonly FieldName[]

/** Those fields of a style. */
export function togetherOf(style: FullStyle): Style {
  const whole = withDigits(style)
  return Object.fromEntries(TOGETHER_FIELDS.map((field) => [field, whole[field]]))
}

/**
 * The fields in which two styles that are read together differ.
 *
 * @example apartIn(inherit({ fraction: [1, 1] }), inherit({ fraction: [0, 0] })) // ['fraction']
 */
export function apartIn(one: FullStyle, other: FullStyle): FieldName[] {
  const [here, there] = [togetherOf(one), togetherOf(other)]
  return TOGETHER_FIELDS.filter(
    (field) => JSON.stringify(here[field]) !== JSON.stringify(there[field]),
  )
}
