import { type Surface, SURFACES, surfaces, surfacesWhere } from './index'
import type { SurfaceTraits } from './types'

const having = (trait: keyof SurfaceTraits): Surface[] =>
  surfacesWhere((traits) => Boolean(traits[trait]))

test('each surface says where it is, and no two say the same', () => {
  const places = SURFACES.map((surface) => surfaces[surface].where)
  for (const place of places) expect(place).toMatch(/^(on|in) the \w+$/)
  expect(new Set(places).size).toBe(SURFACES.length)
})

test('ticks are drawn in a chart, in a line, and are no cells, marks or words', () => {
  for (const surface of having('hasTicks')) {
    expect(surfaces[surface]).toMatchObject({ isInChart: true, isInLine: true, sharesRoom: true })
    expect(surfaces[surface]).toMatchObject({ isByRow: false, isAtMarks: false, isProse: false })
  }
})

test('what stands in sentences has no title, no neighbour and no line', () => {
  expect(having('isProse')).toEqual(['headline', 'sentence'])
  for (const surface of having('isProse'))
    expect(surfaces[surface]).toMatchObject({ isAlone: true, isTitled: false, isInLine: false })
})

test('what has a title of its own is titled, and what is compared stands in a line', () => {
  for (const surface of having('hasOwnTitle')) expect(having('isTitled')).toContain(surface)
  for (const surface of having('isCompared')) expect(having('isInLine')).toContain(surface)
  for (const surface of having('isAtMarks')) expect(having('isOfMarks')).toContain(surface)
})
