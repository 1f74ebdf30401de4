import { columnOf, currencyOf, inFull, isMoney, kindOf, recordedUnder, type Unit } from './index'
import { inEnglish } from './testing/english'

const euros: Unit = { kind: 'currency', code: 'EUR' }
const byRow: Unit = { kind: 'currency', code: { column: 'ccy' } }

test('a currency is named for all rows, or by a column', () => {
  expect([currencyOf(euros), columnOf(euros)]).toEqual(['EUR', null])
  expect([currencyOf(byRow), columnOf(byRow)]).toEqual([null, 'ccy'])
  expect([recordedUnder(euros), recordedUnder(byRow)]).toEqual([{ currency: 'EUR' }, {}])
  expect(isMoney(byRow)).toBe(true)
})

test('it has the decimals of its minor unit', () => {
  const decimals = (unit: Unit) => kindOf(unit).usualDecimals(unit)
  expect(decimals(euros)).toBe(2)
  expect(decimals({ kind: 'currency', code: 'JPY' })).toBe(0)
  expect(decimals({ kind: 'currency', code: 'KWD' })).toBe(3)
})

test('cells name it by its code or its sign', () => {
  const { named, of, inColumn } = kindOf(euros).byCells!
  expect([named('GBP'), named('£'), named('kg')]).toEqual(['GBP', 'GBP', null])
  expect(of({ ...euros, display: 'code' } as never, 'GBP')).toEqual({
    kind: 'currency',
    code: 'GBP',
    display: 'code',
  })
  expect(inColumn('ccy')).toEqual(byRow)
})

test('losses in brackets go by the pattern of accounts', () => {
  const { layer } = inEnglish(euros, { isAccounting: true })
  expect(layer.pattern.negative!.prefix).not.toEqual(
    inEnglish(euros).layer.pattern.negative?.prefix,
  )
})

test('its name in full goes by the number', () => {
  expect(inEnglish(inFull(euros)).named).toMatchObject({
    one: ['', ' euro'],
    other: ['', ' euros'],
  })
})
