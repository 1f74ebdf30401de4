import { dayOf } from '../../data/dates'
import { decimal, toText } from '../../decimal/decimal'
import { labeller } from '../../label/labeller'
import { resolve } from '../../label/resolve'
import type { Prose } from '../prose'

export const metres = labeller(resolve({ unit: { kind: 'symbol', text: 'm' }, fraction: [1, 1] }))
export const exact = (...texts: (string | null)[]) =>
  texts.map((text) => (text === null ? null : decimal(text)))
export const write = (value: { coefficient: bigint; exponent: number }) =>
  metres.label(toText(value)).replace('\u00a0', ' ')

/** Moorings, all rows or those whose places are given. */
export function moorings(places = [0, 1, 2]): Prose {
  const pick = <Cell>(cells: readonly Cell[]) => places.map((at) => cells[at]!)
  return {
    locale: 'en',
    own: 'depth m',
    today: dayOf('2026-11-23')!,
    columns: new Map([
      ['mooring', { texts: pick(['Hythe Sands', 'Farrow Ledge', 'Holm Skerry']) }],
      ['laid', { texts: pick(['2023-10-30', '2026-04-25', 'soon']) }],
      ['depth m', { values: pick(exact('2.875', '4.2', null)), label: write }],
      [
        'north m',
        { values: pick(exact('80', '1240', '3480')), label: (value) => `${toText(value)} north` },
      ],
    ]),
    variables: { total: decimal('7.075'), name: 'Hythe Sands' },
    count: toText,
    plural: (value) => (value.coefficient === 1n ? 'one' : 'other'),
  }
}
