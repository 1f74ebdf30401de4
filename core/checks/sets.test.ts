import { inherit } from '../style/inherit'
import { axis, describeCheck, found, written } from './testing/cases'

describeCheck('mixed-rungs', {
  finds: {
    'thousands and millions in a column': written('table', { notation: 'scaled' }, [5000, 5e6]),
    'an axis that goes past a million': axis({ notation: 'scaled' }, [0, 2e6], 500_000),
    'hundreds and thousands': written('table', { notation: 'scaled' }, [500, 5000]),
    prefixes: written(
      'table',
      { notation: 'scaled', ladder: 'si', unit: { kind: 'symbol', text: 'W' } },
      ['0.005', 5],
    ),
    binary: written(
      'table',
      { notation: 'scaled', ladder: 'binary', unit: { kind: 'symbol', text: 'B' } },
      [2048, 5e6],
    ),
    words: written('axis', { notation: 'scaled', rungForm: 'word' }, [1e6, 1e9]),
  },
  silent: {
    'one shared rung': written('table', { notation: 'scaled', rung: 'shared' }, [5000, 5e6]),
    'zero beside thousands': axis({ notation: 'scaled' }, [0, 8000], 2000),
    marks: written('marks', { notation: 'scaled' }, [5000, 5e6]),
    'whole digits': written('table', {}, [5, 5e9]),
    'a fixed rung': written('table', { notation: 'scaled', rung: 6 }, [5000, 5e6]),
    'one row': written('table', { notation: 'scaled' }, [5000]),
  },
})

describeCheck('mixed-notation', {
  finds: {
    'an exponent each': written('axis', { notation: 'scientific' }, ['2e-7', '4e-6']),
    'engineering each': written('table', { notation: 'engineering' }, [5e3, 5e9]),
    'one label beyond the ladder': written('table', { notation: 'scaled' }, [5e12, '5e310']),
    marks: written('marks', { notation: 'scientific' }, [1.5, 2500]),
    letters: written('table', { notation: 'scientific', exponentForm: 'e' }, [15, 2500]),
    'a case of giants': written(
      'table',
      { cases: [{ when: { magnitude: { from: 9 } }, use: { notation: 'scientific' } }] },
      [5, 5e12],
    ),
  },
  silent: {
    'one shared exponent': written('axis', { notation: 'scientific', exponent: 'shared' }, [
      '2e-7',
      '4e-6',
    ]),
    'equal exponents': written('axis', { notation: 'scientific' }, ['2e-7', '4e-7']),
    'zero beside them': axis({ notation: 'scientific' }, [0, '8e-7'], '2e-7'),
    'powers alone on a log axis': written(
      'axis',
      { notation: 'scientific', exponentForm: 'power' },
      [1, 10, 100],
    ),
    'no exponents': written('table', {}, [5, 5e9]),
    'one number': written('headline', { notation: 'scientific' }, [5e9]),
  },
})

describeCheck('rung-overflow', {
  finds: {
    'thousands of thousands': written('axis', { notation: 'scaled', rung: 3 }, [1e6, 2e6]),
    'thousandths of millions': written(
      'marks',
      { notation: 'scaled', rung: 6, fraction: [0, 3] },
      [1000, 4000],
    ),
    'a fraction of a thousand': written('table', { notation: 'scaled', rung: 3 }, [5, 80]),
    'millions of thousands': written('headline', { notation: 'scaled', rung: 3 }, [9e8]),
    'lakhs of thousands': written(
      'table',
      { notation: 'scaled', ladder: 'indian', rung: 3 },
      [500_000],
    ),
    'prefixes too low': written(
      'table',
      { notation: 'scaled', ladder: 'si', rung: 0, unit: { kind: 'symbol', text: 'W' } },
      [5e6],
    ),
  },
  silent: {
    'half a million beside two': axis({ notation: 'scaled', rung: 6 }, [0, 2e6], 500_000),
    'rungs of their own': written('table', { notation: 'scaled' }, [999, 5000, 5e6]),
    'a shared rung': written('table', { notation: 'scaled', rung: 'shared' }, [5, 5e6]),
    'the last rung there is': written(
      'table',
      { notation: 'scaled', ladder: 'indian', rung: 7 },
      [5e11],
    ),
    'whole digits': written('table', {}, [5e9]),
    zero: written('table', { notation: 'scaled', rung: 6 }, [0]),
  },
})

