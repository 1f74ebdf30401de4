import { NOTATION_IDS, notationOf, notations } from '.'
import type { ByPlural } from '../locale/types'
import { DEFAULTS } from '../style/fields'
import { constantOf } from './multiple'
import type { CompactPatterns, NotationStyle, SharedLevel } from './types'

const none: CompactPatterns = { symbol: null, word: null }
/** A set whose largest label stands on the third rung, and on 10⁵. */
const shared: SharedLevel = { rung: () => 2, exponent: () => 5 }
const contributed = (style: Partial<NotationStyle> & { notation: string }, compact = none) => {
  const whole = { ...DEFAULTS, ...style } as unknown as NotationStyle
  return notations[style.notation as keyof typeof notations].contribute(whole, shared, compact)
}
const rungsOf = (style: Partial<NotationStyle>, compact = none) =>
  contributed({ ...style, notation: 'scaled' }, compact)
const written = (style: Partial<NotationStyle>) =>
  rungsOf(style)
    .rungs.slice(0, 4)
    .map(({ text, gap }) => gap + text)

test('each notation stands under its id, with words of its own', () => {
  for (const id of NOTATION_IDS) expect(notationOf({ notation: id }).id).toBe(id)
  for (const key of ['title', 'phrase'] as const)
    expect(new Set(NOTATION_IDS.map((id) => notations[id][key])).size).toBe(NOTATION_IDS.length)
})

test('what a notation has is said once', () => {
  const having = (what: 'hasRungs' | 'hasExponent' | 'countsConstant' | 'hasAllDigits') =>
    NOTATION_IDS.filter((id) => notations[id][what])
  expect(having('hasAllDigits')).toEqual(['plain'])
  expect(having('hasRungs')).toEqual(['scaled'])
  expect(having('hasExponent')).toEqual(['scientific', 'engineering'])
  expect(having('countsConstant')).toEqual(['multiple'])
})

test('whole digits stand on the units', () => {
  expect(contributed({ notation: 'plain' })).toMatchObject({
    rungs: [{ power: 0, text: '' }],
    fixedRung: 0,
    beyond: null,
    exponent: null,
    multiple: null,
    patterns: null,
  })
})

test.each([
  ['scientific', 1],
  ['engineering', 3],
] as const)('%s steps by %d; its exponent is each, shared, or a given one', (notation, step) => {
  const exponentOf = (exponent: NotationStyle['exponent']) =>
    contributed({ notation, exponent }).exponent
  expect(exponentOf('each')).toEqual({ step, fixed: null })
  expect(exponentOf('shared')).toEqual({ step, fixed: 5 })
  expect(exponentOf(-6)).toEqual({ step, fixed: -6 })
  expect(notations[notation].options({ rungForm: 'symbol' } as never)).toEqual({ notation })
})

test('rungs are symbols, words or symbols with their power, each with its gap', () => {
  expect(written({})).toEqual(['', 'K', 'M', 'B'])
  expect(written({ rungForm: 'word' })).toEqual(
    ['', 'thousand', 'million', 'billion'].map((word) => word && `\u00a0${word}`),
  )
  expect(written({ rungForm: 'symbolExponent' })[1]).toBe('\u00a0K\u00a0(10³)')
  expect(written({ rungForm: 'symbolExponent', ladder: 'binary' })[1]).toBe('\u00a0Ki\u00a0(2¹⁰)')
  expect(written({ rungGap: ' ' })[1]).toBe('\u00a0K')
  expect(written({ rungGap: '', rungForm: 'word' })[1]).toBe('thousand')
})

test('rungs below the units stand before them, and those of twos begin at powers of two', () => {
  const { rungs } = rungsOf({ ladder: 'si' })
  const units = rungs.findIndex(({ power }) => power === 0)
  expect(rungs.slice(units - 1, units + 2).map(({ power }) => power)).toEqual([-3, 0, 3])
  expect(rungsOf({ ladder: 'binary' }).rungs[1]).toMatchObject({
    from: 10,
    fromBase: 2,
    power: 10,
    base: 2,
  })
})

