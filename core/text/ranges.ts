import type { Decimal } from '../decimal/decimal'
import { decide } from '../label/decide'
import type { Part, PartType, Plan, Row } from '../label/types'
import { joined, partsOf } from '../label/write'

/** What a range says once where both ends say the same: behind the second, or before the first. */
const TAIL: ReadonlySet<PartType> = new Set([
  'rung',
  'unit',
  'gap',
  'exponent',
  'after',
  'literal',
  'constant',
])
const HEAD: ReadonlySet<PartType> = new Set(['unit', 'gap', 'before', 'literal'])
const SIGNS: ReadonlySet<PartType> = new Set(['minus', 'plus', 'bound'])

function runOf(parts: readonly Part[], kinds: ReadonlySet<PartType>): Part[] {
  const end = parts.findIndex(({ type }) => !kinds.has(type))
  return parts.slice(0, end < 0 ? parts.length : end)
}

/**
 * A range as a legend writes it: rung and unit are said once where both ends have the same ones.
 *
 * @example rangeLabel(resolve({ notation: 'scaled' }), decimal(10000), decimal(20000)) // '10–20K'
 */
export function rangeLabel(plan: Plan, from: Decimal, to: Decimal, row?: Row): string {
  const [low, high] = [from, to].map((value) => partsOf(plan, decide(plan, value, row))) as [
    Part[],
    Part[],
  ]
  const isSigned = [...low, ...high].some(({ type }) => SIGNS.has(type))
  const tail = runOf([...low].reverse(), TAIL)
  const tailSame = joined(tail) === joined(runOf([...high].reverse(), TAIL))
  const head = runOf(high, HEAD)
  const headSame = !isSigned && joined(head) === joined(runOf(low, HEAD))
  const first = tailSame ? low.slice(0, low.length - tail.length) : low
  const second = headSame ? high.slice(head.length) : high
  // A dash beside a minus would be one mark too many.
  return `${joined(first)}${isSigned ? ' to ' : '–'}${joined(second)}`
}
