import { axis, type DeskCase, due, EURO, fine, on, PERCENT, shared, symbol } from './case'

const german = { locale: 'de' } as const
const readers = (...locales: string[]) => ({ readers: locales })
/** Populations, maps, regions, sport, energy, health, small multiples. */
export const places: readonly DeskCase[] = [
  fine(
    'populations in millions with one decimal',
    on('table', { ...shared(6), fraction: [1, 1] }, [8123456, 1245000, 3361000]),
  ),
  fine(
    'populations by their digits',
    on('table', {}, [8123456, 1245000, 3361000], { kind: 'count' }),
  ),
  due(
    'a village in whole millions',
    ['vanished', 'misread'],
    on('table', { ...shared(6), fraction: [0, 0] }, [8123456, 4200, 3361000]),
  ),
  fine(
    'a village below a bound',
    on('table', { ...shared(6), fraction: [1, 1], under: '100000' }, [8123456, 4200, 3361000]),
  ),
  fine(
    'densities in whole persons',
    on('table', { after: ' per km²', fraction: [0, 0] }, [233, 4712, 18]),
  ),
  fine(
    'lakh and crore for readers in India',
    on(
      'headline',
      { notation: 'scaled', ladder: 'indian', locale: 'en-IN', fraction: [0, 1] },
      [4500000],
    ),
    ['unfamiliar-rung'],
  ),
  due(
    'lakh for readers in India and England',
    'unfamiliar-rung',
    on(
      'headline',
      { notation: 'scaled', ladder: 'indian', locale: 'en-IN', fraction: [0, 1] },
      [4500000],
      readers('en-IN', 'en-GB'),
    ),
  ),
  fine(
    'German marks for German readers',
    on('table', { ...german, fraction: [2, 2] }, ['1234.5', '0.25'], readers('de')),
    ['unclear-marks'],
  ),
  fine(
    'German marks, no readers declared',
    on('table', { ...german, fraction: [3, 3] }, ['1.234', '0.255']),
    ['unclear-marks'],
  ),
  due(
    'German marks for English readers too',
    'unclear-marks',
    on('table', { ...german, fraction: [3, 3] }, ['1.234', '0.255'], readers('de', 'en')),
  ),
  due(
    'K and M of the English ladder in German',
    'unfamiliar-rung',
    on(
      'headline',
      { ...german, notation: 'scaled', fraction: [0, 1] },
      [5200000000],
      readers('de'),
    ),
  ),
  fine(
    'the region’s own short forms in German',
    on(
      'headline',
      { ...german, notation: 'scaled', ladder: 'locale', fraction: [0, 1] },
      [5200000],
    ),
    ['unfamiliar-rung', 'unclear-marks'],
  ),
  fine('a temperature axis by fives', axis({ unit: symbol('°C'), fraction: [0, 0] }, [-10, 30], 5)),
  fine(
    'a temperature axis by two and a half',
    axis({ unit: symbol('°C'), fraction: [1, 1] }, [0, 10], '2.5'),
  ),
  due(
    'two and a half degrees, whole',
    ['step-hidden', 'uneven-steps', 'misread'],
    axis({ unit: symbol('°C'), fraction: [0, 0] }, [0, 10], '2.5'),
  ),
  fine(
    'anomalies with signs',
    on('marks', { unit: symbol('°C'), fraction: [2, 2], sign: 'exceptZero' }, [
      '0.85',
      '-0.12',
      '1.02',
    ]),
  ),
  fine(
    'kilowatt hours of a household',
    on('table', { unit: symbol('kWh'), fraction: [0, 0] }, [3120, 2890, 4510]),
  ),
  fine(
    'gigawatts to a tenth',
    on('marks', { unit: symbol('GW'), fraction: [1, 1] }, ['12.4', '8.7', '0.9']),
  ),
  fine(
    'megawatts by prefixes',
    on(
      'marks',
      { notation: 'scaled', ladder: 'si', unit: symbol('W'), fraction: [0, 1] },
      [3600000, 1200000],
    ),
  ),
  fine(
    'milligrams per decilitre',
    on('table', { unit: symbol('mg/dL'), fraction: [0, 0] }, [95, 110, 140]),
  ),
  fine('a body temperature', on('headline', { unit: symbol('°C'), fraction: [1, 1] }, ['38.4'])),
  fine(
    'sprint times to the hundredth in a table',
    on('table', { fraction: [2, 2], unit: symbol('s') }, ['9.81', '9.89', '9.91']),
  ),
  due(
    'sprint times to the tenth',
    'same-label',
    on('table', { fraction: [1, 1], unit: symbol('s') }, ['9.89', '9.91', '9.81']),
  ),
  fine('goals counted', on('marks', { fraction: [0, 0] }, [3, 1, 0, 2], { kind: 'count' })),
  fine('points of a league', on('table', { fraction: [0, 0] }, [78, 74, 61], { kind: 'count' })),
  fine(
    'latitudes to four places',
    on('table', { fraction: [4, 4], after: '°' }, ['52.5200', '48.8566', '59.3293']),
    ['too-fine'],
  ),
  fine(
    'a legend of thousands',
    on('legend', { notation: 'scaled', fraction: [0, 0] }, [0, 50000, 100000]),
  ),
  due(
    'a legend whose edges move values',
    'bin-edge',
    on('legend', { ...shared(3), fraction: [0, 0] }, [0, 50400, 100000], {
      binned: [{ coefficient: 50200n, exponent: 0 }],
    }),
  ),
  fine(
    'money marks above bars',
    on('marks', { notation: 'scaled', unit: EURO, fraction: [0, 1] }, [1739346, 1287320, 954210]),
  ),
  fine(
    'percent marks to a tenth',
    on('marks', { unit: PERCENT, fraction: [1, 1] }, ['0.123', '0.456', '0.421']),
  ),
  fine('an index around a hundred', axis({ fraction: [0, 0] }, [80, 120], 10)),
  fine(
    'small multiples that share a rung',
    on('axis', { ...shared(6), fraction: [0, 1] }, [0, 500000, 1000000]),
  ),
  fine(
    'dollars by their code beside euros',
    on(
      'table',
      { unit: { kind: 'currency', code: { column: 'money' } }, fraction: [2, 2] },
      ['12.5', '8'],
      { rows: [{ money: 'USD' }, { money: 'EUR' }] },
    ),
  ),
  fine('a log axis by 1, 2 and 5', on('axis', { fraction: [0, 0] }, [1, 2, 5, 10, 20, 50])),
  fine(
    'bytes in powers of 1024',
    on(
      'table',
      { notation: 'scaled', ladder: 'binary', rung: 20, unit: symbol('B'), fraction: [0, 1] },
      [1572864, 5242880],
    ),
    ['rung-overflow'],
  ),
  fine(
    'a sentence with its own numbers',
    on('sentence', { fraction: [0, 0] }, [12, 15], { text: 'Between 12 and 15 boats sail' }),
    ['raw-number', 'hyphen-minus'],
  ),
  due(
    'a number typed into a sentence',
    'raw-number',
    on('sentence', { fraction: [0, 0] }, [12], { text: 'Of 12 boats 7 sail' }),
  ),
  fine(
    'a year is no timestamp',
    on('axis', { grouping: 'never', fraction: [0, 0] }, [2019, 2020, 2021]),
    ['timestamp'],
  ),
  fine(
    'a headline about a share',
    on('headline', { unit: PERCENT, fraction: [0, 0] }, ['0.62'], { kind: 'ratio' }),
  ),
  fine('a rank', on('table', { before: '#', fraction: [0, 0] }, [1, 2, 3]), ['sign-in-text']),
  fine(
    'a version of a dollar sign typed before',
    on('table', { before: '$', fraction: [0, 0] }, [120, 45]),
    ['sign-in-text', 'said-twice'],
  ),
  fine('a multiple of what it was', on('headline', { after: '×', fraction: [1, 1] }, ['2.5']), [
    'sign-in-text',
  ]),
  fine(
    'an ordinary factor with a measure',
    on('table', { factor: '0.001', unit: symbol('t') }, [1500, 2000]),
  ),
  due(
    'one of two labels by its own rung on an axis',
    'mixed-rungs',
    on('axis', { notation: 'scaled', fraction: [0, 1] }, [500, 1000, 1500]),
  ),
  fine(
    'a tick at zero among millions',
    axis({ ...shared(6), fraction: [1, 1] }, [0, 2000000], 500000),
  ),
]
