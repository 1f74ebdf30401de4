import type { Decimal } from '../decimal/decimal'
import { ladders } from '../ladders'
import type { FullStyle, Style } from '../style/fields'
import { inherit } from '../style/inherit'
import { parseStyle } from '../style/parse'
import { labeller } from './labeller'
import { resolve } from './resolve'
import type { Value } from './types'

const labels = (style: Style, values: Value[]) =>
  labeller(resolve(style, { values })).labels(values)

test('nothing set: all digits, grouped, at most three decimals', () => {
  expect(labels({}, [1284311.5, 0.00049, -7, 0, null, NaN, '123456789012345678901'])).toEqual([
    '1,284,311.5',
    '0',
    '-7',
    '0',
    '–',
    '–',
    '123,456,789,012,345,678,901',
  ])
})

test('a label that rounds up to the next rung moves there', () => {
  const style: Style = { notation: 'scaled', fraction: [1, 1] }
  expect(labels(style, [999, 999.94, 999.95, 1000, 999949, 999950, 1e6])).toEqual([
    '999.0',
    '999.9',
    '1.0K',
    '1.0K',
    '999.9K',
    '1.0M',
    '1.0M',
  ])
  expect(labels({ ...style, fraction: [0, 1] }, [999950, 1264000])).toEqual(['1M', '1.3M'])
})

test('beyond the last rung digits grow, and from a million of it an exponent is written', () => {
  const style: Style = { notation: 'scaled', ladder: 'indian', fraction: [0, 1] }
  expect(labels(style, [1.5e15, 999999e12, '999999.96e12', 2.5e18])).toEqual([
    '1,500LCr',
    '999,999LCr',
    '1×10¹⁸',
    '2.5×10¹⁸',
  ])
  expect(labels({ ...style, ladder: 'short' }, [1.5e15, 1e303, 1.5e308])).toEqual([
    '1.5Qd',
    '1Ce',
    '150,000Ce',
  ])
})

test('each ladder writes its rungs as symbols, as words, and with their power', () => {
  const at = (
    ladder: FullStyle['ladder'],
    value: Value,
    rungForm: FullStyle['rungForm'] = 'symbol',
  ) =>
    labels(
      {
        notation: 'scaled',
        ladder,
        rungForm,
        fraction: [0, 1],
        rungGap: rungForm === 'symbol' ? '' : null,
      },
      [value],
    )[0]
  expect([
    at('si', 1500),
    at('si', 0.0000042),
    at('binary', 1536),
    at('long', 2.5e9),
    at('indian', 1.2e7),
    at('myriad', 25000),
  ]).toEqual(['1.5k', '4.2µ', '1.5Ki', '2.5Mrd', '1.2Cr', '2.5万'])
  expect([
    at('short', 1.2e6, 'word'),
    at('long', 1e15, 'word'),
    at('short', 1e15, 'symbolExponent'),
    at('binary', 2 ** 30, 'symbolExponent'),
  ]).toEqual(
    ['1.2 million', '1 billiard', '1 Qd (10¹⁵)', '1 Gi (2³⁰)'].map((label) =>
      label.replaceAll(' ', '\u00a0'),
    ),
  )
})

test('names of the illions follow the published rule', () => {
  const words = ladders.short.rungs.map(({ word }) => word)
  expect([
    words[1],
    words[10],
    words[11],
    words[13],
    words[16],
    words[23],
    words[26],
    words[100],
  ]).toEqual([
    'million',
    'decillion',
    'undecillion',
    'tredecillion',
    'sedecillion',
    'tresvigintillion',
    'sesvigintillion',
    'centillion',
  ])
  for (const { rungs } of Object.values(ladders)) {
    for (const key of ['symbol', 'word'] as const)
      expect(new Set(rungs.map((rung) => rung[key])).size).toBe(rungs.length)
  }
})

test("a ladder of one's own is used, and a bad one is refused with why", () => {
  const ladder = {
    rungs: [
      { power: 1, symbol: 'dz', word: 'ten' },
      { power: 2, symbol: 'h' },
    ],
  }
  expect(labels({ notation: 'scaled', ladder, fraction: [0, 1] }, [15, 250])).toEqual([
    '1.5dz',
    '2.5h',
  ])
  const refused = (rungs: object[]) => () => parseStyle({ ladder: { rungs } })
  expect(
    refused([
      { power: 3, symbol: 'a' },
      { power: 3, symbol: 'b' },
    ]),
  ).toThrow(/powers ascending/)
  expect(refused([{ power: 3, symbol: 'e' }])).toThrow(/none that reads as a number/)
  expect(
    refused([
      { power: 3, symbol: 'a' },
      { power: 4, symbol: 'a' },
    ]),
  ).toThrow(/names unique/)
})

test('a prefix stands with its unit, and the gap before both', () => {
  expect(
    labels(
      { notation: 'scaled', ladder: 'si', unit: { kind: 'symbol', text: 'W' }, fraction: [0, 1] },
      [1500, 5],
    ),
  ).toEqual(['1.5\u00a0kW', '5\u00a0W'])
})

test('scaling begins where it is told to', () => {
  expect(
    labels({ notation: 'scaled', rungFrom: 4, fraction: [0, 1] }, [1500, 9999.96, 12345, 2e6]),
  ).toEqual(['1,500', '10K', '12.3K', '2M'])
  expect(
    labels({ notation: 'scaled', rungFrom: 4, fraction: [0, 1], ladder: 'binary' }, [9999, 12288]),
  ).toEqual(['9,999', '12Ki'])
  expect(
    labels(
      { notation: 'scaled', rungFrom: 4, ladder: 'binary', increment: '7' },
      [9999, 10005, 14336],
    ),
  ).toEqual(['9,996', '10,003', '14Ki'])
  expect(
    labels(
      { notation: 'scaled', rungFrom: 4, ladder: 'binary', fraction: [0, 0], rounding: 'trunc' },
      [10005, 10240],
    ),
  ).toEqual(['10,005', '10Ki'])
  expect(
    labels({ notation: 'scaled', rungFrom: 6, fraction: [0, 1] }, [15000, 999999.96, 2e6]),
  ).toEqual(['15,000', '1M', '2M'])
})

