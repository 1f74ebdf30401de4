import type { Plan, Rule } from '../../core/label/types'
import type { SpokenPlan } from '../../core/text/spoken'

/** The files of the built runtime, by name. */
export type ReadRuntime = (name: string) => Promise<string>

/** Parts of the runtime that few Plans use; scripts/lib/runtime.mjs leaves the others out. */
const rare: readonly (readonly [string, (rule: Partial<Rule>) => boolean])[] = [
  ['multiple', ({ multiple }) => Boolean(multiple)],
  ['clock', ({ clock }) => Boolean(clock)],
  ['uncertainty', ({ uncertainty }) => Boolean(uncertainty)],
  ['convert', ({ convert }) => Boolean(convert)],
  [
    'bounds',
    ({ under, over, factor }) => under != null || over != null || (factor ?? '').startsWith('-'),
  ],
  ['leveled', ({ precision: { by, last } = {} }) => by !== undefined || last !== undefined],
  ['cases', ({ when }) => Boolean(when)],
  ['plurals', ({ plurals }) => Boolean(plurals)],
]

/**
 * The smallest variant of the runtime that writes by a Plan and says its labels.
 *
 * @example runtimeFor(plan, words) // 'label.mjs'
 */
export const runtimeFor = (plan: Plan, words: SpokenPlan): string =>
  `${['label', ...rare.filter(([, isUsed]) => [...plan.rules, ...words.rules].some(isUsed)).map(([name]) => name)].join('-')}.mjs`
