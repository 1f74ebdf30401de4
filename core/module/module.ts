/**
 * The runtime of exported modules: what writes and says labels by a Plan. The bundle made of this
 * file is the same for every export but for what its Plans never use; each function stands by
 * itself, so that a bundler drops those that a program never imports.
 */
import { inOwnUnit } from '../label/conditions'
import type { Part, Plan, Row, Value } from '../label/types'
import { type Writer, writer } from '../label/writer'
import { speaker, type SpokenPlan } from '../text/spoken'

/** What a program passes: a value, or an object that stands for a number. */
type Passed = Value | { valueOf(): number }
const plain = (value: Passed): Value =>
  typeof value === 'object' && value !== null ? value.valueOf() : value

const kept = /* @__PURE__ */ new WeakMap<Plan, Writer>()
/** The writer of a Plan, made once. */
function writerOf(plan: Plan): Writer {
  const made = kept.get(plan) ?? writer(plan)
  kept.set(plan, made)
  return made
}
/** A text with the unit of its row, where that is one that the Plan does not know. */
const named = (plan: Plan, value: Value, row: Row | undefined, text: string): string =>
  plan.rules.some(({ unitOf }) => unitOf !== undefined)
    ? inOwnUnit(plan, writerOf(plan).written(value, row), row, text)
    : text

export const labelBy =
  (plan: Plan) =>
  (value: Passed, row?: Row): string => {
    const own = plain(value)
    return named(plan, own, row, writerOf(plan).label(own, row))
  }
export const labelsBy =
  (plan: Plan) =>
  (values: Iterable<Passed>, rows?: readonly Row[]): string[] => {
    const own = Array.from(values, plain)
    const all = writerOf(plan).labels(own, rows)
    return all.map((text, at) => named(plan, own[at], rows?.[at], text))
  }
export const partsBy =
  (plan: Plan) =>
  (value: Passed, row?: Row): Part[] => {
    const own = plain(value)
    const all = writerOf(plan).parts(own, row)
    // A row that is lacking is told, whatever parts there are.
    named(plan, own, row, '')
    return all.map((part) =>
      part.type === 'unit' ? { ...part, value: named(plan, own, row, part.value) } : part,
    )
  }
export const spokenBy = (plan: Plan, words: SpokenPlan) => {
  const say = speaker(plan, words)
  return (value: Passed, row?: Row): string => {
    const own = plain(value)
    return named(plan, own, row, say(own, row))
  }
}
