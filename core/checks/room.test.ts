import type { Style } from '../style/fields'
import { textWidth } from '../text/advance'
import { runChecks } from './run'
import { axis, describeCheck, found, written } from './testing/cases'
import type { Room } from './types'

const room = (width: number, more: Partial<Room> = {}) => ({
  room: { width, fontSize: 12, ...more },
})
const millions = [1_200_000, 3_400_000, 5_600_000]
describeCheck('crowded', {
  finds: {
    'whole digits on a narrow axis': axis({}, [0, 2e6], 500_000, room(200)),
    'decimals on an axis': axis({ fraction: [3, 3] }, [0, 1], 0.125, room(200)),
    'marks wider than their share': written('marks', {}, millions, room(120)),
    'a column too narrow for its numbers': written('table', {}, [1_234_567, 5], room(40)),
    'a tooltip': written(
      'tooltip',
      { unit: { kind: 'symbol', text: 'kilograms of fresh kelp' } },
      [1_234_567],
      room(90),
    ),
    'large type': axis({}, [0, 2e6], 500_000, room(240, { fontSize: 18 })),
    'a longer second line': written('marks', {}, [1, 2, 3], {
      ...room(120),
      below: ['Farrow Ledge', 'Holm Skerry', 'Tarn Bight'],
    }),
    'marks that stand close though others are far': written(
      'marks',
      {},
      [1234, 5678, 9],
      room(600, { middles: [40, 62, 580] }),
    ),
    'a bar without room behind it': written(
      'marks',
      { unit: { kind: 'symbol', text: 'kilograms' } },
      [1_234_567, 5],
      room(90, { each: true }),
    ),
    'ticks closer than a line': axis({}, [0, 10], 1, room(100, { stacked: true })),
    'bold type in room for light': written(
      'table',
      {},
      [1_234_567],
      room(textWidth('1,234,567', 12) + 0.5, { weight: '600' }),
    ),
  },
  silent: {
    'an axis with room': axis({}, [0, 2e6], 500_000, room(600)),
    'short labels on a narrow axis': axis(
      { notation: 'scaled', rung: 'shared', fraction: [1, 1] },
      [0, 2e6],
      500_000,
      room(200),
    ),
    'marks of a short second line': written('marks', {}, [1, 2, 3], {
      ...room(120),
      below: ['a', 'b', 'c'],
    }),
    'bars with room behind each': written(
      'marks',
      {},
      [1_234_567, 7_654_321, 5],
      room(90, { each: true }),
    ),
    'ticks a line apart': axis({}, [0, 10], 1, room(130, { stacked: true })),
    'turned labels': axis({}, [0, 2e6], 500_000, room(200, { turned: true })),
    'a room that is not known': written('marks', {}, millions),
    'a column as wide as its widest': written(
      'table',
      {},
      [1_234_567],
      room(textWidth('1,234,567', 12)),
    ),
    'one tick': axis({}, [5, 5], 1, room(4)),
    nothing: written('marks', {}, [], room(10)),
    'two ticks at the ends of a longer axis': written('axis', {}, [0, 1_000_000], room(60)),
  },
})

test('a crowded axis says how much is lacking, and is mended by fewer digits or fewer ticks', () => {
  const finding = found(axis({}, [0, 2e6], 500_000, room(200)), 'crowded')!
  expect(finding.message).toBe(
    '“1,000,000” and “1,500,000” have 3 px between them: 3 of 5 labels do not fit into 200 px.',
  )
  expect(finding.fixes.map(({ title }) => title)).toEqual([
    'Use one symbol for all',
    'Set the step to 1,000,000',
  ])
})

test('no fix leads to a style that cannot be resolved, as a unit said once of exponents that differ', () => {
  const unit = { kind: 'symbol', text: 'mol/L' } as const
  const style = { notation: 'scientific', exponent: 'each', unit } as const
  const finding = found(axis(style, [0, 2e6], 500_000, room(120)), 'crowded')!
  expect(finding).toBeDefined()
  for (const fix of finding.fixes) expect(fix.id).not.toBe('unit-in-title')
  // A symbol of each label's own cannot be said by the first one for all.
  const first: Style = { notation: 'scaled', rung: 'shared', unitAt: 'first', fraction: [4, 4] }
  expect(found(axis(first, [0, 2e6], 500_000, room(120)), 'crowded')).toBeDefined()
})

test('labels need half their type’s size between them', () => {
  const apart = (gap: number) =>
    found(
      written('marks', {}, [1234, 5678], room(600, { middles: [0, textWidth('1,234', 12) + gap] })),
      'crowded',
    )
  expect(textWidth('1,234', 12)).toBe(textWidth('5,678', 12))
  expect(apart(0.45 * 12)).toBeDefined()
  expect(apart(0.55 * 12)).toBeUndefined()
})

