import { decimal } from '../decimal/decimal'
import { describeCheck, found, written } from './testing/cases'

const change = (from: number, to: number, value: number | string) => ({
  from,
  to,
  value: decimal(value),
})
const whole = { fraction: [0, 0] as [number, number] }
describeCheck('difference-mismatch', {
  finds: {
    'whole numbers': written('table', whole, ['1.4', '3.6'], { changes: [change(0, 1, '2.2')] }),
    millions: written('marks', { notation: 'scaled', rung: 6, ...whole }, [1_400_000, 2_600_000], {
      changes: [change(0, 1, 1_200_000)],
    }),
    'a fall': written('table', whole, ['3.6', '1.4'], { changes: [change(0, 1, '-2.2')] }),
    'one change of two': written('table', whole, [1, '1.4', '3.6'], {
      changes: [change(0, 1, '0.4'), change(1, 2, '2.2')],
    }),
    'a change that is simply wrong': written('table', {}, [1, 3], { changes: [change(0, 1, 5)] }),
    'a change in coarser words of its own': written('marks', {}, [1, '3.4'], {
      changes: [change(0, 1, '2.4')],
      changeStyle: whole,
    }),
    percent: written('table', { unit: { kind: 'percent' }, ...whole }, ['0.114', '0.226'], {
      changes: [change(0, 1, '0.112')],
    }),
  },
  silent: {
    'a change written finer, where the values are exact': written('marks', whole, [1, 3], {
      changes: [change(0, 1, 2)],
      changeStyle: { fraction: [2, 2], sign: 'always' },
    }),
    'a change that fits': written('table', whole, [1, 3], { changes: [change(0, 1, 2)] }),
    'roundings that agree': written('table', whole, ['1.2', '3.3'], {
      changes: [change(0, 1, '2.1')],
    }),
    'enough decimals': written('table', { fraction: [1, 1] }, ['1.4', '3.6'], {
      changes: [change(0, 1, '2.2')],
    }),
    'no changes': written('table', whole, ['1.4', '3.6']),
    'no change at all': written('table', whole, ['1.4', '1.4'], { changes: [change(0, 1, 0)] }),
    'an empty list': written('table', whole, [1], { changes: [] }),
  },
})

const binned = (...values: (number | string)[]) => ({ binned: values.map(decimal) })
const style = { notation: 'scaled' as const, rung: 3, fraction: [0, 0] as [number, number] }
describeCheck('bin-edge', {
  finds: {
    'an edge rounded up': written('legend', style, [0, 12_600, 30_000], binned(12_800)),
    'an edge rounded down': written('legend', style, [0, 12_400, 30_000], binned(12_100)),
    'several values': written('legend', style, [0, 12_600, 30_000], binned(12_700, 12_900, 5)),
    'the last edge': written('legend', style, [0, 10_000, 30_400], binned(30_200)),
    'below zero': written('legend', style, [-12_600, 0], binned(-12_800)),
    shares: written(
      'legend',
      { unit: { kind: 'percent' }, ...whole },
      [0, '0.125', '0.25'],
      binned('0.127'),
    ),
  },
  silent: {
    'edges that are exact': written('legend', style, [0, 12_000, 30_000], binned(11_999, 12_000)),
    'values far from a rounded edge': written(
      'legend',
      style,
      [0, 12_600, 30_000],
      binned(5000, 20_000),
    ),
    'no values': written('legend', style, [0, 12_600]),
    'a value on an edge that is rounded down': written(
      'legend',
      style,
      [0, 12_400],
      binned(12_400),
    ),
    'decimals enough': written(
      'legend',
      { ...style, fraction: [1, 1] },
      [0, 12_600, 30_000],
      binned(12_800),
    ),
    nothing: written('legend', style, [], binned(5)),
  },
})

const texts = (...all: string[]) => ({ texts: all.map((text, at) => ({ row: at + 2, text })) })
describeCheck('text-as-number', {
  finds: {
    'a word': written('table', {}, [1, 2], texts('none 1')),
    'a label': written('table', { notation: 'scaled' }, [1, 2], texts('1.2M')),
    several: written('table', {}, [1], texts('x7', 'y8', 'z9', 'w1')),
    'on the marks': written('marks', {}, [1], texts('7 or 8')),
    'a number with its unit': written(
      'table',
      { unit: { kind: 'symbol', text: 'kg' } },
      [1],
      texts('5 kg'),
    ),
    'with nothing else': written('table', {}, [], texts('5 to 6')),
  },
  silent: {
    numbers: written('table', {}, [1, 2]),
    'no cell': written('table', {}, []),
    'an empty list': written('table', {}, [1], texts()),
    'marks of numbers': written('marks', {}, [1, 2]),
    'an axis': written('axis', {}, [1, 2]),
    'a headline': written('headline', {}, [1]),
  },
})

const sentence = (text: string, values: (number | string)[] = [1_264_000]) =>
  written('sentence', { notation: 'scaled', fraction: [0, 1] }, values, { text })
describeCheck('raw-number', {
  finds: {
    'a number typed beside a label': sentence('Revenue rose to 1.3M, by 4.2 percent'),
    'a year': sentence('Revenue of 2026: 1.3M'),
    'a label of old': sentence('Revenue: 1.2M'),
    'a number alone': sentence('About 7 of them', []),
    'grouped digits': sentence('1,264,000 in full'),
    'below zero': sentence('It fell to -5', []),
  },
  silent: {
    'labels alone': sentence('Revenue rose to 1.3M'),
    'two labels': sentence('From 1.3M to 2M', [1_264_000, 2_000_000]),
    'no number': sentence('Revenue rose'),
    'no text': written('sentence', {}, [5]),
    'a label twice': sentence('1.3M, truly 1.3M'),
    'an empty text': sentence(''),
  },
})

test('the messages say what stands where', () => {
  expect(
    found(written('table', { notation: 'scaled' }, [1], texts('1.2M', 'x7')), 'text-as-number')!
      .message,
  ).toBe(
    '“1.2M” in row 2 (a label of 1,200,000), “x7” in row 3: sums, sorting and plots leave out text.',
  )
  expect(found(sentence('In 2026 it was 1.3M'), 'raw-number')!.message).toBe(
    '“2026” is typed into the text: it does not change with the data or the style.',
  )
  expect(
    found(
      written('table', whole, ['1.4', '3.6'], { changes: [change(0, 1, '2.2')] }),
      'difference-mismatch',
    )!.message,
  ).toBe('From “1” to “4” is 3, but the change is written “2”, 1 apart.')
})
