import { toText } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { labeller } from './labeller'
import { machineLabel } from './machine'
import { resolve } from './resolve'
import type { Value } from './types'

const labels = (style: Style, values: Value[]) =>
  labeller(resolve(style, { values })).labels(values)

test('parts of one are exact: 0.07 is 7 percent', () => {
  expect(labels({ unit: { kind: 'percent' }, fraction: [0, 20] }, [0.07, 1.1, 0.0001])).toEqual([
    '7%',
    '110%',
    '0.01%',
  ])
  expect(labels({ unit: { kind: 'permille' } }, [0.07])).toEqual(['70‰'])
  expect(labels({ unit: { kind: 'basisPoint' } }, [0.0025])).toEqual(['25\u00a0bp'])
  expect(labels({ unit: { kind: 'percentPoint' }, sign: 'always' }, [0.015])).toEqual([
    '+1.5\u00a0pp',
  ])
})

test('a factor converts, and reading back divides', () => {
  const write = labeller(resolve({ factor: '0.001', unit: { kind: 'symbol', text: 'm³' } }))
  expect(write.label(12500)).toBe('12.5\u00a0m³')
  expect(toText(write.read('12.5\u00a0m³').value as never)).toBe('12500')
})

test('bounds stand for all beyond them, and read back as an interval', () => {
  const write = labeller(resolve({ under: '0.01', over: '1000', fraction: [0, 2] }))
  expect([0.004, 0.01, 1000, 2500].map((value) => write.label(value))).toEqual([
    '<0.01',
    '0.01',
    '1,000',
    '>1,000',
  ])
  expect(write.read('<0.01').value).toMatchObject({ from: null })
  expect(write.read('>1,000').value).toMatchObject({ from: { coefficient: 1000n }, to: null })
})

test('texts around the label, for zero and for missing', () => {
  expect(
    labels({ before: '≈ ', after: '*', zero: 'nil', missing: 'n/a' }, [5, 0, null, 0.0001]),
  ).toEqual(['≈ 5*', 'nil', 'n/a', '≈ 0*'])
})

test('cases by category and by magnitude; the first that matches writes', () => {
  const style: Style = {
    unit: { kind: 'symbol', text: 'l' },
    cases: [
      {
        when: { column: 'species', is: ['crown kelp'] },
        use: { factor: '0.001', unit: { kind: 'symbol', text: 'm³' } },
      },
      {
        when: { magnitude: { from: 9 } },
        use: { notation: 'scaled', rungForm: 'symbolExponent', fraction: [0, 1] },
      },
    ],
  }
  const values = [12500, 12500, 2.5e9, 999999999]
  const rows = [{ species: 'crown kelp' }, { species: 'lace wrack' }, { species: 'lace wrack' }, {}]
  expect(labeller(resolve(style, { values, rows })).labels(values, rows)).toEqual([
    '12.5\u00a0m³',
    '12,500\u00a0l',
    '2.5\u00a0B\u00a0(10⁹)\u00a0l',
    '999,999,999\u00a0l',
  ])
})

test('rung and unit said once: in the title, or on the first or last label', () => {
  const style: Style = {
    notation: 'scaled',
    rung: 'shared',
    fraction: [0, 1],
    unit: { kind: 'currency', code: 'EUR' },
  }
  const values = [500000, 1e6, 1.5e6]
  const plan = resolve({ ...style, unitAt: 'title' }, { values })
  expect([plan.title, labeller(plan).labels(values)]).toEqual(['€ million', ['0.5', '1', '1.5']])
  expect(toText(labeller(plan).read('1.5').value as never)).toBe('1500000')
  expect(labels({ ...style, unitAt: 'last' }, values)).toEqual(['0.5', '1', '€1.5M'])
  expect(
    labels({ notation: 'scientific', exponent: 'shared', unitAt: 'first' }, [2e-7, 4e-7]),
  ).toEqual(['2×10⁻⁷', '4'])
  expect(() => resolve({ notation: 'scaled', unitAt: 'title' })).toThrow(
    /^style\.unitAt: "title" is not allowed; where every label has its own rung it takes label/,
  )
})

test('a shared rung is that of the largest label after rounding; missing and infinite values are ignored', () => {
  const style: Style = { notation: 'scaled', rung: 'shared', fraction: [1, 1] }
  expect(labels(style, [1000, 999950, null, Infinity])).toEqual(['0.0M', '1.0M', '–', '∞'])
  expect(labels(style, [1, 2])).toEqual(['1.0', '2.0'])
})

test("a fixed rung stays, and one that is not on the ladder is refused with the ladder's powers", () => {
  expect(labels({ notation: 'scaled', rung: 6, fraction: [0, 2] }, [1500, 2.5e10])).toEqual([
    '0M',
    '25,000M',
  ])
  expect(() => resolve({ notation: 'scaled', rung: 4 })).toThrow(
    'style.rung: 4 is not allowed; it takes each, shared or a power on the ladder short: 0, 3, 6, 9, 12, 15',
  )
})

