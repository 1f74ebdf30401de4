import fc from 'fast-check'
import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, decimal, toText } from '../decimal/decimal'
import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import { placeTicks, stepStyle, type TickRequest } from './place'

type Given = Omit<Partial<TickRequest>, 'domain'>
const place = (domain: [number | string, number | string], more: Given = {}) =>
  placeTicks({ domain: [decimal(domain[0]), decimal(domain[1])], ...more })
const texts = (domain: [number | string, number | string], more?: Given) =>
  place(domain, more).ticks.map(({ value }) => toText(value))
const factors = (domain: [number | string, number | string], more: Given) =>
  place(domain, { multipleOf: 'pi', ...more }).ticks.map(({ factor }) => factor)

describe('multiples of a constant', () => {
  test('the whole tide: from -π to 3π by π/3, both ends included though a double misses them', () => {
    const made = factors([-Math.PI, 3 * Math.PI], { step: '1/3' })
    expect(made).toHaveLength(13)
    expect([made[0], made[1], made[3], made[4], made.at(-1)]).toEqual([
      '-1',
      '-2/3',
      '0',
      '1/3',
      '3',
    ])
  })
  test('fractions come in lowest terms, zero is zero, values carry the digits of π', () => {
    const { ticks, step } = place([-7, 7], { multipleOf: 'pi', step: '2/4' })
    expect(step).toBe('1/2')
    expect(ticks.find(({ factor }) => factor === '0')!.value.coefficient).toBe(0n)
    expect(toText(ticks.find(({ factor }) => factor === '2')!.value).slice(0, 30)).toBe(
      '6.2831853071795864769252867665',
    )
  })
  test.each([
    [13, '1/3'],
    [5, '1'],
    [9, '1/2'],
    [2, '2'],
  ] as const)('about %d ticks over four π step by %s', (count, step) => {
    expect(place([-Math.PI, 3 * Math.PI], { multipleOf: 'pi', count }).step).toBe(step)
  })
  test('an end further away than a thousandth of a step is not reached', () => {
    expect(factors([0, Math.PI * 0.99], { step: '1/2' })).toEqual(['0', '1/2'])
    expect(factors([0, Math.PI * 0.9999], { step: '1/2' })).toEqual(['0', '1/2', '1'])
    expect(factors([0, Math.PI * 0.99], { step: '1/2', ends: 'loose' })).toEqual(['0', '1/2', '1'])
  })
  test('any number can be the constant, and domains can descend', () => {
    expect(
      place([24, 0], { multipleOf: '12', step: '1/2' }).ticks.map(({ value }) => toText(value)),
    ).toEqual(['24', '18', '12', '6', '0'])
  })
  test.each(['0', '1/0', '0.5', '-1/3', 'x'])('a step of %s is refused', (step) => {
    expect(() => place([0, 7], { multipleOf: 'pi', step })).toThrow(
      'it takes a fraction above zero',
    )
  })
})

