import fc from 'fast-check'
import { compare, magnitudeOf, multiply, subtract } from '../decimal/arithmetic'
import { decimal, type Decimal, fromNumber } from '../decimal/decimal'
import { StyleError } from '../error'
import type { Style } from '../style/fields'
import { spokenPlan } from '../text/words'
import { speaker } from '../text/spoken'
import { labeller } from './labeller'
import { type Interval, isInterval } from './readback'
import { readAs } from './readas'
import { regionOf } from './region'
import { regionsBy } from './needs'
import { resolve } from './resolve'
import { saidText } from './said'
import { load } from './testing/platform'

const nbsp = (text: string) => text.replaceAll('_', '\u00a0')
type Error = Partial<NonNullable<Style['uncertainty']>>
const styled = (style: Style, error: Error = {}): Style => ({
  ...style,
  uncertainty: { column: 'se', ...error },
})
const written = (style: Style, value: number | string, se: unknown) =>
  labeller(resolve(style)).label(value, { se })

const scaled: Style = { notation: 'scaled' }
const scientific: Style = { notation: 'scientific' }
test.each<[Style, Error, number | string, unknown, string]>([
  [scaled, {}, 4_234_000, 310_000, '4.2_±_0.3M'],
  [scaled, { significant: 2 }, 4_234_000, 310_000, '4.23_±_0.31M'],
  [scaled, { form: 'parentheses' }, 4_234_000, 310_000, '4.2(3)M'],
  [scaled, { form: 'parentheses', significant: 2 }, 4_234_000, 1_250_000, '4.2(13)M'],
  [scaled, { form: 'interval' }, 4_234_000, 310_000, '3.9–4.5M'],
  // The error decides the place, also above the units, and may carry.
  [{}, {}, 4234, 310, '4,200_±_300'],
  [{}, {}, 4.234, 0.96, '4_±_1'],
  [{}, { significant: 2 }, 4.234, 0.996, '4.2_±_1.0'],
  [{}, { form: 'parentheses' }, 4234, 310, '4,200(300)'],
  // What rounds up to the next rung moves there, and one rung is that of the larger.
  [scaled, {}, 999_960, 100, '1.0000_±_0.0001M'],
  [scaled, {}, 999_960, 90, '999.96_±_0.09K'],
  [scaled, {}, 2000, 3_000_000, '0_±_3M'],
  [scientific, {}, 423_400, 31_000, '(4.2_±_0.3)×10⁵'],
  [scientific, { form: 'parentheses' }, 423_400, 31_000, '4.2(3)×10⁵'],
  [scientific, { form: 'interval' }, 423_400, 31_000, '(3.9–4.5)×10⁵'],
  [{}, {}, -4.234, 0.31, '-4.2_±_0.3'],
  [{ sign: 'parentheses' }, {}, -4.234, 0.31, '(4.2_±_0.3)'],
  [{}, { form: 'interval' }, -4.234, 0.31, '-4.5_…_-3.9'],
  [{}, { form: 'interval' }, 0.1, 0.31, '-0.2_…_0.4'],
  [{ unit: { kind: 'percent' } }, {}, 0.4234, 0.031, '42_±_3%'],
  [{ unit: { kind: 'symbol', text: 'kg' } }, {}, 4.234, 0.31, '4.2_±_0.3_kg'],
  [{ unit: { kind: 'currency', code: 'EUR' } }, {}, 4.234, 0.31, '€4.2_±_0.3'],
  [{}, {}, '1e-320', '3e-322', `0.${'0'.repeat(319)}100_±_0.${'0'.repeat(321)}3`],
  // A row without an error is written by itself, and so is one whose error is none.
  [{}, {}, 4.2345, null, '4.235'],
  [{}, {}, 4.2345, 'unknown', '4.235'],
  [{}, {}, 4.2345, 0, '4.235'],
  [{}, { form: 'unsaid' }, 4.2345, 0.3, '4.235'],
  [{ zero: 'none' }, {}, 0, 0.3, '0.0_±_0.3'],
])('%j with %j writes %s and its error %s as %s', (style, error, value, se, label) => {
  expect(written(styled(style, error), value, se)).toBe(nbsp(label))
})

test('the error is converted as a distance, which no shift moves', () => {
  const style = styled({ unit: { kind: 'measure', id: 'fahrenheit' } })
  const plan = resolve(style, { ...regionsBy(style, load), measure: 'celsius' })
  expect(labeller(plan).label(20, { se: 0.5 })).toBe('68.0_±_0.9°F'.replaceAll('_', '\u00a0'))
})

