import { safeCell, scriptJson, terminalLine } from './escape'

test('JSON in a script ends neither it nor a line, and means the same', () => {
  const text = '</script><!-- \u2028 \u2029 "'
  expect(scriptJson(text)).not.toMatch(/[<\u2028\u2029]/)
  expect(JSON.parse(scriptJson(text))).toBe(text)
})

test.each([
  ['Harvest\u001b[31m\r\nnext\u009b', 'Harvest\\u001b[31m\\u000d\\u000anext\\u009b'],
  ['::error file=x::', '· ::error file=x::'],
  [' ##vso[task.complete]', '·  ##vso[task.complete]'],
  ['Harvest, axis: 1 µs – “2”', 'Harvest, axis: 1 µs – “2”'],
])('%j stands in a log as %j', (text, line) => expect(terminalLine(text)).toBe(line))

test.each([
  ['=1+1', "'=1+1"],
  ['@SUM(A1)', "'@SUM(A1)"],
  ['+cmd|x', "'+cmd|x"],
  ['-A1', "'-A1"],
  ['-5.2', '-5.2'],
  ['+3 %', '+3 %'],
  ['−5', '−5'],
  ['Holm', 'Holm'],
])('%j is written %j', (cell, safe) => expect(safeCell(cell)).toBe(safe))
