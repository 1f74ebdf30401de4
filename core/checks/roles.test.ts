import { decimal } from '../decimal/decimal'
import type { Style } from '../style/schemas'
import type { Subject } from './types'
import { axis, describeCheck, found, written } from './testing/cases'

const year: Partial<Subject> = { role: 'year' }
const code: Partial<Subject> = { role: 'code' }
const plain: Style = { grouping: 'never', fraction: [0, 0] }

describeCheck('grouped-name', {
  finds: {
    'a grouped year': written('table', {}, [2021, 2022], year),
    'years on an axis': axis({}, [2019, 2024], 1, year),
    'a year in thousands': written('tooltip', { notation: 'scaled' }, [2021], year),
    'a code with marks': written('table', {}, [1234567], code),
    'a code with an exponent': written('table', { notation: 'scientific' }, [40213], code),
    'years that are summed': written('table', plain, [2021, 2022], {
      ...year,
      total: decimal(4043),
    }),
    'a rounded code': written('table', { grouping: 'never', significant: [1, 3] }, [40213], code),
  },
  silent: {
    'years as they are': written('table', plain, [2021, 2022], year),
    'years with a word before': written('tooltip', { ...plain, before: 'FY ' }, [2021], year),
    'a code as it is': written('table', plain, [1234567], code),
    'short codes': written('table', {}, [12, 345], code),
    'numbers of that size': written('table', {}, [2021, 2022]),
    'numbers by their role': written('table', {}, [2021, 2022], { role: 'number' }),
  },
})

const ratio: Partial<Subject> = { kind: 'ratio' }
describeCheck('summed-ratio', {
  finds: {
    'a total of rates': written('table', {}, ['1.5', '2.5'], { ...ratio, total: decimal(4) }),
    'a total of percents': written('table', { unit: { kind: 'percent' } }, ['0.5', '0.25'], {
      role: 'ratio',
      total: decimal('0.75'),
    }),
    'bars of several rows': written('marks', {}, [40, 50], { ...ratio, aggregate: 'sum' }),
    'their axis': axis({}, [0, 50], 10, { ...ratio, aggregate: 'sum' }),
    'their tooltips': written('tooltip', {}, [40, 50], { ...ratio, aggregate: 'sum' }),
    'their legend': written('legend', {}, [40, 50], { ...ratio, aggregate: 'sum' }),
  },
  silent: {
    'a mean': written('marks', {}, [40, 50], { ...ratio, aggregate: 'mean' }),
    'rates without a total': written('table', {}, ['1.5', '2.5'], ratio),
    'shares of one whole': written('table', {}, ['0.5', '0.5'], {
      kind: 'shares',
      shares: true,
      total: decimal(1),
    }),
    'amounts that add up': written('table', {}, [1, 2], { kind: 'amount', total: decimal(3) }),
    'bars of one row each': written('marks', {}, [40, 50], ratio),
    'cells beside summed bars': written('table', {}, [4, 5], { ...ratio, aggregate: 'sum' }),
  },
})

test('ratios that were added are drawn as means, and a total of them is left out', () => {
  const titles = (subject: Subject) =>
    found(subject, 'summed-ratio')!.fixes.map(({ title }) => title)
  expect(titles(written('marks', {}, [40, 50], { ...ratio, aggregate: 'sum' }))).toEqual([
    'Draw the mean',
  ])
  const divided = { ...ratio, aggregate: 'sum', divisor: 'area' } as const
  expect(found(written('marks', {}, [40, 50], divided), 'summed-ratio')!.fixes).toMatchObject([
    {
      title: 'Draw the ratio of the sums (mean weighted by area)',
      aggregate: 'mean',
      weight: 'area',
    },
    { title: 'Draw the mean' },
  ])
  expect(titles(written('table', {}, [1, 2], { ...ratio, total: decimal(3) }))).toEqual([
    'Hide the total',
  ])
})
