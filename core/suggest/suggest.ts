import type { Subject } from '../checks/types'
import type { Style } from '../style/fields'
import { candidates, FAR_APART, type Form } from './candidates'
import { type Draft, drafted, judge } from './judge'
import type { Reason } from '../ticks/reasons'

export interface Suggestion {
  readonly style: Style
  readonly labels: readonly string[]
  /** From 0 to 1, the larger the better. */
  readonly score: number
  /** What speaks for it, and what against it. */
  readonly reasons: readonly Reason[]
}

/**
 * What is good among what is needed; among the rest where none of that is good; among all where one
 * form is asked for.
 *
 * @param good the good ones among some
 * @example neededFirst([{ isNeedless: true }, { isNeedless: false }], undefined, (some) => [...some]) // the second alone
 */
export function neededFirst<One extends { readonly isNeedless: boolean }, Good>(
  all: readonly One[],
  form: Form | undefined,
  good: (some: readonly One[]) => Good[],
): Good[] {
  if (form) return good(all)
  const found = good(all.filter(({ isNeedless }) => !isNeedless))
  return found.length > 0 ? found : good(all.filter(({ isNeedless }) => isNeedless))
}

const MOST_SUGGESTED = 5
/** In thousandths, so that equal scores are. */
const scoreOf = (cost: number): number => Math.max(0, Math.round(1000 * (1 - cost)) / 1000)

/** A suggestion, and its place among what was tried, which decides between equal scores. */
interface Told {
  readonly place: number
  readonly suggestion: Suggestion
}
const better = (one: Told, other: Told): number =>
  other.suggestion.score - one.suggestion.score || one.place - other.place

/**
 * The best of some drafts, best first. Checks only take off the score, so that a draft that could
 * not win even without a finding is never checked.
 */
function best(drafts: readonly (Draft & { readonly place: number })[]): Suggestion[] {
  const seen = new Set<string>()
  let found: Told[] = []
  for (const draft of [...drafts].sort((a, b) => a.cost - b.cost || a.place - b.place)) {
    const worst = found[MOST_SUGGESTED - 1]
    if (worst && scoreOf(draft.cost) < worst.suggestion.score) break
    const judged = judge(draft, seen)
    if (!judged) continue
    const { labels, cost, reasons } = judged
    const suggestion = { style: draft.proof.style, labels, score: scoreOf(cost), reasons }
    found = [...found, { place: draft.place, suggestion }].sort(better).slice(0, MOST_SUGGESTED)
  }
  return found.map(({ suggestion }) => suggestion)
}

/**
 * Styles for values on a surface, best first: none with an error, each with what speaks for and
 * against it. The score takes off for long labels, for warnings and notes, and for what labels
 * lose.
 *
 * @param subject its style is what all suggestions have in common, such as unit and region
 * @param form one way of telling size, where only that is wanted
 * @throws Error for a region whose table is not loaded
 * @example suggest({ surface: 'axis', style: {}, values: [0, 5e5, 1e6].map(decimal) })[0].labels // '0.0M', '0.5M', '1.0M'
 */
export function suggest(subject: Subject, form?: Form): Suggestion[] {
  const draft = (style: Style, place: number) => ({
    ...drafted({ ...subject, style: { ...subject.style, ...style } }),
    place,
  })
  const usual = candidates(form).map(({ style }, place) => draft(style, place))
  const found = neededFirst(usual, form, best)
  return found.length > 0 || form
    ? found
    : best(FAR_APART.map((style, at) => draft(style, usual.length + at)))
}
