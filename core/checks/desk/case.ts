import type { Style } from '../../style/fields'
import type { Subject } from '../types'

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
/** Ticks of an axis by a step, and values on a surface. */
export { axis, written as on } from '../testing/subjects'

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
