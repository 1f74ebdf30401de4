import { isShare, multipliesPercent, partPower, sayUnit, type Unit, unitKinds } from './index'
import { ratios } from './ratios'
import { inEnglish } from './testing/english'

test.each<[keyof typeof ratios, string, number, boolean]>([
  ['percent', '%', -2, true],
  ['permille', '‰', -3, true],
  ['percentPoint', 'pp', -2, false],
  ['basisPoint', 'bp', -4, false],
])('%s is written “%s”, as 10 to the %i, and is a share: %s', (kind, text, power, isPart) => {
  const unit = { kind } as Unit
  expect(inEnglish(unit).title.text).toBe(text)
  expect(partPower(unit)).toBe(power)
  expect(isShare(unit)).toBe(isPart)
  expect(inEnglish(unit).perOne).toBe(unitKinds[kind].perOne)
})

test('percent alone writes the sign that multiplies', () => {
  const kinds = Object.keys(unitKinds).filter((kind) => multipliesPercent({ kind } as Unit))
  expect(kinds).toEqual(['percent'])
})

test('each has words of its own', () => {
  const words = Object.values(ratios).map(({ kind }) => sayUnit({ kind } as Unit))
  expect(new Set(words).size).toBe(words.length)
})
