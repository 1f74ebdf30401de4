import { dialects } from './dialects'
import { laterDialects } from './laterDialects'
import {
  asNumber,
  labelled,
  labelsFor,
  NOTATIONS,
  type Notation,
  powerFor,
  type Whole,
  whole,
  WRITERS,
  type Writer,
} from './numbers'
import { type Random, randomFrom } from './random'

/** An axis that is drawn: where its labels stand from its start, and what they say. */
export interface DrawnAxis {
  readonly side: 'left' | 'right' | 'bottom' | 'top'
  readonly labels: readonly string[]
  /** From 0 to 1 along the axis. */
  readonly places: readonly number[]
}
export interface DrawnBar {
  readonly label: string
  /** From 0 to 1, where it ends. */
  readonly end: number
}
/** What a dialect draws. */
export interface Plot {
  readonly axes: readonly DrawnAxis[]
  readonly bars: readonly DrawnBar[]
  readonly categories: readonly string[]
  readonly language: string
}
/** What is true of a chart that was made. */
export interface MadeChart {
  readonly name: string
  readonly dialect: string
  readonly text: string
  readonly axes: readonly {
    readonly side: string
    readonly scale: string
    readonly values: readonly number[]
  }[]
  /** The check that finds what was planted; null in a good one. */
  readonly fault: string | null
}

type Ticks = { readonly numbers: readonly Whole[]; readonly scale: 'linear' | 'log' }
function linearTicks(random: Random): Ticks {
  const [digits, places] = random.pick([
    [1, 0],
    [2, 0],
    [5, 0],
    [25, -1],
    [1, 0],
    [5, 0],
  ] as const)
  const place = random.pick([-2, -1, 0, 0, 1, 3, 4, 5, 6, 8]) + places
  const count = 4 + random.whole(4)
  const first = random.pick([0, 0, 0, 1, -2, 3])
  return {
    scale: 'linear',
    numbers: Array.from({ length: count }, (_, at) => whole((first + at) * digits, place)),
  }
}
const logTicks = (random: Random): Ticks => {
  const first = random.pick([-2, 0, 0, 1, 3])
  return {
    scale: 'log',
    numbers: Array.from({ length: 4 + random.whole(3) }, (_, at) => whole(1, first + at)),
  }
}
const evenly = (count: number): number[] =>
  Array.from({ length: count }, (_, at) => at / (count - 1))

interface Draft {
  labels: string[]
  numbers: readonly Whole[]
  places: number[]
  scale: 'linear' | 'log'
  fault: string | null
}

/** Labels of a log axis, each with its own decimals. */
const logLabels = (numbers: readonly Whole[], writer: Writer): string[] =>
  numbers.map((one) => labelled(one, writer, 'plain', 0, Math.max(0, -one.place)))

/** A label that is another number than its own, far from it. */
function misplace(draft: Draft, writer: Writer, notation: Notation, random: Random): void {
  const isLog = draft.scale === 'log'
  if (draft.numbers.length < 5) return
  const at = 1 + random.whole(draft.numbers.length - 2)
  const [one, next] = [draft.numbers[at]!, draft.numbers[at + 1]!]
  const wrong = isLog
    ? whole(5, one.place)
    : whole(10 * one.count + 3 * (next.count - one.count), one.place - 1)
  const numbers = draft.numbers.map((number, i) => (i === at ? wrong : number))
  draft.labels = isLog ? logLabels(numbers, writer) : labelsFor(numbers, writer, notation)
  draft.fault = 'misplaced'
}
/** Eighths, quarters of them, written with too few decimals. */
function hideStep(draft: Draft, writer: Writer, notation: Notation): void {
  if (notation === 'times' || notation === 'e') return
  const count = 5
  const place = { percent: -5, named: 3, plain: -3, money: -3 }[notation]
  const numbers = Array.from({ length: count }, (_, at) => whole(125 * at, place))
  const power =
    notation === 'plain' || notation === 'money' ? 0 : powerFor(numbers, writer, notation)
  if (notation === 'named' && power !== 6) return
  draft.numbers = numbers
  draft.places = evenly(count)
  draft.scale = 'linear'
  draft.labels = numbers.map((number) =>
    labelled(rounded(number, power - 1), writer, notation, power, 1),
  )
  draft.fault = 'step-hidden'
}
/** Rounded half up at a place. */
const rounded = ({ count, place }: Whole, to: number): Whole =>
  to <= place ? { count, place } : whole(Math.floor(count / 10 ** (to - place) + 0.5), to)

