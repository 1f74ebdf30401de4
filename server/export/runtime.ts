import type { Plan } from '../../core/label/types'

/** The files of the built runtime, by name. */
export type ReadRuntime = (name: string) => Promise<string>

/** Parts of the runtime that few Plans use; scripts/lib/runtime.mjs leaves the others out. */
const rare: readonly (readonly [string, (plan: Plan) => boolean])[] = [
  ['multiple', ({ rules }) => rules.some(({ multiple }) => multiple !== null)],
  ['plurals', ({ rules }) => rules.some(({ plurals }) => plurals !== null)],
]

/**
 * The smallest variant of the runtime that writes by some Plans.
 *
 * @example runtimeFor([plan]) // 'label.mjs'
 */
export const runtimeFor = (plans: readonly Plan[]): string =>
  `${['label', ...rare.filter(([, isUsed]) => plans.some(isUsed)).map(([name]) => name)].join('-')}.mjs`
