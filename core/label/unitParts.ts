import type { Part, Rule, Slot } from './types'

/** What a rule writes of its unit on one side of the number: each way of it, as its parts. */
export interface UnitParts {
  readonly before: readonly (readonly Part[])[]
  readonly after: readonly (readonly Part[])[]
}
const unitsAmong = (slots: readonly Slot[]): Part[][] =>
  slots.flatMap((slot) => (typeof slot === 'object' && slot.type === 'unit' ? [[slot]] : []))

/**
 * The units that a rule writes around its numbers: its symbol, or its name by each plural.
 *
 * @example unitParts(ruleOfPounds).after // [[{ type: 'gap', … }, { type: 'unit', value: 'lb' }]]
 */
export function unitParts({ frames: { none }, names }: Pick<Rule, 'frames' | 'names'>): UnitParts {
  const named = Object.values(names ?? {})
  return {
    before: [...unitsAmong(none.before), ...named.map(([before]) => before)],
    after: [...unitsAmong(none.after), ...named.map(([, after]) => after)],
  }
}
