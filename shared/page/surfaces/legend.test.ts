import { compare } from '../../../core/decimal/arithmetic'
import { legend } from './legend'
import { pageOf } from '../testing/pages'

const SHADED = `town,visits,beds
Ask,120,30
Brodd,1400,55
Una,98,12
Esk,640,80`

test('it has no numbers if no marks are shaded', () => {
  const page = pageOf(SHADED, 'visits')
  expect(legend.numbers.make(page)).toEqual([])
  expect(page.shown).not.toContain('legend')
})

test('its numbers are the bounds of the shades in ascending order; none can be picked', () => {
  const page = pageOf(SHADED, 'visits', { chart: { shaded: true } })
  const edges = legend.numbers.make(page)
  expect(edges.length).toBeGreaterThan(1)
  for (let at = 1; at < edges.length; at++)
    expect(compare(edges[at]!, edges[at - 1]!)).toBeGreaterThan(0)
  expect(legend.numberAt(page, edges, 0)).toBeNull()
  expect(page.shown).toContain('legend')
})