test('marks, digits and the dash of a range are those of the region', () => {
  const label = (locale: string, error: Error) => {
    const style = styled({ locale }, error)
    return labeller(resolve(style, regionsBy(style, load))).label(4.234, { se: 0.31 })
  }
  expect(label('de', {})).toBe(nbsp('4,2_±_0,3'))
  expect(label('ar-EG', { form: 'parentheses' })).toBe('٤٫٢(٣)')
  expect(label('ja', { form: 'interval' })).toBe('3.9～4.5')
})

test.each<[Style, Error, string]>([
  [{ notation: 'multiple' }, {}, 'notation'],
  [{ notation: 'clock' }, {}, 'notation'],
  [{ notation: 'scaled', ladder: 'binary' }, {}, 'ladder'],
  [{ sign: 'never' }, { form: 'interval' }, 'sign'],
])('%j with %j is refused, and the error says to change the %s', (style, error, field) => {
  expect(() => resolve(styled(style, error))).toThrow(StyleError)
  expect(() => resolve(styled(style, error))).toThrow(new RegExp(`uncertainty.*${field}`))
  expect(() => resolve(styled(style, { form: 'unsaid' }))).not.toThrow()
})

test('a label reads back as the interval that it says', () => {
  const read = (style: Style, value: number, se: number) => {
    const { label, read } = labeller(resolve(style))
    return saidText(read(label(value, { se })).value!)
  }
  expect(read(styled(scaled), 4_234_000, 310_000)).toBe('3900000..4500000')
  expect(read(styled({}, { form: 'parentheses' }), 4234, 310)).toBe('3900..4500')
  expect(read(styled(scientific, { form: 'interval' }), -423_400, 31_000)).toBe('-450000..-390000')
})

const forms = fc.constantFrom('plusMinus' as const, 'parentheses' as const, 'interval' as const)
const number = fc
  .tuple(fc.integer({ min: -99_999, max: 99_999 }), fc.integer({ min: -12, max: 12 }))
  .map(([digits, power]) => Number(`${digits}e${power}`))
test('what is read holds the value and lies within a digit of what its error says', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Style>({}, scaled, scientific, { notation: 'engineering' }, { factor: '-3' }),
      fc.record({ form: forms, significant: fc.constantFrom(1, 2) }),
      number,
      number.filter((se) => se !== 0),
      (style, error, value, se) => {
        const plan = resolve(styled(style, error))
        const label = labeller(plan).label(value, { se })
        const reading = labeller(plan).read(label)
        const said = reading.value as Interval
        expect([label, isInterval(said)]).toEqual([label, true])
        const [from, to] = [said.from!, said.to!]
        const exact = fromNumber(value)
        // Rounded to its digits, the error may be off by half a unit of the last, the value too.
        const width = multiply(magnitudeOf(fromNumber(se)), decimal('2'))
        const unit = multiply(width, decimal(error.significant === 1 ? '0.5' : '0.05'))
        expect(compare(from, exact) <= 0 && compare(exact, to) <= 0).toBe(true)
        const off = magnitudeOf(subtract(subtract(to, from), width))
        expect(compare(off, multiply(unit, decimal('2.01'))) <= 0).toBe(true)
      },
    ),
    { numRuns: 400 },
  )
})

test('value and error end in the same place', () => {
  const decimals = (text: string) => text.replace(/\D*$/, '').split('.')[1]?.length ?? 0
  fc.assert(
    fc.property(
      number,
      number.filter((se) => se !== 0),
      (value, se) => {
        const [own, error] = written(
          styled({ notation: 'scaled', ladder: 'short' }),
          value,
          se,
        ).split('±')
        expect(decimals(own!.trim())).toBe(decimals(error!.replace(/[A-Za-z]+$/, '')))
      },
    ),
    { numRuns: 400 },
  )
})

test('another reader gets the value, whatever stands for its error', () => {
  const reader = regionOf('en', {})
  const readsAs = (style: Style) => {
    const plan = resolve(style)
    const said = readAs(labeller(plan).label(423_400, { se: 31_000 }), plan, reader).value
    return saidText(said as Decimal)
  }
  expect(readsAs(styled(scaled))).toBe('420000')
  expect(readsAs(styled(scaled, { form: 'parentheses' }))).toBe('420000')
  expect(readsAs(styled(scaled, { form: 'interval' }))).toBe('390000')
  expect(readsAs(styled(scientific))).toBe('420000')
})

test('it is said in words', () => {
  const says = (error: Error, value: number, se: number) => {
    const style = styled(scaled, error)
    const plan = resolve(style)
    return speaker(plan, spokenPlan(plan, style))(value, { se })
  }
  expect(says({}, 4_234_000, 310_000)).toBe('4.2 plus or minus 0.3 million')
  expect(says({ form: 'parentheses' }, 4_234_000, 310_000)).toBe('4.2 plus or minus 0.3 million')
  expect(says({ form: 'interval' }, -4_234_000, 310_000)).toBe('minus 4.5 to minus 3.9 million')
})
