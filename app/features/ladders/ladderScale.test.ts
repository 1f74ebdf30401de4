import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import { laddersOf, type StudyLadder } from '~~/shared/ladders'
import {
  freeNames,
  freePower,
  heightOf,
  ladderFindings,
  ladderTrouble,
  powersUsed,
  reachOf,
} from './ladderScale'

const boats: StudyLadder = {
  title: 'boats',
  rungs: [
    { power: 3, symbol: 'b', word: 'boatload' },
    { power: 6, symbol: 'f', word: 'fleet' },
  ],
}

test('rungs stand at their power of ten, those of two as well', () => {
  expect(heightOf({ base: 10 }, { power: 6 })).toBe(6)
  expect(heightOf({ base: 2 }, { power: 10 })).toBeCloseTo(Math.log10(1024), 12)
  const { top, bottom } = reachOf(laddersOf({}))
  expect(top).toBeGreaterThan(303)
  expect(bottom).toBeLessThan(-30)
})

test('what is no ladder is told by the rung that breaks it', () => {
  expect(ladderTrouble(boats)).toBe('')
  expect(
    ladderTrouble({ ...boats, rungs: [boats.rungs[0]!, { power: 6, symbol: '', word: 'fleet' }] }),
  ).toBe('The symbol of the rung at 10^6 needs 1 to 40 characters.')
  expect(
    ladderTrouble({ ...boats, rungs: [boats.rungs[0]!, { ...boats.rungs[1]!, symbol: 'b' }] }),
  ).toBe('The symbol "b" is used twice.')
  expect(ladderTrouble({ ...boats, rungs: [{ power: 3, symbol: 'E', word: 'E' }] })).toBe(
    'The symbol "E" reads as part of a number.',
  )
  expect(ladderTrouble({ ...boats, rungs: [] })).not.toBe('')
})

test('the rungs in use are those that labels stand on', () => {
  const plan = resolve({ notation: 'scaled', ladder: boats })
  expect(
    [
      ...powersUsed(
        plan,
        ['5', '5000', '7e6', '8e6'].map((text) => decimal(text)),
      ),
    ].sort(),
  ).toEqual([0, 3, 6])
  expect([...powersUsed(resolve({ notation: 'scaled', rung: 6 }), [decimal(5)])]).toEqual([6])
})

test('names that most readers know for another power are found at once', () => {
  const told = (...rungs: [number, string, string][]) =>
    ladderFindings(
      { title: 't', rungs: rungs.map(([power, symbol, word]) => ({ power, symbol, word })) },
      {},
    ).map(({ title, message }) => `${title}: ${message}`)
  expect(told([3, 'K', 'thousand'], [6, 'M', 'million'])).toEqual([])
  expect(told([3, 'M', 'thousand'])).toEqual([
    'Known for another power: Most readers know “M” for 10⁶, here 10³.',
  ])
  expect(told([12, 'B', 'billion'])).toEqual([
    'Known for another power: Most readers know “B” and “billion” for 10⁹, here 10¹².',
  ])
  expect(
    ladderFindings(
      { title: 't', base: 2, rungs: [{ power: 10, symbol: 'K', word: 'kibi' }] },
      {},
    ).map(({ severity }) => severity),
  ).toEqual(['warning'])
  expect(ladderFindings(boats, {})).toEqual([])
})

test('a new rung stands above all others, with names that none has', () => {
  expect([freePower([]), freePower(boats.rungs as never)]).toEqual([3, 9])
  const first = freeNames(boats.rungs as never, 9)
  const second = freeNames([...boats.rungs, first] as never, 12)
  expect(second.symbol).not.toBe(first.symbol)
  expect(ladderTrouble({ ...boats, rungs: [...boats.rungs, first, second] })).toBe('')
})
