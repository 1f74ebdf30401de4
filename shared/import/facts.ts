import type { Cells } from './types'
import type { LabelRule } from './label'
import type { Facts } from './roles'

const BARE = /^\d+$/

/**
 * What tells the role of a column of numbers.
 *
 * @example factsOf(cellsOf(['2021', '2022']), rule).areSteady // true
 */
export function factsOf({ doubles, texts, length }: Cells, rule: LabelRule): Facts {
  const seen = new Set<number | string>()
  let [count, areBare, least, largest] = [0, rule.words === '', Infinity, -Infinity]
  let [width, step, before]: [number | null, number | null, number | null] = [null, null, null]
  let [isOneWidth, areSteady] = [true, true]
  for (let at = 0; at < length && areBare; at++) {
    const looked = texts[at]
    if (looked?.isMissing) continue
    const text = looked ? looked.text.trim() : String(doubles[at])
    if (!BARE.test(text)) {
      // One word among numbers says nothing of them.
      areBare = looked !== undefined && rule.read(looked) === null
      continue
    }
    const value = Number(text)
    count++
    seen.add(looked ? text : value)
    least = Math.min(least, value)
    largest = Math.max(largest, value)
    isOneWidth &&= width === null || width === text.length
    width = text.length
    if (before !== null && value !== before) {
      // A run that begins again, as years do for each place, is steady too.
      const own = value - before
      areSteady &&= step === null || own === step || (step !== 0 && value === least)
      step ??= own
    }
    before = value
  }
  return {
    count,
    areBare: areBare && count > 0,
    least,
    largest,
    width: isOneWidth ? width : null,
    areDistinct: seen.size === count,
    areSteady: areSteady && seen.size > 1,
  }
}
