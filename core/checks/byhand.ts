import { shift } from '../decimal/arithmetic'
import { parseDecimal } from '../decimal/decimal'
import { readAs } from '../label/readas'
import { readBack, type ReadNumber } from '../label/readback'
import { regionOf } from '../label/region'
import { labelAt, valueAt } from './proof'
import type { Proof } from './types'

const bare = (label: string): string => label.replace(/[\s\u00a0\u202f]/g, '')
const PERCENT = /^[-−+]?[\d.,]+\s*%$/

/**
 * Every number that a label by hand can say: by the style, by plain digits, and by marks, units and
 * powers as the style's region reads them. A percent is a hundredth, or the number before its sign
 * where percents are counted so.
 *
 * @returns none where it says no number
 * @example numbersByHand(proof, 1) // 250000, where “250k” stands at the second tick
 */
export function numbersByHand(proof: Proof, at: number): ReadNumber[] {
  const { plan, full, context = {}, byHand } = proof
  const label = byHand![at]!
  if (label === labelAt(proof, at)) return [valueAt(proof, at)]
  const own = readBack(label, plan).candidates
  if (own.length > 0) return [...own]
  const plain = parseDecimal(bare(label).replace('−', '-'))
  if (plain) return [plain]
  if (PERCENT.test(label)) {
    const number = parseDecimal(bare(label).replace('−', '-').replace(/[%,]/g, ''))
    return number ? [number, shift(number, -2)] : []
  }
  return [...readAs(label, plan, regionOf(full.locale, context)).candidates]
}
