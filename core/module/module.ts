/**
 * The runtime of exported modules: what writes and says labels by a Plan. The bundle made of this
 * file is the same for every export but for what its Plans never use; each function stands by
 * itself, so that a bundler drops those that a program never imports.
 */
import { unitNamer } from '../label/conditions'
import { byDoubles } from '../label/fast/byDoubles'
import type { DoublePlan } from '../label/fast/doublePlan'
import type { Part, Plan, Row, Value } from '../label/types'
import { type Writer, writer } from '../label/writer'
import { speaker, type SpokenPlan } from '../text/spoken'

/** What a program passes: a value, or an object that stands for a number. */
type Passed = Value | { valueOf(): number }
const plain = (value: Passed): Value =>
  typeof value === 'object' && value !== null ? value.valueOf() : value

const writerBy = (plan: Plan, doubles?: DoublePlan): Writer =>
  writer(plan, doubles && byDoubles(doubles))

export const labelBy = (plan: Plan, doubles?: DoublePlan, lacking?: string) => {
  const by = writer(plan)
  const named = unitNamer(plan, by.written, lacking)
  const exactly = (value: Passed, row?: Row): string => {
    const own = plain(value)
    return named(own, row, by.label(own, row))
  }
  if (!doubles) return exactly
  // What writes doubles knows no row: it stands before all else.
  const fast = byDoubles(doubles)
  return (value: Passed, row?: Row): string =>
    (typeof value === 'number' ? fast(value) : null) ?? exactly(value, row)
}
export const labelsBy = (plan: Plan, doubles?: DoublePlan, lacking?: string) => {
  const by = writerBy(plan, doubles)
  const named = unitNamer(plan, by.written, lacking)
  return (values: Iterable<Passed>, rows?: readonly Row[]): string[] => {
    const own = Array.from(values, plain)
    return by.labels(own, rows).map((text, at) => named(own[at], rows?.[at], text))
  }
}
export const partsBy = (plan: Plan, lacking?: string) => {
  const by = writerBy(plan)
  const named = unitNamer(plan, by.written, lacking)
  return (value: Passed, row?: Row): Part[] => {
    const own = plain(value)
    // A row that is lacking is told, whatever parts there are.
    const lacks = named(own, row, '') !== ''
    const all = by
      .parts(own, row)
      .map((part) =>
        part.type === 'unit' ? { ...part, value: named(own, row, part.value) } : part,
      )
    const unit = [
      { type: 'gap', value: '\u00a0' },
      { type: 'unit', value: lacking! },
    ] as const
    return lacks ? [...all, ...unit] : all
  }
}
export const spokenBy = (plan: Plan, words: SpokenPlan, lacking?: string) => {
  const say = speaker(plan, words)
  const named = unitNamer(plan, writerBy(plan).written, lacking)
  return (value: Passed, row?: Row): string => {
    const own = plain(value)
    return named(own, row, say(own, row))
  }
}
export { ticksBy } from './ticks'
