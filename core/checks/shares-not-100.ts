import { compare, magnitudeOf, multiply, subtract, sum } from '../decimal/arithmetic'
import { whereResolved } from '../error'
import { saidBy } from '../label/cells'
import { unitlessContext } from '../label/context'
import { decide } from '../label/decide'
import { resolve } from '../label/resolve'
import { textOf } from '../label/write'
import { type Decimal, decimal, ONE } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { moreDecimals } from './changes'
import { partsOf, printedBeside } from './totals'
import type { Check, Proof } from './types'

/** How far shares may miss their whole before they are not all of it. */
const WHOLE = decimal('1e-3')
const HUNDRED = decimal(100)

/** Shares that are printed beside the values, added up as they are read. */
function besideShares({ shareParts, context }: Proof) {
  if (!shareParts) return null
  const { style, values } = shareParts
  const plan = whereResolved(() => resolve(style, unitlessContext(context, values)))
  if (!plan) return null
  const printed = sum(values.map((value) => saidBy(plan, decide(plan, value))))
  if (compare(printed, ONE) === 0) return null
  const label = (value: Decimal) => textOf(plan, decide(plan, value))
  return {
    severity: 'warning' as const,
    params: {
      sum: label(printed),
      whole: label(ONE),
      apart: label(magnitudeOf(subtract(printed, ONE))),
    },
    at: [...values.keys()],
  }
}

/** Printed shares against 100 %. */
export const sharesNot100: Check<{ sum: string; whole: string; apart: string }> = {
  id: 'shares-not-100',
  title: 'The printed shares miss 100%',
  weight: 'warning',
  finds: 'shares that add up to the whole within a thousandth, but not as printed',
  find(proof) {
    const beside = besideShares(proof)
    if (beside) return beside
    if (!proof.shares || proof.values.length === 0) return null
    const { at, exact, printed } = partsOf(proof)
    // Shares are recorded as parts of one or of a hundred.
    const whole = [ONE, HUNDRED].find(
      (one) => compare(magnitudeOf(subtract(exact, one)), multiply(WHOLE, one)) <= 0,
    )
    if (!whole || compare(printed, whole) === 0) return null
    return {
      severity: 'warning',
      params: {
        sum: plainly(printed),
        whole: printedBeside(proof, whole).label,
        apart: plainly(magnitudeOf(subtract(printed, whole))),
      },
      at,
    }
  },
  message: ({ sum, whole, apart }) =>
    `The printed shares add up to ${sum}, not “${whole}”, ${apart} apart.`,
  propose: (proof) => (proof.shareParts ? [] : moreDecimals(proof)),
}
