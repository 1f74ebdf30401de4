import type { Rule } from '../../core/label/types'
import type { Source } from './code/slim'

/** The files of the built runtime, by name. */
export type ReadRuntime = (name: string) => Promise<string>

/** Parts of the runtime that few Plans use; scripts/lib/runtime.mjs leaves the others out. */
const rare: readonly (readonly [string, (rule: Partial<Rule>) => boolean])[] = [
  ['exponent', ({ exponent, beyond, multiple }) => Boolean(exponent || multiple) || beyond != null],
  ['factor', ({ factor = '1', precision }) => factor !== '1' || precision?.strip === true],
  [
    'increment',
    ({ precision, rungs = [] }) =>
      Boolean(precision?.increment) ||
      rungs.some(({ base, fromBase }) => base === 2 || fromBase === 2),
  ],
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

/** What places ticks anew, which axes alone do. */
const TICKS = 'ticks'
/** A runtime with more of them has all. */
const MOST_PARTS = 3

/**
 * The smallest variant of the runtime that writes by some Plans and says their labels.
 *
 * @example runtimeFor([{ plan, words }]) // 'label.mjs'
 */
export function runtimeFor(sources: readonly Source[]): string {
  const rules = sources.flatMap(({ plan, words }) => [...plan.rules, ...words.rules])
  const used = rare.filter(([, isUsed]) => rules.some(isUsed)).map(([name]) => name)
  const hasAll = used.length > MOST_PARTS
  const kept = hasAll ? rare.map(([name]) => name) : used
  const ticks = hasAll || sources.some(({ ladder }) => ladder) ? [TICKS] : []
  return `${['label', ...[...kept, ...ticks].sort()].join('-')}.mjs`
}
