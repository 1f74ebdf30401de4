import { pageIn, studyOf } from './testing/pages'
import fc from 'fast-check'
import { compare } from '../../core/decimal/arithmetic'
import { decimal, toText } from '../../core/decimal/decimal'
import { load } from '../../core/label/testing/platform'
import { regionsBy } from '../../core/label/needs'
import type { Style } from '../../core/style/fields'
import type { Quantity } from '../study/quantity'
import { runPlacedAlone } from './check'
import { stepRecorded, stepShown, type ShownUnit } from '../../core/ticks/shown'

const measure = (id: string): Style => ({ unit: { kind: 'measure', id } })
/** The page of one column in a style. */
function pageOf(table: string, style: Style, more: Partial<Quantity> = {}) {
  const study = studyOf(table, () => regionsBy(style, load))
  return pageIn(study, { ...study.document.quantities[0]!, style, surfaces: {}, ...more })
}
const digitsOf = (labels: readonly string[]) =>
  labels.map((label) => label.replace(/[^\d.,-]/g, ''))
const errorsOf = ({ subjects }: ReturnType<typeof pageOf>) =>
  subjects.flatMap(({ surface, subject }) =>
    surface === 'axis'
      ? runPlacedAlone(subject).flatMap(({ check, severity }) =>
          severity === 'error' ? [check] : [],
        )
      : [],
  )

test.each<[string, string, string, string[]]>([
  ['kilometres in miles', 'way (km)\n30\n12', 'mile', ['0', '5', '10', '15', '20']],
  ['miles in kilometres', 'way (mi)\n30\n12', 'kilometer', ['0', '10', '20', '30', '40', '50']],
  ['pounds in kilograms', 'net (lb)\n90\n12', 'kilogram', ['0', '10', '20', '30', '40', '50']],
  ['kilograms in tonnes', 'net (kg)\n9000\n1200', 'tonne', ['0', '2', '4', '6', '8', '10']],
])('%s: ticks are round in the unit that is shown', (_, table, id, labels) => {
  const page = pageOf(table, measure(id))
  expect(digitsOf(page.tickLabels)).toEqual(labels)
  expect(errorsOf(page)).toEqual([])
})

test('degrees are round where they are shown, though zero is another', () => {
  const page = pageOf('water (°C)\n30\n12', measure('fahrenheit'))
  expect(digitsOf(page.tickLabels).map((label) => Number(label) % 10)).toEqual(
    page.tickLabels.map(() => 0),
  )
  expect(errorsOf(page)).toEqual([])
})

test('every tick reads back as the very value where it stands', () => {
  const page = pageOf('way (mi)\n30\n12', measure('kilometer'))
  const { writer } = page['written.axis']
  page.drawing!.ticks.values.forEach((value, at) => {
    const said = writer.read(page.tickLabels[at]!).value
    expect(compare(said as typeof value, value)).toBe(0)
  })
})

test('a step is typed in the unit that is shown, and one of the recorded unit stays as it was', () => {
  const unit = pageOf('way (mi)\n30', measure('kilometer')).wishes.shown!
  const step = stepRecorded('10', unit)
  expect(stepShown(step, unit)).toBe('10')
  const typed = pageOf('way (mi)\n30\n12', measure('kilometer'), { ticks: { step } })
  expect(digitsOf(typed.tickLabels)).toEqual(['0', '10', '20', '30', '40', '50'])
  const own = pageOf('way (km)\n30\n12', measure('mile'), { ticks: { step: '10' } })
  expect(own.drawing!.ticks.values.map(toText)).toEqual(['0', '10', '20', '30'])
})

test('an axis that shows the recorded unit, powers of ten of it or a clock is left as it was', () => {
  const shown = (table: string, style: Style) => pageOf(table, style).wishes.shown
  expect(shown('way (km)\n30', measure('kilometer'))).toBeUndefined()
  expect(shown('way (km)\n30', measure('meter'))).toBeUndefined()
  expect(shown('stay (min)\n90', { notation: 'clock' })).toBeUndefined()
  expect(shown('way (km)\n30', measure('kilogram'))).toBeUndefined()
})

test('any step typed in a shown unit is shown again as it was typed', () => {
  const scales: ShownUnit['scale'][] = [
    ['15625', '25146'],
    ['9', '5'],
    ['45359237', '100000000'],
    ['1', '7'],
  ]
  fc.assert(
    fc.property(
      fc.constantFrom(...scales),
      fc.integer({ min: 1, max: 99_999 }),
      fc.integer({ min: -6, max: 6 }),
      fc.constantFrom(0, 3),
      (scale, digits, power, recorded) => {
        const unit: ShownUnit = { scale, shift: ['0', '1'], recorded }
        const step = { coefficient: BigInt(digits), exponent: power }
        const again = decimal(stepShown(stepRecorded(toText(step), unit), unit))
        expect(compare(again, step)).toBe(0)
      },
    ),
  )
})
