import { kindOf, lettersOf, measureOf, partPower, type Unit } from './index'
import { inEnglish } from './testing/english'

const letters = (text: string, more: object = {}): Unit => ({ kind: 'symbol', text, ...more })
const bareOf = (unit: Unit) => kindOf(unit).bare(unit)

test('letters stand behind the number, or before it', () => {
  expect(inEnglish(letters('kg')).after).toEqual([
    { type: 'gap', value: '\u00a0' },
    { type: 'unit', value: 'kg' },
  ])
  expect(inEnglish(letters('№', { side: 'before' })).before).toEqual([{ type: 'unit', value: '№' }])
})

test('letters are no measure, whatever they name', () => {
  expect([measureOf(letters('kg')), lettersOf(letters(' kg '))]).toEqual([null, 'kg'])
})

test('a typed percent sign multiplies nothing', () => {
  const typed = letters(' %')
  expect([kindOf(typed).percentSign(typed), partPower(typed)]).toEqual(['typed', 0])
})

test('of a unit with a prefix rungs take the letters without it', () => {
  expect(bareOf(letters('kWh'))).toMatchObject({ unit: { text: 'Wh' }, factor: '1000' })
  expect(bareOf(letters('Wh'))).toBeNull()
  expect(bareOf(letters('crates'))).toBeNull()
  expect(() => bareOf(letters('km²'))).toThrow(/no prefix can stand before a unit with a power/)
})
