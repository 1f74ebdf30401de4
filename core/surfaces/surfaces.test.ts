import { type Surface, surfaces, surfacesWhere } from './index'
import type { SurfaceTraits } from './types'

const having = (trait: keyof SurfaceTraits): Surface[] =>
  surfacesWhere((traits) => Boolean(traits[trait]))

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
