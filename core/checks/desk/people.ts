import { decimal } from '../../decimal/decimal'
import type { Style } from '../../style/fields'
import { axis, type DeskCase, due, EURO, fine, on, PERCENT, shared, symbol } from './case'

const whole: Style['fraction'] = [0, 0]
const one: Style['fraction'] = [1, 1]
const two: Style['fraction'] = [2, 2]
const three: Style['fraction'] = [3, 3]
const change = (from: number, to: number, value: string) => ({ from, to, value: decimal(value) })

/** Surveys, health, households, energy, and what is printed beside them. */
export const people: readonly DeskCase[] = [
  fine('ages by tens', axis({ fraction: whole }, [0, 100], 10)),
  fine('births per thousand', on('table', { fraction: one }, ['9.4', '11.2', '8.7'])),
  fine('answers of one to five', on('marks', { fraction: one }, ['3.4', '4.1', '2.8'])),
  due(
    'two answers that a tenth cannot tell apart',
    'same-label',
    on('marks', { fraction: one }, ['3.42', '3.38', '2.1']),
  ),
  fine('heads counted', on('table', {}, [1200, 350, 8], { kind: 'count' })),
  due(
    'half a head',
    'split-count',
    on('table', { fraction: one }, ['3.5', '4.2'], { kind: 'count' }),
  ),
  fine(
    'heads in thousands',
    on('table', { ...shared(3), fraction: one }, [1200, 3500], { kind: 'count' }),
  ),
  fine(
    'growth with signs',
    on('table', { unit: PERCENT, fraction: one, sign: 'exceptZero' }, ['-0.003', '0.012'], {
      kind: 'ratio',
    }),
  ),
  due(
    'growth too small for a tenth of a percent',
    'vanished',
    on('table', { unit: PERCENT, fraction: one }, ['0.0004', '0.012'], { kind: 'ratio' }),
  ),
  fine('p-values to a thousandth', on('table', { fraction: three }, ['0.041', '0.2', '0.013'])),
  due('a p-value of nothing', 'vanished', on('table', { fraction: three }, ['0.0004', '0.2'])),
  fine(
    'p-values with their bound',
    on('table', { fraction: three, under: '0.001' }, ['0.0004', '0.2']),
  ),
  fine('hazard ratios', on('table', { fraction: two }, ['0.87', '1.24'])),
  fine('a blood pressure', on('headline', { unit: symbol('mmHg'), fraction: whole }, [128])),
  fine('body mass to a tenth', on('table', { fraction: one }, ['22.4', '31', '27.9'])),
  due('body mass with an idle zero', 'idle-zeros', on('table', { fraction: one }, [22, 31, 27])),
  fine(
    'doses to a hundredth',
    on('table', { unit: symbol('mg'), fraction: two }, ['0.25', '0.5', 1]),
  ),
  due(
    'a dose a fifth too large',
    'misread',
    on('table', { unit: symbol('mg'), fraction: one }, ['0.25', '0.5', 1]),
  ),
  due(
    'a million billions by a symbol',
    'unfamiliar-rung',
    on('table', { ...shared(15), fraction: one }, [1.2e15, 3.4e15]),
  ),
  fine(
    'debts in trillions',
    on('table', { ...shared(12), unit: EURO, fraction: one }, [1.2e12, 3.4e12]),
    ['unfamiliar-rung'],
  ),
  fine('a headline in millions', on('headline', { ...shared(6), fraction: one }, [8_123_456])),
  due(
    'a printed change that is not the difference of what is printed',
    'difference-mismatch',
    on('marks', { fraction: one }, ['1.24', '1.36'], { changes: [change(0, 1, '0.12')] }),
  ),
  fine(
    'a printed change that is',
    on('marks', { fraction: two }, ['1.24', '1.36'], { changes: [change(0, 1, '0.12')] }),
  ),
  due(
    'three thirds of a survey, one of them larger',
    ['shares-not-100', 'same-label'],
    on('table', { unit: PERCENT, fraction: whole }, ['0.334', '0.333', '0.333'], {
      kind: 'shares',
      shares: true,
    }),
  ),
  fine(
    'halves of a survey',
    on('table', { unit: PERCENT, fraction: whole }, ['0.5', '0.25', '0.25'], {
      kind: 'shares',
      shares: true,
    }),
  ),
  due(
    'a household budget whose rounded parts miss the total',
    'does-not-add-up',
    on('table', { ...shared(3), unit: EURO, fraction: one }, [1440, 2440, 3440], {
      total: decimal(7320),
    }),
  ),
  fine(
    'a household budget that adds up',
    on('table', { unit: EURO, fraction: whole }, [1440, 2440, 3440], { total: decimal(7320) }),
  ),
  due(
    'ten digits in a narrow column',
    'crowded',
    on('table', {}, [1_234_567_890, 2_345_678_901], { room: { width: 40, fontSize: 13 } }),
  ),
  fine(
    'billions in a narrow column',
    on('table', { ...shared(9), fraction: one }, [1_234_567_890, 2_345_678_901], {
      room: { width: 40, fontSize: 13 },
    }),
  ),
  due(
    'a label that became a cell',
    'text-as-number',
    on('table', {}, [12, 45], { texts: [{ row: 3, text: '1.2M' }] }),
  ),
  due(
    'a factor that nobody is told of',
    'factor-unsaid',
    on('table', { factor: '0.001', fraction: one }, [12_400, 8800]),
  ),
  fine(
    'tonnes of kilograms',
    on('table', { factor: '0.001', unit: symbol('t'), fraction: one }, [12_400, 8800]),
  ),
  fine(
    'gigawatt hours by their prefix',
    on(
      'marks',
      { notation: 'scaled', ladder: 'si', rung: 9, unit: symbol('Wh'), fraction: one },
      [4.2e9, 18e9],
    ),
  ),
  fine('a price index', on('marks', { fraction: one }, ['100', '104.2', '109.8'])),
  fine(
    'degrees in two columns',
    on('table', { unit: symbol('°'), fraction: [4, 4] }, ['59.9139', '10.7522']),
  ),
  due(
    'degrees to a whole one on a map of a town',
    'same-label',
    on('table', { unit: symbol('°'), fraction: whole }, ['59.9139', '59.9283', '60.02']),
  ),
  fine('room for eight years', axis({ fraction: whole, grouping: 'never' }, [2016, 2024], 2)),
  fine('wages per hour', on('table', { unit: EURO, fraction: two }, ['13.9', '21.75'])),
  fine('rents in whole euros', on('table', { unit: EURO, fraction: whole }, ['812.4', '1260.9'])),
  due(
    'rents in whole thousands',
    'misread',
    on('table', { ...shared(3), unit: EURO, fraction: whole }, ['1812.4', '1260.9']),
  ),
  fine('a signal in decibels', axis({ unit: symbol('dB'), fraction: whole }, [-60, 0], 20)),
  fine('acidity', on('table', { fraction: one }, ['6.8', '7.4', '5.1'])),
]
