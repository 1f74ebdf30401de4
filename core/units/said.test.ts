import { currencySaid } from './said'

test.each([
  [{ kind: 'currency', code: 'GBP' }, 'GBP'],
  [{ kind: 'symbol', text: '€' }, 'EUR'],
  [{ kind: 'symbol', text: 'SEK' }, 'SEK'],
  [{ kind: 'symbol', text: 'kg' }, null],
  [{ kind: 'measure', id: 'kilogram' }, null],
  [{ kind: 'none' }, null],
] as const)('%j names the currency %s', (unit, code) => {
  expect(currencySaid(unit)).toBe(code)
})
