import { axis, type DeskCase, due, fine, on, shared, symbol } from './case'

const own = (power: number, name: string) => ({ rungs: [{ power, symbol: name, word: name }] })
const errors = (...of: number[]) => of.map((se) => ({ se }))
/** Temperatures, energy, health, logs, moments, texts. */
export const science: readonly DeskCase[] = [
  due(
    '300 K reads as three hundred thousand',
    'rung-like-unit',
    on('table', { unit: symbol('K'), fraction: [0, 0] }, [300, 273, 310]),
  ),
  due(
    'kilokelvin of a ladder of thousands',
    'rung-like-unit',
    on('table', { ...shared(3), unit: symbol('K'), fraction: [1, 1] }, [5778, 9940]),
  ),
  due(
    '5 mW beside MW',
    'rung-like-unit',
    on('table', { unit: symbol('mW'), fraction: [0, 0] }, [5, 12]),
  ),
  due(
    'bytes by a B',
    'rung-like-unit',
    on('table', { unit: symbol('B'), fraction: [0, 0] }, [512, 300]),
  ),
  fine('metres', on('table', { unit: symbol('m'), fraction: [0, 0] }, [300, 273]), [
    'rung-like-unit',
  ]),
  fine('milligrams', on('table', { unit: symbol('mg'), fraction: [0, 0] }, [300, 273]), [
    'rung-like-unit',
  ]),
  fine('kilograms', on('table', { unit: symbol('kg'), fraction: [0, 0] }, [300, 273]), [
    'rung-like-unit',
  ]),
  fine('megawatts', on('table', { unit: symbol('MW'), fraction: [0, 0] }, [300, 273]), [
    'rung-like-unit',
  ]),
  fine(
    'degrees Celsius to a tenth',
    on('table', { unit: symbol('°C'), fraction: [1, 1] }, ['12.4', '-3.1', '0.2']),
  ),
  due(
    'M for thousand',
    'unclear-marks',
    on('table', { notation: 'scaled', ladder: own(3, 'M'), fraction: [0, 0] }, [5000, 8000]),
  ),
  due(
    'a billion that is a million millions, in English',
    'unclear-marks',
    on(
      'headline',
      { notation: 'scaled', ladder: 'long', rungForm: 'word', fraction: [0, 0] },
      [5e12],
    ),
  ),
  fine('K M B in English', on('table', { ...shared(6), fraction: [0, 1] }, [5.5e6, 8e6]), [
    'unclear-marks',
  ]),
  due(
    'B for a reader in Germany',
    'unclear-marks',
    on('headline', { notation: 'scaled', rungForm: 'word', fraction: [0, 0] }, [5e9], {
      readers: ['de'],
    }),
  ),
  due(
    '1.234 for a reader in Germany',
    'unclear-marks',
    on('table', { fraction: [3, 3] }, ['1.234', '2.5'], { readers: ['de'] }),
  ),
  fine(
    'one decimal cannot be thousands',
    on('table', { fraction: [1, 1] }, ['1.2', '2.5'], { readers: ['de'] }),
    ['unclear-marks'],
  ),
  due(
    'lakh for a reader in England',
    'unfamiliar-rung',
    on('headline', { notation: 'scaled', ladder: 'indian', fraction: [0, 1] }, [500000], {
      readers: ['en-GB'],
    }),
  ),
  due(
    'moments by the second',
    'timestamp',
    axis({ fraction: [0, 0] }, [1700000000, 1700014400], 3600),
  ),
  due(
    'moments by the millisecond',
    'timestamp',
    on('table', {}, [1700000000000, 1700000060000, 1700003600000]),
  ),
  fine('populations of a billion', on('table', {}, [1412360000, 1408280000, 1417173173]), [
    'timestamp',
  ]),
  fine('revenue of a billion', on('table', {}, [1700000000, 1800000000, 1900000000]), [
    'timestamp',
  ]),
  fine('even ticks of a billion', axis({}, [1000000000, 2000000000], 250000000), ['timestamp']),
  due(
    'a hyphen for a minus in a sentence',
    'hyphen-minus',
    on('sentence', { fraction: [0, 0] }, [12, -5], { text: 'It fell by 12 to -5 in May.' }),
    [],
  ),
  fine(
    'a true minus in a sentence',
    on('sentence', { fraction: [0, 0] }, [-5], {
      text: 'It fell to -5 in May.'.replace('-', '−'),
      style: { marks: { minus: '−' }, fraction: [0, 0] },
    }),
    ['hyphen-minus'],
  ),
  fine(
    'hyphens between words',
    on('sentence', { fraction: [0, 0] }, [12], { text: 'Of 12 mid-size wells' }),
    ['hyphen-minus'],
  ),
  due(
    'a range whose dash stands beside a minus',
    'range-dash',
    on('sentence', { marks: { minus: '−' }, fraction: [0, 0] }, [-5, 3], {
      text: '−5–3 °C at night',
    }),
  ),
  due(
    'a range to a negative number by a dash',
    'range-dash',
    on('sentence', { marks: { minus: '−' }, fraction: [0, 0] }, [-5, -3], {
      text: '−5–−3 °C at night',
    }),
  ),
  fine(
    'a range in words',
    on('sentence', { marks: { minus: '−' }, fraction: [0, 0] }, [-5, 3], {
      text: '−5 to 3 °C at night',
    }),
    ['range-dash'],
  ),
  fine(
    'a range of positive numbers by a dash',
    on('sentence', { fraction: [0, 0] }, [5, 8], { text: '5–8 °C at night' }),
    ['range-dash'],
  ),
  due(
    'an axis of eighths with one decimal',
    ['step-hidden', 'uneven-steps', 'misread'],
    axis({ fraction: [1, 1] }, [0, 1], '0.125'),
  ),
  fine('an axis of eighths with three', axis({ fraction: [3, 3] }, [0, 1], '0.125')),
  due(
    'exponents on some labels only',
    'mixed-notation',
    on('table', { notation: 'scientific', fraction: [0, 1] }, [5, 1200, 340000]),
  ),
  fine(
    'one exponent on all',
    on('table', { notation: 'scientific', exponent: 3, fraction: [0, 1] }, [5000, 1200, 340000]),
  ),
  fine(
    'powers of ten on a log axis',
    on(
      'axis',
      { notation: 'scientific', exponentForm: 'power', fraction: [0, 0] },
      [1, 10, 100, 1000],
    ),
  ),
  fine(
    'a diverging axis with its zero',
    axis({ fraction: [0, 0], sign: 'exceptZero' }, [-100, 100], 50),
  ),
  due(
    'a diverging axis without signs',
    ['same-label', 'order-reversed', 'misread', 'step-hidden', 'uneven-steps'],
    axis({ fraction: [0, 0], sign: 'never' }, [-100, 100], 50),
  ),
  due(
    'words in place of ticks',
    'label-is-words',
    axis({}, [0, 2], 1, { byHand: ['low', 'middle', 'high'] }),
  ),
  fine('ends in words are told as notes only', axis({}, [0, 2], 1, { byHand: ['0', '1', '2'] }), [
    'label-is-words',
  ]),
  fine(
    '0%, 50% by hand on percents',
    axis({ unit: { kind: 'percent' }, fraction: [0, 0] }, [0, 1], '0.5', {
      byHand: ['0%', '50%', '100%'],
    }),
    ['label-is-words'],
  ),
  fine('250k by hand', axis({}, [0, 500000], 250000, { byHand: ['0', '250k', '500k'] }), [
    'label-is-words',
  ]),
  fine('$5 by hand', axis({}, [0, 10], 5, { byHand: ['$0', '$5', '$10'] }), ['label-is-words']),
  due(
    'a label that moved away from its tick',
    'wrong-tick-label',
    axis({}, [0, 10], 5, { byHand: ['0', '6', '10'] }),
  ),
  due(
    'k by hand where thousands are not meant',
    'wrong-tick-label',
    axis({}, [0, 500], 250, { byHand: ['0', '250k', '500k'] }),
  ),
  fine(
    'coordinates with the digits that were recorded',
    on('table', { fraction: [4, 4] }, ['52.5200', '13.4050', '48.8566']),
    ['too-fine', 'misread'],
  ),
  fine(
    'scores to a thousandth, as judged',
    on('table', { fraction: [3, 3] }, ['15.333', '14.866', '13.900']),
    ['too-fine'],
  ),
  fine('ages in whole years', on('table', { fraction: [0, 0] }, [8, 34, 71])),
  fine(
    'a race to the hundredth',
    on('table', { unit: symbol('s'), fraction: [2, 2] }, ['9.58', '9.69', '9.72']),
    ['too-fine'],
  ),
  due(
    'a nitrate of 10⁻⁷ that looks like none',
    ['vanished', 'misread'],
    on('table', { unit: symbol('mol/L'), fraction: [0, 3] }, ['0.00000032', '0.5']),
  ),
  due(
    'integers that lost their last digits',
    'inexact-input',
    on('table', {}, ['12345678901234567000', '5']),
  ),
  due(
    'a unit left to a title that a tooltip does not have',
    'unit-lost',
    on('tooltip', { unit: symbol('kg'), unitAt: 'title' }, [12, 5]),
  ),
  // What is known to within an error says no more digits than that allows.
  due(
    'a mean to a thousandth, known to three tenths',
    'too-fine',
    on(
      'table',
      { fraction: [3, 3], uncertainty: { column: 'se', form: 'unsaid' } },
      ['4.234', '5.107', '3.918'],
      { rows: errors(0.3, 0.4, 0.3) },
    ),
  ),
  due(
    'millions of kelvin to the last one',
    'too-fine',
    on('marks', { uncertainty: { column: 'se', form: 'unsaid' } }, [5_778_412, 9_940_018], {
      rows: errors(20_000, 30_000),
    }),
  ),
  fine(
    'two digits of an error are usual',
    on(
      'table',
      { fraction: [2, 2], uncertainty: { column: 'se', form: 'unsaid' } },
      ['4.23', '5.11', '3.92'],
      { rows: errors(0.31, 0.44, 0.29) },
    ),
    ['too-fine'],
  ),
  fine(
    'with their errors, values that are the same within them may read alike',
    on('table', { uncertainty: { column: 'se' } }, ['4.21', '4.24', '3.92'], {
      rows: errors(0.3, 0.4, 0.3),
    }),
    ['too-fine', 'uneven-decimals'],
  ),
  fine(
    'a value within its error of none is written as none, plus or minus that',
    on('marks', { uncertainty: { column: 'se' } }, ['0.2', '8.4'], { rows: errors(3, 3) }),
    ['too-fine'],
  ),
  fine(
    'a value is known to within its error, and written to that',
    on('table', { uncertainty: { column: 'se', form: 'interval' } }, ['14.2', '18.4'], {
      rows: errors(3, 3),
    }),
    ['too-fine', 'misread'],
  ),
]
