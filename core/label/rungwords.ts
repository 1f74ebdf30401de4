import { ladderOf, REGIONAL } from '../ladders/find'
import { isEnglish } from '../locale/choose'
import { isNumberAlone, LEAST_POWER, parsePattern } from '../locale/pattern'
import type { ByPlural } from '../locale/types'
import type { Contribution } from '../notations/types'
import type { FullStyle } from '../style/schemas'

/** The region's pattern with the word for a power, where it has one for just that power. */
function wordPattern(power: number, patterns: readonly ByPlural[] | null): ByPlural | null {
  const byPlural = patterns?.[power - LEAST_POWER]
  if (!byPlural) return null
  const pattern = parsePattern(byPlural.other ?? '0')
  return pattern.zeros <= 1 && !isNumberAlone(pattern) ? byPlural : null
}

/**
 * The same rungs by their words: the region's own, the ladder's in English and where the region
 * has none. Powers stay as they are, so that decisions hold for both.
 */
export function rungWords(
  style: FullStyle,
  own: Contribution,
  long: readonly ByPlural[] | null,
): Contribution {
  const ladder = ladderOf(style.ladder)
  const isRegional = style.ladder === REGIONAL
  const byRegion =
    isRegional || (!isEnglish(style.locale) && ladder.base === 10 && !ladder.prefixes)
  const words = own.rungs.map(({ power }) => (byRegion ? wordPattern(power, long) : null))
  return {
    ...own,
    rungs: own.rungs.map((rung) => {
      const named = ladder.rungs.find(({ power }) => power === rung.power)
      return rung.power !== 0 && named ? { ...rung, text: named.word, gap: '\u00a0' } : rung
    }),
    patterns: own.rungs.map((rung, at) =>
      rung.power === 0 ? null : (words[at] ?? (isRegional ? (own.patterns?.[at] ?? null) : null)),
    ),
  }
}
