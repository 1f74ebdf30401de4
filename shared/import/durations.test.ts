import { durationIn } from './durations'
import { readTable, type Said } from './table'

/** The column `stay` of a table with these cells. */
function stay(cells: readonly string[], said?: Said, name = 'stay') {
  const rows = cells.map((cell, at) => `row ${at},"${cell}"`)
  return readTable(`berth,${name}\n${rows.join('\n')}`, said).columns[1]!
}
const minutes = { kind: 'measure', id: 'minute' }
const seconds = { kind: 'measure', id: 'second' }

test.each<[string, string[], (string | null)[], object, object]>([
  ['hours and minutes', ['1:30', '0:45', '12:05'], ['90', '45', '725'], minutes, { form: 'h:mm' }],
  ['three places', ['1:30:05', '0:00:59'], ['5405', '59'], seconds, { form: 'h:mm:ss' }],
  ['two and three places', ['58:05', '1:02:00'], ['3485', '3720'], seconds, { form: 'h:mm:ss' }],
  ['parts of a second', ['1:30.25', '0:59.9'], ['90.25', '59.9'], seconds, { form: 'm:ss' }],
  ['below zero', ['-1:30', '0:45'], ['-90', '45'], minutes, { form: 'h:mm' }],
  ['gaps', ['1:30', '', '2:00'], ['90', null, '120'], minutes, { form: 'h:mm' }],
])('%s of a clock are numbers', (_, cells, values, unit, clock) => {
  const column = stay(cells)
  expect(column.kind).toBe('number')
  expect(column.cells()).toEqual(values)
  expect(column).toMatchObject({ unit, style: { notation: 'clock', clock } })
})

test.each<[string[], string[], object]>([
  [['2 h 15 min', '45 min', '1 h'], ['135', '45', '60'], minutes],
  [['2h15', '1h 30m'], ['135', '90'], minutes],
  [['1 d 2 h', '3 h 30 min'], ['1560', '210'], minutes],
  [['1 min 5 s', '59 s'], ['65', '59'], seconds],
  [['PT1H30M', 'PT45M'], ['90', '45'], minutes],
  [['1 hour, 5 minutes', '2 hours 30 minutes'], ['65', '150'], minutes],
])('%j are numbers of minutes or of seconds', (cells, values, unit) => {
  const column = stay(cells)
  expect([column.kind, column.cells(), column.unit]).toEqual(['number', values, unit])
})

test('two places are asked where nothing tells what they mean, and read as their owner says', () => {
  const cells = ['1:30', '2:15']
  expect(stay(cells).asks).toEqual([{ about: 'duration', choices: ['h:mm', 'm:ss'], cells }])
  const said = stay(cells, { durations: { stay: 'm:ss' } })
  expect([said.cells(), said.unit, said.asks]).toEqual([['90', '135'], seconds, undefined])
  expect(said.style).toEqual({ notation: 'clock', clock: { form: 'm:ss' } })
  expect(stay(cells, {}, 'Stay (h:mm)').asks).toBeUndefined()
  expect(stay(cells, {}, 'Lap (min)')).toMatchObject({ unit: seconds, rule: 'as m:ss, in seconds' })
})

test('times of the day and other texts stay texts', () => {
  expect(stay(['08:15', '09:40', '17:05']).kind).toBe('text')
  expect(stay(['8:15', '9:40'], {}, 'Departure').kind).toBe('text')
  expect(stay(['1:75', '2:80']).kind).toBe('text')
  expect(stay(['12 m', '15 m']).unit).toEqual({ kind: 'measure', id: 'meter' })
})

test.each([
  '',
  'h',
  '1:2:3:4',
  '1:5',
  '5 min 2 h',
  '2 h 3 h',
  '5 apples 2',
  ':30',
  'P',
  'PT',
  'x1:30',
])('%j is no length of time', (text) => expect(durationIn(text)).toBeNull())

test('a cell that is no time among times is told by its row', () => {
  const { unread } = stay(['1:30', '2:15', '0:45', '3:00', 'late'])
  expect(unread).toEqual([{ row: 5, text: 'late' }])
})
