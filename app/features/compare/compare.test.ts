import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { sentenceOf } from '~/features/dock/choices'
import { keptDigits } from './keptDigits'
import { titlesOf } from './titles'

const titles = (...styles: Style[]) => titlesOf(styles.map((style) => sentenceOf(inherit(style))))

describe('titles of compared styles', () => {
  test('say what tells each from the others', () =>
    expect(titles({ notation: 'scaled' }, {})).toEqual([
      'shortened, by its own rung',
      'with all its digits',
    ]))
  test('say what few set where nothing else differs', () =>
    expect(titles({ rounding: 'floor' }, {})).toEqual(['always down', 'halves away from zero']))
  test('of a copy say of which', () => {
    const [first, second, third] = titles({}, {}, { fraction: [1, 1] })
    expect(second).toBe(`${first} (same as 1)`)
    expect(third).toBe('exactly 1 decimal')
  })
})

test.each<[string, Style, string, [string, string, string]]>([
  ['decimals', { fraction: [1, 1] }, '12.345', ['12.3', '4', '5']],
  ['whole digits', { fraction: [0, 0] }, '12.5', ['12', '.5', '']],
  [
    'millions',
    { notation: 'scaled', rung: 6, fraction: [1, 1] },
    '-1264311.5',
    ['−12', '6', '4311.5'],
  ],
  ['more than there are', { fraction: [3, 3] }, '12.5', ['12.5', '', '']],
  [
    'a thousand in thousands',
    { notation: 'scaled', rung: 3, fraction: [0, 0] },
    '900',
    ['', '9', '00'],
  ],
  [
    'less than the first',
    { notation: 'scaled', rung: 9, fraction: [0, 0] },
    '1234',
    ['', '', '1234'],
  ],
])(
  'of a number the kept digits, the one that decides and the rest: %s',
  (_, style, value, digits) => {
    const { kept, decides, dropped } = keptDigits(resolve(style), decimal(value))!
    expect([kept, decides, dropped]).toEqual(digits)
  },
)

test('a converted number has other digits than its label', () =>
  expect(keptDigits(resolve({ factor: '2.2' }), decimal('5'))).toBeNull())