describe('logs', () => {
  test('powers of ten, two and e', () => {
    expect(texts([1, 1e4], { kind: 'log' })).toEqual(['1', '10', '100', '1000', '10000'])
    expect(texts([1, 20], { kind: 'log', base: 2 })).toEqual(['1', '2', '4', '8', '16'])
    expect(texts([1, 10], { kind: 'log', base: 'e' }).map((text) => text.slice(0, 12))).toEqual([
      '1',
      '2.7182818284',
      '7.3890560989',
    ])
    const byE = { kind: 'log', base: 'e' } as const
    const made = place([0.1, 10], byE)
    const write = labeller(resolve(stepStyle(byE, made))).label
    expect(made.ticks.map(({ value }) => write(toText(value)))).toEqual([
      'e⁻²',
      'e⁻¹',
      '1',
      'e',
      'e²',
    ])
    expect(texts(['0.1', 1], { kind: 'log', base: 'e' })[0]!.slice(0, 12)).toBe('0.1353352832')
  })
  test('many powers are thinned, and one of them stays', () => {
    expect(texts(['1e-9', '1e9'], { kind: 'log', count: 7 })).toEqual([
      '0.000000001',
      '0.000001',
      '0.001',
      '1',
      '1000',
      '1000000',
      '1000000000',
    ])
  })
  test('short domains take multiples of powers', () => {
    expect(texts([2, 60], { kind: 'log' })).toEqual(['2', '5', '10', '20', '50'])
    expect(texts([61, 79], { kind: 'log', count: 4 })).toEqual(['65', '70', '75'])
  })
  test('loose ends enclose; minor ticks stand between', () => {
    expect(texts([3, 300], { kind: 'log', ends: 'loose' })).toEqual(['1', '10', '100', '1000'])
    expect(place([1, 100], { kind: 'log', minor: true }).minor.map(toText)).toEqual([
      '2',
      '3',
      '4',
      '5',
      '6',
      '7',
      '8',
      '9',
      '20',
      '30',
      '40',
      '50',
      '60',
      '70',
      '80',
      '90',
    ])
  })
  test('below zero as above it; through zero not', () => {
    expect(texts([-1000, -1], { kind: 'log' })).toEqual(['-1000', '-100', '-10', '-1'])
    expect(() => texts([-1, 10], { kind: 'log' })).toThrow('a log axis cannot reach zero')
    expect(() => texts([1, 10], { kind: 'log', step: '2' })).toThrow(
      'step: an axis of kind log has none',
    )
  })
  test('the whole reach of doubles', () => {
    expect(texts(['5e-324', '1.79e308'], { kind: 'log', count: 7 })).toHaveLength(7)
  })
})

describe('symmetric logs', () => {
  test('zero stands between powers on both sides', () => {
    expect(texts([-100, 1000], { kind: 'symlog', count: 9 })).toEqual([
      '-100',
      '-10',
      '-1',
      '0',
      '1',
      '10',
      '100',
      '1000',
    ])
    expect(texts([100, -100], { kind: 'symlog' })).toEqual([
      '100',
      '10',
      '1',
      '0',
      '-1',
      '-10',
      '-100',
    ])
  })
  test('small domains, and none', () => {
    expect(texts(['-0.01', '0.01'], { kind: 'symlog', count: 9 })).toEqual([
      '-0.01',
      '-0.001',
      '-0.0001',
      '-0.00001',
      '0',
      '0.00001',
      '0.0001',
      '0.001',
      '0.01',
    ])
    expect(texts([0, 0], { kind: 'symlog' })).toEqual(['0'])
  })
})

describe('even steps, positions and labels', () => {
  test('minor ticks divide the step evenly', () => {
    expect(place([0, 2], { step: '1', minor: true }).minor.map(toText)).toEqual([
      '0.2',
      '0.4',
      '0.6',
      '0.8',
      '1.2',
      '1.4',
      '1.6',
      '1.8',
    ])
    expect(place([0, 4], { step: '2', minor: true }).minor.map(toText)).toEqual([
      '0.5',
      '1',
      '1.5',
      '2.5',
      '3',
      '3.5',
    ])
    expect(place([0, '0.25'], { step: '0.125', minor: true }).minor.map(toText)).toEqual([
      '0.0625',
      '0.1875',
    ])
  })
  test('given positions stand as they are', () => {
    expect(place([0, 10], { positions: [decimal(0), decimal(3), decimal(10)] })).toMatchObject({
      step: null,
      minor: [],
    })
    expect(place([0, 10], { positions: [0, 90, 180].map(decimal) }).step).toBe('90')
  })
  test.each([
    [['1e-320', '3e-320'], 3],
    [['-1.79e308', '1.79e308'], 5],
    [['4000000000', '4000000003'], 4],
    [[5, 5], 3],
    [[-3, 7], 6],
  ] as const)('%j has ticks in it', (domain, count) => {
    const { ticks } = place([...domain], { count })
    expect(ticks.length).toBeGreaterThan(0)
    for (const { value } of ticks)
      expect(
        compare(value, decimal(domain[0])) >= 0 && compare(value, decimal(domain[1])) <= 0,
      ).toBe(true)
  })
  test('a fraction as a step needs a constant', () =>
    expect(() => place([0, 1], { step: '1/3' })).toThrow('needs multipleOf'))
  test('the first style tells the step', () => {
    expect(stepStyle({}, place([0, 1], { step: '0.125' }))).toEqual({ fraction: [3, 3] })
    expect(stepStyle({ kind: 'log' }, place([1, 1e9], { kind: 'log' }))).toMatchObject({
      exponentForm: 'power',
    })
    expect(stepStyle({ kind: 'log' }, place([1, 100], { kind: 'log' }))).toEqual({
      fraction: [0, 0],
    })
  })
})

