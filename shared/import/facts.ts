import type { Cells } from './types'
import type { LabelRule } from './label'
import type { Facts } from './roles'

const BARE = /^\d+$/
/** From here on doubles are written with an exponent. */
const EXPONENTS = 1e21
const isBare = (double: number): boolean =>
  Number.isInteger(double) && double >= 0 && double < EXPONENTS
/** The digits of a whole number. */
function widthOf(whole: number): number {
  let [digits, power] = [1, 10]
  while (whole >= power) {
    digits++
    power *= 10
  }
  return digits
}

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
    const text = looked?.text.trim()
    if (text === undefined ? !isBare(doubles[at]!) : !BARE.test(text)) {
      // One word among numbers says nothing of them.
      areBare = looked !== undefined && rule.read(looked) === null
      continue
    }
    const value = text === undefined ? doubles[at]! : Number(text)
    const own = text === undefined ? widthOf(value) : text.length
    count++
    // Once one stands twice they are not distinct, however many more there are.
    if (seen.size === count - 1) seen.add(text ?? value)
    least = Math.min(least, value)
    largest = Math.max(largest, value)
    isOneWidth &&= width === null || width === own
    width = own
    if (before !== null && value !== before) {
      // A run that begins again, as years do for each place, is steady too.
      const by = value - before
      areSteady &&= step === null || by === step || (step !== 0 && value === least)
      step ??= by
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
