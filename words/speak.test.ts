import { english as catalogue } from './en'
import { languageInUse } from './language'
import { type Messages, plural, speak } from './speak'

const english = languageInUse({})
const pseudo = languageInUse({ location: { search: '?language=pseudo' } })

test('a message without parameters is a text, one with parameters a function', () => {
  const said = speak({ cancel: 'Cancel', list: { hide: 'Hide {$name}' } }, english)
  expect(said.cancel).toBe('Cancel')
  expect(said.list.hide({ name: 'Site' })).toBe('Hide Site')
})

test('a year keeps its digits together', () =>
  expect(speak({ from: 'from {$year}' }, english).from({ year: 2031 })).toBe('from 2031'))

test('blanks at the ends of a message and escaped braces are part of its text', () => {
  const said = speak({ every: ' a tick every ', several: '\\{0\\} languages' }, english)
  expect(said).toEqual({ every: ' a tick every ', several: '{0} languages' })
})

test.each([
  [0, '0 rows'],
  [1, '1 row'],
  [2, '2 rows'],
  [300_000, '300,000 rows'],
])('a count of %d chooses its text and is written in groups', (count, text) => {
  const { rows } = speak({ rows: plural('count', '1 row', '{$count} rows') }, english)
  expect(rows({ count })).toBe(text)
})

test('a text of its own for zero is chosen before that of its plural', () => {
  const source = '.input {$count :count}\n.match $count\n0 {{none}}\none {{one}}\n* {{{$count}}}'
  const { some } = speak({ some: source }, english)
  expect([0, 1, 2].map((count) => (some as (of: object) => string)({ count }))).toEqual([
    'none',
    'one',
    '2',
  ])
})

test('lists are joined by “and” or “or”, with quotation marks where the message asks for them', () => {
  const said = speak(
    {
      and: 'except {$places :list}',
      or: 'either {$roles :list join=or}',
      quoted: 'for {$names :list quote=always}',
    },
    english,
  )
  expect(said.and({ places: ['a', 'b', 'c'] })).toBe('except a, b and c')
  expect(said.or({ roles: ['years', 'codes'] })).toBe('either years or codes')
  expect(said.quoted({ names: ['K', 'M'] })).toBe('for “K” and “M”')
})

test('the page’s address or the environment chooses the language; English is used otherwise', () => {
  expect(pseudo.decorate('Import')).toBe('⟦Import⟧')
  const environment = { process: { env: { IVORY_ABACUS_LANGUAGE: 'pseudo' } } }
  expect(languageInUse(environment)).toBe(pseudo)
  for (const search of ['', '?language=xx', '?language='])
    expect(languageInUse({ location: { search } })).toBe(english)
})

test('the bracketed language brackets texts, results of functions and nested messages', () => {
  const said = speak({ cancel: 'Cancel', list: { hide: 'Hide {$name}' }, none: '' }, pseudo)
  expect([said.cancel, said.list.hide({ name: 'Site' }), said.none]).toEqual([
    '⟦Cancel⟧',
    '⟦Hide Site⟧',
    '',
  ])
})

type Say = (params: object) => unknown
/** Every message of the catalogue with its id. */
const sourcesIn = (all: Messages, path: string[] = []): [string, string][] =>
  Object.entries(all).flatMap(([id, one]) =>
    typeof one === 'string' ? [[[...path, id].join('.'), one]] : sourcesIn(one, [...path, id]),
  )

test('every message of the catalogue can be read, with any text for its parameters', () => {
  const sources = sourcesIn(catalogue)
  const broken = sources.flatMap(([id, source]) => {
    const found = [...source.matchAll(/\{\$(\w+)( :count)?/g)]
    const texts = found.map(([, name]) => [name!, `[${name}]`])
    const counts = found.flatMap(([, name, isCount]) => (isCount ? [[name!, 2]] : []))
    const params = Object.fromEntries([...texts, ...counts])
    const said: unknown = speak({ said: source } as Messages, english).said
    const text = typeof said === 'function' ? String((said as Say)(params)) : String(said)
    return /\{\$/.test(text) ? [`${id}: ${text}`] : []
  })
  expect(broken).toEqual([])
  expect(sources.length).toBeGreaterThan(700)
})

test('a broken message throws when it is made, and says where', () => {
  expect(() => speak({ bad: 'Hide {|' } as Messages, english)).toThrow(/parse|syntax|missing/i)
})