const count = { kind: 'count' }
describeCheck('split-count', {
  finds: {
    'half a boat': written('table', { fraction: [1, 1] }, [3, '4.5'], count),
    'a mean of people': written('headline', {}, ['12.25'], count),
    'zeros of counts': written('table', { fraction: [2, 2] }, [3, 4], count),
    'an axis of counts by halves': axis({ fraction: [1, 1] }, [0, 3], '0.5', count),
    'below a thousand, with rungs above': written(
      'marks',
      { notation: 'scaled', fraction: [1, 1] },
      [12, 5000],
      count,
    ),
    'in a sentence': written('sentence', { fraction: [0, 2] }, ['7.33'], count),
  },
  silent: {
    'whole counts': written('table', {}, [3, 4], count),
    'scaled counts': written(
      'marks',
      { notation: 'scaled', fraction: [1, 1] },
      [1500, 2500],
      count,
    ),
    amounts: written('table', { fraction: [2, 2] }, [3, 4]),
    'converted counts': written('table', { factor: '0.5' }, [3], count),
    exponents: written('table', { notation: 'scientific' }, [1500], count),
    zero: written('table', { fraction: [1, 1] }, [0], count),
  },
})

describeCheck('surfaces-disagree', {
  finds: {
    'a coarse increment there': written('table', {}, [5030], {
      others: [{ surface: 'axis', style: { increment: '500' } }],
    }),
    'cut off here, rounded there': written(
      'table',
      { rounding: 'trunc', fraction: [0, 0] },
      ['1.94'],
      { others: [{ surface: 'marks', style: { fraction: [0, 1] } }] },
    ),
    'a sign shown once': written('marks', { sign: 'never' }, [-5], {
      others: [{ surface: 'table', style: {} }],
    }),
    'the second of two others': written('marks', {}, [5], {
      others: [
        { surface: 'table', style: {} },
        { surface: 'tooltip', style: { increment: '20' } },
      ],
    }),
    'a coarse increment here': written('marks', { increment: '100' }, [1930], {
      others: [{ surface: 'table', style: {} }],
    }),
    'another rung of a set': written('marks', { notation: 'scaled', rung: 6 }, [5e6], {
      together: [{ title: 'Cost', style: inherit({ notation: 'scaled', rung: 3 }) }],
    }),
    'other decimals of a set': written('table', { fraction: [1, 1] }, [5.25], {
      together: [{ title: 'Cost', style: inherit({ fraction: [2, 2] }) }],
    }),
    'another exponent of a set': written(
      'axis',
      { notation: 'scientific', exponent: 6, fraction: [0, 2] },
      [5e6],
      {
        together: [
          {
            title: 'Cost',
            style: inherit({ notation: 'scientific', exponent: 3, fraction: [0, 2] }),
          },
        ],
      },
    ),
    'up here, down there': written('table', { rounding: 'ceil', fraction: [0, 0] }, ['1.2'], {
      others: [{ surface: 'axis', style: { fraction: [1, 1] } }],
    }),
  },
  silent: {
    'billions and millions': written(
      'axis',
      { notation: 'scaled', rung: 9, fraction: [1, 1] },
      [1_264_000_000],
      { others: [{ surface: 'tooltip', style: { notation: 'scaled', rung: 6 } }] },
    ),
    'another that cannot be resolved': written('marks', {}, [5030], {
      others: [{ surface: 'tooltip', style: { notation: 'scaled', unitAt: 'title' } }],
    }),
    'percent and its ratio': written('marks', {}, ['0.5'], {
      others: [{ surface: 'table', style: { unit: { kind: 'percent' } } }],
    }),
    'no others': written('marks', {}, [5]),
    'a set that is written alike but for its units': written(
      'marks',
      { fraction: [1, 1], unit: { kind: 'symbol', text: 'kg' } },
      [5],
      { together: [{ title: 'Cost', style: inherit({ fraction: [1, 1] }) }] },
    ),
    'missing values': written('table', {}, [], {
      others: [{ surface: 'axis', style: { factor: '2' } }],
    }),
    bounds: written('table', {}, [5000], { others: [{ surface: 'axis', style: { over: '100' } }] }),
    exponents: written('table', {}, [5000], {
      others: [{ surface: 'axis', style: { notation: 'scientific' } }],
    }),
  },
})

test('messages show the labels', () => {
  expect(
    found(written('axis', { notation: 'scaled', rung: 3 }, [1e6, 2e6]), 'rung-overflow'),
  ).toMatchObject({
    message: 'The largest label is “2,000K”. It is easier to read in millions.',
    fixes: [{ title: 'Write all in millions' }],
  })
  expect(
    found(written('axis', { notation: 'scientific' }, ['2e-7', '4e-6']), 'mixed-notation')!
      .fixes[0],
  ).toMatchObject({ title: 'Use one exponent', style: { exponent: 'shared' } })
})
