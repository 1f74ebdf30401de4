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
  ["-2+3+cmd|' /C calc'!A0", "'-2+3+cmd|' /C calc'!A0"],
  ['-1-2', "'-1-2"],
  ['-5/3', "'-5/3"],
  ['-SUM(1)', "'-SUM(1)"],
  ['+44 20|x', "'+44 20|x"],
  ['\n=1', "'\n=1"],
  ['-€0.50', '-€0.50'],
  ['-$1.2M', '-$1.2M'],
  ['-US$5', '-US$5'],
  ['-SEK\u00a01.4M', '-SEK\u00a01.4M'],
  ['-12.5%', '-12.5%'],
  ['-1.2e-5', '-1.2e-5'],
  ['-1.2×10⁻⁵', '-1.2×10⁻⁵'],
  ['-5 km/h', '-5 km/h'],
  ['-6 … -4', '-6 … -4'],
  ['-4.2(3)\u00a0M', '-4.2(3)\u00a0M'],
  ['-4.2 ± 0.3 M', '-4.2 ± 0.3 M'],
  ['-12,34,567', '-12,34,567'],
  ['-∞', '-∞'],
  ['-.5', '-.5'],
  ['-5.2', '-5.2'],
  ['+3 %', '+3 %'],
  ['−5', '−5'],
  ['Holm', 'Holm'],
])('%j is written %j', (cell, safe) => expect(safeCell(cell)).toBe(safe))
