import type { Subject } from '../checks/types'
import type { Style } from '../style/fields'
import { candidates, FAR_APART, type Form } from './candidates'
import { judge } from './judge'

export interface Suggestion {
  readonly style: Style
  readonly labels: readonly string[]
  /** From 0 to 1, the larger the better. */
  readonly score: number
  /** What speaks for it, and what against it. */
  readonly reasons: readonly string[]
}

/**
 * Of judged styles those that are needed, where there are any; all where one form is asked for.
 *
 * @example needed([{ isNeedless: true }, { isNeedless: false }]) // the second alone
 */
export function needed<One extends { readonly isNeedless: boolean }>(
  all: readonly One[],
  form?: Form,
): readonly One[] {
  const some = all.filter(({ isNeedless }) => !isNeedless)
  return form || some.length === 0 ? all : some
}

const MOST_SUGGESTED = 5
/** In thousandths, so that equal scores are. */
const scoreOf = (cost: number): number => Math.max(0, Math.round(1000 * (1 - cost)) / 1000)

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
  const seen = new Set<string>()
  const judged = (style: Style) => {
    const full = { ...subject.style, ...style }
    const found = judge({ ...subject, style: full }, seen)
    if (!found) return []
    const { labels, cost, reasons, isNeedless } = found
    return [{ isNeedless, told: { style: full, labels, score: scoreOf(cost), reasons } }]
  }
  const usual = candidates(form).flatMap(({ style }) => judged(style))
  const all = usual.length > 0 || form ? usual : judged(FAR_APART)
  return needed(all, form)
    .map(({ told }): Suggestion => told)
    .sort((a, b) => b.score - a.score)
    .slice(0, MOST_SUGGESTED)
}
