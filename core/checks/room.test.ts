import { textWidth } from '../text/advance'
import { axis, describeCheck, found, written } from './testing/cases'
import type { Room } from './types'

const room = (width: number, more: Partial<Room> = {}) => ({ room: { width, fontSize: 12, ...more } })
const millions = [1_200_000, 3_400_000, 5_600_000]
describeCheck('crowded', {
  finds: {
    'whole digits on a narrow axis': axis({}, [0, 2e6], 500_000, room(200)),
    'decimals on an axis': axis({ fraction: [3, 3] }, [0, 1], 0.125, room(200)),
    'marks wider than their share': written('marks', {}, millions, room(120)),
    'a column too narrow for its numbers': written('table', {}, [1_234_567, 5], room(40)),
    'a tooltip': written('tooltip', { unit: { kind: 'symbol', text: 'kilograms of fresh kelp' } }, [1_234_567], room(90)),
    'large type': axis({}, [0, 2e6], 500_000, room(240, { fontSize: 18 })),
    'bold type in room for light': written('table', {}, [1_234_567], room(textWidth('1,234,567', 12) + 0.5, { weight: '600' })),
  },
  silent: {
    'an axis with room': axis({}, [0, 2e6], 500_000, room(600)),
    'short labels on a narrow axis': axis({ notation: 'scaled', rung: 'shared', fraction: [1, 1] }, [0, 2e6], 500_000, room(200)),
    'turned labels': axis({}, [0, 2e6], 500_000, room(200, { turned: true })),
    'a room that is not known': written('marks', {}, millions),
    'a column as wide as its widest': written('table', {}, [1_234_567], room(textWidth('1,234,567', 12))),
    'one tick': axis({}, [5, 5], 1, room(4)),
    'nothing': written('marks', {}, [], room(10)),
    'two ticks at the ends of a longer axis': written('axis', {}, [0, 1_000_000], room(60)),
  },
})

test('a crowded axis says how much is lacking, and is mended by fewer digits or fewer ticks', () => {
  const finding = found(axis({}, [0, 2e6], 500_000, room(200)), 'crowded')!
  expect(finding.message).toBe('“1,000,000” and “1,500,000” have 3 px between them: 3 of 5 labels have too little room in 200 px.')
  expect(finding.fixes.map(({ title }) => title)).toEqual(['Write all with one symbol', 'Step by 1,000,000'])
})

test('texts are as wide as their characters in the shipped typeface', () => {
  expect(textWidth('1,234', 13)).toBeCloseTo(textWidth('1', 13) * 4 + textWidth(',', 13), 9)
  expect(textWidth('8', 10)).toBe(textWidth('1', 10))
  expect(textWidth('1M', 20)).toBe(2 * textWidth('1M', 10))
  expect(textWidth('10⁵', 10)).toBeGreaterThan(textWidth('10', 10))
  expect(textWidth('億', 10)).toBe(10)
  expect(textWidth('\u200e1', 10)).toBe(textWidth('1', 10))
})
