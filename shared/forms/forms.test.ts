import { decimal } from '../../core/decimal/decimal'
import { drawingOf } from '../page/drawing'
import { wrapped } from '../page/layout'
import { type FormId, FORM_IDS, forms } from '.'
import { mirroredForm } from './mirror'
import type { Drawing, Frame } from './types'

const geometryOf = (form: FormId, drawing: Drawing, within: Frame) =>
  forms[form].layout(drawing, within)
const formTrouble = (form: FormId, drawing: Drawing) => forms[form].trouble?.(drawing) ?? ''
const values = (...texts: string[]) => texts.map((text) => decimal(text))
const names = ['Farrow Ledge', 'Holm Skerry', 'Tarn Bight']
const draw = (numbers: string[], form: (typeof FORM_IDS)[number] = 'columns', ticks = {}) =>
  drawingOf({ category: 'site', aggregate: 'sum', form }, ticks, {
    categories: names.slice(0, numbers.length),
    values: values(...numbers),
  })!
const frame: Frame = {
  width: 600,
  height: 300,
  fontSize: 13,
  left: 60,
  names: 90,
  ends: 76,
  lines: 1,
  second: null,
  under: 0,
}

test.each(FORM_IDS)('%s stand inside their frame, each mark with a place for its label', (form) => {
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
  const zero =
    ticks[drawing.ticks.values.findIndex(({ coefficient }) => coefficient === 0n)]!.line[1]
  const boxes = marks.map(({ shape }) => shape as Extract<typeof shape, { kind: 'rect' }>)
  const byNumber = drawing.groups.map(
    ({ value }, at) => [Number(value.coefficient), boxes[at]!] as const,
  )
  for (const [number, box] of byNumber) {
    expect(number >= 0 ? box.y + box.height : box.y).toBeCloseTo(zero)
    expect(box.height > 0).toBe(number !== 0)
  }
  expect(boxes[0]!.height / boxes[2]!.height).toBeCloseTo(2)
})

test('names that would be cut until they read alike are told in full, every so many', () => {
  const days = Array.from({ length: 9 }, (_, at) => `2023-01-0${at + 1}`)
  const drawing = drawingOf(
    { category: 'day', aggregate: 'sum', form: 'columns' },
    {},
    {
      categories: days,
      values: values(...days.map((_, at) => String(at + 1))),
    },
  )!
  const { names: named } = geometryOf('columns', drawing, { ...frame, width: 400 })
  expect(named.length).toBeLessThan(days.length)
  for (const { at, room, lines } of named)
    expect(wrapped(drawing.groups[at]!.category, { room, lines })).toEqual([
      drawing.groups[at]!.category,
    ])
  expect(geometryOf('columns', drawing, { ...frame, width: 900 }).names).toHaveLength(9)
})

test.each(['columns', 'bars', 'ring'] as const)(
  'in %s, long names that differ at their ends are told by these, each whole in its frame',
  (form) => {
    const long = (at: number) =>
      `The landing place of all boats of the sound and its islands, no. ${at}`
    const drawing = drawingOf(
      { category: 'place', aggregate: 'sum', form },
      {},
      { categories: [1, 2, 3, 4].map(long), values: values('4', '3', '2', '1') },
    )!
    const { names: named } = geometryOf(form, drawing, frame)
    const told = named.map((place) => wrapped(drawing.groups[place.at]!.category, place).join(' '))
    expect(new Set(told).size).toBe(4)
    for (const [at, one] of told.entries()) {
      expect(one).toMatch(/^….*no\. \d$/)
      expect(one.length).toBeLessThanOrEqual(named[at]!.room)
    }
  },
)

test('on a log axis equal factors take equal room, and what it has no place for stands at its beginning', () => {
  const { marks } = geometryOf(
    'columns',
    draw(['1000', '10', '0'], 'columns', { kind: 'log' }),
    frame,
  )
  const heights = marks.map(
    ({ shape }) => (shape as Extract<typeof shape, { kind: 'rect' }>).height,
  )
  expect(heights[2]).toBe(0)
  const all = geometryOf(
    'columns',
    draw(['1000', '100', '10'], 'columns', { kind: 'log' }),
    frame,
  ).marks.map(({ shape }) => (shape as Extract<typeof shape, { kind: 'rect' }>).y)
  expect(all[1]! - all[0]!).toBeCloseTo(all[2]! - all[1]!)
})

test('a second axis stands at the right, and its line leaves out what has no number', () => {
  const second = { ticks: [0, 0.5, 1], marks: [1, null, 0.5], room: 50 }
  const found = geometryOf('columns', draw(['3', '2', '1']), { ...frame, second })
  expect(found.second.every(({ x, anchor }) => x > frame.width - 50 && anchor === 'start')).toBe(
    true,
  )
  expect(found.secondLine!.match(/M/g)).toHaveLength(2)
  expect(found.marksWidth).toBe(600 - 50 - 60)
})

test('a ring says that it has no place for a number below zero', () => {
  expect(formTrouble('ring', draw(['3', '-1'], 'ring'))).toMatch(/below zero/)
  expect([
    formTrouble('ring', draw(['3', '1'], 'ring')),
    formTrouble('columns', draw(['3', '-1'])),
  ]).toEqual(['', ''])
})

test('a name keeps to its room', () => {
  expect(wrapped('Farrow Ledge', { room: 8, lines: 2 })).toEqual(['Farrow', 'Ledge'])
  expect(wrapped('Osprind Sound Kelp', { room: 8, lines: 2 })).toEqual(['Osprind', 'Sound…'])
  expect(wrapped('Northmost', { room: 6, lines: 1 })).toEqual(['North…'])
})

