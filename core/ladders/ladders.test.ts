import { LADDER_IDS, ladders } from '.'
import { ladderOf, REGIONAL } from './find'
import { stemOf, symbolOf } from './illions'
import { asLadder, ownLadder, readsAsNumber } from './own'

// Names as The Book of Numbers (1996) prints them, by the ones and tens that soften their joints.
test.each([
  [1, 'm'],
  [2, 'b'],
  [3, 'tr'],
  [4, 'quadr'],
  [9, 'non'],
  [10, 'dec'],
  [11, 'undec'],
  [12, 'duodec'],
  [13, 'tredec'],
  [16, 'sedec'],
  [17, 'septendec'],
  [19, 'novendec'],
  [20, 'vigint'],
  [23, 'tresvigint'],
  [26, 'sesvigint'],
  [27, 'septemvigint'],
  [33, 'trestrigint'],
  [36, 'sestrigint'],
  [37, 'septentrigint'],
  [43, 'tresquadragint'],
  [59, 'novenquinquagint'],
  [63, 'tresexagint'],
  [66, 'sesexagint'],
  [77, 'septenseptuagint'],
  [83, 'tresoctogint'],
  [86, 'sexoctogint'],
  [87, 'septemoctogint'],
  [96, 'senonagint'],
  [97, 'septenonagint'],
  [100, 'cent'],
  [103, 'trescent'],
  [106, 'sexcent'],
  [107, 'septencent'],
  [110, 'decicent'],
])('the illion of %d begins with %s', (n, stem) => {
  expect(stemOf(n)).toBe(stem)
})

test('every illion has a stem and a symbol of its own, and none reads as part of a number', () => {
  const all = Array.from({ length: 100 }, (_, at) => at + 1)
  expect(new Set(all.map(stemOf)).size).toBe(100)
  expect(new Set(all.map(symbolOf)).size).toBe(100)
  expect(all.map(symbolOf).filter(readsAsNumber)).toEqual([])
  const some = [1, 3, 4, 9, 10, 11, 25, 57, 99, 100]
  expect(some.map(symbolOf).join(' ')).toBe('M T Qd No Dc uDc pVg hQq nNg Ce')
})

/** Some rungs of each ladder: what stands at which power. */
test.each([
  ['short', 3, 'K', 'thousand'],
  ['short', 6, 'M', 'million'],
  ['short', 33, 'Dc', 'decillion'],
  ['short', 303, 'Ce', 'centillion'],
  ['si', -30, 'q', 'quecto'],
  ['si', -3, 'm', 'milli'],
  ['si', 3, 'k', 'kilo'],
  ['si', 30, 'Q', 'quetta'],
  ['long', 9, 'Mrd', 'milliard'],
  ['long', 12, 'B', 'billion'],
  ['indian', 5, 'L', 'lakh'],
  ['indian', 7, 'Cr', 'crore'],
  ['binary', 10, 'Ki', 'kibi'],
  ['binary', 80, 'Yi', 'yobi'],
] as const)('%s has at the power %d the rung %s, %s', (id, power, symbol, word) => {
  expect(ladders[id].rungs.find((rung) => rung.power === power)).toEqual({ power, symbol, word })
})

test.each(LADDER_IDS)('%s ascends, without the units, and names each rung once', (id) => {
  const { rungs, base } = ladders[id]
  // Beside a number only exa could be read as more than a name; SI (BIPM, 2022) has it so.
  const own = { base, rungs: rungs.filter(({ symbol }) => symbol !== 'E') }
  expect(ownLadder.safeParse(own)).toMatchObject({ success: true })
  expect(ladderOf(id)).toBe(ladders[id])
})

test.each([
  ['short', 101, 303],
  ['si', 20, 30],
  ['long', 101, 303],
  ['indian', 4, 12],
  ['myriad', 4, 16],
  ['binary', 8, 80],
] as const)('%s has %d rungs, the last at the power %d', (id, count, last) => {
  const powers = ladders[id].rungs.map(({ power }) => power)
  expect([powers.length, powers.at(-1)]).toEqual([count, last])
})

test('myriads stand four powers apart', () => {
  expect(ladders.myriad.rungs.map(({ power, symbol }) => symbol + power)).toEqual([
    '万4',
    '億8',
    '兆12',
    '京16',
  ])
})

test('only prefixes of the unit say so, and only the binary ladder counts by twos', () => {
  const [prefixed, byTwos] = [
    LADDER_IDS.filter((id) => 'prefixes' in ladders[id] && ladders[id].prefixes),
    LADDER_IDS.filter((id) => ladders[id].base === 2),
  ]
  expect(prefixed).toEqual(['si', 'binary'])
  expect(byTwos).toEqual(['binary'])
})

test('the ladder of a region has no rungs before the region is known', () => {
  expect(ladderOf(REGIONAL)).toMatchObject({ base: 10, rungs: [] })
})

const rung = (power: number, symbol: string, word?: string) => ({ power, symbol, word })
test.each([
  ['powers that do not ascend', [rung(6, 'M'), rung(3, 'K')], /the power 3 is not above 6/],
  ['a power twice', [rung(3, 'K'), rung(3, 'T')], /the power 3 is not above 3/],
  ['a third that falls', [rung(3, 'K'), rung(6, 'M'), rung(5, 'L')], /the power 5 is not above 6/],
  ['a name of the units', [rung(0, 'u'), rung(3, 'K')], /has the power 0/],
  ['a symbol twice', [rung(3, 'K'), rung(6, 'K')], /the symbol "K" is used twice/],
  ['a word twice', [rung(3, 'K', 'big'), rung(6, 'M', 'big')], /the word "big" is used twice/],
  ['digits', [rung(3, 'K3')], /the symbol "K3" reads as part of a number/],
  ['an exponent', [rung(3, 'e')], /the symbol "e" reads/],
  ['a mark', [rung(3, 'K', '.K')], /the word "\.K" reads/],
])('a ladder with %s is refused', (_, rungs, message) => {
  const { error } = ownLadder.safeParse({ rungs })
  expect(error?.issues[0]?.message).toMatch(message)
})

test('a ladder of one’s own is by tens, and a rung without a word is called by its symbol', () => {
  expect(asLadder({ rungs: [rung(3, 'K'), rung(6, 'M', 'mega')] })).toEqual({
    id: 'own',
    title: 'own ladder',
    base: 10,
    rungs: [rung(3, 'K', 'K'), rung(6, 'M', 'mega')],
  })
  expect(ladderOf({ title: 'mine', base: 2, rungs: [rung(10, 'Ki')] })).toMatchObject({
    title: 'mine',
    base: 2,
  })
})
