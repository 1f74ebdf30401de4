import { decimal } from '../decimal/decimal'
import { TickError } from '../error'
import { changed, runChecks, runChecksAlone } from './run'
import type { Subject } from './types'

/** An axis whose numbers lie so far apart that no small step reaches them. */
const far: Subject = {
  surface: 'axis',
  style: { notation: 'scaled', rung: 3, fraction: [0, 0] },
  values: ['-0.0004', '999950', '12345678901234567890'].map((text) => decimal(text)),
  step: decimal('1000'),
}

test('a fix that would make too many ticks is not offered, and all else is told', () => {
  expect(() => changed(far, { style: far.style, ticks: { step: '1000' } } as never)).toThrow(
    TickError,
  )
  expect(runChecks(far).length).toBeGreaterThan(0)
})

test('findings without fixes are those with them', () => {
  const told = (findings: ReturnType<typeof runChecks>) => findings.map(({ message }) => message)
  expect(told(runChecksAlone(far))).toEqual(told(runChecks(far)))
})
