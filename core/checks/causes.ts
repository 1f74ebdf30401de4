import type { Check, Severity } from './types'

/** How grave a finding is, beside others. */
export const RANK: Readonly<Record<Severity, number>> = { note: 0, warning: 1, error: 2 }
interface Verdict {
  readonly severity: Severity
  readonly at: readonly number[]
}

/**
 * A finding, and those that are named in it.
 *
 * @example withAlso({ check: 'vanished', also: [{ check: 'misread' }] }).length // 2
 */
export const withAlso = <One, Also>(
  finding: One & { readonly also?: readonly Also[] },
): (One | Also)[] => [finding, ...(finding.also ?? [])]

/** What stands at places among some values. */
interface At {
  readonly at: readonly number[]
}
/**
 * A finding of some values, and those that are named in it, at their places among all.
 *
 * @param places of those values, by their place
 * @example placedAmong({ at: [0, 1], … }, [3, 8]).at // [3, 8]
 */
export function placedAmong<One extends At & { readonly also?: readonly At[] }>(
  finding: One,
  places: readonly number[],
): One {
  const among = ({ at }: At) => at.map((place) => places[place]!)
  return {
    ...finding,
    at: among(finding),
    ...(finding.also && { also: finding.also.map((one) => ({ ...one, at: among(one) })) }),
  }
}

/** Whether a finding is one of another's cause: no graver, and of no other values. */
function isBroughtBy(
  [check, found]: readonly [Check, Verdict],
  [cause, own]: readonly [Check, Verdict],
): boolean {
  const { brings } = cause
  if (!brings?.checks.includes(check.id) || RANK[found.severity] > RANK[own.severity]) return false
  if (brings.everywhere) return true
  const places = new Set(own.at)
  return found.at.every((at) => places.has(at))
}

/**
 * Which finding each one is named in, since both have one cause; itself where it has its own.
 *
 * @param findings by their checks
 * @example byCause(new Map([[stepHidden, …], [misread, …]])).get(misread) // stepHidden
 */
export function byCause(findings: ReadonlyMap<Check, Verdict>): ReadonlyMap<Check, Check> {
  const all = [...findings]
  const nearest = new Map(
    all.map((one) => [one[0], all.find((cause) => isBroughtBy(one, cause))?.[0] ?? one[0]]),
  )
  const rootOf = (check: Check): Check => {
    const cause = nearest.get(check)!
    return cause === check ? check : rootOf(cause)
  }
  return new Map(all.map(([check]) => [check, rootOf(check)]))
}
