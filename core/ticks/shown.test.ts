import fc from 'fast-check'
import { subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { toSignificant } from '../decimal/significant'
import { tellingDigits } from '../decimal/zeros'
import { runChecks } from '../checks/run'
import { suggestAxis } from '../suggest/axis'
import { load } from '../label/testing/platform'
import { regionsBy } from '../label/needs'
import { inherit } from '../style/inherit'
import type { Style } from '../style/fields'
import { setRecorded, shownTicks, shownUnitOf, stepIn, toShown } from './shown'

const styled = (id: string): Style => ({ unit: { kind: 'measure', id } })
const inMiles = styled('mile')
const kilometers = { measure: 'kilometer' }
const miles = shownUnitOf(inherit(inMiles), kilometers)!

test('no unit is shown but the recorded one, or a power of ten of it', () => {
  expect(shownUnitOf(inherit(styled('kilometer')), kilometers)).toBeUndefined()
  expect(shownUnitOf(inherit(styled('meter')), kilometers)).toBeUndefined()
  expect(shownUnitOf(inherit({}), kilometers)).toBeUndefined()
})

test('a step that is no round one in the shown unit is left to the recorded one', () => {
  expect(shownTicks({ domain: [decimal(0), decimal(30)], step: '1' }, miles)).toBeNull()
})

test.each<[string, string, string]>([
  ['kilometer', 'mile', '50'],
  ['kilogram', 'pound', '90'],
  ['celsius', 'fahrenheit', '30'],
  ['minute', 'hour', '500'],
])('ticks from %s in %s are round where they are shown', (recorded, id, end) => {
  const unit = shownUnitOf(inherit(styled(id)), { measure: recorded })!
  const { step, values } = shownTicks({ domain: [decimal(0), decimal(end)] }, unit)!
  expect(values.length).toBeGreaterThan(2)
  const round = stepIn(decimal(step!), unit)
  expect(['1', '2', '25', '5']).toContain(tellingDigits(round))
  for (const value of values) {
    const shown = toSignificant(toShown(value, unit), 25)
    expect(Number(toText(shown)) % Number(toText(round))).toBe(0)
  }
})

test('a set that was sought in the shown unit is told as it is recorded', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: -3, max: 5 }), (digit, power) => {
      const step: Decimal = { coefficient: BigInt(digit), exponent: power }
      const values = [0, 1, 2].map((at) => ({
        ...step,
        coefficient: step.coefficient * BigInt(at),
      }))
      const set = { step, values, simplicity: 1, coverage: 1, density: 1 }
      const told = setRecorded(set, miles)
      expect(toText(stepIn(told.step, miles))).toBe(toText(step))
      expect(toText(subtract(told.values[1]!, told.values[0]!))).toBe(toText(told.step))
      expect(setRecorded(set, undefined)).toBe(set)
    }),
  ))

test('the search finds ticks that are round where they are shown', async () => {
  const context = { ...(await regionsBy(inMiles, load)), ...kilometers }
  const domain = [decimal(0), decimal(50)] as const
  const found = suggestAxis({ domain, style: inMiles, width: 400, context })
  expect(found.length).toBeGreaterThan(0)
  for (const { ticks, choice } of found) {
    expect(['1', '2', '25', '5', '4', '3']).toContain(tellingDigits(stepIn(ticks.step, miles)))
    for (const label of choice.labels) expect(label).toMatch(/^\d+(\.\d)? ?mi$/)
  }
})

test('a fix steps by a round number of the shown unit, and names the unit', async () => {
  const style: Style = { ...inMiles, fraction: [0, 0] }
  const context = { ...(await regionsBy(style, load)), ...kilometers }
  const values = [0, 1, 2, 3].map((at) => decimal(at * 0.4))
  const findings = runChecks({ surface: 'axis', style, values, step: decimal('0.4'), context })
  const steps = findings.flatMap(({ fixes }) => fixes).filter(({ id }) => id === 'step-by')
  expect(steps.length).toBeGreaterThan(0)
  for (const { title, ticks } of steps) {
    expect(title).toMatch(/^Set the step to \d+ \(unit: mile\)$/)
    expect(['1', '2', '5']).toContain(tellingDigits(stepIn(decimal(ticks!.step), miles)))
  }
})