/** Exponents of their own on one axis. */
function mixExponents(draft: Draft, writer: Writer, notation: Notation): void {
  if (notation !== 'times' && notation !== 'e') return
  const numbers = [0, 5, 10, 15, 20].map((count) => whole(count, 5))
  draft.numbers = numbers
  draft.places = evenly(5)
  draft.scale = 'linear'
  draft.labels = numbers.map((one) => {
    const power = one.count === 0 ? 0 : Math.floor(Math.log10(asNumber(one)))
    return labelled(one, writer, notation, power, one.count === 15 ? 1 : 0)
  })
  draft.fault = 'mixed-notation'
}
function mixRungs(draft: Draft, writer: Writer, notation: Notation): void {
  if (notation !== 'named') return
  const powers = Object.keys(writer.names).map(Number)
  if (powers.length < 2 || writer.gap !== '' || writer.isIndian) return
  const [low, high] = [powers[0]!, powers[1]!]
  const apart = high - low
  const numbers = [0, 5, 10, 15, 20].map((count) => whole(count, high - 1))
  draft.numbers = numbers
  draft.places = evenly(5)
  draft.scale = 'linear'
  draft.labels = numbers.map((one) => {
    if (one.count === 0) return '0'
    return one.count < 10
      ? `${one.count * 10 ** (apart - 1)}${writer.names[low]}`
      : labelled(one, writer, notation, high, 1)
  })
  draft.fault = 'mixed-rungs'
}
/** Even places under numbers that are not even. */
function unspace(draft: Draft, _: Writer, notation: Notation): void {
  if (notation !== 'plain') return
  const numbers = [1990, 2000, 2005, 2015, 2016, 2024].map((year) => whole(year, 0))
  draft.numbers = numbers
  draft.places = evenly(numbers.length)
  draft.scale = 'linear'
  draft.labels = numbers.map(({ count }) => String(count))
  draft.fault = 'uneven-spacing'
}
/** Decimals that come and go. */
function unevenDecimals(draft: Draft, writer: Writer, notation: Notation): void {
  if (notation !== 'plain') return
  const numbers = [20, 25, 30, 35, 40].map((count) => whole(count, -1))
  draft.numbers = numbers
  draft.places = evenly(5)
  draft.scale = 'linear'
  draft.labels = numbers.map((one) =>
    labelled(one, writer, 'plain', 0, one.count % 10 === 0 ? 0 : 1),
  )
  draft.fault = 'uneven-decimals'
}
const FAULTS = [
  misplace,
  hideStep,
  mixExponents,
  mixRungs,
  unspace,
  unevenDecimals,
  misplace,
] as const

/** Bars with their labels on the scale of an axis from zero. */
function barsFor(
  draft: Draft,
  writer: Writer,
  notation: Notation,
  random: Random,
  isWrong: boolean,
): DrawnBar[] | null {
  const [first, second, last] = [draft.numbers[0]!, draft.numbers[1]!, draft.numbers.at(-1)!]
  if (draft.scale !== 'linear' || first.count !== 0 || draft.fault) return null
  const step = second.count
  const top = last.count
  const numbers = Array.from({ length: 4 + random.whole(3) }, () =>
    whole(Math.round((0.15 + 0.8 * random.next()) * top * 10), second.place - 1),
  )
  const labels = labelsFor(numbers, writer, notation)
  const wrong = isWrong ? random.whole(numbers.length) : -1
  return numbers.map((one, at) => {
    const end = one.count / (10 * top)
    const off = end > 0.5 ? -1 : 1
    return {
      label: labels[at]!,
      end: at === wrong ? end + (off * 1.7 * step) / (4 * top) + off * 0.08 : end,
    }
  })
}

/** Characters of labels that have room side by side. */
const MOST_BESIDE = 9
const NAMES = ['Holm', 'Varm', 'Ossa', 'Lind', 'Berga', 'Tofte', 'Norra', 'Sund']

const ALL = [...dialects, ...laterDialects]

/**
 * A chart made by rule: a dialect, a region, a notation, ticks, and in every second one a fault.
 *
 * @param at its number, from which all else follows
 */
export function madeChart(at: number): MadeChart {
  const random = randomFrom(at + 1)
  const dialect = ALL[at % ALL.length]!
  const writer = WRITERS[Math.floor(at / 3) % WRITERS.length]!
  const notation = NOTATIONS[Math.floor(at / 5) % NOTATIONS.length]!
  const isFaulty = random.next() < 0.5
  const isLog = random.next() < 0.2 && (notation === 'plain' || notation === 'named')
  const ticks = isLog ? logTicks(random) : linearTicks(random)
  const draft: Draft = {
    numbers: ticks.numbers,
    labels: isLog ? logLabels(ticks.numbers, writer) : labelsFor(ticks.numbers, writer, notation),
    places: evenly(ticks.numbers.length),
    scale: ticks.scale,
    fault: null,
  }
  const bars = random.next() < 0.4 ? barsFor(draft, writer, notation, random, isFaulty) : null
  if (bars && isFaulty) draft.fault = 'mark-mismatch'
  else if (isFaulty) {
    random.pick(FAULTS)(draft, writer, notation, random)
    if (!draft.fault) misplace(draft, writer, notation, random)
  }
  const years = Array.from({ length: 5 }, (_, i) => 2018 + i)
  const hasYears = !bars && random.next() < 0.6
  const picked = random.pick(['left', 'left', 'right', 'bottom'] as const)
  // Long labels side by side would collide, which is a fault of its own.
  const isWide = draft.labels.some((label) => label.length > MOST_BESIDE)
  const side = bars || isWide ? 'left' : picked
  const main: DrawnAxis = { side, labels: draft.labels, places: draft.places }
  const other: DrawnAxis = { side: 'bottom', labels: years.map(String), places: evenly(5) }
  const hasOther = hasYears && side !== 'bottom'
  const plot: Plot = {
    axes: hasOther ? [main, other] : [main],
    bars: bars ?? [],
    categories: NAMES.slice(0, bars?.length ?? 0),
    language: random.next() < 0.7 ? writer.tag : '',
  }
  return {
    name: `${dialect.id} ${writer.tag} ${notation} ${at}`,
    dialect: dialect.id,
    text: dialect.draw(plot, random),
    axes: [
      { side, scale: draft.scale, values: draft.numbers.map(asNumber) },
      ...(hasOther ? [{ side: 'bottom', scale: 'linear', values: years }] : []),
    ],
    fault: draft.fault,
  }
}
