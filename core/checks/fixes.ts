import { decimalsText } from '../style/counts'
import { type Surface, surfaceName } from '../surfaces'
import type { Change, Fix, FixParams } from './types'

/**
 * What each fix is called, by its id and its parameters. A translation changes these words alone.
 */
const words = {
  decimals: ({ count }: { count: number }) => `Write ${decimalsText(count)}`,
  'step-decimals': () => 'Write the decimals of the step',
  seconds: () => 'Add seconds',
  'with-error': () => 'Add the error',
  'show-sign': () => 'Show the sign',
  'whole-digits': () => 'Write whole digits',
  'in-rung': ({ rung }: { rung: string }) => `Write all in ${rung}`,
  'own-rungs': () => 'Use the best rung for each label',
  'one-rung': () => 'Use one rung',
  'one-exponent': () => 'Use one exponent',
  'step-by': ({ step, unit }: { step: string; unit?: string }) =>
    unit === undefined ? `Set the step to ${step}` : `Set the step to ${step} (unit: ${unit})`,
  enclose: () => 'Extend the ticks to the data',
  mean: () => 'Draw the mean',
  'ratio-of-sums': ({ divisor }: { divisor: string }) =>
    `Draw the ratio of the sums (mean weighted by ${divisor})`,
  'no-total': () => 'Hide the total',
  'all-digits': () => 'Write all digits without groups',
  'second-line': () => 'Use a second line',
  'smaller-type': () => 'Use smaller data labels',
  turned: () => 'Rotate the labels',
  'laid-down': () => 'Draw bars instead of columns',
  'few-labels': () => 'Label only the ends, the largest and the smallest',
  'one-symbol': () => 'Use one symbol for all',
  'own-symbols': () => 'Use a symbol for each',
  'rung-words': () => 'Write the rung as a word',
  'unit-prefixes': () => 'Use prefixes of the unit',
  'unit-in-title': () => 'Put the unit in the title',
  'rung-in-title': () => 'Put rung and unit in the title',
  'unit-on-labels': () => 'Put the unit on each label',
  'as-surface': ({ surface }: { surface: Surface }) =>
    `Use the style of the ${surfaceName(surface)}`,
  'as-member': ({ title }: { title: string }) => `Use the style of “${title}”`,
  'no-cases': () => 'Remove the exceptions',
  'narrow-groups': () => 'Group with thin spaces',
  'no-groups': () => 'Do not group digits',
  'short-ladder': () => 'Use thousands and millions',
  'power-beside': () => 'Add the power to the symbol',
  'in-words': () => 'Use words',
  convert: ({ from, factor, to }: { from: string; factor: string; to: string }) =>
    `Convert: 1 ${from} is ${factor} ${to}`,
  'into-unit': ({ unit }: { unit: string }) => `Convert to ${unit}`,
  'rung-of-money': ({ unit }: { unit: string }) =>
    `Write ${unit} with the best rung for each number`,
  'one-unit': ({ unit }: { unit: string }) => `Show only the rows in ${unit}`,
  'simpler-style': () => 'Keep the simpler style',
  'keep-unit': ({ unit }: { unit: string }) => `Keep ${unit}`,
  'labels-from-ticks': () => 'Replace labels by hand with the ticks',
  'labels-from-places': () => 'Write the numbers of the positions',
  'plain-texts': () => 'Write zero as 0 and missing values as n/a',
  'percent-sign': () => 'Add a percent sign without multiplying',
  'as-percent': () => 'Write percent',
  'in-points': () => 'Write percentage points',
  'no-factor': () => 'Write the numbers as they are',
  'as-ruled': ({ words }: { words: string }) => `Follow the rule: ${words}`,
  'no-texts': () => 'Remove the texts around the label',
} as const
export type FixId = keyof typeof words

/**
 * A change that mends a finding, with its words.
 *
 * @example fix('decimals', { count: 2 }, { way: 'decimals', style }).title // 'Write 2 decimals'
 */
export const fix = <Id extends FixId>(
  id: Id,
  params: Parameters<(typeof words)[Id]>[0] extends undefined
    ? Record<string, never>
    : Parameters<(typeof words)[Id]>[0],
  change: Change,
): Fix => ({
  id,
  params: params as FixParams,
  title: (words[id] as (given: unknown) => string)(params),
  ...change,
})

/**
 * Whether a change is one of the style and of nothing else, so that other surfaces can take it too.
 *
 * @example isOfStyle({ way: 'ticks', style, ticks: { step: '5' } }) // false
 */
export const isOfStyle = ({ ticks, dropsLabels, dropsTotal, aggregate, layout }: Change): boolean =>
  !ticks && !dropsLabels && !dropsTotal && !aggregate && !layout

/** What a fix is known by: the same on another surface turns to the same. */
export const fixKey = ({ id, params }: Pick<Fix, 'id' | 'params'>): string =>
  JSON.stringify([id, params])
