import type { Decision } from '../label/fast/column'
import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { surfaces } from '../surfaces'
import { labelAt, valueAt } from './proof'
import type { Proof } from './types'
import { kindOf } from '../units'

/** Kinds of quantities that lie between none and all of something. */
const PARTS: ReadonlySet<string | undefined> = new Set(['shares', 'ratio'])
/** Whether a quantity is a part of something. */
export const isPart = ({ kind }: Pick<Proof, 'kind'>): boolean => PARTS.has(kind)

/**
 * The decimals that are usual for what a style writes: whole percent, a currency's minor unit,
 * whole
 * numbers of what is counted; null where there is no such usage.
 *
 * @example usualDecimals(pricesInYen) // 0
 */
export function usualDecimals({ full: { unit }, kind }: Proof): number | null {
  return kindOf(unit).usualDecimals(unit) ?? (kind === 'count' ? 0 : null)
}

/** The labels that stand for different values. */
function ambiguousLabels(proof: Proof): ReadonlySet<string> {
  const { column, decisions, which } = proof
  const first = new Map<string, Decimal | number>()
  const found = new Set<string>()
  const note = (label: string, value: Decimal | number) => {
    const known = first.get(label)
    if (known === undefined) first.set(label, value)
    else if (isOther(known, value)) found.add(label)
  }
  if (column)
    decisions.forEach(({ label }, place) => {
      note(label, column.least[place]!)
      note(label, column.largest[place]!)
    })
  else for (const at of which.keys()) note(labelAt(proof, at), valueAt(proof, at))
  return found
}
const isOther = (a: Decimal | number, b: Decimal | number): boolean =>
  typeof a === 'number' || typeof b === 'number' ? a !== b : compare(a, b) !== 0

/**
 * Tells which decisions round as is usual for what they write, and stand for one value each: nobody
 * is misled by a price in cents.
 *
 * @returns null where nothing is usual
 * @example usualRounding(pricesInCents)?.(decisionOf(0.013)) // true, where no other is 0.01
 */
export function usualRounding(proof: Proof): ((decision: Decision) => boolean) | null {
  const { surface, plan } = proof
  const usual = surfaces[surface].hasTicks ? null : usualDecimals(proof)
  if (usual === null) return null
  // All labels are compared only where one is asked about.
  let ambiguous: ReadonlySet<string> | undefined
  return ({ written, label }) => {
    const { power } = plan.rules[written.rule]!.rungs[written.rung]!
    const isUsual = written.decimals >= usual && written.exponent === null && power === 0
    return isUsual && !(ambiguous ??= ambiguousLabels(proof)).has(label)
  }
}
