import { decimalsOf, multiply } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import type { Plan, Rung } from '../label/types'
import { writer } from '../label/writer'

/** A place of an axis with its label. */
export interface LabelledTick {
  readonly value: number
  readonly label: string
}

/** Multiples of a power of ten that ticks stand at. */
const STEPS = [1n, 2n, 5n]
/** Pixels of a character, of the gap between labels, and between the nearest ticks. */
const [CHARACTER, GAP, NEAREST] = [7, 14, 30]

/** An axis that spans less is one place. */
const NARROWEST = 1e-290

/** Steps from the least that is at least a size on, each larger than the one before. */
function* stepsFrom(size: number): Generator<Decimal> {
  for (let exponent = Math.floor(Math.log10(size)); ; exponent++)
    for (const coefficient of STEPS)
      if (Number(`${coefficient}e${exponent}`) >= size) yield { coefficient, exponent }
}
const times = ({ coefficient, exponent }: Decimal, count: number): number =>
  Number(`${BigInt(count) * coefficient}e${exponent}`)

/** The Plan in the rung or exponent that the largest tick needs, with the decimals of the step. */
function planFor(plan: Plan, ladder: readonly Rung[], step: Decimal, largest: number): Plan {
  const [rule] = plan.rules
  const size = largest * Math.abs(Number(rule!.factor))
  const lead = size > 0 ? Math.floor(Math.log10(size)) : 0
  const found = ladder.findLastIndex(({ from }) => size >= Number(`1e${from}`))
  const own = Math.max(0, found)
  const { fixed = null, step: by = 1 } = rule!.exponent ?? {}
  const exponent = rule!.exponent && {
    ...rule!.exponent,
    fixed: fixed === null ? null : Math.floor(lead / by) * by,
  }
  const isFrozen = rule!.fixedRung !== null && !rule!.exponent
  const power = exponent?.fixed ?? (isFrozen ? ladder[own]!.power : 0)
  const inUnits = multiply(step, decimal(rule!.factor))
  const decimals = decimalsOf({ ...inUnits, exponent: inUnits.exponent - power })
  // Labels that choose their own rung keep the digits that tell one from the next.
  const each = Math.max(1, lead - inUnits.exponent + 1)
  const isEach = exponent ? exponent.fixed === null : !isFrozen && rule!.rungs.length > 1
  const digits = isEach
    ? { fraction: null, significant: [1, each] as const }
    : { fraction: [decimals, decimals] as const, significant: null }
  const precision = {
    ...rule!.precision,
    ...digits,
    increment: null,
    by: undefined,
    last: undefined,
  }
  const level = isFrozen ? { rungs: ladder, fixedRung: own } : {}
  return { ...plan, rules: [{ ...rule!, ...level, exponent, precision }] }
}

/**
 * Places ticks on a linear axis that zooms or lives: as many as have room for their labels, which
 * take the rung and the decimals that they need there.
 *
 * @param plan of the axis, with one rule that writes numbers
 * @param ladder the rungs that a frozen one is chosen from anew
 * @returns what takes the ends of the axis, in either order, and its length in pixels
 * @throws RangeError for ends that are no numbers, or no length
 * @example ticksBy(plan)([0, 3000], 300)[1] // { value: 1000, label: '1K' }
 */
export const ticksBy =
  (plan: Plan, ladder: readonly Rung[] = plan.rules[0]!.rungs) =>
  ([first, last]: readonly [number, number], width: number): LabelledTick[] => {
    const [low, high] = first < last ? [first, last] : [last, first]
    const span = high - low
    if (!Number.isFinite(span) || !(width > 0))
      throw new RangeError(
        `ticksFor([${first}, ${last}], ${width}): give two finite ends and a length above zero`,
      )
    if (span < NARROWEST) return [{ value: low, label: writer(plan).label(low) }]
    for (const step of stepsFrom((span * NEAREST) / width)) {
      const size = times(step, 1)
      const [from, to] = [Math.ceil(low / size), Math.floor(high / size)]
      const values = Array.from({ length: Math.max(0, to - from + 1) }, (_, at) =>
        times(step, from + at),
      )
      const largest = Math.max(...values.map(Math.abs), 0)
      const labels = writer(planFor(plan, ladder, step, largest)).labels(values)
      const longest = Math.max(...labels.map((label) => label.length), 0)
      if (values.length > 2 && longest * CHARACTER + GAP > (size / span) * width) continue
      const ticks = values.map((value, at) => ({ value, label: labels[at]! }))
      return first <= last ? ticks : ticks.reverse()
    }
    return []
  }
