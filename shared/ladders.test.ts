import { ladders } from '../core/ladders'
import { short } from '../core/ladders/short'
import type { Style } from '../core/style/fields'
import {
  copyOf,
  fixedOn,
  freeTitle,
  ladderChanges,
  laddersOf,
  mapStyles,
  type StudyLadder,
  usersOf,
} from './ladders'
import { type StudyDocument, studyDocumentSchema } from './study/document'

const boats: StudyLadder = {
  title: 'boats',
  rungs: [
    { power: 3, symbol: 'b', word: 'boatload' },
    { power: 6, symbol: 'f', word: 'fleet' },
  ],
}
const quantity = (title: string, style: Style, more: object = {}) => ({
  id: title,
  datasetId: 'd',
  column: title,
  title,
  recorded: 0,
  style,
  chart: { category: null, aggregate: 'sum' as const },
  ticks: {},
  ...more,
})
const document: StudyDocument = studyDocumentSchema.parse({
  name: 'Catch',
  house: {},
  shown: null,
  ladders: [boats],
  quantities: [
    quantity('catch', { notation: 'scaled', ladder: boats, rung: 6 }),
    quantity('price', {}, { surfaces: { table: { notation: 'scaled', ladder: boats } } }),
    quantity('depth', {
      cases: [{ when: { magnitude: { from: 3 } }, use: { notation: 'scaled', ladder: boats } }],
    }),
    quantity('width', { notation: 'scaled', rung: 6 }),
  ],
})

test('a style on any level, and in a case, uses a ladder', () => {
  expect(usersOf(document, 'boats')).toEqual(['catch', 'price', 'depth'])
  expect(fixedOn(document, 'boats', 6)).toEqual(['catch'])
  expect(fixedOn(document, 'boats', 3)).toEqual([])
})

test('a change of a ladder reaches every style that uses it, and no other', () => {
  const renamed: StudyLadder = {
    ...boats,
    rungs: [{ power: 3, symbol: 'bl', word: 'boatload' }, boats.rungs[1]!],
  }
  const next = ladderChanges.replace(document, 'boats', renamed)
  const found: unknown[] = []
  mapStyles(next, (style) => {
    if (style.ladder) found.push(style.ladder)
    return style
  })
  expect(found).toEqual([renamed, renamed, renamed])
  expect(next.quantities[0]!.style.rung).toBe(6)
  expect(next.quantities[3]).toEqual(document.quantities[3])
  expect(studyDocumentSchema.parse(next)).toEqual(next)
})

test('a rung that is taken away lets the labels that it held choose their own', () => {
  const next = ladderChanges.replace(document, 'boats', { ...boats, rungs: [boats.rungs[0]!] })
  expect(next.quantities[0]!.style).toEqual({
    notation: 'scaled',
    ladder: { ...boats, rungs: [boats.rungs[0]] },
    rung: 'each',
  })
})

test('a ladder that is taken away leaves styles that inherit one', () => {
  const next = ladderChanges.remove(document, 'boats')
  expect(next.ladders).toBeUndefined()
  expect(next.quantities[0]!.style).toEqual({ notation: 'scaled', rung: 'each' })
  expect(usersOf(next, 'boats')).toEqual([])
})

test.each(Object.values(ladders).map((ladder) => [ladder.id, ladder] as const))(
  'a copy of %s is a ladder that a study can keep',
  (_, ladder) => {
    expect(
      studyDocumentSchema.safeParse(ladderChanges.add(document, copyOf(ladder, 'mine'))).error,
    ).toBeUndefined()
  },
)

test('copies have titles of their own, and stand before the ladders that everybody has', () => {
  expect(freeTitle(document, 'boats')).toBe('boats 2')
  const next = ladderChanges.add(document, copyOf(short, 'mine'))
  expect(
    laddersOf(next)
      .map(({ id, isOwn }) => `${id} ${isOwn}`)
      .slice(0, 3),
  ).toEqual(['boats true', 'mine true', 'short false'])
  expect(studyDocumentSchema.parse(next).ladders![1]!.rungs).toHaveLength(short.rungs.length)
  expect(studyDocumentSchema.safeParse({ ...next, ladders: [boats, boats] }).success).toBe(false)
})

test('the ladder of a region stands last, where the region names powers', () => {
  const rungs = [{ power: 4, symbol: '万', word: '万' }]
  expect(laddersOf({}, rungs).at(-1)).toMatchObject({ id: 'locale', base: 10, rungs, isOwn: false })
  expect(laddersOf({}, rungs).length).toBe(laddersOf({}).length + 1)
  expect(laddersOf({}).map(({ id }) => id)).not.toContain('locale')
})
