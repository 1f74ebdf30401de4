import { toText } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { labeller } from './labeller'
import { machineLabel } from './machine'
import { resolve } from './resolve'
import type { Value } from './types'

const labels = (style: Style, values: Value[]) => labeller(resolve(style, { values })).labels(values)

test('nothing set: all digits, grouped, at most three decimals', () => {
  expect(labels({}, [1284311.5, 0.00049, -7, 0, null, NaN, '123456789012345678901'])).toEqual(
    ['1,284,311.5', '0', '-7', '0', '–', '–', '123,456,789,012,345,678,901'])
})

test('a label that rounds up to the next rung moves there', () => {
  const style: Style = { notation: 'scaled', fraction: [1, 1] }
  expect(labels(style, [999, 999.94, 999.95, 1000, 999949, 999950, 1e6])).toEqual(
    ['999.0', '999.9', '1.0K', '1.0K', '999.9K', '1.0M', '1.0M'])
  expect(labels({ ...style, fraction: [0, 1] }, [999950, 1264000])).toEqual(['1M', '1.3M'])
})

test('beyond the last rung digits grow, and from a million of it an exponent is written', () => {
  const style: Style = { notation: 'scaled', fraction: [0, 1] }
  expect(labels(style, [1.5e15, 999999e12, '999999.96e12', 2.5e18])).toEqual(['1,500T', '999,999T', '1×10¹⁸', '2.5×10¹⁸'])
})

test('a shared rung is that of the largest label after rounding; missing and infinite values are ignored', () => {
  const style: Style = { notation: 'scaled', rung: 'shared', fraction: [1, 1] }
  expect(labels(style, [1000, 999950, null, Infinity])).toEqual(['0.0M', '1.0M', '–', '∞'])
  expect(labels(style, [1, 2])).toEqual(['1.0', '2.0'])
})

test('a fixed rung stays, and one that is not on the ladder is refused with the ladder\'s powers', () => {
  expect(labels({ notation: 'scaled', rung: 6, fraction: [0, 2] }, [1500, 2.5e10])).toEqual(['0M', '25,000M'])
  expect(() => resolve({ notation: 'scaled', rung: 4 })).toThrow('style.rung: 4 is not allowed; it takes each, shared or a power on the ladder short: 0, 3, 6, 9, 12')
})

test('a shared exponent gives 2, 4, 6 and 8 ten-millionths whole mantissas', () => {
  expect(labels({ notation: 'scientific', exponent: 'shared' }, [2e-7, 4e-7, 6e-7, 8e-7])).toEqual(
    ['2×10⁻⁷', '4×10⁻⁷', '6×10⁻⁷', '8×10⁻⁷'])
  expect(labels({ notation: 'scientific', exponent: 'shared' }, [5e6, 1e7])).toEqual(['5×10⁶', '10×10⁶'])
})

test('each exponent of its own carries too', () => {
  expect(labels({ notation: 'scientific', fraction: [0, 1], exponentForm: 'e' }, [9.96, 0.00234, 0])).toEqual(['1e1', '2.3e-3', '0'])
  expect(labels({ notation: 'scientific', exponentForm: 'power' }, [1000, 2000])).toEqual(['10³', '2×10³'])
})

test('signs: none on zero, parentheses around the unit', () => {
  expect(labels({ fraction: [0, 0], sign: 'always' }, [-0.4, 3, -3])).toEqual(['+0', '+3', '-3'])
  expect(labels({ fraction: [0, 0], sign: 'exceptZero' }, [-0.4, 3])).toEqual(['0', '+3'])
  expect(labels({ sign: 'parentheses', unit: { kind: 'currency', code: 'EUR' } }, [-3400, 5])).toEqual(['(€3,400)', '€5'])
})

test('a unit stands before or after, and its gap does not break', () => {
  expect(labels({ unit: { kind: 'symbol', text: 'kg' }, notation: 'scaled', fraction: [0, 1] }, [-15300])).toEqual(['-15.3K\u00a0kg'])
  expect(labels({ unit: { kind: 'currency', code: 'CHF' } }, [5])).toEqual(['CHF\u00a05'])
  expect(() => resolve({ unit: { kind: 'currency', code: 'QQQ' } })).toThrow(/^style\.unit\.code: "QQQ" is not allowed/)
})

test('grouping follows its mode', () => {
  const written = (grouping: Style['grouping']) => labels({ grouping }, [1234, 12345])
  expect([written('always'), written('min2'), written('never')]).toEqual(
    [['1,234', '12,345'], ['1234', '12,345'], ['1234', '12345']])
})

test('what is recorded in thousands is written in full and read back in thousands', () => {
  const write = labeller(resolve({ notation: 'scaled', fraction: [0, 1] }, { recorded: 3 }))
  expect(write.label(1264)).toBe('1.3M')
  expect(toText(write.read('1.3M').value as never)).toBe('1300')
})

test('a value that is no number is named with its place', () => {
  expect(() => labels({}, [1, 'twelve' as never])).toThrow('values[1]: "twelve" is not a number')
})

test('a label in nobody\'s grammar reads as nothing', () => {
  const write = labeller(resolve({ notation: 'scaled' }))
  for (const label of ['', 'K', '1,2K', '1K2', '1.', 'one', '12,3456']) expect(write.read(label).candidates).toEqual([])
  expect(write.read('–').missing).toBe(true)
})

test('a machine writes six digits and an exponent when it likes', () => {
  expect([1284311.5, 0.00012, 0.00001234567, 999999.5, 100000, -0.5, 0].map(machineLabel)).toEqual(
    ['1.28431e+06', '0.00012', '1.23457e-05', '1e+06', '100000', '-0.5', '0'])
})