test('a rung is each label’s own, shared, or a given one that the ladder has', () => {
  expect(rungsOf({})).toMatchObject({ fixedRung: null, beyond: 6 })
  expect(rungsOf({ rung: 'shared' }).fixedRung).toBe(2)
  expect(rungsOf({ rung: 6 }).fixedRung).toBe(2)
  expect(rungsOf({ rung: 0 }).fixedRung).toBe(0)
  expect(() => rungsOf({ rung: 4 })).toThrow(
    /style\.rung: 4 .* each, shared or a power on the ladder short: 0, 3, 6/,
  )
  const own = { rungs: [{ power: 2, symbol: 'h' }] }
  expect(() => rungsOf({ rung: 3, ladder: own })).toThrow(/the ladder of your own: 0, 2/)
})

test('scaling begins where it is told to: the rung below that power is left out or begins there', () => {
  const from = (rungFrom: number) =>
    rungsOf({ rungFrom })
      .rungs.slice(0, 3)
      .map(({ power, from }) => [power, from])
  expect(from(4).slice(0, 2)).toEqual([
    [0, 0],
    [3, 4],
  ])
  expect(from(6).slice(0, 2)).toEqual([
    [0, 0],
    [6, 6],
  ])
  expect(from(3)).toEqual([
    [0, 0],
    [3, 3],
    [6, 6],
  ])
})

test('a region’s rungs follow its patterns: several powers count in one unit, and a bare one in none', () => {
  const patterns: ByPlural[] = [
    { other: '0' },
    { other: '0万' },
    { other: '00万' },
    { other: '000万' },
  ]
  const compact: CompactPatterns = { symbol: patterns, word: [{ other: '0 mil' }] }
  const { rungs, fixedRung, beyond, patterns: own } = rungsOf({ ladder: 'locale' }, compact)
  expect(rungs.map(({ from, power }) => [from, power])).toEqual([
    [0, 0],
    [3, 0],
    [4, 4],
    [5, 4],
    [6, 4],
  ])
  expect(own).toEqual([null, null, ...patterns.slice(1)])
  expect([fixedRung, beyond]).toEqual([null, null])
  expect(rungsOf({ ladder: 'locale', rungForm: 'word' }, compact).patterns).toEqual([
    null,
    { other: '0 mil' },
  ])
  expect(rungsOf({ ladder: 'locale' }).rungs).toHaveLength(1)
  const late = rungsOf({ ladder: 'locale', rungFrom: 5 }, compact)
  expect(late.rungs.map(({ from }) => from)).toEqual([0, 5, 6])
  expect(late.patterns).toEqual([null, ...patterns.slice(2)])
})

test('constants are known by their names, and any number above zero is one', () => {
  expect(constantOf('pi')).toMatchObject({ alone: 'π', behind: 'π' })
  expect(Number(constantOf('tau').value)).toBe(2 * Math.PI)
  expect(Number(constantOf('e').value)).toBe(Math.E)
  expect(constantOf('1.50')).toEqual({ alone: '1.5', behind: '×1.5', value: '1.5' })
  expect(contributed({ notation: 'multiple', multipleOf: 'tau' }).multiple!.alone).toBe('τ')
})

test('what the platform’s options cannot say is told', () => {
  const unsaid = (notation: keyof typeof notations, style: Partial<NotationStyle>) =>
    notations[notation].unsaid
      .filter(([isSaid]) => isSaid({ ...DEFAULTS, ...style } as never))
      .map(([, phrase]) => phrase)
  expect(unsaid('scaled', { ladder: 'locale' })).toEqual([])
  expect(unsaid('scaled', { ladder: 'locale', rung: 'shared' })[0]).toMatch(/^one rung/)
  expect(unsaid('scaled', {})[0]).toMatch(/^this ladder/)
  expect(unsaid('scaled', { ladder: 'locale', rungForm: 'symbolExponent' })).toHaveLength(1)
  expect(unsaid('scaled', { ladder: 'locale', rungFrom: 4 })).toHaveLength(1)
  expect(unsaid('scaled', { ladder: 'locale', rungGap: '' })).toHaveLength(1)
  expect(unsaid('scientific', { exponentForm: 'E' })).toEqual([])
  expect(unsaid('scientific', { exponentForm: 'times', exponent: 'shared' })).toHaveLength(2)
  expect(unsaid('multiple', {})).toHaveLength(1)
  const compact = (rungForm: NotationStyle['rungForm']) =>
    notations.scaled.options({ ...DEFAULTS, rungForm } as never)
  expect(compact('word')).toEqual({ notation: 'compact', compactDisplay: 'long' })
  expect(compact('symbol')).toEqual({ notation: 'compact', compactDisplay: 'short' })
})
