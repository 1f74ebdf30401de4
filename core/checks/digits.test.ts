import { axis, describeCheck, found, written } from './testing/cases'

describeCheck('idle-zeros', {
  finds: {
    'whole numbers with two decimals': written('table', { fraction: [2, 2] }, [5, 7]),
    'a second decimal that is always zero': written('marks', { fraction: [2, 2] }, ['1.5', '2.5']),
    'whole steps with a decimal': axis({ fraction: [1, 1] }, [0, 8], 2),
    'whole millions with a decimal': written(
      'table',
      { notation: 'scaled', rung: 6, fraction: [1, 1] },
      [5e6, 7e6],
    ),
    percent: written('table', { unit: { kind: 'percent' }, fraction: [1, 1] }, ['0.25', '0.5']),
    mantissas: written('axis', { notation: 'scientific', exponent: 'shared', fraction: [1, 1] }, [
      '2e-7',
      '4e-7',
    ]),
  },
  silent: {
    'decimals that say something': written('table', { fraction: [2, 2] }, ['5.25', 7]),
    'decimals where there are some': written('table', { fraction: [0, 2] }, [5, 7]),
    'one number': written('headline', { fraction: [2, 2] }, [5]),
    halves: axis({ fraction: [1, 1] }, [0, 2], '0.5'),
    'whole digits': written('table', { fraction: [0, 0] }, [10, 200]),
    'zeros alone': written('table', { fraction: [2, 2] }, [0, 0]),
  },
})

describeCheck('too-fine', {
  finds: {
    'cents of thousands': written('marks', { fraction: [2, 2] }, ['1234.56', '8765.43']),
    'four decimals for units': written('table', { fraction: [0, 4] }, ['1.2345', '9.8765']),
    'decimals of far millions': written('marks', { notation: 'scaled', fraction: [3, 3] }, [
      '1234567',
      '8765432',
    ]),
    'percent to the fourth': written('table', { unit: { kind: 'percent' }, fraction: [4, 4] }, [
      '0.123456',
      '0.5',
    ]),
    'below zero': written('table', { fraction: [3, 3] }, ['-5.125', '12.5']),
    'equal ones beside': written('table', { fraction: [2, 2] }, ['500.25', '500.25', '12.5']),
  },
  silent: {
    'digits that tell apart': written('table', { fraction: [2, 2] }, ['1.25', '1.26']),
    'one decimal of units': written('marks', { fraction: [1, 1] }, ['1.2', '9.8']),
    'whole numbers': written('marks', { fraction: [0, 0] }, [5, 5000]),
    'one number': written('headline', { fraction: [4, 4] }, ['1.2345']),
    'equal numbers': written('table', { fraction: [2, 2] }, ['1.25', '1.25']),
    'eighths told to the thousandth': written('marks', { fraction: [3, 3] }, [
      '0.125',
      '0.25',
      '0.5',
      '1',
    ]),
    'a hundredth of the gap': written('table', { fraction: [2, 2] }, ['1.25', '2.25']),
  },
})

describeCheck('float-noise', {
  finds: {
    'a sum of tenths': written('table', { fraction: [0, 20] }, [0.1 + 0.2]),
    'a product': written('marks', { fraction: [0, 20] }, [1.1 * 3]),
    nines: written('table', { fraction: [0, 20] }, [0.7 + 0.1]),
    'ticks by adding': written('axis', { fraction: [0, 20] }, [0.1, 0.2, 0.1 + 0.2]),
    'below zero': written('table', { fraction: [0, 20] }, [-(0.1 + 0.2)]),
    scaled: written('marks', { notation: 'scaled', fraction: [0, 20] }, [1100.3 * 3]),
  },
  silent: {
    'rounded away': written('table', { fraction: [0, 3] }, [0.1 + 0.2]),
    'short numbers': written('table', { fraction: [0, 20] }, ['0.3', '1.125']),
    'a third': written('table', { fraction: [0, 20] }, [1 / 3]),
    pi: written('table', { fraction: [0, 20] }, [Math.PI]),
    'long decimal text': written('table', { fraction: [0, 40] }, ['0.30000000000000000004']),
    'whole numbers': written('table', {}, [12345678901234568]),
  },
})

describeCheck('inexact-input', {
  finds: {
    'twenty digits cut to seventeen': written('table', {}, ['12345678901234567000']),
    'below zero': written('table', {}, ['-12345678901234567000']),
    'one of several': written('marks', {}, [5, '98765432109876540000']),
    'an identifier': written('table', {}, ['123456789012345680']),
    scaled: written('marks', { notation: 'scaled' }, ['12345678901234567000']),
    'a giant': written('table', {}, [1e24 / 7]),
  },
  silent: {
    'all digits there': written('table', {}, ['12345678901234567890']),
    'round figures': written('table', {}, ['5000000000000000000000']),
    'the last exact integer': written('table', {}, [2 ** 53]),
    'small integers': written('table', {}, [1_234_567_000]),
    decimals: written('table', {}, ['1234567890.125']),
    'a whole number with decimals': written('table', { fraction: [2, 2] }, [12]),
  },
})

test('messages show what was meant', () => {
  expect(found(written('table', { fraction: [0, 20] }, [0.1 + 0.2]), 'float-noise')).toMatchObject({
    severity: 'note',
    message: '“0.30000000000000004” is 0.3 plus digits that binary arithmetic added.',
    fixes: [{ title: 'Write 1 decimal' }],
  })
  expect(
    found(written('marks', { fraction: [2, 2] }, ['1.5', '2.5']), 'idle-zeros')!.fixes[0]!.style,
  ).toEqual({ fraction: [1, 1] })
})

const [halves, quarters] = [
  ['0.5', '1', '1.5'],
  ['2', '2.25', '2.5', '2.75'],
] as const
describeCheck('uneven-decimals', {
  finds: {
    'quarters on an axis': axis({}, [2, '2.75'], '0.25'),
    'halves on an axis': axis({ fraction: [0, 1] }, [0, 2], '0.5'),
    'millions on an axis': axis({ notation: 'scaled', rung: 6 }, [0, 2e6], 5e5),
    'a column': written('table', { fraction: [0, 2] }, quarters),
    marks: written('marks', { fraction: [0, 1] }, halves),
    percent: written('table', { unit: { kind: 'percent' }, fraction: [0, 1] }, ['0.125', '0.25']),
    'edges of a legend': written('legend', { fraction: [0, 2] }, ['0.25', '0.5']),
  },
  silent: {
    'as many as the step needs': axis({ fraction: 'step' }, [2, '2.75'], '0.25'),
    'exactly two': written('table', { fraction: [2, 2] }, quarters),
    'significant digits': written('table', { significant: [1, 3] }, quarters),
    'whole numbers without, by choice': written(
      'table',
      { fraction: [2, 2], trailingZeros: 'stripIfInteger' },
      quarters,
    ),
    'rungs of each label': written(
      'marks',
      { notation: 'scaled', fraction: [0, 1] },
      [950_000, 1_200_000],
    ),
    'a log axis': written('axis', {}, ['0.01', '0.1', '1']),
    'labels that stand alone': written('tooltip', { fraction: [0, 2] }, quarters),
    'zero beside others': written('table', { fraction: [0, 1] }, ['0', '0.5', '1.5']),
  },
})

test('on an axis the decimals that the step needs are offered first', () => {
  const [first] = found(axis({}, [2, '2.75'], '0.25'), 'uneven-decimals')!.fixes
  expect(first).toMatchObject({ id: 'step-decimals', style: { fraction: 'step' } })
})
