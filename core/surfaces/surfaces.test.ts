import { type Surface, SURFACES, surfaces, surfacesWhere } from './index'
import type { SurfaceTraits } from './types'

const having = (trait: keyof SurfaceTraits): Surface[] =>
  surfacesWhere((traits) => Boolean(traits[trait]))

test('every surface has its own words for where it is', () => {
  const places = SURFACES.map((surface) => surfaces[surface].where)
  for (const place of places) expect(place).toMatch(/^(on|in) the \w+$/)
  expect(new Set(places).size).toBe(SURFACES.length)
})

test('a surface with ticks is in the chart and in a line, and has no cells, marks or prose', () => {
  for (const surface of having('hasTicks')) {
    expect(surfaces[surface]).toMatchObject({ isInChart: true, isInLine: true, sharesRoom: true })
    expect(surfaces[surface]).toMatchObject({ isByRow: false, isAtMarks: false, isProse: false })
  }
})

test('prose has no title, and its labels stand alone', () => {
  expect(having('isProse')).toEqual(['headline', 'sentence'])
  for (const surface of having('isProse'))
    expect(surfaces[surface]).toMatchObject({ isAlone: true, isTitled: false, isInLine: false })
})

test('traits that imply others agree with them', () => {
  for (const surface of having('hasOwnTitle')) expect(having('isTitled')).toContain(surface)
  for (const surface of having('isCompared')) expect(having('isInLine')).toContain(surface)
  for (const surface of having('isAtMarks')) expect(having('isOfMarks')).toContain(surface)
})
