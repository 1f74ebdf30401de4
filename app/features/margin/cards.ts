import { checks } from '~~/core/checks'
import { withAlso } from '~~/core/checks/causes'
import { fixKey, isOfStyle } from '~~/core/checks/fixes'
import type { Finding, Severity, Surface, ToldFinding } from '~~/core/checks/types'
import type { Left } from '~~/shared/study/quantity'

export const checkTitles: Readonly<Record<string, string>> = Object.fromEntries(
  checks.map(({ id, title }) => [id, title]),
)

/** A finding's places; of a long column as one buffer. */
interface Placed {
  readonly at: ArrayLike<number>
}
export interface PlacedFinding extends Omit<Finding, 'at' | 'also'>, Placed {
  readonly surface: Surface
  /**
   * The quantity that it is about, where that is another than the page's: one with an axis of its
   * own.
   */
  readonly other?: { readonly id: string; readonly title: string } | undefined
  readonly also?: readonly (Omit<ToldFinding, 'at'> & Placed)[]
}
/** PlaceSet that something holds for. */
export interface PlaceSet {
  has(at: number): boolean
}

/**
 * What stands in the margin as one: a finding, those of its surface that its first fix mends too,
 * and the same finding with the same fix on other surfaces.
 */
export interface Card {
  readonly main: PlacedFinding
  readonly also: readonly PlacedFinding[]
  readonly elsewhere: readonly PlacedFinding[]
}
/** All that a card speaks of. */
export const findingsOf = ({ main, also, elsewhere }: Card): readonly PlacedFinding[] => [
  main,
  ...also,
  ...elsewhere,
]
/** The surfaces that it speaks of. */
export const surfacesOf = (card: Card): Surface[] => [
  ...new Set(findingsOf(card).map(({ surface }) => surface)),
]

const ORDER: Record<Severity, number> = { error: 0, warning: 1, note: 2 }

/**
 * Puts findings together that one fix mends, the most serious first.
 *
 * @param findings of all surfaces, in the order of the checks
 */
export function cardsOf(findings: readonly PlacedFinding[]): Card[] {
  const sorted = [...findings].sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  const taken = new Set<PlacedFinding>()
  const take = (holds: (one: PlacedFinding) => boolean): PlacedFinding[] => {
    const found = sorted.filter((one) => !taken.has(one) && !one.other && holds(one))
    for (const one of found) taken.add(one)
    return found
  }
  return sorted.flatMap((main) => {
    if (taken.has(main)) return []
    taken.add(main)
    const cure = main.fixes[0] && fixKey(main.fixes[0])
    // Another quantity's finding is mended where that is shown.
    if (cure === undefined || main.other) return [{ main, also: [], elsewhere: [] }]
    const mends = (one: PlacedFinding) => one.fixes.some((fix) => fixKey(fix) === cure)
    const also = take((one) => one.surface === main.surface && mends(one))
    // Ticks are the axis's own, and how labels stand the marks': what they mend is never another
    // surface's.
    const isShared = isOfStyle(main.fixes[0]!)
    const surfaces = new Set(
      isShared
        ? sorted
            .filter(
              (one) =>
                !taken.has(one) &&
                !one.other &&
                one.check === main.check &&
                one.fixes[0] !== undefined &&
                fixKey(one.fixes[0]) === cure,
            )
            .map(({ surface }) => surface)
        : [],
    )
    return [{ main, also, elsewhere: take((one) => surfaces.has(one.surface) && mends(one)) }]
  })
}

/** Findings of which nobody said that they may stand. */
export const standing = (
  findings: readonly PlacedFinding[],
  left: readonly Left[],
): PlacedFinding[] =>
  findings.filter(
    ({ surface, check, other }) =>
      other || !left.some((one) => one.surface === surface && one.check === check),
  )

/**
 * The places of all errors and warnings among some findings; kept as bytes, since there may be a
 * million.
 */
export function flaggedBy(findings: readonly PlacedFinding[]): PlaceSet {
  const told = findings.flatMap(withAlso).filter(({ severity }) => severity !== 'note')
  let last = -1
  for (const { at } of told) for (let i = 0; i < at.length; i++) last = Math.max(last, at[i]!)
  const flags = new Uint8Array(last + 1)
  for (const { at } of told) for (let i = 0; i < at.length; i++) flags[at[i]!] = 1
  return { has: (at) => flags[at] === 1 }
}
