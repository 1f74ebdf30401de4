import de from '../locale/generated/locales/de.json'
import hi from '../locale/generated/locales/hi.json'
import { decimal } from '../decimal/decimal'
import type { LocaleTable } from '../locale/types'
import type { Style } from '../style/fields'
import { describeCheck, found, written } from './testing/cases'

const context = { tables: { de: de as unknown as LocaleTable, hi: hi as unknown as LocaleTable } }
const shared: Style = {
  notation: 'scaled',
  rung: 'shared',
  unit: { kind: 'currency', code: 'EUR' },
}
describeCheck('unit-lost', {
  finds: {
    'a tooltip without a title': written('tooltip', { ...shared, unitAt: 'title' }, [5e6]),
    'a headline': written('headline', { ...shared, unitAt: 'title' }, [5e6]),
    'a sentence': written(
      'sentence',
      { unit: { kind: 'symbol', text: 'kg' }, unitAt: 'title' },
      [5],
    ),
    'a legend': written('legend', { ...shared, unitAt: 'title' }, [1e6, 2e6]),
    'a tooltip whose first label is on the axis': written(
      'tooltip',
      { ...shared, unitAt: 'first' },
      [1e6, 2e6],
    ),
    'percent signs in the text': written(
      'sentence',
      { unit: { kind: 'percent' }, unitAt: 'last' },
      ['0.5', '0.6'],
    ),
  },
  silent: {
    'an axis with its title': written('axis', { ...shared, unitAt: 'title' }, [1e6, 2e6]),
    'a table with its head': written('table', { ...shared, unitAt: 'title' }, [1e6, 2e6]),
    'marks beside their axis': written('marks', { ...shared, unitAt: 'title' }, [1e6]),
    'units on each label': written('tooltip', shared, [1e6]),
    'nothing to say': written('tooltip', { unitAt: 'title' }, [5]),
    'a legend whose first label says it': written(
      'legend',
      { ...shared, unitAt: 'first' },
      [1e6, 2e6],
    ),
  },
})

const litres: Style = { unit: { kind: 'symbol', text: 'l' } }
const crown = (use: Style): Style => ({
  ...litres,
  cases: [{ when: { column: 'species', is: ['crown kelp'] }, use: use as never }],
})
const rows = { rows: [{ species: 'crown kelp' }, { species: 'lace wrack' }] }
describeCheck('unit-unconverted', {
  finds: {
    'litres called cubic metres': written(
      'table',
      crown({ unit: { kind: 'symbol', text: 'm³' } }),
      [41_000, 620],
      rows,
    ),
    'kilograms called tonnes': written(
      'marks',
      { ...crown({ unit: { kind: 'symbol', text: 't' } }), unit: { kind: 'symbol', text: 'kg' } },
      [5000, 1],
      rows,
    ),
    'one currency called another': written(
      'table',
      {
        ...crown({ unit: { kind: 'currency', code: 'USD' } }),
        unit: { kind: 'currency', code: 'EUR' },
      },
      [5, 6],
      rows,
    ),
    'a unit nobody can convert': written(
      'table',
      crown({ unit: { kind: 'symbol', text: 'casks' } }),
      [5, 6],
      rows,
    ),
    'a case by size': written(
      'table',
      {
        unit: { kind: 'symbol', text: 'm' },
        cases: [
          { when: { magnitude: { from: 3 } }, use: { unit: { kind: 'symbol', text: 'km' } } },
        ],
      },
      [5000, 5],
    ),
    'no row that meets it yet': written(
      'table',
      crown({ unit: { kind: 'symbol', text: 'm³' } }),
      [5],
      { rows: [{ species: 'lace wrack' }] },
    ),
  },
  silent: {
    'a converted unit': written(
      'table',
      crown({ unit: { kind: 'symbol', text: 'm³' }, factor: '0.001' }),
      [41_000, 620],
      rows,
    ),
    'a case that keeps the unit': written('table', crown({ fraction: [0, 0] }), [5, 6], rows),
    'the same unit set again': written(
      'table',
      crown({ unit: { kind: 'symbol', text: 'l', gap: '' } }),
      [5, 6],
      rows,
    ),
    'percent, which converts by itself': written(
      'table',
      crown({ unit: { kind: 'percent' } }),
      [5, 6],
      rows,
    ),
    'no unit before': written(
      'table',
      {
        cases: [
          { when: { magnitude: { from: 3 } }, use: { unit: { kind: 'symbol', text: 'km' } } },
        ],
      },
      [5],
    ),
    'no cases': written('table', litres, [5]),
  },
})

