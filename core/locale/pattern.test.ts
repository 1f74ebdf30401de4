import { parsePattern } from './pattern'

test('a plain pattern has groups and no affixes', () => {
  expect(parsePattern('#,##0.###')).toEqual({
    positive: { prefix: [], suffix: [] },
    negative: null,
    zeros: 1,
    grouping: { first: 3, rest: 3 },
  })
})

test('groups of two after the first are kept', () => {
  expect(parsePattern('#,##,##0.###').grouping).toEqual({ first: 3, rest: 2 })
  expect(parsePattern('#,#0.###').grouping).toEqual({ first: 2, rest: 2 })
  expect(parsePattern('#').grouping).toBeNull()
})

test('placeholders are told from text', () => {
  expect(parsePattern('¤#,##0.00').positive.prefix).toEqual(['¤'])
  expect(parsePattern('#,##0\u00a0%').positive.suffix).toEqual([{ text: '\u00a0' }, '%'])
  expect(parsePattern('\u200f-#,##0.00').positive.prefix).toEqual([{ text: '\u200f' }, '-'])
})

test('a negative subpattern stands behind a semicolon', () => {
  const { negative } = parsePattern('¤#,##0.00;(¤#,##0.00)')
  expect(negative).toMatchObject({ prefix: [{ text: '(' }, '¤'], suffix: [{ text: ')' }] })
})

test('quoted text is taken as it is, doubled quotes are one', () => {
  expect(parsePattern("0 Mio'.'").positive.suffix).toEqual([{ text: ' Mio.' }])
  expect(parsePattern("0'%'").positive.suffix).toEqual([{ text: '%' }])
  expect(parsePattern("0 o''clock").positive.suffix).toEqual([{ text: " o'clock" }])
})

test('zeros are counted before the decimal mark alone', () => {
  expect(parsePattern('00K').zeros).toBe(2)
  expect(parsePattern('000 millones').zeros).toBe(3)
  expect(parsePattern('#,##0.00').zeros).toBe(1)
})

test('a pattern can be a word without a number', () => {
  expect(parsePattern('mille')).toMatchObject({
    positive: { prefix: [{ text: 'mille' }], suffix: [] },
    zeros: 0,
  })
})
