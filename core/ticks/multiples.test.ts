import { subtract } from '../decimal/arithmetic'
import { decimal, toText } from '../decimal/decimal'
import { saidBy } from '../label/cells'
import { decide } from '../label/decide'
import { resolve } from '../label/resolve'
import { placeTicks } from './place'

test('a label of a part of a constant says its tick to the last digit', () => {
  for (const constant of ['pi', 'tau', 'e'])
    for (const step of ['1/2', '1/3', '1/4', '1/12', '3/8', '2']) {
      const { ticks } = placeTicks({
        domain: [decimal('-7'), decimal('20')],
        multipleOf: constant,
        step,
      })
      const plan = resolve({ notation: 'multiple', multipleOf: constant })
      const off = ticks.map(({ value }) =>
        toText(subtract(saidBy(plan, decide(plan, value)), value)),
      )
      expect([constant, step, ...new Set(off)]).toEqual([constant, step, '0'])
    }
})