describeCheck('unfamiliar-rung', {
  finds: {
    'quadrillions by symbol': written('marks', { notation: 'scaled' }, [5e15]),
    'crores for English readers': written('table', { notation: 'scaled', ladder: 'indian' }, [5e7]),
    'myriads for English readers': written(
      'table',
      { notation: 'scaled', ladder: 'myriad' },
      [5e8],
    ),
    'crores for declared readers elsewhere': written(
      'table',
      { notation: 'scaled', ladder: 'indian', locale: 'en' },
      [5e7],
      { readers: ['hi', 'de'], context },
    ),
    'a fixed rung above trillion': written('axis', { notation: 'scaled', rung: 15 }, [5e15, 6e15]),
    'one label of many': written('marks', { notation: 'scaled' }, [1000, 7e18]),
  },
  silent: {
    trillions: written('marks', { notation: 'scaled' }, [5e12]),
    words: written('marks', { notation: 'scaled', rungForm: 'word' }, [5e15]),
    'symbols with their power': written(
      'marks',
      { notation: 'scaled', rungForm: 'symbolExponent' },
      [5e15],
    ),
    'crores for their own readers': written(
      'table',
      { notation: 'scaled', ladder: 'indian' },
      [5e7],
      { readers: ['hi'], context },
    ),
    'crores that no label needs': written('table', { notation: 'scaled', ladder: 'indian' }, [500]),
    'whole digits': written('marks', {}, [5e15]),
  },
})

const german = { readers: ['de'], context }
describeCheck('unclear-marks', {
  finds: {
    'a group that is a decimal mark': written('table', {}, [1234], german),
    'a decimal mark that is a group': written('marks', { fraction: [3, 3] }, ['1.234'], german),
    'one label of several': written('table', {}, [5, 1234], german),
    'with several readers': written('table', {}, [1234], { readers: ['en', 'de'], context }),
    'scaled beyond the ladder': written(
      'marks',
      { notation: 'scaled', rung: 3 },
      [5_125_000],
      german,
    ),
    'below zero': written('table', {}, [-1234], german),
  },
  silent: {
    'no readers declared': written('table', {}, [1234]),
    'small whole numbers': written('table', {}, [5, 12], german),
    'groups by blanks': written('table', { marks: { group: '\u202f' } }, [1234], german),
    'its own readers': written('table', { locale: 'de' }, [1234], { readers: ['de'], context }),
    'millions, whose second group mark tells': written('table', {}, [1_234_567], german),
    nothing: written('table', {}, [], german),
  },
})

test('a unit that is changed is converted by a known factor, and the unit kept where none is known', () => {
  const finding = found(
    written('table', crown({ unit: { kind: 'symbol', text: 'm³' } }), [41_000, 620], rows),
    'unit-unconverted',
  )!
  expect(finding.fixes.map(({ title }) => title)).toEqual(['Convert: 1 l is 0.001 m³', 'Keep l'])
  expect(finding).toMatchObject({
    at: [0],
    message:
      'An exception writes “m³” instead of “l” but keeps the number: “41,000\u00a0m³” is still in l.',
  })
  expect(found(written('table', {}, [1234], german), 'unclear-marks')).toMatchObject({
    severity: 'error',
    message: '“1,234” means 1,234, but German readers read 1.234.',
  })
})

const inTonnes = crown({ unit: { kind: 'symbol', text: 't' }, factor: '0.001' })
const kilograms: Style = { ...inTonnes, unit: { kind: 'symbol', text: 'kg' } }
const money: Style = { unit: { kind: 'currency', code: { column: 'money' } } }
const twoMoneys = { rows: [{ money: 'EUR' }, { money: 'NOK' }] }
describeCheck('mixed-units', {
  finds: {
    'a title in kilograms over tonnes': written(
      'table',
      { ...kilograms, unitAt: 'title' },
      [41_000, 620],
      rows,
    ),
    'a first label that speaks for all': written(
      'marks',
      { ...kilograms, unitAt: 'first' },
      [41_000, 620],
      rows,
    ),
    'a title in millions over thousands': written(
      'axis',
      {
        notation: 'scaled',
        rung: 6,
        unitAt: 'title',
        cases: [{ when: { magnitude: { to: 6 } }, use: { rung: 3 } }],
      },
      [2e6, 500_000],
    ),
    'a total under kilograms and tonnes': written('table', kilograms, [41_000, 620], {
      ...rows,
      total: decimal(41_620),
    }),
    'a total of euros and crowns': written('table', money, [5, 20], {
      ...twoMoneys,
      total: decimal(25),
    }),
  },
  silent: {
    'units on each label': written('table', kilograms, [41_000, 620], rows),
    'a total of one currency': written('table', money, [5, 20], {
      rows: [{ money: 'EUR' }, { money: 'EUR' }],
      total: decimal(25),
    }),
    'a case that changes decimals alone': written(
      'table',
      { ...crown({ fraction: [2, 2] }), unitAt: 'title' },
      [41_000, 620],
      rows,
    ),
    'a case that no row meets': written('table', { ...kilograms, unitAt: 'title' }, [41, 62], {
      rows: [{ species: 'lace wrack' }, { species: 'lace wrack' }],
    }),
    'rungs of their own on each label': written(
      'table',
      { notation: 'scaled', cases: [{ when: { magnitude: { to: 6 } }, use: { rung: 3 } }] },
      [2e6, 5e5],
      { total: decimal(25e5) },
    ),
  },
})

test('a total of several currencies is no number; one that is converted asks to be read', () => {
  const severity = (style: Style, more: object) =>
    found(written('table', style, [41_000, 620], more), 'mixed-units')?.severity
  expect([
    severity(money, { ...twoMoneys, total: decimal(41_620) }),
    severity(kilograms, { ...rows, total: decimal(41_620) }),
  ]).toEqual(['error', 'warning'])
})
