import { freeSpot } from './calloutSpot'

test('a note beside a mark hides no label where there is room for it', () => {
  const note = { width: 150, height: 40 }
  const falling = [
    { x: 60, y: 20 },
    { x: 130, y: 60 },
    { x: 200, y: 90 },
    { x: 270, y: 140 },
  ].map((spot) => ({ ...spot, anchor: 'middle' as const }))
  // Above its shorter neighbours where there is room, else below, on the side that lies in the
  // chart.
  expect(freeSpot(falling, 2, note, 500)).toEqual({ x: 30, y: -60 })
  expect(freeSpot(falling, 0, note, 500).x).toBe(30)
  expect(freeSpot(falling, 3, note, 320).x).toBe(-180)
})