const sites = ['a', 'a', 'a', 'b', 'b', 'c']
const species = ['crown', 'ribbon', 'crown', 'ribbon', 'sugar', 'crown']
const stacked = (numbers: string[], chart: Partial<Parameters<typeof drawingOf>[0]> = {}) =>
  drawingOf(
    { category: 'site', aggregate: 'sum', colour: 'species', ...chart },
    {},
    { categories: sites, values: values(...numbers), colours: species },
  )!

test('pieces of one colour each add up to their column, the largest colour at the bottom', () => {
  const drawing = stacked(['1', '2', '3', '4', '5', '20'])
  expect(drawing.stacks!.names).toEqual(['crown', 'ribbon', 'sugar'])
  expect(
    drawing.stacks!.pieces.map((own) => own.map(({ coefficient }) => Number(coefficient))),
  ).toEqual([
    [20, 0, 0],
    [0, 4, 5],
    [4, 2, 0],
  ])
  const { marks } = geometryOf('columns', drawing, frame)
  const plain = geometryOf('columns', { ...drawing, stacks: null }, frame).marks
  marks.forEach(({ shape }, at) => {
    const { rects } = shape as Extract<typeof shape, { kind: 'stack' }>
    const whole = plain[at]!.shape as Extract<typeof shape, { kind: 'rect' }>
    expect(rects.reduce((sum, { height }) => sum + height, 0)).toBeCloseTo(whole.height)
    expect(rects[0]!.y + rects[0]!.height).toBeCloseTo(whole.y + whole.height)
  })
})

test('what cannot be stacked is drawn in one colour, and it says why', () => {
  expect(stacked(['1', '2', '-3', '4', '5', '20'])).toMatchObject({
    stacks: null,
    trouble: expect.stringMatching(/below zero/),
  })
  expect(stacked(['1', '2', '3', '4', '5', '20'], { aggregate: 'mean' })).toMatchObject({
    stacks: null,
    trouble: expect.stringMatching(/mean/),
  })
  expect(stacked(['1', '2', '3', '4', '5', '20'], { form: 'line' })).toMatchObject({
    stacks: null,
    trouble: expect.stringMatching(/columns and bars/),
  })
})

test('of more names than colours the least are one', () => {
  const names = Array.from({ length: 9 }, (_, at) => `kind ${at}`)
  const { stacks } = drawingOf(
    { category: 'site', aggregate: 'sum' },
    {},
    {
      categories: names.map(() => 'a'),
      values: names.map((_, at) => decimal(at + 1)),
      colours: names,
    },
  )!
  expect(stacks!.names).toEqual(['kind 8', 'kind 7', 'kind 6', 'kind 5', 'kind 4', 'others'])
  expect(stacks!.pieces[0]!.map(({ coefficient }) => Number(coefficient))).toEqual([
    9, 8, 7, 6, 5, 10,
  ])
})

test('a spread tells its least, median and largest, and stands highest where most rows are', () => {
  const numbers = ['0', '50', '51', '51.5', '52', '52.5', '100']
  const drawing = drawingOf(
    { category: null, aggregate: 'sum', form: 'distribution' },
    {},
    { categories: numbers, values: values(...numbers) },
  )!
  expect(
    drawing.groups.map(
      ({ category, value }) => `${category} ${Number(value.coefficient) * 10 ** value.exponent}`,
    ),
  ).toEqual(['least 0', 'median 51.5', 'largest 100'])
  expect(
    drawing.density!.indexOf(Math.max(...drawing.density!)) / drawing.density!.length,
  ).toBeCloseTo(0.5, 1)
  const { marks, area } = geometryOf('distribution', drawing, frame)
  expect(area).toMatch(/^M/)
  expect(marks[1]!.label.y).toBeLessThan(marks[0]!.label.y)
})

describe('on a page that is read from right to left', () => {
  const pathOf = (d: string | null) =>
    [...(d ?? '').matchAll(/[ML]([\d.]+),/g)].map(([, x]) => Number(x))

  test.each(FORM_IDS)('%s stand as in a mirror, words at their marks', (form) => {
    const drawing = draw(['30', '20', '-10'], form)
    const own = geometryOf(form, drawing, frame)
    const there = mirroredForm(forms[form]).layout(drawing, frame)
    const flipped = (x: number) => frame.width - x
    expect(there.ticks.map(({ x }) => x)).toEqual(own.ticks.map(({ x }) => flipped(x)))
    expect(there.names.map(({ x, anchor }) => [flipped(x), anchor])).toEqual(
      own.names.map(({ x, anchor }) => [x, anchor]),
    )
    expect(pathOf(there.line).map(flipped)).toEqual(pathOf(own.line))
    for (const [at, { shape, label }] of there.marks.entries()) {
      expect(flipped(label.x)).toBeCloseTo(own.marks[at]!.label.x)
      const before = own.marks[at]!.shape
      if (shape.kind === 'rect' && before.kind === 'rect') {
        expect(flipped(shape.x + shape.width)).toBeCloseTo(before.x)
        expect(shape.y).toBe(before.y)
      }
    }
  })

  test('a label in a bar stands at its end, which is its left', () => {
    const area = { x: 100, y: 10, width: 300, height: 30 }
    const label = { x: 94, y: 20, anchor: 'start', rises: false } as const
    const spot = mirroredForm(forms.bars).inside!(area, label, { width: 50, height: 20, line: 16 })
    expect(spot).toMatchObject({ x: 105, anchor: 'end' })
  })
})
