// A dozen made-up worlds, each with the columns that its people keep. `ask` marks a column whose
// role only its owner can tell; all others are clear.
import { amounts, between, codes, dates, evenly, names, percents, years } from './columns.mjs'

const pad = (row, width) => String(row + 1).padStart(width, '0')
const places = [
  'Osk',
  'Varm',
  'Little Thorn',
  'Grelle',
  'Ness',
  'Quay Row',
  'Tarn',
  'Ulme',
  'Pell',
  'Wick',
]

export const scenarios = [
  {
    title: 'trams',
    columns: [
      codes('line', (row) => `T${row + 1}`),
      years('year', 2009),
      amounts('passengers', 40_000, 9_000_000),
      evenly('punctuality, %', 71, 99, { decimals: 1, role: 'ratio', power: -2 }),
      amounts('revenue', 20_000, 4_000_000, { style: 'euro', decimals: 2 }),
    ],
  },
  {
    title: 'clinics',
    columns: [
      names('clinic', places),
      amounts('patients', 300, 90_000),
      evenly('wait (min)', 4, 95),
      percents('readmitted', 0.4, 12),
      evenly('cases per 100,000', 2, 480, { decimals: 1, role: 'ratio' }),
    ],
  },
  {
    title: 'power',
    columns: [
      names('plant', places),
      years('since', 1961),
      amounts('output (MWh)', 800, 7_000_000),
      evenly('efficiency', 18, 61, { decimals: 1, style: 'percent', role: 'ratio', power: -2 }),
      evenly('change', -40, 40, { decimals: 1, style: 'minus' }),
    ],
  },
  {
    title: 'regatta',
    columns: [
      names('boat', places),
      codes('sail no.', (row) => pad(row * 37, 4)),
      evenly('points', 3, 90),
      evenly('speed (kn)', 4, 19, { decimals: 2 }),
    ],
  },
  {
    title: 'weather',
    columns: [
      dates('day'),
      evenly('temperature (°C)', -18, 31, { decimals: 1 }),
      evenly('rain (mm)', 0, 60, { decimals: 1 }),
      evenly('pressure (hPa)', 978, 1034),
      evenly('humidity', 30, 99, { style: 'percent', role: 'ratio', power: -2 }),
    ],
  },
  {
    title: 'budget',
    columns: [
      names('post', ['Roads', 'Schools', 'Health', 'Parks', 'Harbour', 'Lights', 'Debt', 'Other']),
      amounts('2023 (€ million)', 2, 900, { decimals: 1, power: 6 }),
      amounts('2024 (€ million)', 2, 900, { decimals: 1, power: 6 }),
      evenly('change', -30, 40, { decimals: 1, style: 'percent', role: 'ratio', power: -2 }),
    ],
  },
  {
    title: 'survey',
    columns: [
      names('answer', ['never', 'rarely', 'at times', 'often', 'always', 'no answer']),
      evenly('people', 12, 940),
      percents('share', 1, 44),
      evenly('mean age', 19, 71, { decimals: 1 }),
    ],
  },
  {
    title: 'libraries',
    columns: [
      codes('postcode', (row) => pad(row * 913 + 1067, 5)),
      names('branch', places),
      amounts('loans', 900, 400_000),
      evenly('staff', 1, 40, { decimals: 1 }),
      years('opened', 1902),
    ],
  },
  {
    title: 'bakeries',
    columns: [
      names('bread', ['rye', 'spelt', 'oat', 'plain', 'seeded', 'dark', 'flat']),
      evenly('price', 1.1, 9.8, { decimals: 2, style: 'dollars' }),
      amounts('sold', 40, 20_000),
      evenly('weight', 0.2, 2.4, { decimals: 2, style: 'kilograms' }),
    ],
  },
  {
    title: 'stars',
    columns: [
      codes('star', (row) => `K${row + 4}-${row + 11}`),
      evenly('magnitude', -1.4, 6.5, { decimals: 2 }),
      amounts('distance (pc)', 1.3, 900, { decimals: 2 }),
      { name: 'mass (kg)', role: 'number', make: () => `${between(1, 9).toFixed(2)}e30` },
      amounts('luminosity', 0.0004, 80_000, { decimals: 4 }),
    ],
  },
  {
    title: 'ledger',
    columns: [
      codes('account', (row) => `${4_000_000 + row * 7919}`),
      dates('booked'),
      evenly('amount', -9000, 9000, { decimals: 2, style: 'accounts' }),
      {
        name: 'reference',
        role: 'code',
        make: (row) => `${7 + (row % 2)}${String(row * 104729 + 31).padStart(24, '4')}`,
      },
    ],
  },
  {
    title: 'catch',
    columns: [
      names('species', ['dulse', 'wrack', 'tangle', 'oarweed', 'laver', 'furbelow']),
      amounts('landed', 900, 40_000_000, { style: 'rungs' }),
      amounts('value', 2000, 9_000_000, { style: 'rungs' }),
      { name: 'batch', role: 'number', ask: 'role', make: (row) => `${51_307 + row * 311}` },
      evenly('salinity', 0.031, 0.036, { decimals: 4 }),
    ],
  },
]
