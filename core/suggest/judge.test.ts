import { axis, written } from '../checks/testing/cases'
import { findAll } from '../checks/run'
import type { Subject } from '../checks/types'
import type { Style } from '../style/fields'
import { drafted, judge } from './judge'

const judged = (subject: Subject, seen = new Set<string>()) => judge(drafted(subject), seen)
const costOf = (subject: Subject) => judged(subject)!.cost

test('labels that hide the step of an axis are no good at all', () => {
  expect(judged(axis({ fraction: [1, 1] }, [0, 1], '0.125'))).toBeNull()
  expect(judged(axis({ fraction: [3, 3] }, [0, 1], '0.125'))!.labels).toEqual([
    '0.000',
    '0.125',
    '0.250',
    '0.375',
    '0.500',
    '0.625',
    '0.750',
    '0.875',
    '1.000',
  ])
})

test('the same labels are judged once, by whichever style they come', () => {
  const seen = new Set<string>()
  expect(judged(written('table', {}, [1, 2]), seen)).not.toBeNull()
  expect(judged(written('table', { fraction: [0, 0] }, [1, 2]), seen)).toBeNull()
  expect(judged(written('table', { fraction: [1, 1] }, [1, 2]), seen)).not.toBeNull()
})

test.each<[string, Style, Style, readonly (number | string)[]]>([
  [
    'length',
    { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
    { fraction: [0, 0] },
    [4_500_000, 7_200_000],
  ],
  [
    'what is lost',
    { fraction: [1, 1] },
    { fraction: [1, 1], rounding: 'ceil' },
    ['10.24', '52.31'],
  ],
  ['powers of ten where digits would do', {}, { notation: 'scientific' }, [120, 340]],
  [
    'a warning',
    { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
    { notation: 'scaled', rung: 'each', fraction: [1, 1] },
    [1_200_000, 400_000],
  ],
])('%s costs', (_, better, worse, values) => {
  expect(costOf(written('table', better, values))).toBeLessThan(
    costOf(written('table', worse, values)),
  )
})

test('a warning costs more than a note', () => {
  const noted = written('table', { fraction: [2, 2] }, [1, 2, 3])
  const warned = written('table', { notation: 'scaled', rung: 'each' }, [1_000_000, 400_000])
  const severities = (subject: Subject) => findAll(subject).findings.map(({ severity }) => severity)
  expect(severities(noted)).toEqual(['note'])
  expect(severities(warned)).toEqual(['warning'])
  // Both have labels of four characters that lose nothing.
  for (const subject of [noted, warned])
    expect(judged(subject)!.reasons[0]).toEqual({ code: 'length', count: 4 })
  expect(costOf(warned)).toBeGreaterThan(costOf(noted) + 0.1)
})

test('what is lost is said as a part of the number, rounded up', () => {
  const reasonsFor = (fraction: [number, number]) =>
    judged(written('table', { fraction }, ['12.3456', '800']))!.reasons
  expect(reasonsFor([4, 4])).toContainEqual({ code: 'exact' })
  expect(reasonsFor([1, 1])).toContainEqual({ code: 'error', percent: '0.37' })
  expect(reasonsFor([3, 3])).toContainEqual({ code: 'tinyError' })
})

test('what labels cost is told to the last part: half of what 24 characters cost, and powers 0.4', () => {
  expect(costOf(written('table', { fraction: [0, 0] }, [120, 340]))).toBeCloseTo(3 / 48, 12)
  const long = written('table', { fraction: [0, 0] }, ['1234567890123456789012345', '1'])
  expect(costOf(long)).toBeCloseTo(0.5, 12)
  const [powers] = [written('table', { notation: 'scientific' }, [120, 340])]
  const length = Math.max(...judged(powers)!.labels.map((label) => label.length))
  expect(costOf(powers)).toBeCloseTo(length / 48 + 0.4, 12)
})

test.each<[readonly number[], boolean]>([
  [[0.001, 5], true],
  [[0.0001, 5], false],
  [[1e7, 5], true],
  [[1e8, 5], false],
  [[0, 5], true],
])('powers of ten for %j are needless: %j', (values, isNeedless) => {
  const { reasons } = judged(written('table', { notation: 'scientific' }, values))!
  expect(reasons.some(({ code }) => code === 'needlessPowers')).toBe(isNeedless)
})

test('zero loses nothing, whatever stands beside it', () => {
  const { reasons } = judged(written('table', { fraction: [1, 1] }, ['0', '12.34']))!
  expect(reasons).toContainEqual({ code: 'error', percent: '0.33' })
})

test.each<[string, [number, number], boolean]>([
  ['longer than', [3, 3], true],
  ['as long as', [2, 2], true],
  ['shorter than', [1, 1], false],
])('labels with a rung that are %s plain digits are needless: %s', (_, fraction, isNeedless) => {
  const style: Style = { notation: 'scaled', fraction }
  expect(judged(written('table', style, [1500, 2500]))!.isNeedless).toBe(isNeedless)
})