test('significant digits, alone and beside decimals', () => {
  const at = (style: Style) => labels(style, [1234.5, 9.996, 0.0012345, 0])
  expect(at({ significant: [1, 3] })).toEqual(['1,230', '10', '0.00123', '0'])
  expect(at({ significant: [3, 3] })).toEqual(['1,230', '10.0', '0.00123', '0.00'])
  const both: Style = { fraction: [0, 2], significant: [1, 3] }
  expect(at({ ...both, priority: 'morePrecision' })).toEqual(['1,234.5', '10', '0.00123', '0'])
  expect(at({ ...both, priority: 'lessPrecision' })).toEqual(['1,230', '10', '0', '0'])
  expect(() => parseStyle(both)).toThrow(
    /^style\.priority: nothing is not allowed; .* morePrecision or lessPrecision$/,
  )
})

test('setting one of decimals and significant digits takes back an inherited other', () => {
  expect(inherit({ fraction: [2, 2] }, { significant: [1, 3] })).toMatchObject({
    fraction: null,
    significant: [1, 3],
  })
  expect(inherit({ significant: [1, 3] }, { fraction: [1, 1] })).toMatchObject({
    fraction: [1, 1],
    significant: null,
  })
})

test('a label is carried to the next rung only where its increment counts there', () => {
  const five = { notation: 'scaled', increment: '5' } as const
  // A million is none of the fives of millions, but a thousand thousands.
  expect(labels(five, [998_000, 1_002_000])).toEqual(['1,000K', '1,000K'])
  expect(labels(five, [4_998_000])).toEqual(['5M'])
  expect(labels({ notation: 'scaled', increment: '0.5' }, [999_900])).toEqual(['1M'])
  // One and a half million would be nearer than none, and is half a million too much.
  expect(labels({ notation: 'scaled', increment: '1.5' }, [999_900])).toEqual(['1,000.5K'])
  // An exponent beyond the ladder that the increment does not count in is one of the ladder's end.
  const myriad = { notation: 'scaled', ladder: 'myriad', increment: '7' } as const
  expect(labels(myriad, ['1e22', '7e22'])).toEqual(['999,999京', '7×10²²'])
})

test('increments, and decimals that are all zero', () => {
  expect(labels({ increment: '0.05', fraction: [2, 2] }, [1.03, 1.02])).toEqual(['1.05', '1.00'])
  expect(labels({ increment: '250' }, [1234, 100])).toEqual(['1,250', '0'])
  expect(labels({ fraction: [2, 2], trailingZeros: 'stripIfInteger' }, [3, 3.5])).toEqual([
    '3',
    '3.50',
  ])
})

test('engineering exponents are multiples of three', () => {
  expect(labels({ notation: 'engineering', fraction: [0, 2] }, [12345, 0.00042, 999999])).toEqual([
    '12.35×10³',
    '420×10⁻⁶',
    '1×10⁶',
  ])
})

test.each(['7.542530785682747e52', '1e49', '3.2e49', '9.9e300'])(
  'a multiple of π as large as %s has no fraction that its digits could tell, and reads back to itself',
  (value) => {
    const write = labeller(resolve({ notation: 'multiple', fraction: [0, 0] }))
    const label = write.label(value)
    const read = write.read(label).value as Decimal
    expect(label).toMatch(/^\d{1,3}(,\d{3})*π$/)
    expect(write.label(`${read.coefficient}e${read.exponent}`)).toBe(label)
  },
)

test('powers of a constant are told as such, and what lies between counts them', () => {
  const style = { notation: 'multiple', multipleOf: 'e', exponentForm: 'power' } as const
  const values = [0, 1, 2.5, Math.E, Math.E ** 2, 7.389, 20, -(Math.E ** 3), 1e-5, '1e300']
  const told = ['0', '1', '2.5', 'e', 'e²', '2.718e', '2.707e²', '-e³', '1.628e⁻¹²', '2.172e⁶⁹⁰']
  expect(labels(style, values)).toEqual(told)
  expect(labels({ ...style, multipleOf: '7', fraction: [0, 0] }, [49, 49.1, 48, 30])).toEqual([
    '7²',
    '7²',
    '7²',
    '4×7',
  ])
  expect(() => labels({ ...style, multipleOf: '0.5' }, [1])).toThrow('above 1')
  expect(() => labels({ ...style, increment: '5' }, [1])).toThrow('no multiples')
})

test('multiples of a constant are simple fractions of it, or a decimal factor', () => {
  const style: Style = { notation: 'multiple', fraction: [0, 2], marks: { minus: '−' } }
  expect(labels(style, [0, Math.PI, (-2 * Math.PI) / 3, Math.PI / 12, 7 * Math.PI, 1.1])).toEqual([
    '0',
    'π',
    '−2π/3',
    'π/12',
    '7π',
    '0.35π',
  ])
  expect(labels({ ...style, multipleOf: 'tau' }, [Math.PI])).toEqual(['τ/2'])
  expect(labels({ ...style, multipleOf: '2.5' }, [5, 2.5, 7.5])).toEqual(['2×2.5', '2.5', '3×2.5'])
})
