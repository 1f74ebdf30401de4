import type { Style } from '../../style/fields'
import { axis, type DeskCase, due, EURO, fine, on, PERCENT, shared, symbol } from './case'

const whole: Style['fraction'] = [0, 0]
const one: Style['fraction'] = [1, 1]
const powers: Style = { notation: 'scientific', exponentForm: 'power', significant: [1, 3] }

/** Diverging, logarithmic and by hand; rungs, exponents, small multiples. */
export const axes: readonly DeskCase[] = [
  fine(
    'millions on both sides of zero',
    axis({ ...shared(6), fraction: whole, sign: 'exceptZero' }, [-2e6, 2e6], 1e6),
  ),
  due(
    'both sides of zero read alike',
    'order-reversed',
    axis({ ...shared(6), fraction: whole, sign: 'never' }, [-2e6, 2e6], 1e6),
  ),
  fine('parentheses below zero', axis({ fraction: whole, sign: 'parentheses' }, [-40, 40], 20)),
  fine('a log axis by tens, plain', on('axis', { fraction: whole }, [1, 10, 100, 1000, 10_000])),
  fine('a log axis by powers', on('axis', powers, [1, 1000, 1e6, 1e9])),
  fine('a log axis below one', on('axis', { fraction: [0, 3] }, ['0.001', '0.01', '0.1', 1])),
  due(
    'exponents that differ on an even axis',
    'mixed-notation',
    axis({ notation: 'scientific', fraction: one }, [0, 2_000_000], 500_000),
  ),
  fine(
    'one exponent for all',
    axis({ notation: 'scientific', exponent: 'shared', fraction: one }, [0, 2_000_000], 500_000),
  ),
  due(
    'K and M on one axis',
    ['mixed-rungs', 'uneven-decimals'],
    axis({ notation: 'scaled', fraction: [0, 1] }, [0, 2_000_000], 500_000),
  ),
  fine('M alone on it', axis({ ...shared(), fraction: one }, [0, 2_000_000], 500_000)),
  due('an eighth written 0.1', 'step-hidden', axis({ fraction: one }, [0, 1], '0.125')),
  fine('an eighth with three decimals', axis({ fraction: [3, 3] }, [0, 1], '0.125')),
  due(
    'thousands of thousands',
    'rung-overflow',
    axis({ ...shared(3), fraction: whole }, [0, 4_000_000], 1_000_000),
  ),
  fine('hundreds of thousands', axis({ ...shared(3), fraction: whole }, [0, 800_000], 200_000)),
  due(
    'thousandths of a million',
    'rung-overflow',
    on('table', { ...shared(6), fraction: [3, 3] }, [1000, 2000, 8000]),
  ),
  due(
    'a tick that says another number',
    'wrong-tick-label',
    axis({ fraction: whole }, [0, 20], 10, { byHand: ['0', '10', '30'] }),
  ),
  due(
    'a tick without a label of its own',
    'wrong-tick-label',
    axis({ fraction: whole }, [0, 20], 10, { byHand: ['0', '10'] }),
  ),
  fine(
    'ticks by hand that say their numbers',
    axis({ fraction: whole }, [0, 20], 10, { byHand: ['$0', '$10', '$20'] }),
  ),
  fine(
    'percent by hand',
    axis({ unit: PERCENT, fraction: whole }, [0, 1], '0.5', { byHand: ['0%', '50%', '100%'] }),
  ),
  due(
    'words in place of numbers',
    'label-is-words',
    axis({ fraction: whole }, [0, 20], 10, { byHand: ['low', 'middle', 'high'] }),
  ),
  due(
    'binary noise in a table',
    'float-noise',
    on('table', { fraction: [0, 20] }, ['0.30000000000000004', '0.1']),
  ),
  fine('three tenths', on('table', { fraction: one }, ['0.3', '0.1'])),
  fine('an axis far from zero', axis({ fraction: whole }, [1_000_000, 1_000_004], 1)),
  due(
    'an axis far from zero in millions',
    'step-hidden',
    axis({ ...shared(6), fraction: one }, [1_000_000, 1_000_004], 1),
  ),
  fine(
    'small multiples with one rung, one of them small',
    on('axis', { ...shared(3), fraction: one }, [0, 500, 1000, 1500]),
  ),
  fine('euros by fives', axis({ unit: EURO, fraction: whole }, [0, 20], 5)),
  due(
    'euros by halves, whole',
    'step-hidden',
    axis({ unit: EURO, fraction: whole }, [0, 2], '0.5'),
  ),
  fine('an index from 98 to 104', axis({ fraction: whole }, [98, 104], 2)),
  fine('negative steps', axis({ fraction: whole }, [-30, -10], 10)),
  fine(
    'prefixes below one',
    on(
      'table',
      { notation: 'scaled', ladder: 'si', rung: -6, unit: symbol('m'), fraction: whole },
      ['0.000004', '0.000018'],
    ),
  ),
  due(
    'millionths of a metre as whole ones',
    'vanished',
    on('table', { unit: symbol('m'), fraction: [3, 3] }, ['0.000004', '0.000018']),
  ),
  fine('an axis of one tick', on('axis', { fraction: whole }, [5])),
]
