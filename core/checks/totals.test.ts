import { decimal } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { describeCheck, found, written } from './testing/cases'

const total = (value: string) => ({ total: decimal(value) })
const parts = ['3.4', '5.4', '2.4']
describeCheck('does-not-add-up', {
  finds: {
    'three parts and eleven': written('table', { fraction: [0, 0] }, parts, total('11.2')),
    millions: written(
      'table',
      { notation: 'scaled', rung: 6, fraction: [0, 0] },
      [1_400_000, 2_400_000],
      total('3800000'),
    ),
    'a selection': written('table', { fraction: [0, 0] }, [...parts, '100'], {
      ...total('11.2'),
      selection: [0, 1, 2],
    }),
    marks: written('marks', { fraction: [0, 1] }, ['0.25', '0.25'], total('0.5')),
    'significant digits': written('table', { significant: [1, 2] }, [144, 144], total('288')),
    'another total altogether': written('table', {}, [1, 2], total('5')),
  },
  silent: {
    'enough decimals': written('table', { fraction: [0, 1] }, parts, total('11.2')),
    'whole numbers': written('table', {}, [1, 2], total('3')),
    'no total': written('table', { fraction: [0, 0] }, parts),
    'errors that cancel': written('table', { fraction: [0, 0] }, ['1.4', '1.6'], total('3')),
    'no parts': written('table', {}, [], total('3')),
    'the selection alone': written('table', {}, [1, 2, 50], { ...total('3'), selection: [0, 1] }),
  },
})

const percent: Style = { unit: { kind: 'percent' }, fraction: [0, 0] }
const shares = { shares: true }
describeCheck('shares-not-100', {
  finds: {
    thirds: written('table', percent, ['0.333', '0.333', '0.334'], shares),
    sixths: written(
      'legend',
      percent,
      ['0.1667', '0.1667', '0.1667', '0.1667', '0.1666', '0.1666'],
      shares,
    ),
    'percent figures': written('table', { fraction: [0, 0] }, ['33.3', '33.3', '33.4'], shares),
    'halves rounded up': written('table', percent, ['0.125', '0.125', '0.75'], shares),
    'tenths of a percent': written(
      'marks',
      { ...percent, fraction: [1, 1] },
      ['0.33333', '0.33333', '0.33334'],
      shares,
    ),
    'plain ratios': written('table', { fraction: [1, 1] }, ['0.25', '0.25', '0.5'], shares),
  },
  silent: {
    quarters: written('table', percent, ['0.25', '0.25', '0.5'], shares),
    'not declared as shares': written('table', percent, ['0.333', '0.333', '0.334']),
    'shares of a part': written('table', percent, ['0.1', '0.25'], shares),
    'enough decimals': written(
      'table',
      { ...percent, fraction: [0, 1] },
      ['0.333', '0.333', '0.334'],
      shares,
    ),
    nothing: written('table', percent, [], shares),
    'errors that cancel': written('table', percent, ['0.334', '0.666'], shares),
  },
})

test('the message shows the parts and their sum', () => {
  expect(
    found(written('table', { fraction: [0, 0] }, parts, total('11.2')), 'does-not-add-up'),
  ).toMatchObject({
    severity: 'warning',
    message: '“3”, “5” and “2” add up to 10, but their total is written “11”, 1 apart.',
    fixes: [{ title: 'Write 1 decimal' }],
  })
})
