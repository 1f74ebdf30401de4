import { columnOf, kindOf, measureOf, recordedUnder, sayUnit, type Unit } from './index'
import { measureId } from './measure'
import { inEnglish } from './testing/english'

const tonnes: Unit = { kind: 'measure', id: 'tonne' }
const byRow: Unit = { kind: 'measure', id: { column: 'in' } }

test('a measure is named for all rows, or by a column', () => {
  expect([measureOf(tonnes), columnOf(tonnes)]).toEqual(['tonne', null])
  expect([measureOf(byRow), columnOf(byRow)]).toEqual([null, 'in'])
  expect([recordedUnder(tonnes), recordedUnder(byRow)]).toEqual([{ measure: 'tonne' }, {}])
})

test('an id that CLDR does not know is refused with what it takes', () => {
  expect(measureId.safeParse('kilogram').success).toBe(true)
  expect(measureId.safeParse('armspan').error!.issues[0]!.message).toBe(
    '"armspan" is no measure of CLDR; it takes an id such as kilogram or kilometer-per-hour',
  )
})

test('without the names of its region it is asked for', () => {
  expect(() => inEnglish(tonnes)).toThrow('the names of measures are not at hand for this region')
})

test('percent as a measure is written by its sign, and multiplies nothing', () => {
  expect(inEnglish({ kind: 'measure', id: 'percent' })).toMatchObject({
    perOne: '1',
    title: { text: '%' },
  })
})

test('before its rungs stands the measure without a prefix, and no power', () => {
  const bareOf = (id: string) => kindOf(tonnes).bare({ kind: 'measure', id })
  expect(bareOf('kilowatt-hour')).toMatchObject({
    unit: { id: 'watt-hour' },
    recorded: 'kilowatt-hour',
  })
  expect(bareOf('meter')).toBeNull()
  expect(() => bareOf('square-kilometer')).toThrow(/a unit with a power/)
})

test('ECMA-402 has words for some measures alone', () => {
  const options = (id: string) => kindOf(tonnes).options({ kind: 'measure', id })
  expect(options('kilometer-per-hour')).toMatchObject({ style: 'unit' })
  expect(options('knot')).toBeNull()
})

test('it is said by its id, with its display', () => {
  expect(sayUnit({ ...tonnes, display: 'long' })).toBe('tonne in words')
  expect(kindOf(tonnes).displays(tonnes)).toHaveLength(2)
})
