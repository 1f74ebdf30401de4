import { decimal, toText } from '../decimal/decimal'
import { resolve } from '../label/resolve'
import { columnsIn, sayMessage } from './message'
import type { Prose } from './prose'
import { moorings } from './testing/moorings'
import { rangeLabel } from './ranges'

const SHALLOWEST =
  'Shallowest: {mooring :where least=|depth m|}, {|depth m| :least}, laid {laid :days least=|depth m|} days ago'

test('a sentence says the row of the least, its number and its date, and follows the rows that are shown', () => {
  expect(sayMessage(SHALLOWEST, moorings())).toMatchObject({
    text: 'Shallowest: Hythe Sands, 2.9 m, laid 1120 days ago',
    problems: [],
  })
  expect(sayMessage(SHALLOWEST, moorings([1])).text).toBe(
    'Shallowest: Farrow Ledge, 4.2 m, laid 212 days ago',
  )
})

test.each([
  ['{|depth m| :total}', '7.1 m'],
  ['{|depth m| :mean}', '3.5 m'],
  ['{|depth m| :span}', '2.9 m to 4.2 m'],
  ['{|depth m| :count} of them', '2 of them'],
  ['{$total} in all, {$name} first', '7.1 m in all, Hythe Sands first'],
  ['{|north m| :where largest=|depth m|}', '1240 north'],
  ['{laid :date largest=|depth m| style=medium}', 'Apr 25, 2026'],
  ['{laid :date largest=|depth m| month=long year=numeric}', 'April 2026'],
  ['{laid :date largest=|depth m| weekday=short day=2-digit}', '25 Sat'],
  ['.input {$total :label} .match $total * {{{$total} is all}}', '7.1 m is all'],
])('%s says %s', (source, text) => {
  expect(sayMessage(source, moorings())).toMatchObject({ text, problems: [] })
})

test('a count takes its plural', () => {
  const source = '.local $n = {|depth m| :count} .match $n one {{one mooring}} * {{{$n} moorings}}'
  expect([sayMessage(source, moorings()).text, sayMessage(source, moorings([0])).text]).toEqual([
    '2 moorings',
    'one mooring',
  ])
})

test('numbers of its own column are given to the checks, and what others say is left out of the checked text', () => {
  const said = sayMessage('{|depth m| :least} deep, {|north m| :largest}, 40 more', moorings())
  expect(said.numbers.map(toText)).toEqual(['2.875'])
  expect(said.ownText).toBe('2.9 m deep,  , 40 more')
})

test.each([
  ['{depth :least}', /there is no column “depth”; the columns are mooring, laid, depth m, north m/],
  ['{mooring :total}', /“mooring” is a column of text; it has no numbers/],
  ['{mooring :where}', /needs least= or largest=/],
  ['{laid :days largest=|north m|}', /“soon” in laid is no date such as 2026-04-25/],
  ['{$nobody}', /\$nobody/],
  ['{12 :number}', /it takes a number of the chart/],
  ['{laid :date largest=|depth m| style=tiny}', /style=tiny is not known; it takes full, long,/],
  ['{laid :date largest=|depth m| colour=red}', /:date has no option colour; it takes least,/],
  ['{$total :label digits=2}', /:label has no option digits; it takes none: the style says/],
])('%s is told what is wrong, and the rest is still said', (source, problem) => {
  const { text, problems } = sayMessage(`Deep: ${source}.`, moorings())
  expect(problems[0]!.message).toMatch(problem)
  expect(text).toMatch(/^Deep: \{.*\}\.$/)
})

test('a word in braces that nothing says is told at its place, with what there is', () => {
  const { text, problems } = sayMessage('Deep: {nope} and {|quoted|}', moorings())
  expect(text).toBe('Deep: nope and quoted')
  expect(problems).toEqual([
    { message: expect.stringMatching(/\{nope\}: nothing is called so.*\{\$total\}/), at: [6, 12] },
  ])
  expect(sayMessage('{laid}', moorings()).problems[0]!.message).toContain(
    '{laid :where largest=|depth m|}',
  )
})

test('a broken syntax is told with its place', () => {
  expect(sayMessage('Deep: {|depth m| :least', moorings()).problems).toEqual([
    { message: expect.stringMatching(/at character 2\d/), at: expect.any(Array) },
  ])
})

test('the columns that it speaks of are found, operands and options alike', () => {
  expect(columnsIn(SHALLOWEST, ['mooring', 'laid', 'depth m', 'north m'])).toEqual([
    'mooring',
    'laid',
    'depth m',
  ])
  expect(columnsIn('{broken', ['mooring'])).toEqual([])
})

test('dates in the order of a region are read by the whole column; where that is unclear the message says it', () => {
  const written = (texts: string[]): Prose => ({
    ...moorings([0, 1]),
    columns: new Map([...moorings([0, 1]).columns, ['laid', { texts }]]),
  })
  const say = (source: string, texts: string[]) => sayMessage(source, written(texts))
  expect(say('{laid :date least=|depth m|}', ['03/04/2026', '25/04/2026']).text).toBe(
    'April 3, 2026',
  )
  const unclear = say('{laid :date least=|depth m|}', ['03/04/2026', '05/04/2026'])
  expect(unclear.problems[0]!.message).toMatch(/say which with order=dmy or order=mdy/)
  expect(say('{laid :date least=|depth m| order=mdy}', ['03/04/2026', '05/04/2026']).text).toBe(
    'March 4, 2026',
  )
})

test.each([
  [{ notation: 'scaled' }, '10000', '20000', '10–20K'],
  [{ notation: 'scaled' }, '900000', '1200000', '900K–1.2M'],
  [{ unit: { kind: 'currency', code: 'EUR' } }, '5', '10', '€5.00–10.00'],
  [{ unit: { kind: 'symbol', text: 'kg' } }, '5', '10', '5–10\u00a0kg'],
  [{ unit: { kind: 'currency', code: 'EUR' }, fraction: [0, 0] }, '-10', '5', '-€10 to €5'],
  [{ notation: 'scientific', exponent: 5 }, '100000', '250000', '1–2.5×10⁵'],
  // What stands before a sign is said at both ends: said once it would stand for the first alone.
  [{ before: 'about ' }, '-10', '-5', 'about -10 to about -5'],
  [{ before: 'about ' }, '5', '10', 'about 5–10'],
] as const)('%j writes the range from %s to %s as %s', (style, from, to, label) => {
  expect(rangeLabel(resolve(style as never), decimal(from), decimal(to))).toBe(label)
})
