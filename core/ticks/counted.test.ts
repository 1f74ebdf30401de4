import { decimal, toText } from '../decimal/decimal'
import { labeller } from '../label/labeller'
import { resolve } from '../label/resolve'
import type { Counted } from './counted'
import { placeTicks, stepStyle } from './place'
import { bestTicks, tickSets } from './search'

type Domain = readonly [number, number]
const placed = (counted: Counted, [from, to]: Domain, count?: number) =>
  placeTicks({ domain: [decimal(from), decimal(to)], counted, count })

test.each<[Counted, Domain, string]>([
  ['second', [0, 60], '15'],
  ['second', [0, 240], '60'],
  ['second', [0, 3600], '900'],
  ['second', [0, 36_000], '7200'],
  ['second', [0, 86_400], '21600'],
  ['second', [0, 0.5], '0.1'],
  ['second', [0, 864_000], '172800'],
  ['minute', [0, 2], '0.5'],
  ['minute', [0, 180], '30'],
  ['hour', [0, 24], '6'],
  ['hour', [0, 12], '3'],
  ['degree', [0, 360], '90'],
  ['degree', [0, 180], '45'],
  ['degree', [-90, 90], '45'],
  ['month', [0, 12], '3'],
  ['month', [1, 48], '12'],
  ['byte', [0, 4096], '1024'],
])('an axis of %ss over %j has steps of %s', (counted, domain, step) => {
  expect(placed(counted, domain).step).toBe(step)
})

test.each<[Counted, Domain, string[]]>([
  ['second', [0, 3600], ['0:00', '0:15', '0:30', '0:45', '1:00']],
  ['second', [0, 90], ['0:00', '0:15', '0:30', '0:45', '1:00', '1:15', '1:30']],
  ['second', [0, 240], ['0:00', '1:00', '2:00', '3:00', '4:00']],
  ['second', [3540, 3660], ['0:59:00', '0:59:30', '1:00:00', '1:00:30', '1:01:00']],
  ['minute', [0, 2], ['0:00', '0:30', '1:00', '1:30', '2:00']],
  ['hour', [0, 24], ['0:00', '6:00', '12:00', '18:00', '24:00']],
])('ticks of %ss over %j have a clock of their own', (counted, domain, labels) => {
  const ticks = placed(counted, domain)
  const texts = ticks.ticks.map(({ value }) => toText(value))
  const style = stepStyle({ counted }, ticks)
  expect(labeller(resolve(style, { values: texts })).labels(texts)).toEqual(labels)
})

test('the search looks at steps of the kind alone', () => {
  const domain = [decimal(0), decimal(1440)] as const
  const sets = tickSets(domain, 5, 'minute')
  const [best] = bestTicks(sets, () => [{ legibility: 1 }], 1)
  expect(toText(best!.ticks.step)).toBe('360')
  const steps = [...new Set(sets.map(({ step }) => Number(toText(step))))]
  expect(steps.sort((a, b) => a - b)).toEqual([
    180, 360, 720, 1440, 2880, 7200, 14_400, 28_800, 72_000,
  ])
})
