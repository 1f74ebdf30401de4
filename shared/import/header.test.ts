import { headerOf } from './header'

test.each<[string, string, string | null, number]>([
  ['Stay (min)', 'Stay', 'minute', 0],
  ['Fuel kWh', 'Fuel', 'kilowatt-hour', 0],
  ['Height [ft]', 'Height', 'foot', 0],
  ['Wait ms', 'Wait', 'millisecond', 0],
  ['weight_kg', 'weight', 'kilogram', 0],
  ['kWh', 'kWh', 'kilowatt-hour', 0],
  ['Budget k€', 'Budget', 'EUR', 3],
  ['Revenue (EUR m)', 'Revenue', 'EUR', 6],
  ['price_eur', 'price', 'EUR', 0],
  ['Share %', 'Share', 'percent', 0],
  ['Km per day', 'Km per day', 'kilometer-per-day', 0],
  ['Speed, kilometres per hour', 'Speed', 'kilometer-per-hour', 0],
  ['Litres per 100 km', 'Litres per 100 km', 'liter-per-100-kilometer', 0],
  // What only looks like one.
  ['People per km', 'People per km', null, 0],
  ['Heart rate min', 'Heart rate min', null, 0],
  ['min', 'min', null, 0],
  ['total_all', 'total_all', null, 0],
  ['job_top', 'job_top', null, 0],
])('%s is %s in %s', (name, title, unit, power) => {
  const found = headerOf(name)
  const named = found.unit && ('code' in found.unit ? found.unit.code : undefined)
  const id = found.unit && ('id' in found.unit ? found.unit.id : undefined)
  expect([found.title, named ?? id ?? found.unit?.kind ?? null, found.power]).toEqual([
    title,
    unit,
    power,
  ])
})

test('a quotient of measures is no share, one of other things may be', () => {
  expect(headerOf('Km per day').isRatio).toBe(false)
  expect(headerOf('Price (€/MWh)')).toMatchObject({
    ...{ title: 'Price', isRatio: true, unit: { kind: 'symbol', text: '€/MWh' } },
  })
  expect(headerOf('Visits per day').isRatio).toBe(true)
})
