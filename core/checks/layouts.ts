import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { valuesOf } from './proof'
import type { Layout, Room, Subject } from './types'

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

/** How much of its size smaller type has: one step of the scale of type. */
const SMALLER = 5 / 6
/**
 * The size of smaller type.
 * @example smallerSize(12) // 10
 */
export const smallerSize = (fontSize: number): number => Math.floor(fontSize * SMALLER)

const inRoom = (subject: Subject, change: (room: Room) => Room): Subject => ({
  ...subject,
  room: subject.room && change(subject.room),
})

/** What marks are like after their labels stand otherwise. */
export const layouts: Record<Layout, (subject: Subject) => Subject> = {
  secondLine: (subject) => ({
    ...subject,
    around: undefined,
    below: subject.around?.map(onItsOwn),
  }),
  smallerType: (subject) =>
    inRoom(subject, (room) => ({ ...room, fontSize: smallerSize(room.fontSize), small: true })),
  turned: (subject) => inRoom(subject, (room) => ({ ...room, turned: true })),
  laidDown: (subject) =>
    inRoom(subject, ({ fontSize, weight, laidDown }) => ({
      ...{ fontSize, weight, each: true },
      width: laidDown ?? 0,
    })),
  fewerLabels: fewer,
}
