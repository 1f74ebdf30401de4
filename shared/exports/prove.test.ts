import { compared, ExportError, provedEqual } from './prove'

test('what is proved equal is counted', () => {
  expect(provedEqual('Read again', [1, 2], ['1', '2'], ['1', '2'])).toEqual({
    how: 'Read again',
    values: 2,
    equal: 2,
    differs: [],
  })
})

test.each([
  ['another label', ['1', '2'], ['1', '3'], /says "3" where the desk says "2"/],
  ['a label too few', ['1', '2'], ['1'], /says "" where the desk says "2"/],
  ['a label too many', ['1'], ['1', '2'], /says 2 where the desk says 1/],
])('%s is not given out', (_, labels, others, message) => {
  expect(() => provedEqual('Read again', [1, 2], labels, others)).toThrow(ExportError)
  expect(() => provedEqual('Read again', [1, 2], labels, others)).toThrow(message)
})

test('five of those that differ are told, each with its value', () => {
  const labels = ['1', '2', '3', '4', '5', '6', '7']
  const { equal, differs } = compared('Options', [1, 2, 3, 4, 5, 6, 7], labels, Array(7).fill('1'))
  expect(equal).toBe(1)
  expect(differs).toHaveLength(5)
  expect(differs[0]).toEqual({ value: '2', label: '2', other: '1' })
})
