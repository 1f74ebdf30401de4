import { codeHeader, commentOf, renewal, withoutHeader } from './provenance'

const from = { study: 'Nets\n& <!-- traps', revision: 7, file: "o'clock.study.json" }
const of = { quantity: '</script><b>\u2028Haul', level: 'axis' } as const

test('a header says what it is, where it comes from and how to make it again, in three lines', () => {
  const header = codeHeader(from, 'module', of)
  expect(header.match(/\n/g)).toHaveLength(3)
  expect(header).not.toMatch(/<\/script|<!--|\u2028/)
  expect(header).toContain('is written on the axis.\n')
  expect(header).toContain('from the study “Nets & < !-- traps”, revision 7.')
  expect(withoutHeader(`${header}export {}\n`)).toBe('export {}\n')
})

test('the command that makes it again is one that a shell takes as it stands', () => {
  expect(renewal(from, 'csv', { quantity: 'Haul', level: 'quantity' })).toBe(
    String.raw`ivory-abacus export 'o'\''clock.study.json' --as csv --quantity Haul --out .`,
  )
})

test('nothing ends a comment of HTML before its end', () => {
  const comment = commentOf(['a --> b', 'c --!> d', 'ivory-abacus export --as html'])
  expect(comment.match(/--!?>/g)).toEqual(['-->'])
  expect(comment).toContain('--as html')
  expect(withoutHeader(`${comment}\n<table>`)).toBe('<table>')
})
