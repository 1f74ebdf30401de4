import { decimal } from '../decimal/decimal'
import { axis, describeCheck, found, written } from './testing/cases'

describeCheck('uneven-steps', {
  finds: {
    'eighths with one decimal': axis({ fraction: [1, 1] }, [0, 1], '0.125'),
    'quarters with one decimal': axis({ fraction: [0, 1] }, [0, 1], '0.25'),
    'halves cut off': axis({ fraction: [0, 0], rounding: 'trunc' }, [0, 3], '0.5'),
    'thousands in tenths of a million': axis(
      { notation: 'scaled', rung: 6, fraction: [1, 1] },
      [0, 300_000],
      75_000,
    ),
    'thirds of ten in significant digits': axis({ significant: [1, 1] }, [10, 20], '2.5'),
    'an increment that is no divisor': axis({ increment: '2' }, [0, 9], 3),
  },
  silent: {
    'eighths with three decimals': axis({ fraction: [3, 3] }, [0, 1], '0.125'),
    'two ticks': axis({ fraction: [0, 0] }, [0, '0.5'], '0.5'),
    'uneven ticks': written('axis', { fraction: [0, 0] }, ['0', '0.4', '2.1']),
    marks: written('marks', { fraction: [0, 0] }, ['0', '0.5', '1', '1.5']),
    'whole steps below zero': axis({ fraction: [0, 0] }, [-3, 3], 1),
    'all written zero': axis({ fraction: [0, 0] }, [0, '0.4'], '0.1'),
  },
})

const quarters = [0, 90, 180, 270]
describeCheck('wrong-tick-label', {
  finds: {
    'too few': written('axis', {}, quarters, { byHand: ['0', '90', '180'] }),
    'too many': written('axis', {}, quarters, { byHand: ['0', '90', '180', '270', '360'] }),
    'a label one tick too late': written('axis', {}, [0, 10, 20], { byHand: ['0', '5', '10'] }),
    'a scaled label of another number': written('axis', { notation: 'scaled' }, [0, 1e6], {
      byHand: ['0', '2M'],
    }),
    'a lost sign': written('axis', {}, [-5, 5], { byHand: ['5', '5'] }),
  },
  silent: {
    'no labels by hand': written('axis', {}, quarters),
    'the same labels': written('axis', {}, quarters, { byHand: ['0', '90', '180', '270'] }),
    'another wording of the number': written('axis', {}, [0, 1500], { byHand: ['0', '1500'] }),
    'a scaled label that fits': written('axis', { notation: 'scaled' }, [0, 1e6], {
      byHand: ['0', '1M'],
    }),
    'a minus of its own': written('axis', {}, [-5, 5], { byHand: ['−5', '5'] }),
    'none for none': written('axis', {}, [], { byHand: [] }),
    'names of winds': written('axis', {}, quarters, { byHand: ['north', 'east', 'south', 'west'] }),
  },
})

describeCheck('label-is-words', {
  finds: {
    'names of winds': written('axis', {}, quarters, { byHand: ['north', 'east', 'south', 'west'] }),
    'one word among numbers': written('axis', {}, [0, 5], { byHand: ['none', '5'] }),
  },
  silent: {
    'no labels by hand': written('axis', {}, quarters),
    'numbers, right or wrong': written('axis', {}, [0, 5], { byHand: ['0', '6'] }),
    'percent, money and thousands': written('axis', {}, [0, 5, 250], {
      byHand: ['0%', '$5', '250k'],
    }),
    'too few of them': written('axis', {}, [0, 5], { byHand: ['north'] }),
  },
})

test('text is told apart from a wrong number, and gives way at a click', () => {
  const winds = found(
    written('axis', { multipleOf: 'pi' }, [0, 1], { byHand: ['north', 'east'] }),
    'label-is-words',
  )!
  expect(winds).toMatchObject({
    severity: 'note',
    fixes: [{ title: 'Replace labels by hand with the ticks', dropsLabels: true }],
  })
  expect(winds.message).toBe(
    '“north” and “east” are not numbers: they stay in place when the ticks move.',
  )
  expect(
    found(written('axis', {}, [0, 10], { byHand: ['0', '5'] }), 'wrong-tick-label'),
  ).toMatchObject({
    severity: 'error',
    at: [1],
    message: 'The tick at 10 is labelled “5”, which reads as 5.',
  })
})

const data = (least: number | string, largest: number | string) => ({
  data: [decimal(least), decimal(largest)] as const,
})
describeCheck('beyond-axis', {
  finds: {
    'a bar above the last tick': axis({}, [0, 80], 20, data(0, 93)),
    'a value below the first': axis({}, [20, 80], 20, data(13, 80)),
    both: axis({}, [-1, 1], '0.5', data('-1.2', '1.2')),
    'by a hair': axis({}, [0, 1], '0.5', data(0, '1.0000001')),
    'a falling axis': written('axis', {}, [80, 60, 40], { ...data(10, 80) }),
    'a log axis': written('axis', {}, [1, 10, 100], { ...data(1, 430) }),
  },
  silent: {
    'data that end at a tick': axis({}, [0, 80], 20, data(0, 80)),
    'data within': axis({}, [0, 100], 20, data(3, 93)),
    'data that nobody gave': axis({}, [0, 80], 20),
    'another surface': written('marks', {}, [1, 2], data(0, 93)),
    'no ticks': written('axis', {}, [], data(0, 1)),
    'below zero, within': axis({}, [-100, 0], 20, data(-93, -3)),
    'a double of π at the tick π': written(
      'axis',
      { notation: 'multiple', multipleOf: 'pi' },
      ['0', '3.14159265358979323846'],
      data(0, '3.141592653589793239'),
    ),
  },
})

test('the ticks go on to the ends of the data, at their own step', () => {
  const [fix] = found(axis({}, [0, 80], 20, data(0, 93)), 'beyond-axis')!.fixes
  expect(fix).toMatchObject({ id: 'enclose', ticks: { step: '20', enclose: true } })
})
