import fc from 'fast-check'
import { AGGREGATE_IDS, aggregate } from '../../core/data/aggregate'
import { add, compare, sum } from '../../core/decimal/arithmetic'
import { type Decimal, decimal, toText, ZERO } from '../../core/decimal/decimal'
import { densityOf, toldOf } from './distribution'
import { binEdges, binOf, MOST_BINS } from './legend'
import { MOST_COLOURS, OTHERS, stacksOf, stackTrouble } from './stacks'

const numbers = (...texts: (string | number)[]) => texts.map((text) => decimal(text))
const anyValue = fc.double({ min: -1e9, max: 1e9, noNaN: true }).map((value) => decimal(value))

describe('bins of a legend', () => {
  test('hold every value, each in one whose edges are around it', () =>
    fc.assert(
      fc.property(fc.array(anyValue, { minLength: 1, maxLength: 30 }), (values) => {
        const edges = binEdges(values)
        for (const value of values) {
          const bin = binOf(value, edges)
          const [low, high] = [edges[bin]!, edges[bin + 1]]
          expect(compare(low, value)).toBeLessThanOrEqual(0)
          if (high)
            expect(compare(value, high)).toBeLessThanOrEqual(bin === edges.length - 2 ? 0 : -1)
        }
      }),
    ))
  test('are no more than shades can be told apart, between round edges', () => {
    expect(binEdges(numbers(307502, 492782, 1739346)).map(toText)).toEqual([
      '0',
      '500000',
      '1000000',
      '1500000',
      '2000000',
    ])
    fc.assert(
      fc.property(fc.array(anyValue, { minLength: 2, maxLength: 30 }), (values) => {
        expect(binEdges(values).length).toBeLessThanOrEqual(MOST_BINS + 1)
      }),
    )
  })
  test('a value on an edge begins the upper bin, the last edge ends the last', () => {
    const edges = numbers(0, 10, 20)
    expect(numbers(0, '9.99', 10, 20).map((value) => binOf(value, edges))).toEqual([0, 0, 1, 1])
    expect(binEdges([])).toEqual([])
  })
})

describe('a distribution', () => {
  test('tells the least, the median and the largest, and nothing of no numbers', () => {
    expect(
      toldOf([...numbers(5, 1, 9), null]).map(({ category, value }) => [category, toText(value)]),
    ).toEqual([
      ['least', '1'],
      ['median', '5'],
      ['largest', '9'],
    ])
    expect(toldOf([null])).toEqual([])
  })
  test('is as high as one where most numbers lie, and counts each once', () => {
    const density = densityOf([...numbers(0, 0, 0, 50, 100), null], 'linear', [
      decimal(0),
      decimal(100),
    ])
    expect([density[0], density[16], density.at(-1)]).toEqual([1, 1 / 3, 1 / 3])
    expect(density.reduce((all, one) => all + one, 0)).toBeCloseTo(5 / 3, 9)
  })
  test('on a log axis leaves out what it cannot show', () => {
    const density = densityOf(numbers(-5, 0, 1, 1000), 'log', [decimal(1), decimal(1000)])
    expect([density[0], density.at(-1)]).toEqual([1, 1])
    expect(
      densityOf(numbers(-5, 0), 'log', [decimal(1), decimal(10)]).every((one) => one === 0),
    ).toBe(true)
  })
})

describe('marks parted by colours', () => {
  const rows = fc.array(
    fc.record({
      site: fc.constantFrom('a', 'b', 'c'),
      colour: fc.constantFrom(...'pqrstuvw'),
      value: fc.integer({ min: 0, max: 1e6 }),
    }),
    { minLength: 1, maxLength: 40 },
  )
  const parted = (some: { site: string; colour: string; value: number }[]) => {
    const [sites, colours, values] = [
      some.map(({ site }) => site),
      some.map(({ colour }) => colour),
      some.map(({ value }) => decimal(value)),
    ]
    const groups = aggregate(sites, values, 'sum')
    return { groups, ...stacksOf(groups, sites, values, colours, 'sum') }
  }
  test('pieces add up to their group, however many colours there are', () =>
    fc.assert(
      fc.property(rows, (some) => {
        const { groups, pieces, names } = parted(some)
        groups.forEach(({ value }, at) => {
          expect(pieces[at]).toHaveLength(names.length)
          expect(toText(pieces[at]!.reduce((all, one) => add(all, one), ZERO))).toBe(toText(value))
        })
      }),
    ))
  test('the largest colours have names, in their order, the others are one', () =>
    fc.assert(
      fc.property(rows, (some) => {
        const { names, pieces } = parted(some)
        expect(names.length).toBeLessThanOrEqual(MOST_COLOURS)
        const totals = names
          .filter((name) => name !== OTHERS)
          .map((_, colour) => sum(pieces.map((own) => own[colour]!)))
        totals
          .slice(1)
          .forEach((total, at) => expect(compare(total, totals[at]!)).toBeLessThanOrEqual(0))
        expect(names.includes(OTHERS)).toBe(
          new Set(some.map(({ colour }) => colour)).size > MOST_COLOURS,
        )
      }),
    ))
  test('where they cannot be parted, why is said', () => {
    const trouble = (wishes: object, kind = 'linear', values: readonly Decimal[] = numbers(1, 2)) =>
      stackTrouble({ category: 'site', aggregate: 'sum', ...wishes } as never, { kind, values })
    expect(trouble({})).toBe('')
    expect(trouble({ form: 'line' })).toContain('columns and bars')
    expect(trouble({}, 'log')).toContain('even steps')
    expect(trouble({}, 'linear', numbers(1, -2))).toContain('below zero')
    for (const by of AGGREGATE_IDS)
      expect([by, trouble({ aggregate: by }) === '']).toEqual([by, by === 'sum' || by === 'count'])
  })
})
