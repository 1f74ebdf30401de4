import { decimalsText } from '../style/counts'
import type { Change, Fix, FixParams } from './types'

/**
 * What each fix is called, by its id and its parameters. A translation changes these words alone.
 */
const words = {
  decimals: ({ count }: { count: number }) => `Write ${decimalsText(count)}`,
  'step-decimals': () => 'Write the decimals that the step needs',
  seconds: () => 'Write seconds too',
  'with-error': () => 'Write the error too',
  'show-sign': () => 'Show the sign',
  'whole-digits': () => 'Write whole digits',
  'in-rung': ({ rung }: { rung: string }) => `Write all in ${rung}`,
  'own-rungs': () => 'Give each label its own rung',
  'one-rung': () => 'Share one rung',
  'one-exponent': () => 'Share one exponent',
  'step-by': ({ step, unit }: { step: string; unit?: string }) =>
    unit === undefined ? `Step by ${step}` : `Step by ${step} (unit: ${unit})`,
  enclose: () => 'Let the ticks go on to the ends of the data',
  mean: () => 'Draw the mean',
  'ratio-of-sums': ({ divisor }: { divisor: string }) =>
    `Draw the ratio of the sums: the mean weighted by ${divisor}`,
  'no-total': () => 'Leave the total out',
  'all-digits': () => 'Write all digits, without marks between',
  'second-line': () => 'Put what stands behind on a second line',
  'smaller-type': () => 'Set the labels of the marks in smaller type',
  turned: () => 'Turn the labels upright',
  'laid-down': () => 'Lay the columns down as bars',
  'few-labels': () => 'Label the ends, the largest and the least alone',
  'one-symbol': () => 'Write all with one symbol',
  'own-symbols': () => 'Write each with its symbol',
  'rung-words': () => 'Write the power as a word',
  'unit-prefixes': () => 'Write prefixes of the unit',
  'unit-in-title': () => 'Say the unit in the title',
  'rung-in-title': () => 'Say rung and unit in the title',
  'unit-on-labels': () => 'Say the unit on each label',
  'as-surface': ({ surface }: { surface: string }) => `Write it as the ${surface} does`,
  'as-member': ({ title }: { title: string }) => `Write it as “${title}”`,
  'no-cases': () => 'Write all alike, without cases',
  'narrow-groups': () => 'Part groups by a narrow blank',
  'no-groups': () => 'Write without group marks',
  'short-ladder': () => 'Count in thousands and millions',
  'power-beside': () => 'Add the power to the symbol',
  'in-words': () => 'Write the words',
  convert: ({ from, factor, to }: { from: string; factor: string; to: string }) =>
    `Convert: 1 ${from} is ${factor} ${to}`,
  'into-unit': ({ unit }: { unit: string }) => `Convert into ${unit}`,
  'rung-of-money': ({ unit }: { unit: string }) => `Write ${unit}, with the rung of each number`,
  'one-unit': ({ unit }: { unit: string }) => `Show only the rows in ${unit}`,
  'simpler-style': () => 'Keep the simpler style',
  'keep-unit': ({ unit }: { unit: string }) => `Keep ${unit}`,
  'labels-from-ticks': () => 'Drop the labels by hand: write them from the ticks',
  'labels-from-places': () => 'Write the labels from where they stand',
  'plain-texts': () => 'Write zero as a number, and missing values as n/a',
  'percent-sign': () => 'Write the percent sign behind the numbers as they are',
  'as-percent': () => 'Write them as percent',
  'in-points': () => 'Write percentage points',
  'no-factor': () => 'Write the numbers as they are',
  'as-ruled': ({ words }: { words: string }) => `Write it so: ${words}`,
  'no-texts': () => 'Leave out the texts around the label',
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
