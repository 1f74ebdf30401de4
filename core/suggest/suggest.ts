import { findAll } from '../checks/run'
import type { Severity, Subject } from '../checks/types'
import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, toNumber } from '../decimal/decimal'
import { divide } from '../decimal/round'
import type { Style } from '../style/fields'
import { candidates, type Form } from './candidates'

export interface Suggestion {
  readonly style: Style
  readonly labels: readonly string[]
  /** From 0 to 1, the larger the better. */
  readonly score: number
  /** What speaks for it, and what against it. */
  readonly reasons: readonly string[]
}

/** What a finding costs; a style with an error is never suggested. */
const COST: Record<Exclude<Severity, 'error'>, number> = { warning: 0.25, note: 0.08 }
/** Labels of this length cost as much as everything else together: an axis has room for about so much. */
const LONG = 24
const LENGTH_WEIGHT = 0.5
const MOST_SUGGESTED = 5

/** How far the worst label reads from its value, as a part of it. */
function worstOff(values: readonly Decimal[], said: readonly Decimal[]): number {
  return values.reduce((worst, value, at) => (value.coefficient === 0n || compare(value, said[at]!) === 0 ? worst : Math.max(worst, toNumber(divide(magnitudeOf(subtract(value, said[at]!)), magnitudeOf(value))))), 0)
}
const offText = (off: number): string => (off === 0 ? 'every label is exact' : `off by ${off < 0.0001 ? 'less than 0.01' : String(Math.ceil(off * 10_000) / 100)} % at most`)

/**
 * Styles for values on a surface, best first: none with an error, each with what speaks for and
 * against it. The score takes off for long labels, for warnings and notes, and for what labels lose.
 *
 * @param subject its style is what all suggestions have in common, such as unit and region
 * @param form one way of telling size, where only that is wanted
 * @example suggest({ surface: 'axis', style: {}, values: [0, 5e5, 1e6].map(decimal) })[0].labels // '0.0M', '0.5M', '1.0M'
 */
export function suggest(subject: Subject, form?: Form): Suggestion[] {
  const seen = new Set<string>()
  const all = candidates(form).flatMap(({ style }): Suggestion[] => {
    const full = { ...subject.style, ...style }
    const { labels, said, findings } = findAll({ ...subject, style: full })
    const key = labels.join('\n')
    if (seen.has(key) || findings.some(({ severity }) => severity === 'error')) return []
    seen.add(key)
    const longest = Math.max(...labels.map((label) => label.length))
    const off = worstOff(subject.values, said)
    const cost = findings.reduce((sum, { severity }) => sum + COST[severity as 'warning' | 'note'], 0) + LENGTH_WEIGHT * Math.min(1, longest / LONG) + Math.min(1, off)
    return [{
      style: full, labels, score: Math.max(0, Math.round(1000 * (1 - cost)) / 1000),
      reasons: [`${longest} characters at most`, offText(off), ...findings.map(({ check }) => `against it: ${check.title.toLowerCase()}`)],
    }]
  })
  return all.sort((a, b) => b.score - a.score).slice(0, MOST_SUGGESTED)
}