test('a fix that mends one warning by another is not offered', () => {
  const close = [1.21, 1.24]
  const needed = 2 * (textWidth('1.21', 12) + 6)
  const fixesIn = (width: number) =>
    found(written('marks', { fraction: [0, 1] }, close, room(width)), 'same-label')!.fixes.map(
      ({ title }) => title,
    )
  expect(fixesIn(needed + 1)).toContain('Write 2 decimals')
  const tight = written('marks', { fraction: [0, 1] }, close, room(needed - 1))
  expect(runChecks(tight).map(({ check }) => check)).toEqual(['same-label'])
  expect(fixesIn(needed - 1)).not.toContain('Write 2 decimals')
})

test('texts are as wide as their characters in the shipped typeface', () => {
  expect(textWidth('1,234', 13)).toBeCloseTo(textWidth('1', 13) * 4 + textWidth(',', 13), 9)
  expect(textWidth('8', 10)).toBe(textWidth('1', 10))
  expect(textWidth('1M', 20)).toBe(2 * textWidth('1M', 10))
  expect(textWidth('10⁵', 10)).toBeGreaterThan(textWidth('10', 10))
  expect(textWidth('億', 10)).toBe(10)
  expect(textWidth('\u200e1', 10)).toBe(textWidth('1', 10))
})

test('crowded marks of two parts are mended by a second line, where that has room', () => {
  const names = ['(32 %)', '(41 %)', '(27 %)']
  const finding = found(
    written('marks', {}, [320, 410, 270], {
      ...room(130),
      around: names.map((name) => ` ${name}`),
    }),
    'crowded',
  )!
  expect(finding.fixes[0]).toMatchObject({
    title: 'Use a second line',
    layout: 'secondLine',
  })
  const wide = found(
    written('marks', {}, [320, 410, 270], {
      ...room(90),
      around: [' (Farrow Ledge)', ' (Holm Skerry)', ' (Tarn Bight)'],
    }),
    'crowded',
  )!
  expect(wide.fixes.map(({ layout }) => layout)).not.toContain('secondLine')
})

test('crowded marks are set smaller where that is enough, or laid down as bars where they can be', () => {
  const near = written('marks', {}, [412_345, 398_765, 401_122], room(130))
  const fixes = found(near, 'crowded')!.fixes
  expect(fixes.map(({ title }) => title)).toContain('Use smaller data labels')
  const narrow = written('marks', { grouping: 'never' }, Array(9).fill(1234567.25), {
    room: { width: 200, fontSize: 12, laidDown: 90 },
  })
  const layouts = found(narrow, 'crowded')!.fixes.map(({ layout }) => layout)
  expect(layouts).toContain('laidDown')
  expect(layouts).not.toContain('smallerType')
  const upright = { ...narrow, room: { width: 200, fontSize: 12, canTurn: true } }
  expect(found(upright, 'crowded')!.fixes.map(({ layout }) => layout)).toContain('turned')
  const full = { ...narrow, room: { width: 200, fontSize: 12, laidDown: 20 } }
  expect(found(full, 'crowded')!.fixes.map(({ layout }) => layout)).not.toContain('laidDown')
})

test('many crowded marks keep the labels of their ends, the largest and the least, where no shorter wording helps', () => {
  const values = Array.from({ length: 30 }, (_, at) => ({ 11: 99, 21: 10 })[at] ?? 20 + at)
  const finding = found(written('marks', {}, values, room(400)), 'crowded')!
  expect(finding.fixes.map(({ layout }) => layout)).toEqual(['fewerLabels'])
  expect(found(written('marks', {}, values, room(2000)), 'crowded')).toBeUndefined()
})

const framed = (frame: readonly [number, number], middles: readonly number[], more = {}) => ({
  room: { width: 300, fontSize: 12, frame, middles, ...more },
})
const stackedIn = (across: number) => ({
  room: { width: 300, fontSize: 12, stacked: true, across, middles: [0, 150, 300] },
})
const thousands = [0, 500_000, 1_000_000]
describeCheck('cut-label', {
  finds: {
    'a last label past the edge': written('axis', {}, thousands, framed([0, 300], [20, 150, 295])),
    'a first label past it': written('marks', {}, [1e6, 5, 7], framed([0, 300], [5, 150, 250])),
    'labels at the left, too wide': written('axis', {}, thousands, stackedIn(30)),
    'one label wider than all': written('axis', {}, [12345678901234567890n.toString()], {
      room: { width: 60, fontSize: 12 },
    }),
    'a mark over the axis': written('marks', {}, [1e6, 5], framed([40, 300], [45, 200])),
    'edges of a legend': written('legend', {}, [1e6, 2e6], framed([0, 120], [10, 110])),
  },
  silent: {
    'labels within': written('axis', {}, thousands, framed([-40, 340], [0, 150, 300])),
    'room at the left': written('axis', {}, thousands, stackedIn(80)),
    'no room known': written('axis', {}, thousands),
    'a headline, which breaks': written('headline', {}, [1e12], {
      room: { width: 40, fontSize: 12 },
    }),
    'turned labels': written(
      'axis',
      {},
      thousands,
      framed([0, 300], [4, 150, 296], { turned: true }),
    ),
    'by less than the air of a letter': written('marks', {}, [8, 5], framed([0, 300], [3, 200])),
  },
})
