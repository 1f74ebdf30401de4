import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { valuesOf } from './proof'
import type { Layout, Subject } from './types'

const placeOf = (values: readonly Decimal[], beats: (a: Decimal, b: Decimal) => boolean): number =>
  values.reduce((best, value, at) => (beats(value, values[best]!) ? at : best), 0)

/** The places that tell most of some marks: both ends, the largest and the least. */
export function extremePlaces(values: readonly Decimal[]): number[] {
  const told = new Set([
    0,
    values.length - 1,
    placeOf(values, (a, b) => compare(a, b) > 0),
    placeOf(values, (a, b) => compare(a, b) < 0),
  ])
  return [...values.keys()].filter((at) => told.has(at))
}

function fewer(subject: Subject): Subject {
  const values = valuesOf(subject)
  const kept = extremePlaces(values)
  const pick = <One>(list: readonly One[] | undefined): One[] | undefined =>
    list && kept.map((at) => list[at]!)
  const { rows, around, below, changes, room } = subject
  return {
    ...subject,
    values: pick(values)!,
    rows: pick(rows),
    around: pick(around),
    below: pick(below),
    room: room && { ...room, middles: pick(room.middles) },
    changes: changes?.flatMap((one) =>
      kept.includes(one.from) && kept.includes(one.to)
        ? [{ ...one, from: kept.indexOf(one.from), to: kept.indexOf(one.to) }]
        : [],
    ),
  }
}

/** Brackets part a text from the label before it; on a line of its own it needs none. */
const onItsOwn = (text: string): string => text.trim().replace(/^\((.*?)\)/, '$1')

/** What marks are like after their labels stand otherwise. */
export const layouts: Record<Layout, (subject: Subject) => Subject> = {
  secondLine: (subject) => ({
    ...subject,
    around: undefined,
    below: subject.around?.map(onItsOwn),
  }),
  fewerLabels: fewer,
}