test('a shared exponent gives 2, 4, 6 and 8 ten-millionths whole mantissas', () => {
  expect(labels({ notation: 'scientific', exponent: 'shared' }, [2e-7, 4e-7, 6e-7, 8e-7])).toEqual([
    '2×10⁻⁷',
    '4×10⁻⁷',
    '6×10⁻⁷',
    '8×10⁻⁷',
  ])
  expect(labels({ notation: 'scientific', exponent: 'shared' }, [5e6, 1e7])).toEqual([
    '5×10⁶',
    '10×10⁶',
  ])
})

test('each exponent of its own carries too', () => {
  expect(
    labels({ notation: 'scientific', fraction: [0, 1], exponentForm: 'e' }, [9.96, 0.00234, 0]),
  ).toEqual(['1e1', '2.3e-3', '0'])
  expect(labels({ notation: 'scientific', exponentForm: 'power' }, [1000, 2000])).toEqual([
    '10³',
    '2×10³',
  ])
})

test('signs: none on zero, parentheses around the unit', () => {
  expect(labels({ fraction: [0, 0], sign: 'always' }, [-0.4, 3, -3])).toEqual(['+0', '+3', '-3'])
  expect(labels({ fraction: [0, 0], sign: 'exceptZero' }, [-0.4, 3])).toEqual(['0', '+3'])
  expect(
    labels({ sign: 'parentheses', unit: { kind: 'currency', code: 'EUR' } }, [-3400, 5]),
  ).toEqual(['(€3,400.00)', '€5.00'])
})

test('a unit stands before or after, and its gap does not break', () => {
  expect(
    labels(
      { unit: { kind: 'symbol', text: 'kg' }, notation: 'scaled', fraction: [0, 1] },
      [-15300],
    ),
  ).toEqual(['-15.3K\u00a0kg'])
  expect(labels({ unit: { kind: 'currency', code: 'CHF' } }, [5])).toEqual(['CHF\u00a05.00'])
  expect(() => resolve({ unit: { kind: 'currency', code: 'QQQ' } })).toThrow(
    /^style\.unit\.code: "QQQ" is not allowed/,
  )
})

test('grouping follows its mode', () => {
  const written = (grouping: Style['grouping']) => labels({ grouping }, [1234, 12345])
  expect([written('always'), written('min2'), written('never')]).toEqual([
    ['1,234', '12,345'],
    ['1234', '12,345'],
    ['1234', '12345'],
  ])
})

test('what is recorded in thousands is written in full and read back in thousands', () => {
  const write = labeller(resolve({ notation: 'scaled', fraction: [0, 1] }, { recorded: 3 }))
  expect(write.label(1264)).toBe('1.3M')
  expect(toText(write.read('1.3M').value as never)).toBe('1300')
})

test('a value that is no number is named with its place', () => {
  expect(() => labels({}, [1, 'twelve' as never])).toThrow('values[1]: "twelve" is not a number')
})

test("a label in nobody's grammar reads as nothing", () => {
  const write = labeller(resolve({ notation: 'scaled' }))
  for (const label of ['', 'K', '1,2K', '1K2', '1.', 'one', '12,3456'])
    expect(write.read(label).candidates).toEqual([])
  expect(write.read('–').missing).toBe(true)
})

test('a machine writes six digits and an exponent when it likes', () => {
  expect([1284311.5, 0.00012, 0.00001234567, 999999.5, 100000, -0.5, 0].map(machineLabel)).toEqual([
    '1.28431e+06',
    '0.00012',
    '1.23457e-05',
    '1e+06',
    '100000',
    '-0.5',
    '0',
  ])
})

test.each<[Style, string]>([
  [
    { zero: '–' },
    'style.zero: "–" is not allowed; zero and missing values would both be written “–”',
  ],
  [{ missing: '0' }, 'style.missing: "0" is not allowed; zero and missing values would both be'],
  [{ missing: '0.00', fraction: [2, 2] }, 'style.missing: "0.00" is not allowed'],
  [{ zero: '', missing: '' }, 'style.zero: "" is not allowed'],
  [
    { cases: [{ when: { column: 'site', is: ['a'] }, use: { zero: '–' } }] },
    'style.zero: "–" is not allowed',
  ],
  [
    { notation: 'multiple', fraction: [0, 61] },
    'style.fraction: [0,61] is not allowed; multiples of a constant are known to 60 digits',
  ],
])('%j is refused: one text cannot say two things', (style, message) => {
  expect(() => resolve(style)).toThrow(message)
})

test.each<Style>([
  { zero: '0' },
  { missing: '0', fraction: [2, 2] },
  { missing: '' },
  { zero: '0.0' },
])('%j tells zero from nothing', (style) => {
  expect(() => resolve(style)).not.toThrow()
})
