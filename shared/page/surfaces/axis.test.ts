import { toText } from '../../../core/decimal/decimal'
import { axis } from './axis'
import { pageOf, TOWNS } from '../testing/pages'

const RATED = `shop,currency,revenue
Ask,EUR,120
Brodd,SEK,1400
Una,EUR,98`

test('its numbers are the ticks, which have no rows and are exported with the labels', () => {
  const page = pageOf(TOWNS, 'visits')
  const ticks = page.drawing!.ticks.values
  expect(axis.numbers.make(page).map(toText)).toEqual(ticks.map(toText))
  expect(axis.rows!.make(page)).toBeUndefined()
  expect(axis.ticks(page.drawing!)).toEqual(ticks)
})

test('if each panel has an axis, the ticks follow panel by panel, each in its own unit', () => {
  const page = pageOf(RATED, 'revenue', { chart: { panels: 'currency' } })
  const { panels } = page.drawing!
  expect(panels.map(({ name }) => name)).toEqual(['EUR', 'SEK'])
  expect(axis.numbers.make(page)).toHaveLength(
    panels.reduce((count, { scale }) => count + scale!.ticks.values.length, 0),
  )
  expect(new Set(axis.rows!.make(page)!.map((row) => row.currency))).toEqual(
    new Set(['EUR', 'SEK']),
  )
  expect(axis.ticks(page.drawing!)).toBeNull()
})

test('labels typed by hand are found by the index of their tick', () => {
  const page = pageOf(TOWNS, 'visits', { ticks: { labels: ['', 'half'] } })
  expect([...axis.byHand(page)]).toEqual([[1, 'half']])
  expect(axis.byHand(pageOf(TOWNS, 'visits')).size).toBe(0)
})
