import { axis, describeCheck, found, written } from './testing/cases'

describeCheck('vanished', {
  finds: {
    'a tiny number without enough decimals': written('marks', { fraction: [0, 2] }, ['0.0004', 5]),
    'thousands in whole billions': written(
      'table',
      { notation: 'scaled', rung: 9, fraction: [0, 1] },
      [12_000, 4e9],
    ),
    'a tick': axis({ fraction: [0, 0] }, [0, 1], '0.25'),
    'a number below zero': written('tooltip', { fraction: [0, 1] }, ['-0.04']),
    'an increment that is too large': written('marks', { increment: '50' }, [20, 100]),
    'a share of nothing': written('table', { unit: { kind: 'percent' }, fraction: [0, 0] }, [
      '0.004',
      '0.5',
    ]),
  },
  silent: {
    'zero itself': written('marks', {}, [0, 5]),
    'tiny numbers with decimals': written('marks', { fraction: [0, 5] }, ['0.0004']),
    'significant digits': written('marks', { significant: [1, 2] }, ['0.0000004']),
    'a bound': written('marks', { fraction: [0, 2], under: '0.01' }, ['0.0004']),
    exponents: written('marks', { notation: 'scientific' }, ['4e-300']),
    'a text for zero': written('table', { zero: 'none' }, [0]),
  },
})

describeCheck('misread', {
  finds: {
    'a third off': written('marks', { fraction: [0, 0] }, ['1.4']),
    'an eighth in tenths': axis({ fraction: [1, 1] }, [0, 1], '0.125'),
    'a hidden sign': written('marks', { sign: 'never' }, [-5, 3]),
    'a tenth of a million in whole ones': written(
      'table',
      { notation: 'scaled', rung: 6, fraction: [0, 0] },
      [1_400_000],
    ),
    'a coarse increment': written('headline', { increment: '100' }, [149]),
    'one digit of two': written('sentence', { significant: [1, 1] }, [14]),
  },
  silent: {
    'whole numbers': written('marks', {}, [5, 1234]),
    'less than a twentieth off': written(
      'marks',
      { notation: 'scaled', fraction: [0, 1] },
      [1_264_000],
    ),
    'ticks told exactly': axis({ fraction: [3, 3] }, [0, 1], '0.125'),
    zero: written('marks', {}, [0]),
    'two digits': written('marks', { significant: [1, 2] }, [149]),
    'a bound that holds': written('marks', { over: '100' }, [4000]),
  },
})

describeCheck('order-reversed', {
  finds: {
    'hidden signs': written('marks', { sign: 'never' }, [-5, 3]),
    'three of which two are below zero': written('marks', { sign: 'never' }, [-10, -2, 1]),
    'two of three': written('table', { sign: 'never' }, [-9, -8, 1]),
    'on an axis': axis({ sign: 'never' }, [-2, 2], 1),
    'in a tooltip': written('tooltip', { sign: 'never', fraction: [1, 1] }, ['-0.5', '0.2']),
    scaled: written('marks', { sign: 'never', notation: 'scaled' }, [-5e6, 4e6]),
  },
  silent: {
    'order kept': written('marks', {}, [-5, 3]),
    'labels that are equal': written('marks', { fraction: [0, 0] }, ['1.1', '1.2']),
    'one number': written('marks', { sign: 'never' }, [-5]),
    'descending rows': written('table', {}, [9, 5, -1]),
    bounds: written('marks', { over: '10', under: '1' }, [0, 5, 50]),
    parentheses: written('table', { sign: 'parentheses' }, [-5, 3]),
  },
})

test('messages carry the numbers', () => {
  expect(found(written('marks', { fraction: [0, 0] }, ['1.4']), 'misread')!.message).toBe(
    '1.4 is written “1” and reads as 1: off by 0.4, 29% of the number.',
  )
  expect(found(written('marks', { sign: 'never' }, [-5, 3]), 'order-reversed')!.message).toBe(
    '3 is larger than −5, but “3” reads as smaller than “5”.',
  )
  expect(found(written('marks', { fraction: [0, 2] }, ['0.0004', 5]), 'vanished')).toMatchObject({
    at: [0],
    message: '0.0004 is written “0”. Readers think that there is nothing.',
  })
})
