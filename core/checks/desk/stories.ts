import { decimal } from '../../decimal/decimal'
import type { Style } from '../../style/fields'
import { axis, type DeskCase, due, EURO, fine, on, PERCENT, shared, symbol } from './case'

const whole: Style['fraction'] = [0, 0]
const one: Style['fraction'] = [1, 1]
const inTitle: Style = { ...shared(6), fraction: one, unitAt: 'title' }

/** Headlines, sentences, titles, legends, and one number on two surfaces. */
export const stories: readonly DeskCase[] = [
  due(
    'millions said in a title that a tooltip lacks',
    'unit-lost',
    on('tooltip', inTitle, [1.2e6]),
  ),
  due(
    'millions said in a title that a headline lacks',
    'unit-lost',
    on('headline', inTitle, [1.2e6]),
  ),
  fine(
    'millions said in the title of an axis',
    axis(inTitle, [0, 4e6], 1e6, { title: 'Visitors' }),
  ),
  due(
    'the unit on the first label of a sentence',
    'unit-lost',
    on('sentence', { ...shared(6), fraction: one, unitAt: 'first' }, [1.2e6, 3.4e6]),
  ),
  fine(
    'the unit on the last tick',
    axis({ unit: symbol('km'), fraction: whole, unitAt: 'last' }, [0, 40], 10),
  ),
  fine('a short headline', on('headline', { unit: PERCENT, fraction: whole }, ['0.48'])),
  fine('a headline of a rate', on('headline', { fraction: one, after: ' per 1,000' }, ['9.4'])),
  due('a headline of seven digits', 'long-headline', on('headline', { unit: EURO }, [1_739_346])),
  fine(
    'a headline of two decimals of a billion',
    on('headline', { ...shared(9), fraction: [2, 2] }, [1_240_000_000]),
  ),
  due(
    'a total typed into a sentence',
    'raw-number',
    on('sentence', { fraction: whole }, [12], { text: 'Of 12 boats, 3,400 sail no more' }),
  ),
  due(
    'a year typed into a sentence, which stays when the data go on',
    'raw-number',
    on('sentence', { fraction: whole }, [12], { text: 'In 2019 there were 12 boats' }),
  ),
  fine(
    'an ordinal word in a sentence',
    on('sentence', { fraction: whole }, [12], { text: 'The second of 12 boats' }),
  ),
  due(
    'a headline that rounds up what its table rounds down',
    ['surfaces-disagree', 'misread'],
    on('headline', { ...shared(6), fraction: whole, rounding: 'ceil' }, [1_210_000, 4_300_000], {
      others: [{ surface: 'table', style: { fraction: whole } }],
    }),
    [],
  ),
  fine(
    'a headline in millions beside its table',
    on('headline', { ...shared(6), fraction: one }, [1_210_000, 4_300_000], {
      others: [{ surface: 'table', style: { fraction: whole } }],
    }),
  ),
  due(
    'a hyphen for a minus in a sentence',
    'hyphen-minus',
    on('sentence', { fraction: whole, marks: { minus: '−' } }, [-5, 3], {
      text: 'From -5 to 3 degrees',
    }),
  ),
  fine(
    'bins of a map',
    on('legend', { fraction: whole }, [0, 10, 20, 40], {
      binned: ['3', '14', '33'].map((text) => decimal(text)),
    }),
  ),
  due(
    'a bin that a rounded edge moves',
    'bin-edge',
    on('legend', { fraction: whole }, [0, '10.4', 20], { binned: [decimal('10.2')] }),
  ),
  fine('a legend of shares', on('legend', { unit: PERCENT, fraction: whole }, [0, '0.25', '0.5'])),
  due(
    'moments in seconds since 1970',
    'timestamp',
    on('table', {}, [1_700_000_000, 1_700_003_600, 1_700_086_400]),
  ),
  due(
    'K before K',
    'rung-like-unit',
    on('tooltip', { ...shared(3), unit: symbol('K'), fraction: one }, [5778]),
  ),
  fine('a tooltip with cents', on('tooltip', { unit: EURO, fraction: [2, 2] }, ['307502.88'])),
]