test('ticks of every kind ascend with their domain and are all different', () => {
  const size = fc.double({ min: 1e-12, max: 1e12, noNaN: true })
  const kinds = fc.constantFrom<Given>(
    {},
    { kind: 'log' },
    { kind: 'symlog' },
    { multipleOf: 'pi' },
    { multipleOf: 'tau', ends: 'loose' },
    { kind: 'log', base: 2 },
    { ends: 'loose' },
  )
  fc.assert(
    fc.property(size, size, fc.integer({ min: 2, max: 20 }), kinds, (a, b, count, more) => {
      fc.pre(Math.abs(a - b) > 1e-9 * Math.max(a, b))
      const values = place([a, b], { count, ...more }).ticks.map(({ value }) => value)
      for (let at = 1; at < values.length; at++)
        expect(Math.sign(compare(subtract(values[at]!, values[at - 1]!), decimal(0)))).toBe(
          a < b ? 1 : -1,
        )
    }),
  )
})

describe('ticks enough, and labels that can be read', () => {
  test.each<[readonly (number | string)[], 'log' | 'symlog', string[]]>([
    [['1e-10', '1e40'], 'log', ['1e-10', '1', '1e10', '1e20', '1e30', '1e40']],
    [[1, '1e300'], 'log', ['1', '1e100', '1e200', '1e300']],
    [[2, 9], 'log', ['2', '3', '4', '5', '6', '7', '8', '9']],
    [[1, 50], 'log', ['1', '2', '5', '10', '20', '50']],
    [[-7, 7], 'symlog', ['-5', '-2', '-1', '0', '1', '2', '5']],
    [[0, 3], 'symlog', ['0', '1', '2']],
    [[-5000, 5000], 'symlog', ['-1000', '-10', '0', '10', '1000']],
  ])('%j, %s: %j', (domain, kind, expected) => {
    const [low, high] = domain.map((end) => decimal(end))
    const { ticks } = placeTicks({ domain: [low!, high!], kind })
    expect(ticks.map(({ value }) => toText(value))).toEqual(
      expected.map((text) => toText(decimal(text))),
    )
  })

  test.each<[string, string, string[]]>([
    ['1e-320', '5e-320', ['1×10⁻³²⁰', '2×10⁻³²⁰', '3×10⁻³²⁰', '4×10⁻³²⁰', '5×10⁻³²⁰']],
    [
      '-1.79e308',
      '1.79e308',
      [
        '-1.5×10³⁰⁸',
        '-1.0×10³⁰⁸',
        '-0.5×10³⁰⁸',
        '0.0×10³⁰⁸',
        '0.5×10³⁰⁸',
        '1.0×10³⁰⁸',
        '1.5×10³⁰⁸',
      ],
    ],
    ['0', '1', ['0.0', '0.2', '0.4', '0.6', '0.8', '1.0']],
  ])('from %s to %s the labels are %j', (low, high, labels) => {
    const placed = placeTicks({ domain: [decimal(low), decimal(high)] })
    const write = labeller(resolve(stepStyle({}, placed)))
    const written = placed.ticks.map(({ value }) => write.label(toText(value)))
    expect(written).toEqual(labels)
    placed.ticks.forEach(({ value }, at) =>
      expect(compare(write.read(written[at]!).value as Decimal, value)).toBe(0),
    )
  })
})
