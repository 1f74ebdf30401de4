import { caseProblems, caseWords } from './cases'
import type { StyleCase } from './schemas'

const site = (...is: string[]): StyleCase => ({ when: { column: 'site', is }, use: {} })
const sizes = (from?: number, to?: number): StyleCase => ({
  when: { magnitude: { from, to } },
  use: {},
})
const widths = (from?: number, to?: number): StyleCase => ({
  when: { width: { from, to } },
  use: {},
})

test.each([
  [[site('a'), site('b')], []],
  [[site('a', 'b'), site('b')], [{ at: 1, by: 0, isUnreachable: true }]],
  [[site('a'), site('a', 'b')], [{ at: 1, by: 0, isUnreachable: false }]],
  [[site('a'), site('b'), site('b', 'a')], [{ at: 2, by: 0, isUnreachable: true }]],
  [[site('a'), { when: { column: 'species', is: ['a'] }, use: {} }], []],
  [[sizes(3), sizes(6)], [{ at: 1, by: 0, isUnreachable: true }]],
  [[sizes(6), sizes(3)], [{ at: 1, by: 0, isUnreachable: false }]],
  [[sizes(3, 6), sizes(6)], []],
  [[sizes(6), sizes(3, 6)], []],
  [[sizes(), sizes(6), site('a')], [{ at: 1, by: 0, isUnreachable: true }]],
  [[widths(0, 600), widths(undefined, 480)], [{ at: 1, by: 0, isUnreachable: false }]],
  [[widths(undefined, 600), widths(undefined, 480)], [{ at: 1, by: 0, isUnreachable: true }]],
  [[widths(undefined, 480), sizes(3)], []],
] as const)('%j: what is taken before is told', (cases, problems) => {
  expect(caseProblems(cases as readonly StyleCase[])).toEqual(problems)
})

test('a case says what it is for', () => {
  expect(
    [
      site('a', 'b'),
      sizes(6),
      sizes(undefined, 0),
      sizes(3, 6),
      sizes(),
      widths(undefined, 480),
      widths(480, 900),
    ].map(({ when }) => caseWords(when)),
  ).toEqual([
    'where site is a or b',
    'from 10^6 on',
    'below 1',
    'from 10^3 to below 10^6',
    'for every size',
    'on pages below 480 px',
    'on pages of 480 to below 900 px',
  ])
})
