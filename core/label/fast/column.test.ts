import { part } from '../../testing/part'
import fc from 'fast-check'
import { compare } from '../../decimal/arithmetic'
import { fromNumber, toNumber } from '../../decimal/decimal'
import type { Style } from '../../style/schemas'
import { saidBy } from '../cells'
import { decide } from '../decide'
import type { Context } from '../context'
import { resolve } from '../resolve'
import { textOf } from '../write'
import { decideColumn } from './column'

const money = fc.integer({ min: -1e9, max: 1e9 }).map((cents) => cents / 100)
const ties = fc
  .tuple(fc.integer({ min: -99_999, max: 99_999 }), fc.integer({ min: -8, max: 9 }))
  .map(([digits, power]) => Number(`${digits}5e${power}`))
const nines = fc
  .tuple(fc.integer({ min: 1, max: 14 }), fc.integer({ min: -8, max: 12 }))
  .map(([count, power]) => Number(`${'9'.repeat(count)}5e${power}`))
const large = fc
  .tuple(fc.integer({ min: 1, max: 999_999 }), fc.integer({ min: 0, max: 14 }))
  .map(([digits, power]) => digits * Number(`1e${power}`))
const long = fc.double({ min: 1, max: 1e9, noNaN: true })
const any = fc.double({ noNaN: true, noDefaultInfinity: true })
const columns = fc
  .array(fc.oneof(money, ties, nines, any, large, long, fc.constantFrom(0, -0)), {
    minLength: 1,
    maxLength: 60,
  })
  .map((numbers) => Float64Array.from(numbers))

const written: readonly (readonly [Style, Context?])[] = [
  [{}],
  [{ fraction: [2, 2] }],
  [{ fraction: [0, 11] }],
  [{ fraction: [4, 12] }],
  [{ notation: 'scaled', rung: 3, fraction: [1, 12] }],
  [{ notation: 'scaled', rung: 'each', ladder: 'si', fraction: [0, 12] }, { recorded: 2 }],
  [{ fraction: [1, 12], rounding: 'halfEven' }, { recorded: -2 }],
  [{ fraction: [0, 0], rounding: 'halfEven' }],
  [{ sign: 'never' }],
  [{ sign: 'parentheses', fraction: [1, 1] }],
  [{ significant: [1, 3] }],
  [{ rounding: 'floor' }],
  [{ fraction: [0, 2] }, { recorded: 3 }],
  [{ notation: 'scaled', rung: 6, fraction: [1, 1] }, { recorded: -2 }],
  [{ notation: 'scaled' }, { recorded: 3 }],
  [{ notation: 'scaled', rung: 6, unitAt: 'title' }],
  [{ notation: 'scaled', rungForm: 'word', fraction: [0, 1] }],
  [{ notation: 'scaled', ladder: 'si', fraction: [0, 2] }],
  [{ notation: 'scaled', ladder: 'binary' }],
  [{ notation: 'scientific' }],
  [{ notation: 'scientific', fraction: [0, 1], rounding: 'halfEven' }],
  [{ notation: 'scientific', significant: [2, 3] }, { recorded: 3 }],
  [{ notation: 'scientific', exponent: 3, fraction: [0, 2] }, { recorded: -1 }],
  [{ notation: 'engineering', fraction: [1, 1], sign: 'never' }],
  [{ notation: 'engineering', significant: [1, 3] }],
  [{ over: '1000' }],
  [{ zero: 'none' }],
  [{ cases: [{ when: { magnitude: { from: 3 } }, use: { notation: 'scaled' } }] }],
]

test('a column is decided as its values are one by one, each decision once', () => {
  fc.assert(
    fc.property(columns, fc.constantFrom(...written), (doubles, [style, context = {}]) => {
      const plan = resolve(style, context)
      const { decisions, which, said, least, largest, hasOwnTexts } = decideColumn(plan, doubles)
      doubles.forEach((double, at) => {
        const exact = decide(plan, fromNumber(double))
        const decision = decisions[which[at]!]!
        const fields = Object.keys(exact) as (keyof typeof exact)[]
        // No decimals at all can be a place of -0.
        const same = (field: keyof typeof exact) => {
          const [own, other] = [decision.written[field], exact[field]]
          return own === other
        }
        expect(fields.filter((field) => !same(field))).toEqual([])
        expect(decision.label).toBe(textOf(plan, exact))
        expect(compare(decision.said, saidBy(plan, exact))).toBe(0)
        expect(said[which[at]!]).toBe(toNumber(decision.said))
        expect(double >= least[which[at]!]! && double <= largest[which[at]!]!).toBe(true)
      })
      expect(new Set(which).size).toBe(decisions.length)
      if (hasOwnTexts)
        expect(new Set(decisions.map(({ label }) => label)).size).toBe(decisions.length)
    }),
    { numRuns: part(600, 1500) },
  )
})
