import { axis, type DeskCase, due, fine, on, PERCENT, symbol } from './case'

const whole: [number, number] = [0, 0]
const points = { kind: 'percentPoint' } as const
/** Shares, rates, elections and changes of them. */
export const shares: readonly DeskCase[] = [
  fine(
    'whole percent in a table of percents',
    on('table', { unit: PERCENT, fraction: whole }, ['0.126', '0.455', '0.015'], { kind: 'ratio' }),
    ['misread', 'too-fine'],
  ),
  fine(
    '1.4 % as 1 % is usual in a table of shares',
    on('table', { unit: PERCENT, fraction: whole }, ['0.014', '0.486', '0.5'], { kind: 'shares' }),
    ['misread'],
  ),
  due(
    'two parties that whole percent cannot tell apart',
    'same-label',
    on('table', { unit: PERCENT, fraction: whole }, ['0.312', '0.308', '0.38'], { kind: 'shares' }),
  ),
  due(
    'a party of 0.4 % looks like none',
    'vanished',
    on('table', { unit: PERCENT, fraction: whole }, ['0.004', '0.45', '0.546'], { kind: 'shares' }),
  ),
  fine(
    '5 of 12 as 41.7 %',
    on('headline', { unit: PERCENT, fraction: [1, 1] }, [`0.${'416666666666666666'}`], {
      kind: 'ratio',
    }),
  ),
  due(
    '45 written as 4,500 %',
    'percent-scaled',
    on('table', { unit: PERCENT, fraction: whole }, [45, 30, 25], { kind: 'ratio' }),
  ),
  due(
    'shares recorded as percent, written as percent of percent',
    'percent-scaled',
    on('marks', { unit: PERCENT, fraction: [0, 1] }, ['45.5', '30.2', '24.3'], { kind: 'shares' }),
  ),
  due(
    'a table of percents without a word of what they are',
    'percent-scaled',
    on('table', { unit: PERCENT, fraction: whole }, [45, 30, 25]),
  ),
  fine(
    'percent figures that are declared as such',
    on('table', { unit: PERCENT, fraction: whole }, [45, 30, 25], {
      kind: 'ratio',
      context: { recorded: -2 },
    }),
  ),
  fine(
    'growth of more than all is no mistake',
    on('table', { unit: PERCENT, fraction: whole, sign: 'always' }, ['1.2', '0.3', '2.5'], {
      kind: 'change',
    }),
    ['percent-scaled'],
  ),
  fine(
    'one ratio above one among many',
    on('table', { unit: PERCENT, fraction: whole }, ['0.9', '1.1', '0.4'], { kind: 'ratio' }),
    ['percent-scaled'],
  ),
  due(
    '0.45 never multiplied',
    'percent-scaled',
    on('table', { unit: symbol('%'), fraction: [2, 2] }, ['0.45', '0.3', '0.25'], {
      kind: 'shares',
    }),
  ),
  due(
    'a percent sign typed behind a ratio',
    'percent-scaled',
    on('marks', { after: '%', fraction: [2, 2] }, ['0.45', '0.12'], { kind: 'ratio' }),
  ),
  due(
    'shares of one with a percent sign, their kind unsaid',
    'percent-scaled',
    on('table', { unit: symbol('%'), fraction: [2, 2] }, ['0.45', '0.3', '0.25']),
  ),
  fine(
    'interest of a quarter percent, recorded as percent',
    on('table', { unit: symbol('%'), fraction: [2, 2] }, ['0.25', '0.5', '0.75']),
    ['percent-scaled'],
  ),
  fine(
    'percents as a symbol, from 0 to 100',
    on('table', { unit: symbol('%'), fraction: whole }, [45, 30, 25], { kind: 'shares' }),
  ),
  due(
    'a change of shares in percent',
    'points-wanted',
    on('marks', { unit: PERCENT, fraction: [1, 1], sign: 'always' }, ['0.021', '-0.013'], {
      kind: 'change',
      title: 'Change of share of votes',
    }),
  ),
  fine(
    'a change of shares in points',
    on('marks', { unit: points, fraction: [1, 1], sign: 'always' }, ['0.021', '-0.013'], {
      kind: 'change',
      title: 'Change of share of votes',
    }),
  ),
  fine(
    'growth of revenue in percent',
    on('marks', { unit: PERCENT, fraction: [1, 1], sign: 'always' }, ['0.021', '-0.013'], {
      kind: 'change',
      title: 'Revenue, change to last year',
    }),
    ['points-wanted'],
  ),
  due(
    'differences between printed shares, written as percent',
    'points-wanted',
    on('table', { unit: PERCENT, fraction: [1, 1] }, ['0.312', '0.335'], {
      kind: 'shares',
      changes: [{ from: 0, to: 1, value: { coefficient: 23n, exponent: -3 } }],
    }),
  ),
  fine(
    'differences between printed shares, in points',
    on('table', { unit: PERCENT, fraction: [1, 1] }, ['0.312', '0.335'], {
      kind: 'shares',
      changes: [{ from: 0, to: 1, value: { coefficient: 23n, exponent: -3 } }],
      changeStyle: { unit: points, fraction: [1, 1] },
    }),
  ),
  due(
    'three thirds that print as 99 %',
    ['shares-not-100', 'same-label'],
    on('table', { unit: PERCENT, fraction: whole }, ['0.334', '0.334', '0.332'], {
      kind: 'shares',
      shares: true,
    }),
    ['misread'],
  ),
  fine('an axis of percents by tens', axis({ unit: PERCENT, fraction: whole }, [0, 1], '0.1')),
  due(
    'an axis of percents by halves, whole',
    ['step-hidden', 'same-label', 'uneven-steps', 'misread'],
    axis({ unit: PERCENT, fraction: whole }, [0, '0.02'], '0.005'),
  ),
  fine(
    'rates per 100,000 with one decimal',
    on('table', { factor: '100000', after: ' per 100,000', fraction: [1, 1] }, [
      '0.000123',
      '0.000456',
    ]),
    ['factor-unsaid'],
  ),
  due(
    'a rate per 100,000 without its base',
    'factor-unsaid',
    on('table', { factor: '100000', fraction: [1, 1] }, ['0.000123', '0.000456']),
  ),
  fine(
    'turnout from 48 to 82 %',
    on('marks', { unit: PERCENT, fraction: [1, 1] }, ['0.482', '0.823', '0.671'], {
      kind: 'ratio',
    }),
  ),
  fine('votes counted whole', on('table', {}, [12345, 9876, 450], { kind: 'count' })),
  due(
    'half a vote',
    'split-count',
    on('table', { fraction: [1, 1] }, ['12345', '9876', '450'], { kind: 'count' }),
  ),
  fine(
    'votes in thousands',
    on(
      'table',
      { ...{ notation: 'scaled' as const, rung: 3 }, fraction: [1, 1] },
      [12345, 9876, 4500],
      { kind: 'count' },
    ),
    ['split-count'],
  ),
  due(
    'p-values whose bound is written as nothing',
    ['misread'],
    on('table', { under: '0.001', fraction: [2, 2] }, ['0.0004', '0.032', '0.51']),
    ['bound-untrue', 'vanished'],
  ),
  fine(
    'p-values by their bound',
    on('table', { under: '0.001', fraction: [3, 3] }, ['0.0004', '0.032', '0.51']),
    ['vanished', 'misread'],
  ),
  due(
    'a negative bound whose sign is hidden',
    ['bound-untrue', 'misread'],
    on('table', { under: '-5', sign: 'never', fraction: whole }, [-9, -3, 4]),
  ),
  fine('a bound with its sign', on('table', { under: '-5', fraction: whole }, [-9, -3, 4])),
  due(
    '5,678 by a comma that an English reader takes for thousands',
    'unclear-marks',
    on('table', { marks: { decimal: ',', group: '.' }, fraction: [3, 3] }, ['5.678', '1.25']),
  ),
  fine('the marks of the region', on('table', { fraction: [3, 3] }, ['5.678', '1.255']), [
    'unclear-marks',
  ]),
]
