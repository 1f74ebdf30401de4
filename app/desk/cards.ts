import { checks } from '~~/core/checks'
import type { Finding, Severity, Surface } from '~~/core/checks/types'
import type { Left } from '~~/shared/study'

export const checkTitles: Readonly<Record<string, string>> = Object.fromEntries(checks.map(({ id, title }) => [id, title]))

/** The surfaces on the page. */
export type Shown = Extract<Surface, 'axis' | 'marks' | 'table'>
export interface PlacedFinding extends Omit<Finding, 'at'> {
  readonly surface: Shown
  /** The places of its values on the surface; of a long column as one buffer. */
  readonly at: ArrayLike<number>
}
/** Places that something holds for. */
export interface Places {
  has(at: number): boolean
}

/** What stands in the margin as one: a finding, and those of its surface that its first fix mends too. */
export interface Card {
  readonly main: PlacedFinding
  readonly also: readonly PlacedFinding[]
}

const ORDER: Record<Severity, number> = { error: 0, warning: 1, note: 2 }

/**
 * Puts findings together that one fix mends, the most serious first.
 *
 * @param findings of all surfaces, in the order of the checks
 */
export function cardsOf(findings: readonly PlacedFinding[]): Card[] {
  const sorted = [...findings].sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  const taken = new Set<PlacedFinding>()
  return sorted.flatMap((main) => {
    if (taken.has(main)) return []
    taken.add(main)
    const cure = main.fixes[0]?.title
    const also = cure === undefined ? [] : sorted.filter((one) => !taken.has(one) && one.surface === main.surface && one.fixes.some(({ title }) => title === cure))
    for (const one of also) taken.add(one)
    return [{ main, also }]
  })
}

/** Findings of which nobody said that they may stand. */
export const standing = (findings: readonly PlacedFinding[], left: readonly Left[]): PlacedFinding[] =>
  findings.filter(({ surface, check }) => !left.some((one) => one.surface === surface && one.check === check))

/** The places of all errors and warnings among some findings; kept as bytes, since there may be a million. */
export function flaggedBy(findings: readonly PlacedFinding[]): Places {
  const told = findings.filter(({ severity }) => severity !== 'note')
  let last = -1
  for (const { at } of told) for (let i = 0; i < at.length; i++) last = Math.max(last, at[i]!)
  const flags = new Uint8Array(last + 1)
  for (const { at } of told) for (let i = 0; i < at.length; i++) flags[at[i]!] = 1
  return { has: (at) => flags[at] === 1 }
}
