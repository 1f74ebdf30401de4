import type { Decimal } from '../decimal/decimal'
import type { Context } from '../label/resolve'
import type { Plan, Row, Written } from '../label/types'
import type { Style } from '../style/fields'

export const SURFACES = ['axis', 'marks', 'table'] as const
/** A place where a quantity is written. */
export type Surface = (typeof SURFACES)[number]
export type Severity = 'error' | 'warning' | 'note'

/** What is checked: values as they are written on one surface. */
export interface Subject {
  readonly surface: Surface
  readonly style: Style
  readonly values: readonly Decimal[]
  /** The rows that the values stand in, where cases look at their cells. */
  readonly rows?: readonly Row[]
  /** The step between an axis's ticks. */
  readonly step?: Decimal
  readonly context?: Context
}

/** A subject with its labels made: what a check looks at. */
export interface Proof extends Subject {
  readonly plan: Plan
  readonly written: readonly Written[]
  readonly labels: readonly string[]
  /** The number that a reader gets from each label. */
  readonly said: readonly Decimal[]
}

/** A change that makes a check hold. */
export interface Change {
  readonly title: string
  /** Complete: it replaces the style. */
  readonly style: Style
  /** New ticks, where the change is one of the axis. */
  readonly ticks?: { readonly step: string }
}

export interface Finding {
  readonly check: string
  readonly severity: Severity
  /** What the reader will think, where, and by how much. */
  readonly message: string
  /** The places of the values that it is about. */
  readonly at: readonly number[]
  readonly fixes: readonly Change[]
}

export interface Check {
  readonly id: string
  readonly title: string
  /** @returns what does not hold, without fixes; null where all is well */
  find(proof: Proof): Omit<Finding, 'check' | 'fixes'> | null
  /** Changes worth trying, the smallest first; only those that prove good are offered. */
  propose(proof: Proof): Iterable<Change>
}
