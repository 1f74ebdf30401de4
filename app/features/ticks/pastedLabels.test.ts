import { pastedLabels } from './pastedLabels'

test.each<[string, string, string[]]>([
  ['a column of cells', '0\n0.1\n0.3\n', ['0', '0.1', '0.3']],
  ['a row of cells', '0\t1M\t2M', ['0', '1M', '2M']],
  ['lines of another system', '0\r\n1,5\r\n3', ['0', '1,5', '3']],
  ['an empty one between', 'low\n\nhigh', ['low', '', 'high']],
  ['one line with commas', '0, 0.1, 0.3', ['0', '0.1', '0.3']],
  ['one line of decimal commas', '0; 1,5; 3', ['0', '1,5', '3']],
  ['groups, which part nothing', '1,000', ['1,000']],
  ['JSON', '["0", 0.5, null, "1"]', ['0', '0.5', '', '1']],
])('%s', (_, text, labels) => expect(pastedLabels(text)).toEqual(labels))

test('no more than there may be', () => expect(pastedLabels('1\n'.repeat(5000))).toHaveLength(1000))
