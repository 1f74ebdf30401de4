import { houseRuleSchema, houseRuleWords } from './houseRules'
import { describeCheck, found, written } from './testing/cases'
import type { HouseRule } from './types'

const why = 'Our readers asked for it.'
const ruled = (...rules: Omit<HouseRule, 'why'>[]) => ({
  rules: rules.map((rule) => ({ ...rule, why })),
})
const scaled = { notation: 'scaled', fraction: [0, 1] as [number, number] } as const
const noK: Omit<HouseRule, 'why'> = { field: 'rung', isNot: 3 }
const noExponents: Omit<HouseRule, 'why'> = {
  surface: 'headline',
  field: 'notation',
  isNot: 'scientific',
}
const oneDecimal: Omit<HouseRule, 'why'> = { surface: 'marks', field: 'fraction', is: [0, 1] }

describeCheck('house-rule', {
  finds: {
    'a K where none may be': written('marks', scaled, [5200, 1.3e6], ruled(noK)),
    'an exponent past the end of a ladder, in a headline': written(
      'headline',
      { ...scaled, ladder: 'si' },
      ['5e40'],
      ruled(noExponents),
    ),
    'two decimals by significant digits': written(
      'marks',
      { fraction: null, significant: [1, 3] },
      ['1.25'],
      ruled(oneDecimal),
    ),
    'group marks where none may stand': written(
      'table',
      { fraction: [0, 0] },
      [5000],
      ruled({ field: 'grouping', is: 'never' }),
    ),
    'whole digits where numbers are scaled': written(
      'table',
      { fraction: [0, 0] },
      [5e6],
      ruled({ field: 'notation', isNot: 'plain' }),
    ),
    'what a case writes': written(
      'table',
      { cases: [{ when: { magnitude: { from: 6 } }, use: { sign: 'always' } }] },
      [5e6],
      ruled({ field: 'sign', isNot: 'always' }),
    ),
  },
  silent: {
    'numbers in millions': written('marks', scaled, [5.2e6], ruled(noK)),
    'a rule of another surface': written(
      'table',
      { notation: 'scientific' },
      [5e9],
      ruled(noExponents),
    ),
    'one decimal': written('marks', { fraction: [1, 1] }, ['1.2'], ruled(oneDecimal)),
    'digits below the first rung, where numbers are scaled': written(
      'table',
      scaled,
      [500, 5e6],
      ruled({ field: 'notation', is: 'scaled' }),
    ),
    'no rules': written('marks', scaled, [5200]),
  },
})

test('a finding says the rule, its reason and how many more are broken', () => {
  const subject = written('marks', scaled, [5200], ruled(noK, { field: 'sign', is: 'always' }))
  expect(found(subject, 'house-rule')?.message).toBe(
    '“5.2K” breaks “rung: not in thousands (K)”: Our readers asked for it. (and 1 more)',
  )
})

test.each<[string, object, string]>([
  ['says nothing', { field: 'sign', why }, 'a rule has either is or isNot'],
  [
    'says both',
    { field: 'sign', is: 'auto', isNot: 'never', why },
    'a rule has either is or isNot',
  ],
  ['has a value that its field does not take', { field: 'sign', is: 'loud', why }, 'loud'],
  ['is of a field that is none', { field: 'colour', is: 'red', why }, 'Invalid option'],
  ['says no reason', { field: 'sign', is: 'auto', why: ' ' }, '1'],
])('a rule that %s is refused', (_, rule, message) =>
  expect(houseRuleSchema.safeParse(rule).error?.message).toContain(message),
)

test('a rule is said in words', () =>
  expect(houseRuleWords({ ...oneDecimal, why })).toBe('decimals (marks): at most 1 decimal'))
