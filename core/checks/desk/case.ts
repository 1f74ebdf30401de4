import { type Decimal, decimal } from '../../decimal/decimal'
import type { Style } from '../../style/fields'
import { linearTicks } from '../../ticks/linear'
import type { Subject, Surface } from '../types'

/**
 * A case of the desk: what a chart editor would say of some labels. `due` are all errors and
 * warnings that must be found, and notes that must be; everything else of weight is a false alarm,
 * and so are the notes among `not`.
 */
export interface DeskCase {
  readonly why: string
  readonly subject: Subject
  readonly due: readonly string[]
  readonly not: readonly string[]
}
type Number = number | string
const exact = (values: readonly Number[]): Decimal[] => values.map((value) => decimal(value))

/** Values on a surface. */
export const on = (
  surface: Surface,
  style: Style,
  values: readonly Number[],
  more: Partial<Subject> = {},
): Subject => ({ surface, style, values: exact(values), ...more })
/** Ticks of an axis, by a step. */
export function axis(
  style: Style,
  domain: readonly [Number, Number],
  step: Number,
  more: Partial<Subject> = {},
): Subject {
  const [low, high] = exact(domain)
  const by = decimal(step)
  return {
    surface: 'axis',
    style,
    step: by,
    values: linearTicks({ domain: [low!, high!], step: by }).values,
    ...more,
  }
}
/** All is well, apart from what is named. */
export const fine = (why: string, subject: Subject, not: readonly string[] = []): DeskCase => ({
  why,
  subject,
  due: [],
  not,
})
/** These are due. */
export const due = (
  why: string,
  checks: string | readonly string[],
  subject: Subject,
  not: readonly string[] = [],
): DeskCase => ({ why, subject, due: typeof checks === 'string' ? [checks] : checks, not })

export const EURO: Style['unit'] = { kind: 'currency', code: 'EUR' }
export const PERCENT: Style['unit'] = { kind: 'percent' }
export const symbol = (text: string): Style['unit'] => ({ kind: 'symbol', text })
export const shared = (rung: number | 'shared' = 'shared'): Style => ({ notation: 'scaled', rung })
