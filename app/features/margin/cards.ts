import { checks } from '~~/core/checks'
import { withAlso } from '~~/core/checks/causes'
import { fixKey, isOfStyle } from '~~/core/checks/fixes'
import type { Finding, Fix, Severity, ToldFinding } from '~~/core/checks/types'
import type { Surface } from '~~/core/surfaces'
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
 * and the same finding on other surfaces with what its fix mends there.
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
/** The same finding on its other surfaces. */
export const sameElsewhere = ({ main, elsewhere }: Card): PlacedFinding[] =>
  elsewhere.filter(({ check }) => check === main.check)

const ORDER: Record<Severity, number> = { error: 0, warning: 1, note: 2 }

/**
 * Puts findings together that are of one kind or that one fix mends, the most serious first.
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
  /** What the first fix of a finding mends beside it, on its surface. */
  const mendedWith = ({ surface, fixes }: PlacedFinding): PlacedFinding[] => {
    const cure = fixes[0] && fixKey(fixes[0])
    if (cure === undefined) return []
    return take((one) => one.surface === surface && one.fixes.some((fix) => fixKey(fix) === cure))
  }
  return sorted.flatMap((main) => {
    if (taken.has(main)) return []
    taken.add(main)
    // Another quantity's finding is mended where that is shown.
    if (main.other) return [{ main, also: [], elsewhere: [] }]
    const same = take((one) => one.check === main.check)
    const also = mendedWith(main)
    return [{ main, also, elsewhere: same.flatMap((one) => [one, ...mendedWith(one)]) }]
  })
}

/** A fix of a card with the surfaces that it mends; each by its own fix of that kind. */
export interface Offer {
  readonly fix: Fix
  readonly surfaces: readonly Surface[]
}
/**
 * What a card offers: the fixes of its first surface, and those of each surface that none before
 * reaches. Of ticks, labels' places and the like the change is its own surface's alone.
 */
export function offersOf(card: Card): Offer[] {
  const same = [card.main, ...sameElsewhere(card)]
  const reach = (fix: Fix, from: Surface): Surface[] =>
    isOfStyle(fix)
      ? same
          .filter(({ fixes }) => fixes.some((one) => fixKey(one) === fixKey(fix)))
          .map(({ surface }) => surface)
      : [from]
  const offers: Offer[] = card.main.fixes.map((fix) => ({
    fix,
    surfaces: reach(fix, card.main.surface),
  }))
  for (const { surface, fixes } of same) {
    const isReached = offers.some(({ surfaces }) => surfaces.includes(surface))
    if (!isReached) offers.push(...fixes.map((fix) => ({ fix, surfaces: reach(fix, surface) })))
  }
  return offers
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
