import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, fromNumber } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { surfaces } from '../surfaces'
import { finer } from './changes'
import { doublesAt, listed, placesWhere } from './numbers'
import { doublesOf, valueAt } from './proof'
import type { Check, Proof } from './types'

/** Numbers named at most, and one more. */
const MOST_FIRST = 5

/** Decisions that make one text: for each the first of them. */
function textsOf({ decisions, column }: Proof): Int32Array {
  if (column?.hasOwnTexts) return Int32Array.from(decisions, (_, place) => place)
  const first = new Map<string, number>()
  return Int32Array.from(decisions, ({ label }, place) => {
    const known = first.get(label) ?? place
    if (known === place) first.set(label, place)
    return known
  })
}

/** The texts that stand for different values, by their first decisions. */
function sharedTexts(proof: Proof, texts: Int32Array): Set<number> {
  const { column, which, decisions } = proof
  const shared = new Set<number>()
  if (column) {
    texts.forEach((text, place) => {
      if (
        column.least[place] !== column.least[text] ||
        column.largest[place] !== column.least[text]
      )
        shared.add(text)
    })
    return shared
  }
  const first = new Map<number, Decimal>()
  which.forEach((place, at) => {
    // Within their errors two values may well be one.
    if (decisions[place]!.written.error !== undefined) return
    const text = texts[place]!
    const value = valueAt(proof, at)
    const known = first.get(text)
    if (!known) first.set(text, value)
    else if (compare(known, value) !== 0) shared.add(text)
  })
  return shared
}

interface Distinct {
  readonly first: readonly Decimal[]
  readonly last: Decimal
  readonly count: number
}

/**
 * The different values that stand at some places, ascending: the first of them, the last, and how
 * many there are.
 */
function distinct(proof: Proof, places: readonly number[]): Distinct {
  const doubles = doublesOf(proof)
  if (doubles) {
    const sorted = doublesAt(doubles, places).sort()
    const first: number[] = []
    let count = 0
    for (let i = 0; i < sorted.length; i++) {
      if (i > 0 && sorted[i] === sorted[i - 1]) continue
      if (count++ < MOST_FIRST) first.push(sorted[i]!)
    }
    return { first: first.map(fromNumber), last: fromNumber(sorted.at(-1)!), count }
  }
  const sorted = places
    .map((at) => valueAt(proof, at))
    .sort(compare)
    .filter((value, i, all) => i === 0 || compare(value, all[i - 1]!) !== 0)
  return { first: sorted, last: sorted.at(-1)!, count: sorted.length }
}

/**
 * Protects readers from different values on one surface that read the same. Values that are one
 * within their errors are left alone.
 */
export const sameLabel: Check<{
  numbers: readonly string[]
  count: number
  label: string
  apart: string
}> = {
  id: 'same-label',
  title: 'Different numbers read the same',
  weight: 'error; warning on data labels and in tables',
  finds: 'different values with the same label',
  find(proof) {
    const texts = textsOf(proof)
    const shared = sharedTexts(proof, texts)
    if (shared.size === 0) return null
    const counts = new Int32Array(texts.length)
    for (const place of proof.which) counts[texts[place]!]!++
    const widest = [...shared].reduce((a, b) =>
      counts[b]! > counts[a]! || (counts[b] === counts[a] && b < a) ? b : a,
    )
    const at = placesWhere(proof, (_, place) => shared.has(texts[place]!))
    const { first, last, count } = distinct(
      proof,
      placesWhere(proof, (_, place) => texts[place] === widest),
    )
    return {
      severity: surfaces[proof.surface].hasTicks ? 'error' : 'warning',
      params: {
        numbers: first.slice(0, MOST_FIRST).map(plainly),
        count,
        label: proof.decisions[widest]!.label,
        apart: plainly(subtract(last, first[0]!)),
      },
      at,
    }
  },
  message: ({ numbers, count, label, apart }) =>
    `${listed(numbers, count)} ${count === 2 ? 'both' : 'all'} read “${label}”. Readers take them for one number, but they are ${apart} apart.`,
  propose: finer,
}
