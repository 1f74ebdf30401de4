import fc from 'fast-check'
import { intake, type Taking } from './intake'
import { columnReasonText, rowsText } from '../study/columnReasonText'

function taken(
  texts: readonly string[],
  { mark = '.', delimiter = ',', keepsTexts = true }: Partial<Taking> = {},
) {
  const column = intake({ mark, delimiter, keepsTexts })
  texts.forEach(column.push)
  return { ...column.finish('depth'), votes: column.votes }
}

test.each<[string, string[], string, string]>([
  [
    'four of five cells',
    ['1', '2', '3', '4', 'deep'],
    'number',
    'Numbers: 4 of 5 cells are numbers; 1 cannot be read (row 5)',
  ],
  [
    'one word',
    ['1', '2', 'deep'],
    'number',
    'Numbers: 2 of 3 cells are numbers; 1 cannot be read (row 3)',
  ],
  [
    'three of five cells',
    ['1', '2', '3', 'deep', 'low'],
    'text',
    'Text: only 3 of 5 cells are numbers',
  ],
  ['codes', ['0042', '17', '18', '19', '20', '21'], 'text', 'Codes: numbers that start with zero'],
  ['zero and parts of one', ['0', '0.5', '-0.25'], 'number', 'Numbers: all 3 cells are numbers'],
  ['nothing', ['', ' ', ''], 'text', 'Text: every cell is empty'],
  ['words', ['deep', 'shallow'], 'text', 'Text: no cell is a number'],
  ['numbers and gaps', ['1', '', '3'], 'number', 'Numbers: all 2 cells are numbers'],
])('%s: what the column is, and why', (_, texts, kind, reason) => {
  const column = taken(texts)
  expect([column.kind, columnReasonText(column.reason!, column.role)]).toEqual([kind, reason])
})

test('a numeric column loses no cell: numbers, gaps and what cannot be read are all told', () => {
  const odd: Record<string, string | null> = { '': null, deep: null, '1.2M': '1200000' }
  const cell = fc.oneof(
    fc.integer().map(String),
    fc.constantFrom('', 'deep', '1.2M', '99999999999999999999'),
  )
  fc.assert(
    fc.property(fc.array(cell, { minLength: 1, maxLength: 40 }), (texts) => {
      const { kind, cells, unread, missing } = taken([
        ...texts,
        ...Array.from({ length: 200 }, (_, at) => String(at)),
      ])
      const read = cells!().slice(0, texts.length)
      expect(kind).toBe('number')
      expect(missing).toBe(texts.filter((text) => text === '').length)
      expect(unread!.map(({ row, text }) => [row, text])).toEqual(
        texts.flatMap((text, at) => (read[at] === null && text !== '' ? [[at + 1, text]] : [])),
      )
      texts.forEach((text, at) => expect(read[at]).toBe(text in odd ? odd[text] : text))
    }),
  )
})

test('digits that doubles would cut are kept as text, and the column with them', () => {
  const { doubles, cells } = taken(['9007199254740993', '1.5'], { keepsTexts: false })
  expect([doubles, cells!()]).toEqual([null, ['9007199254740993', '1.5']])
  expect([...taken(['9007199254740992', '1.5'], { keepsTexts: false }).doubles!]).toEqual([
    9007199254740992, 1.5,
  ])
})

test('a column that turns out to hold text is read anew where its numbers’ texts were not kept', () => {
  const column = intake({ mark: '.', delimiter: ',', keepsTexts: false })
  for (const text of ['1', 'deep', 'shallow']) column.push(text)
  expect(column.finish('depth')).toBeNull()
  expect(taken(['1', 'deep', 'shallow']).cells!()).toEqual(['1', 'deep', 'shallow'])
})

test('cells vote for the mark that they use', () => {
  expect(taken(['1.5', '2.75']).votes).toBeGreaterThan(0)
  expect(taken(['1,5', '2,75'], { mark: ',', delimiter: ';' }).votes).toBeLessThan(0)
})

test('rows are named up to five', () => {
  expect([rowsText([7]), rowsText([7, 12]), rowsText([1, 2, 3, 4, 5, 6, 7, 8])]).toEqual([
    'row 7',
    'rows 7, 12',
    'rows 1, 2, 3, 4, 5 and 3 more',
  ])
})
