import { decimal, parseDecimal } from '../../decimal/decimal'
import type { Style } from '../../style/fields'
import { linearTicks } from '../../ticks/linear'
import type { Subject } from '../types'
import type { Surface } from '../../surfaces'

type Number = number | string

/** Ticks at even steps, labelled by a style. */
export function axis(
  style: Style,
  domain: readonly [Number, Number],
  step: Number,
  more: Partial<Subject> = {},
): Subject {
  const request = { domain: [decimal(domain[0]), decimal(domain[1])] as const, step: decimal(step) }
  return {
    surface: 'axis',
    style,
    step: request.step,
    values: linearTicks(request).values,
    ...more,
  }
}

/** Values on a surface without ticks. */
export const written = (
  surface: Surface,
  style: Style,
  values: readonly Number[],
  more: Partial<Subject> = {},
): Subject => ({
  surface,
  style,
  values: values.map((value) => parseDecimal(String(value)) ?? decimal(value)),
  ...more,
})
