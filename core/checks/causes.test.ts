import { checks } from '.'
import { runChecks } from './run'
import { axis, written } from './testing/subjects'
import type { Subject } from './types'

const told = (subject: Subject) =>
  runChecks(subject).map(({ check, also = [] }) => [check, ...also.map((one) => one.check)])

test.each<[string, Subject, string[][]]>([
  [
    'too few decimals for a step are one finding on an axis',
    axis({ fraction: [0, 0] }, [0, 2], '0.5'),
    [['step-hidden', 'same-label', 'uneven-steps', 'misread']],
  ],
  [
    'a hidden sign is one finding',
    axis({ sign: 'never' }, [-2, 2], 1),
    [['order-reversed', 'same-label', 'step-hidden', 'uneven-steps', 'misread']],
  ],
  [
    'a number that vanishes is not told as misread too',
    written('table', { fraction: [0, 0] }, ['0.2', 40]),
    [['vanished', 'misread']],
  ],
  [
    'what concerns other numbers stands by itself',
    written('table', { fraction: [0, 0] }, ['0.2', '1.4', '1.2', 40]),
    [['misread', 'same-label'], ['vanished']],
  ],
])('%s', (_, subject, expected) => {
  const sorted = (all: string[][]) =>
    all.map(([main, ...also]) => [main!, ...also.sort()]).sort((a, b) => a[0]!.localeCompare(b[0]!))
  expect(sorted(told(subject))).toEqual(sorted(expected))
})

test('causes are checks, and none brings itself about', () => {
  const ids = checks.map(({ id }) => id)
  const brought = new Map(checks.map(({ id, brings }) => [id, brings?.checks ?? []]))
  const reach = (id: string, seen: readonly string[] = []): void => {
    expect(ids).toContain(id)
    expect(seen).not.toContain(id)
    for (const next of brought.get(id)!) reach(next, [...seen, id])
  }
  for (const id of ids) reach(id)
})
