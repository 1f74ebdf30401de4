import { plainly } from '../decimal/plainly'
import type { Decision } from '../label/fast/column'
import { inLatin } from '../label/digits'
import { fix } from './fixes'
import { isExact, quoted } from './numbers'
import { labelAt, valueAt } from './proof'
import type { Role } from '../data/roles'
import type { Check, Proof } from './types'

/** Roles whose numbers are names. */
const NAMES: Readonly<Partial<Record<Role, string>>> = { year: 'a year', code: 'a code' }

const ways = {
  summed: 'summed',
  rounded: 'rounded',
  shortened: 'abbreviated',
  grouped: 'grouped',
} as const
type Way = keyof typeof ways

/** What is done to a name that is done to numbers alone; null where nothing is. */
function wayOf(proof: Proof, at: number, { written, label }: Decision): Way | null {
  const rule = proof.plan.rules[written.rule]!
  if (written.kind !== 'number') return null
  if (written.exponent !== null || rule.rungs[written.rung]!.text !== '') return 'shortened'
  if (!isExact(proof, at) || written.decimals > 0) return 'rounded'
  const { grouping, marks, digits } = rule
  return grouping && inLatin(label, digits).includes(marks.group) ? 'grouped' : null
}

/**
 * Protects names that are made of digits, years and codes, from what is done to numbers: group
 * marks, rungs, exponents, rounding, sums. Digits as they are are left alone, whatever stands
 * around
 * them.
 */
export const groupedName: Check<{
  value: string
  label: string
  name: string
  way: Way
  count: number
}> = {
  id: 'grouped-name',
  title: 'A year or code written as a number',
  weight: 'error',
  finds: 'a year or code that is grouped, abbreviated, rounded or summed',
  find(proof) {
    const { role, total, which, decisions, aggregate } = proof
    const name = role && NAMES[role]
    if (!name) return null
    const isSummed = total !== undefined || aggregate === 'sum'
    const found = [...which].flatMap((place, at) => {
      const way = isSummed ? 'summed' : wayOf(proof, at, decisions[place]!)
      return way ? [{ at, way }] : []
    })
    const [first] = found
    if (!first) return null
    return {
      severity: 'error',
      params: {
        value: plainly(valueAt(proof, first.at)),
        label: labelAt(proof, first.at),
        name,
        way: first.way,
        count: found.length,
      },
      at: found.map(({ at }) => at),
    }
  },
  message: ({ value, label, name, way, count }) =>
    `${value} is ${name}, but it is ${ways[way]}: ${quoted(label)}. Readers take ${count === 1 ? 'it for an amount' : `${count} such labels for amounts`}.`,
  *propose(proof) {
    const { style } = proof
    if (proof.total !== undefined)
      yield fix('no-total', {}, { way: 'total', style, dropsTotal: true })
    yield fix(
      'all-digits',
      {},
      {
        way: 'notation',
        style: {
          ...style,
          notation: 'plain',
          grouping: 'never',
          fraction: [0, 0],
          significant: null,
          increment: null,
        },
      },
    )
  },
}
