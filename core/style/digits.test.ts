import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import { withDigits } from './digits'
import type { Style } from './fields'
import { inherit } from './inherit'

const money = (code: string): Style => ({ unit: { kind: 'currency', code } })
const digitsOf = (...levels: Style[]) => {
  const { fraction, significant } = withDigits(inherit(...levels))
  return { fraction, significant }
}

test.each([
  ['EUR', 2],
  ['JPY', 0],
  ['BHD', 3],
  ['CLF', 4],
] as const)('%s has %i decimals of its own', (code, count) => {
  expect(digitsOf(money(code))).toEqual({ fraction: [count, count], significant: null })
})

test('what any level sets is kept, decimals and significant digits alike', () => {
  expect(digitsOf({ fraction: [0, 1] }, money('EUR'))).toEqual({
    fraction: [0, 1],
    significant: null,
  })
  expect(digitsOf(money('EUR'), { significant: [2, 2] })).toEqual({
    fraction: null,
    significant: [2, 2],
  })
  // Taken back where both are null.
  expect(
    digitsOf({ fraction: [0, 1] }, { ...money('EUR'), fraction: null, significant: null }),
  ).toEqual({ fraction: [2, 2], significant: null })
})

test('numbers that are no money, and money on a rung or with an exponent, have at most three', () => {
  for (const style of [
    {},
    { unit: { kind: 'percent' } },
    { ...money('EUR'), notation: 'scaled' },
    { ...money('EUR'), notation: 'scientific' },
  ] as Style[]) {
    expect(digitsOf(style).fraction).toEqual([0, 3])
  }
})

test('labels of money, one currency or one for each row, have its decimals', () => {
  const labels = (style: Style, values: number[], rows?: Record<string, string>[]) =>
    labeller(resolve(style, { rows })).labels(values, rows)
  expect(labels(money('EUR'), [1234.5, 0.005, -7])).toEqual(['€1,234.50', '€0.01', '-€7.00'])
  expect(labels(money('JPY'), [1234.5])).toEqual(['¥1,235'])
  const rows = [{ money: 'EUR' }, { money: 'JPY' }, { money: '' }]
  expect(
    labels({ unit: { kind: 'currency', code: { column: 'money' } } }, [5.5, 6.25, 7.125], rows),
  ).toEqual(['€5.50', '¥6', '7.125'])
})

test('a case in another currency has the decimals of that one', () => {
  const style: Style = {
    ...money('EUR'),
    cases: [{ when: { column: 'to', is: ['Japan'] }, use: { ...money('JPY'), factor: '160' } }],
  }
  const rows = [{ to: 'Japan' }, { to: 'Norway' }]
  expect(labeller(resolve(style, { rows })).labels([2.5, 2.5], rows)).toEqual(['¥400', '€2.50'])
})
