import { decimal } from '~~/core/decimal/decimal'
import { FORMS } from '~~/shared/study'
import { drawingOf } from './drawing'
import { formTrouble, type Frame, geometryOf, wrapped } from './geometry'

const values = (...texts: string[]) => texts.map((text) => decimal(text))
const names = ['Farrow Ledge', 'Holm Skerry', 'Tarn Bight']
const draw = (numbers: string[], form: (typeof FORMS)[number] = 'columns', ticks = {}) => drawingOf({ category: 'site', aggregate: 'sum', form }, ticks, names.slice(0, numbers.length), values(...numbers))!
const frame: Frame = { width: 600, height: 300, fontSize: 13, left: 60, names: 90, lines: 1, second: null, under: 0 }

test.each(FORMS)('%s stand inside their frame, each mark with a place for its label', (form) => {
  const drawing = draw(['30', '20', '10'], form)
  const { marks, ticks, names: named } = geometryOf(form, drawing, frame)
  expect(marks).toHaveLength(3)
  for (const { x, y } of [...marks.map(({ label }) => label), ...ticks, ...named]) {
    expect(x).toBeGreaterThanOrEqual(0)
    expect(x).toBeLessThanOrEqual(frame.width)
    expect(y).toBeGreaterThanOrEqual(0)
    expect(y).toBeLessThanOrEqual(frame.height)
  }
})

test('columns reach from zero to their number, below it where that is negative', () => {
  const drawing = draw(['30', '-15', '0'])
  const { marks, ticks } = geometryOf('columns', drawing, frame)
  const zero = ticks[drawing.ticks.values.findIndex(({ coefficient }) => coefficient === 0n)]!.line[1]
  const boxes = marks.map(({ shape }) => shape as Extract<typeof shape, { kind: 'rect' }>)
  const byNumber = drawing.groups.map(({ value }, at) => [Number(value.coefficient), boxes[at]!] as const)
  for (const [number, box] of byNumber) {
    expect(number >= 0 ? box.y + box.height : box.y).toBeCloseTo(zero)
    expect(box.height > 0).toBe(number !== 0)
  }
  expect(boxes[0]!.height / boxes[2]!.height).toBeCloseTo(2)
})

test('on a log axis equal factors take equal room, and what it has no place for stands at its beginning', () => {
  const { marks } = geometryOf('columns', draw(['1000', '10', '0'], 'columns', { kind: 'log' }), frame)
  const heights = marks.map(({ shape }) => (shape as Extract<typeof shape, { kind: 'rect' }>).height)
  expect(heights[2]).toBe(0)
  const all = geometryOf('columns', draw(['1000', '100', '10'], 'columns', { kind: 'log' }), frame).marks.map(({ shape }) => (shape as Extract<typeof shape, { kind: 'rect' }>).y)
  expect(all[1]! - all[0]!).toBeCloseTo(all[2]! - all[1]!)
})

test('a second axis stands at the right, and its line leaves out what has no number', () => {
  const second = { ticks: [0, 0.5, 1], marks: [1, null, 0.5], room: 50 }
  const found = geometryOf('columns', draw(['3', '2', '1']), { ...frame, second })
  expect(found.second.every(({ x, anchor }) => x > frame.width - 50 && anchor === 'start')).toBe(true)
  expect(found.secondLine!.match(/M/g)).toHaveLength(2)
  expect(found.marksWidth).toBe(600 - 50 - 60)
})

test('a ring says that it has no place for a number below zero', () => {
  expect(formTrouble('ring', draw(['3', '-1'], 'ring'))).toMatch(/below zero/)
  expect([formTrouble('ring', draw(['3', '1'], 'ring')), formTrouble('columns', draw(['3', '-1']))]).toEqual(['', ''])
})

test('a name keeps to its room', () => {
  expect(wrapped('Farrow Ledge', 8, 2)).toEqual(['Farrow', 'Ledge'])
  expect(wrapped('Osprind Sound Kelp', 8, 2)).toEqual(['Osprind', 'Sound…'])
  expect(wrapped('Northmost', 6, 1)).toEqual(['North…'])
})
