import { extremesOf } from '~~/core/data/extremes'
import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { beamStops, powerText, type RailRow, railOf, withBeam, withCut } from './rail'

const rail = (style: Style, ...texts: string[]) =>
  railOf(resolve(style, { values: texts }), extremesOf(texts.map((text) => decimal(text)))!, {
    step: decimal('0.25'),
  })
const digits = (row: { digits: readonly { digit: string; state: string }[] }, state: string) =>
  row.digits
    .filter((digit) => digit.state === state)
    .map(({ digit }) => digit)
    .join('')

test('the rail shows kept digits, the one that decides, and those dropped', () => {
  const [largest, smallest] = rail(
    { notation: 'scaled', rung: 6, fraction: [1, 1] },
    '1284311.5',
    '307502',
  ).rows
  expect([
    digits(largest!, 'kept'),
    digits(largest!, 'decides'),
    digits(largest!, 'dropped'),
  ]).toEqual(['12', '8', '43115'])
  expect([
    digits(smallest!, 'pad'),
    digits(smallest!, 'kept'),
    digits(smallest!, 'decides'),
  ]).toEqual(['0', '3', '0'])
  expect(largest).toMatchObject({ label: '1.3M', said: '1,300,000', off: '15,688.5' })
})

test('its rows are the largest, the smallest, the closest pair, what they differ by, and the step', () => {
  const { rows } = rail({}, '5', '-70', '5.5')
  expect(rows.map(({ name }) => name)).toEqual([
    'largest',
    'smallest',
    'closest to zero',
    'closest pair',
    'and',
    'difference',
    'tick step',
  ])
  expect(rows.map(({ label }) => label)).toEqual(['5.5', '-70', '5', '5.5', '5', '0.5', '0.25'])
})

test('beam and cut say where they stand, and moving them changes one field', () => {
  const style = inherit({ notation: 'scaled', rung: 6, fraction: [2, 2] })
  const made = rail(style, '1284311.5', '5')
  expect([made.beam, made.cut, made.beamIsShared]).toEqual([6, 4, true])
  expect(beamStops(style, made)).toEqual([0, 3, 6, 9, 12, 15])
  expect(withBeam(style, 3)).toEqual({ notation: 'scaled', rung: 3 })
  expect(withCut(style, 6, 5)).toEqual({ fraction: [1, 1] })
  expect(withCut(inherit({ fraction: [0, 3] }), 0, -5)).toEqual({ fraction: [0, 5] })
  expect([0, 6, -2].map((power) => powerText(power, style))).toEqual([
    'units',
    'millions',
    'ten to the -2',
  ])
})

test('a style whose labels each have their own rung has no one beam', () => {
  const made = rail({ notation: 'scaled', fraction: [0, 1] }, '1284311.5', '307')
  expect(made.beamIsShared).toBe(false)
  expect(made.rows.slice(0, 2).map(({ mark }) => mark)).toEqual([6, 0])
})

test.each<[string, Style, string, Partial<RailRow>]>([
  [
    'a multiple of π is read as that many',
    { notation: 'multiple', multipleOf: 'pi' },
    '9.4247779608',
    { label: '3π', said: '≈ 9.42477796077' },
  ],
  [
    'a number written in thousands of its unit keeps its own digits',
    { factor: '0.001', fraction: [0, 1] },
    '1234.5',
    { label: '1.2', said: '1,200', off: '34.5', mark: 3 },
  ],
  [
    'a factor that changes the digits shows those that are written',
    { factor: '2.5', fraction: [0, 0] },
    '3.5',
    { label: '9', said: '9', off: '0.25', mark: 0 },
  ],
])('%s', (_, style, text, expected) => {
  expect(rail(style, text, '1').rows[0]).toMatchObject(expected)
})

test('far powers do not make the rail endless', () => {
  const made = rail({ notation: 'scientific' }, '1e300', '5e-324')
  expect(made.high - made.low).toBeLessThan(60)
})

test('what is put on the rail has a row in the place of another', () => {
  const values = ['5', '-70', '5.5'].map((text) => decimal(text))
  const picked = { name: 'Gull Stack', value: decimal('5.25'), row: undefined }
  const rows = (plan = resolve({})) => railOf(plan, extremesOf(values)!, { picked }).rows
  expect(rows().map(({ name }) => name)).toEqual([
    'largest',
    'smallest',
    'closest pair',
    'and',
    'difference',
    'Gull Stack',
  ])
})

test('cases hold on the rail: a number is written by the cells beside it', () => {
  const style = inherit({
    cases: [{ when: { column: 'site', is: ['a'] }, use: { factor: '0.001', fraction: [1, 1] } }],
  })
  const extremes = extremesOf([decimal('4000'), decimal('5')])!
  const { rows } = railOf(resolve(style), extremes, { rowFor: () => ({ site: 'a' }) })
  expect(rows[0]!.label).toBe('4.0')
})

test('decimals far below the largest digits make no row of the others blank', () => {
  const { rows, high, low } = rail({ fraction: [5, 5] }, '1e308', '-25e306', '12', '-0.00002')
  expect(high - low).toBeLessThan(60)
  for (const row of rows)
    expect(row.digits.some(({ power, state }) => state !== 'pad' && power > low)).toBe(true)
})

test('digits far from the others stand in sight, with the power of the first of them', () => {
  const { rows, high, low } = rail({ notation: 'scientific' }, '2.5e40', '3.75e-30')
  const [largest, smallest] = rows
  expect([largest!.apart, smallest!.apart]).toEqual(['', '10⁻³⁰'])
  const seen = smallest!.digits.filter(({ power }) => power <= high && power >= low)
  expect(seen.map(({ digit }) => digit).join('')).toMatch(/^375/)
})

test('what a label reads as is told to forty digits, beside what it is off by', () => {
  const long = '1234567890123456789012345678901234.5'
  const [largest] = rail({ fraction: [0, 0] }, long, '1').rows
  expect(largest).toMatchObject({
    said: '1.234567890123456789012345678901235e33',
    off: '0.5',
  })
})

test('a part that was adjusted stands there as it is printed, with how far that is from its number', () => {
  const style: Style = { notation: 'scaled', rung: 3, fraction: [0, 0] }
  const texts = ['1449', '2400']
  const part = { label: '2K', value: decimal('2000') }
  const { rows } = railOf(
    resolve(style, { values: texts }),
    extremesOf(texts.map((text) => decimal(text)))!,
    {
      partFor: (value) => (value.coefficient === 1449n ? part : undefined),
      picked: { name: 'Ask', value: decimal('1449'), row: undefined, part },
    },
  )
  for (const name of ['smallest', 'Ask'])
    expect(rows.find((row) => row.name === name)).toMatchObject({
      label: '†2K',
      said: '2,000',
      off: '551',
    })
  expect(rows.find(({ name }) => name === 'largest')).toMatchObject({ label: '2K', off: '400' })
})
