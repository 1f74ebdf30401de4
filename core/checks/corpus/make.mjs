// Makes cases.json: 400 axes and tables, good and bad, with the errors and warnings that each rule
// implies. What is expected is reckoned here on whole numbers alone, apart from the core.
import { writeFileSync } from 'node:fs'
import { readingErrors, rounded, text } from './reckon.mjs'

const COUNT = 400
let state = 20261123
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
const whole = (from, to) => from + Math.floor(random() * (to - from + 1))
const pick = (list) => list[whole(0, list.length - 1)]
const some = (count, make) => [...new Set(Array.from({ length: count }, make))]

/** Each rule: how its cases are made, and what it implies. */
const rules = {
  'an axis whose decimals are exact, too few or enough'() {
    const [places, step] = pick([
      [3, 125],
      [2, 25],
      [1, 5],
      [1, 2],
      [2, 4],
      [3, 375],
      [0, 20],
      [0, 7],
    ])
    const [first, count, decimals] = [whole(-4, 3), whole(4, 9), whole(0, 3)]
    const values = Array.from({ length: count }, (_, at) => (first + at) * step)
    const said = values.map((value) =>
      decimals >= places ? value : rounded(value, 10 ** (places - decimals)),
    )
    return {
      subject: {
        surface: 'axis',
        style: { fraction: [decimals, decimals] },
        values: values.map((value) => text(value, places)),
        step: text(step, places),
      },
      expect: readingErrors(values, said, 'axis', { step }),
    }
  },
  'a column in millions with too few decimals'() {
    const decimals = whole(0, 2)
    const values = some(whole(2, 6), () => whole(1, 99) * pick([1000, 20_000, 1_000_000]))
    const said = values.map((value) => rounded(value, 10 ** (6 - decimals)))
    const largest = Math.max(...said)
    const expect = readingErrors(values, said, 'table')
    if (largest > 0 && largest < 1_000_000) expect.push('rung-overflow')
    return {
      subject: {
        surface: 'table',
        style: { notation: 'scaled', rung: 6, fraction: [decimals, decimals] },
        values: values.map(String),
      },
      expect,
    }
  },
  'a column in which every label has its own rung'() {
    const values = some(whole(2, 5), () => whole(1, 9) * 10 ** whole(1, 11))
    const rungs = new Set(values.map((value) => Math.floor(Math.log10(value) / 3 + 1e-9)))
    return {
      subject: {
        surface: pick(['table', 'axis']),
        style: { notation: 'scaled' },
        values: values.map(String),
      },
      expect: rungs.size > 1 ? ['mixed-rungs'] : [],
    }
  },
  'signs that are hidden'() {
    const values = some(whole(2, 5), () => whole(-9, 9))
    const hidden = random() < 0.7
    return {
      subject: {
        surface: 'marks',
        style: hidden ? { sign: 'never' } : { sign: pick(['auto', 'always', 'parentheses']) },
        values: values.map(String),
      },
      expect: hidden ? readingErrors(values, values.map(Math.abs), 'marks') : [],
    }
  },
  'a unit that is said elsewhere'() {
    const [surface, unitAt] = [
      pick(['axis', 'table', 'marks', 'tooltip', 'headline', 'sentence', 'legend']),
      pick(['label', 'title', 'first']),
    ]
    const alone = ['tooltip', 'headline', 'sentence'].includes(surface)
    const lost =
      (unitAt === 'title' && (alone || surface === 'legend')) || (unitAt === 'first' && alone)
    return {
      subject: {
        surface,
        style: { unit: { kind: 'symbol', text: pick(['kg', 'l', 'm']) }, unitAt },
        values: some(3, () => String(whole(1, 900))),
      },
      expect: lost ? ['unit-lost'] : [],
    }
  },
  'a category in another unit'() {
    const converted = random() < 0.5
    const [from, to, factor] = pick([
      ['l', 'm³', '0.001'],
      ['kg', 't', '0.001'],
      ['km', 'm', '1000'],
    ])
    const values = some(3, () => String(whole(1, 9) * 1000))
    const use = { unit: { kind: 'symbol', text: to }, ...(converted ? { factor } : {}) }
    return {
      subject: {
        surface: 'table',
        style: {
          unit: { kind: 'symbol', text: from },
          cases: [{ when: { column: 'species', is: ['crown kelp'] }, use }],
        },
        values,
        rows: values.map((_, at) => ({ species: at === 0 ? 'crown kelp' : 'lace wrack' })),
      },
      expect: converted ? [] : ['unit-unconverted'],
    }
  },
  'labels by hand'() {
    const [step, count, kind] = [
      pick([5, 10, 90]),
      whole(4, 7),
      pick(['right', 'late', 'few', 'many']),
    ]
    const values = Array.from({ length: count }, (_, at) => at * step)
    const labels = {
      right: values,
      late: values.map((value) => value + step),
      few: values.slice(1),
      many: [...values, count * step],
    }[kind]
    return {
      subject: {
        surface: 'axis',
        style: {},
        values: values.map(String),
        step: String(step),
        byHand: labels.map(String),
      },
      expect: kind === 'right' ? [] : ['wrong-tick-label'],
    }
  },
  'parts and their total'() {
    const decimals = whole(0, 1)
    const values = some(whole(2, 6), () => whole(20, 99) * 10 + whole(0, 9))
    const total = values.reduce((sum, value) => sum + value, 0)
    const said = (value) => rounded(value, 10 ** (1 - decimals))
    const misses = values.reduce((sum, value) => sum + said(value), 0) !== said(total)
    return {
      subject: {
        surface: 'table',
        style: { fraction: [decimals, decimals] },
        values: values.map((value) => text(value, 1)),
        total: text(total, 1),
      },
      expect: [
        ...readingErrors(values, values.map(said), 'table'),
        ...(misses ? ['does-not-add-up'] : []),
      ],
    }
  },
  'shares of a whole'() {
    const cuts = some(whole(1, 3), () => whole(250, 750)).sort((a, b) => a - b)
    const values = [...cuts, 1000].map((cut, at) => cut - (cuts[at - 1] ?? 0))
    const said = values.map((value) => rounded(value, 10))
    const misses = said.reduce((sum, value) => sum + value, 0) !== 1000
    return {
      subject: {
        surface: 'table',
        style: { unit: { kind: 'percent' }, fraction: [0, 0] },
        values: values.map((value) => text(value, 3)),
        shares: true,
      },
      expect: [
        ...readingErrors(values, said, 'table', { isUsual: true }),
        ...(misses ? ['shares-not-100'] : []),
      ],
    }
  },
  'exponents each or shared'() {
    const shared = random() < 0.5
    const powers = some(3, () => whole(3, 6))
    const values = powers.map((power) => whole(2, 9) * 10 ** power)
    return {
      subject: {
        surface: pick(['axis', 'table', 'marks']),
        style: {
          notation: 'scientific',
          fraction: [0, 6],
          ...(shared ? { exponent: 'shared' } : {}),
        },
        values: values.map(String),
      },
      expect: !shared && powers.length > 1 ? ['mixed-notation'] : [],
    }
  },
  'what is counted whole'() {
    const [decimals, kind] = [whole(0, 1), pick(['count', 'amount'])]
    const values = some(4, () => String(whole(1, 900)))
    return {
      subject: { surface: 'table', style: { fraction: [decimals, decimals] }, values, kind },
      expect: kind === 'count' && decimals > 0 ? ['split-count'] : [],
    }
  },
  'two surfaces'() {
    const values = some(3, () => whole(1, 40) * 25)
    const increment = pick([1, 5, 25, 50, 100])
    const said = values.map((value) => rounded(value, increment))
    // Whole numbers are told to the unit on both, so they disagree when they are not the same.
    const differ = said.some((value, at) => value !== values[at])
    return {
      subject: {
        surface: 'tooltip',
        style: {},
        values: values.map(String),
        others: [
          { surface: 'axis', style: increment === 1 ? {} : { increment: String(increment) } },
        ],
      },
      expect: differ ? ['surfaces-disagree'] : [],
    }
  },
  'whole numbers beyond 2⁵³'() {
    const cut = random() < 0.5
    const head = `${whole(1, 8)}${String(whole(10 ** 14, 10 ** 15 - 1))}7`
    const value = cut
      ? String(BigInt(Number(`${head}000`))).slice(0, 20)
      : `${head}${whole(101, 998) * 10 + 1}`
    const shortest = BigInt(value) === BigInt(Number(value)) && String(Number(value)) === value
    return {
      subject: { surface: 'table', style: {}, values: [value] },
      expect: shortest && /0$/.test(value) ? ['inexact-input'] : [],
    }
  },
  'readers of another region'() {
    const values = some(2, () => whole(1, 999) * 1000 + pick([0, whole(1, 999)]))
    const grouped = random() < 0.6
    return {
      subject: {
        surface: 'table',
        style: grouped ? {} : { grouping: 'never' },
        values: values.map(String),
        readers: ['en', 'de'],
      },
      expect: grouped ? ['unclear-marks'] : [],
    }
  },
}

const names = Object.keys(rules)
const cases = Array.from({ length: COUNT }, (_, at) => {
  const rule = names[at % names.length]
  const { subject, expect } = rules[rule]()
  return { rule, ...subject, expect: [...expect].sort() }
})
writeFileSync(
  new URL('./cases.json', import.meta.url),
  `[\n${cases.map((one) => JSON.stringify(one)).join(',\n')}\n]\n`,
)
