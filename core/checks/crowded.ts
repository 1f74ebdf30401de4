import { multiply } from '../decimal/arithmetic'
import { decimal } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { withFraction } from '../style/decimals'
import { surfaces } from '../surfaces'
import { fewerDecimals, oneRung, stepBy } from './changes'
import { fix, type FixId } from './fixes'
import { labelsOf, valuesOf } from './proof'
import { clearances, gapOf, isBeside, type Labelled } from './room'
import type { Check, Fix, Proof, Room } from './types'

/**
 * The least room between labels of an axis, in pixels beyond the gap that tells them apart; zero or
 * below where there is too little.
 */
export const clearanceOf = (labelled: Labelled, room: Room): number =>
  clearances(labelled, room).reduce(
    (least, clear) => Math.min(least, clear - gapOf(room)),
    room.width,
  )

/** Marks that are told where few are: both ends, the largest and the least. */
const MOST_TOLD = 4

/** Shorter ways of writing the same numbers. */
const SHORTER = [
  ['one-symbol', { notation: 'scaled', rung: 'shared', rungForm: 'symbol' }],
  ['own-symbols', { notation: 'scaled', rung: 'each', rungForm: 'symbol' }],
] as const satisfies readonly (readonly [FixId, Style])[]
const TITLES = [
  ['unit-in-title', { unitAt: 'title' }],
  ['rung-in-title', { notation: 'scaled', rung: 'shared', unitAt: 'title' }],
] as const satisfies readonly (readonly [FixId, Style])[]

/** In another rung, ticks need other decimals. */
const byStep = ({ surface, step, style }: Proof): Style =>
  surfaces[surface].hasTicks && step ? withFraction(style, 'step') : {}

/** Twice, four, five and ten times the step. */
function* fewerTicks(proof: Proof): Generator<Fix> {
  if (!surfaces[proof.surface].hasTicks || !proof.step) return
  for (const times of ['2', '4', '5', '10']) {
    const step = multiply(proof.step, decimal(times))
    yield stepBy(proof, step)
  }
}

/** Ways to set the labels of marks: the least change first. */
function* otherLayouts({ style, values, room }: Proof): Generator<Fix> {
  if (!room?.small) yield fix('smaller-type', {}, { way: 'type', style, layout: 'smallerType' })
  if (room?.canTurn && !room.turned)
    yield fix('turned', {}, { way: 'turn', style, layout: 'turned' })
  if (room?.laidDown !== undefined)
    yield fix('laid-down', {}, { way: 'form', style, layout: 'laidDown' })
  if (values.length > MOST_TOLD)
    yield fix('few-labels', {}, { way: 'layout', style, layout: 'fewerLabels' })
}

/** Ways to write numbers on less room: another rung, fewer labels, and what is said in a title. */
export function* shorterForms(proof: Proof): Generator<Fix> {
  const { style, surface } = proof
  yield* oneRung(proof)
  for (const [id, changes] of SHORTER)
    yield fix(id, {}, { way: 'notation', style: { ...style, ...changes, ...byStep(proof) } })
  yield* fewerTicks(proof)
  if (surfaces[surface].isAtMarks) yield* otherLayouts(proof)
  if (!surfaces[surface].hasOwnTitle) return
  for (const [id, changes] of TITLES)
    yield fix(id, {}, { way: 'unit', style: { ...style, ...changes } })
}

/** Ways out that are offered: room is a matter of taste. */
export const MOST_WAYS = 4

/** Lengths are in whole pixels. */
type Tight = {
  readonly label: string
  readonly count: number
  readonly room: number
} & (
  | {
      readonly among: 'neighbours'
      readonly next: string
      readonly gap: number
      readonly all: number
    }
  | { readonly among: 'each'; readonly width: number }
)

const messages = {
  neighbours: ({ label, next, gap, count, all, room }: Extract<Tight, { among: 'neighbours' }>) =>
    `“${label}” and “${next}” ${gap < 0 ? `overlap by ${-gap} px` : `have ${gap} px between them`}: ${count} of ${all} labels do not fit into ${room} px.`,
  each: ({ label, width, count, room }: Extract<Tight, { among: 'each' }>) =>
    `“${label}” needs ${width} px but has ${room} px. ${count === 1 ? 'It is' : `${count} labels are`} cut.`,
} as const

/**
 * Protects readers from labels that run into each other or out of their room, at their real width.
 * Labels that touch nothing are left alone, and so is a surface whose room nobody knows.
 */
export const crowded: Check<Tight> = {
  id: 'crowded',
  title: 'Labels do not fit',
  weight: 'warning',
  mostFixes: MOST_WAYS,
  finds:
    'labels that are closer than half an em side by side or a line above each other, or wider than their space',
  find(proof) {
    const { room, surface, around, below } = proof
    if (!room || proof.values.length === 0) return null
    const labels = labelsOf(proof)
    const besides = isBeside(proof, room)
    const least = besides ? gapOf(room) : 0
    const clear = clearances({ surface, around, below, labels, values: valuesOf(proof) }, room)
    const tight = clear.flatMap((pixels, at) => (pixels < least ? [at] : []))
    if (tight.length === 0) return null
    const at = besides ? [...new Set(tight.flatMap((place) => [place, place + 1]))] : tight
    const worst = tight.reduce((most, place) => (clear[place]! < clear[most]! ? place : most))
    const between = clear[worst]!
    const shared = { label: labels[worst]!, count: at.length, room: Math.ceil(room.width) }
    const params: Tight = besides
      ? {
          ...shared,
          among: 'neighbours',
          next: labels[worst + 1]!,
          gap: Math.sign(between) * Math.ceil(Math.abs(between)),
          all: labels.length,
        }
      : { ...shared, among: 'each', width: Math.ceil(room.width - between) }
    return { severity: 'warning', params, at }
  },
  message: (tight) => messages[tight.among](tight as never),
  *propose(proof) {
    const { style } = proof
    if (surfaces[proof.surface].isAtMarks && proof.around)
      yield fix('second-line', {}, { way: 'layout', style, layout: 'secondLine' })
    yield* fewerDecimals(proof)
    yield* shorterForms(proof)
  },
}
