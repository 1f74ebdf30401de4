import { DEFAULTS, FIELD_NAMES, fields } from './fields'
import { withDigits } from './digits'
import { difference, inherit, originOf, together } from './inherit'
import { parseStyle, styleSchema } from './parse'

test('nothing set is the built-in default, its decimals as soon as a label is written', () => {
  expect(withDigits(inherit())).toEqual(DEFAULTS)
  expect(inherit()).toMatchObject({ fraction: null, significant: null })
  expect(DEFAULTS).toMatchObject({
    notation: 'plain',
    fraction: [0, 3],
    rung: 'each',
    unit: { kind: 'none' },
  })
})

test('later levels win, marks are merged mark by mark', () => {
  expect(
    inherit({ marks: { minus: '−', group: ' ' }, sign: 'always' }, { marks: { group: '.' } }),
  ).toMatchObject({
    marks: { minus: '−', group: '.' },
    sign: 'always',
  })
})

test('a difference laid over the one gives the other', () => {
  const [from, to] = [
    inherit({ fraction: [0, 1] }),
    inherit({ fraction: [2, 2], notation: 'scaled' }),
  ]
  expect(difference(from, to)).toEqual({ fraction: [2, 2], notation: 'scaled' })
  expect(inherit(from, difference(from, to))).toEqual(to)
})

test('every default is what its own field takes', () => {
  for (const name of FIELD_NAMES)
    expect(fields[name].schema.safeParse(fields[name].byDefault).success).toBe(true)
})

test.each<[object, RegExp]>([
  [
    { colour: 'red' },
    /^style\.colour: "red" is not allowed; there is no such field; the fields are notation, /,
  ],
  [
    { notation: 'loud' },
    /^style\.notation: "loud" is not allowed; it takes plain, scaled, scientific, .* or \w+$/,
  ],
  [{ fraction: [2, 1] }, /^style\.fraction: \[2,1\] .* from 0 to 100, least not above most$/],
  [{ fraction: [0, 101] }, /^style\.fraction/],
  [{ unit: { kind: 'currency' } }, /^style\.unit: .*it takes \{"kind": "none"\}/],
  [{ marks: { decimal: ',', group: ',' } }, /must differ$/],
  [{ marks: { group: '0' } }, /marks.*not allowed.*without digits/],
  [{ rung: 2.5 }, /^style\.rung/],
])('%j is refused, naming field, value and what is allowed', (style, message) => {
  expect(() => parseStyle(style)).toThrow(message)
  expect(styleSchema.safeParse(style).error!.issues[0]!.message).toMatch(message)
})

test('a good style comes back as it is, with nothing added', () => {
  const style = {
    notation: 'scaled',
    rung: 6,
    unit: { kind: 'symbol', text: 'kg' },
    marks: { minus: '−' },
  }
  expect(parseStyle(style)).toEqual(style)
})

test('every phrase says each of its choices in words of its own', () => {
  for (const style of [inherit({ notation: 'scaled' }), inherit({ notation: 'scientific' })]) {
    for (const name of FIELD_NAMES) {
      const phrase = fields[name].phrase
      if (!phrase?.applies(style)) continue
      const said = phrase.choices(style).map((choice) => phrase.say(choice as never, style))
      expect(new Set(said).size).toBe(said.length)
    }
  }
})

test('the level that a field comes from is the last one that sets it, and decimals take significant digits with them', () => {
  const levels = [
    { locale: 'de', significant: [2, 2] as [number, number] },
    { fraction: [0, 1] as [number, number] },
    {},
  ]
  expect(
    (['locale', 'fraction', 'significant', 'unit'] as const).map((field) =>
      originOf(levels, field),
    ),
  ).toEqual([0, 1, 1, -1])
  expect([together('significant'), together('unit')]).toEqual([
    ['fraction', 'significant'],
    ['unit'],
  ])
})
