import { part } from '../../testing/part'
import hi from '../../locale/generated/locales/hi.json'
import type { LocaleTable } from '../../locale/types'
import type { Style } from '../../style/schemas'
import { decide } from '../decide'
import type { Plan } from '../types'
import { byDoubles } from './byDoubles'
import { doublePlan } from './doublePlan'
import { fastLabels } from './fast'
import { resolve } from '../resolve'
import { amountOf } from '../value'
import { textOf } from '../write'

const STYLES: Style[] = [
  { notation: 'scaled', fraction: [0, 1] },
  { notation: 'scaled', fraction: [2, 2], rounding: 'halfEven' },
  { notation: 'scaled', ladder: 'si', fraction: [0, 2], rounding: 'halfTrunc' },
  { notation: 'scaled', rung: 6, fraction: [1, 3], rounding: 'halfFloor', sign: 'always' },
  { fraction: [0, 3] },
  { fraction: [0, 0], rounding: 'halfEven' },
  { fraction: [2, 2], grouping: 'never', sign: 'parentheses' },
  {
    notation: 'scaled',
    ladder: 'locale',
    fraction: [0, 1],
    unit: { kind: 'currency', code: 'EUR' },
  },
  { locale: 'hi', fraction: [0, 2] },
  {
    notation: 'scaled',
    ladder: 'indian',
    fraction: [1, 1],
    unit: { kind: 'symbol', text: 'kg' },
    rounding: 'halfCeil',
  },
]
/** Of each style; the whole comparison takes as many again for each. */
const COUNT = Number(process.env.FAST_PATH_VALUES ?? part(20_000, 60_000))

let state = 20261123
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
const sign = () => (random() < 0.5 ? -1 : 1)
const buffer = new DataView(new ArrayBuffer(8))
const next = (value: number, by: bigint) => {
  buffer.setFloat64(0, value)
  buffer.setBigInt64(0, buffer.getBigInt64(0) + by)
  return buffer.getFloat64(0)
}
/** Numbers of every kind, among them ties, doubles just beside ties, and those about to carry. */
const kinds: (() => number)[] = [
  () => sign() * 10 ** (random() * 40 - 12),
  () => sign() * Math.floor(10 ** (random() * 17)),
  () => (sign() * Math.round(10 ** (random() * 12))) / 100,
  () =>
    sign() *
    Number(`${Math.floor(random() * 10 ** (1 + random() * 14))}5e${Math.floor(random() * 14) - 9}`),
  () =>
    next(
      Number(
        `${Math.floor(random() * 10 ** (1 + random() * 12))}5e${Math.floor(random() * 12) - 7}`,
      ),
      BigInt(Math.floor(random() * 5) - 2),
    ),
  () =>
    next(
      Number(`${'9'.repeat(1 + Math.floor(random() * 14))}5e${Math.floor(random() * 12) - 8}`),
      BigInt(Math.floor(random() * 5) - 2),
    ),
  () => next(10 ** Math.floor(random() * 16), BigInt(Math.floor(random() * 7) - 3)),
  () => {
    buffer.setUint32(0, random() * 2 ** 32)
    buffer.setUint32(4, random() * 2 ** 32)
    return buffer.getFloat64(0)
  },
]

/** What writes by doubles: on the desk at its fastest, in a module in few bytes. */
const WRITERS: Record<string, (plan: Plan) => (value: number) => string | null> = {
  desk: (plan) => fastLabels(plan)!,
  module: (plan) => byDoubles(doublePlan(plan)!),
}

test.each(STYLES.flatMap((style) => Object.keys(WRITERS).map((where) => ({ where, style }))))(
  'doubles and exact digits write the same labels: %j',
  ({ where, style }) => {
    const plan = resolve(style, { tables: { hi: hi as LocaleTable } })
    const fast = WRITERS[where]!(plan)
    let decided = 0
    for (let at = 0; at < COUNT; at++) {
      const value = kinds[at % kinds.length]!()
      const label = fast(value)
      if (label === null) continue
      decided++
      const exact = textOf(plan, decide(plan, amountOf(value)))
      if (label !== exact)
        throw new Error(`${value}: ${label} by doubles, ${exact} by exact digits`)
    }
    expect(decided).toBeGreaterThan(COUNT / 3)
  },
  600_000,
)

test('styles that doubles cannot decide are left to exact digits', () => {
  const not: Style[] = [
    { significant: [1, 3] },
    { increment: '5' },
    { notation: 'scientific' },
    { rounding: 'floor' },
    { factor: '0.1' },
    { over: '5' },
    { notation: 'scaled', ladder: 'binary' },
  ]
  for (const style of not) {
    expect(fastLabels(resolve(style))).toBeNull()
    expect(doublePlan(resolve(style))).toBeNull()
  }
})
