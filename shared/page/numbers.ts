import { type Decimal, toExactText } from '../../core/decimal/decimal'
import type { Plan } from '../../core/label/types'

export const textsOf = (values: readonly Decimal[]): string[] => values.map(toExactText)

/** A title with rung and unit, where the labels do not say them. */
export const titled = (title: string | undefined, plan: Pick<Plan, 'title'>): string =>
  [title, plan.title].filter(Boolean).join(', ')

/** Numbers without those that are missing. */
export const presentIn = <Value>(values: readonly (Value | null)[]): Value[] =>
  values.filter((value) => value !== null)
