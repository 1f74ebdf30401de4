import { isOfStyle } from '../../core/checks/fixes'
import { labelsOf, valueAt } from '../../core/checks/proof'
import { findAll, runChecks } from '../../core/checks/run'
import type { Finding, Fix, Subject } from '../../core/checks/types'
import { type Surface, SURFACES, surfaces, surfacesWhere } from '../../core/surfaces'
import { compare } from '../../core/decimal/arithmetic'
import { whereResolved } from '../../core/error'
import { suggest } from '../../core/suggest/suggest'
import type { Style } from '../../core/style/fields'
import { difference } from '../../core/style/inherit'
import { newMemory } from '../graph/derivation'
import type { FormId } from '../forms'
import type { ChartWishes } from '../study/chart'
import type { Quantity } from '../study/quantity'
import { present } from './packing'
import { pageSnapshot, type SnapshotSources } from './snapshot'
import { timesRows } from './someRows'
import type { CheckedSubject } from './subjects'

/** Of a long column so many values tell how it is written. */
const LOOKED_AT = 500
/** Of these, so many are what the search looks at: the least, the largest, and some between. */
const SOUGHT_FOR = 40

/** What is checked of a surface, of a long column in part. */
function subjectOf(placed: CheckedSubject): Subject {
  // A message is written anew in each style that is tried: the text of now would tell of another.
  if (!('cells' in placed)) return { ...placed, text: undefined }
  const { cells, caseRows: _, ...subject } = placed
  const { values } = present(cells)
  const stride = Math.ceil(values.length / LOOKED_AT)
  const some =
    stride > 1 && ArrayBuffer.isView(values)
      ? (values as Float64Array).filter((_value, at) => at % stride === 0)
      : values
  return { ...subject, values: some, rows: undefined, texts: undefined, total: undefined }
}

/** A few of the values of a subject, its ends among them. */
function fewOf(subject: Subject): Subject {
  const { values, rows, byHand, around, below, surface } = subject
  const isWhole = rows || byHand || around || below || surfaces[surface].hasTicks
  if (isWhole || values.length <= SOUGHT_FOR) return subject
  const order = [...values.keys()].sort((a, b) => compare(valueAt(subject, a), valueAt(subject, b)))
  const stride = (order.length - 1) / (SOUGHT_FOR - 1)
  const places = Array.from({ length: SOUGHT_FOR }, (_, at) => order[Math.round(at * stride)]!)
  return { ...subject, values: places.map((place) => valueAt(subject, place)) }
}

/** How grave a finding is of what nobody chose; notes are told to those who read them. */
const GRAVE: Readonly<Record<Finding['severity'], number>> = { error: 100, warning: 10, note: 0 }
/** Labels that are ragged, cut or crowded are seen at once. */
const SEEN: Readonly<Record<string, number>> = {
  'cut-label': 1000,
  crowded: 50,
  'long-headline': 20,
  'uneven-decimals': 5,
  'unfamiliar-rung': 4,
  'idle-zeros': 2,
}
const weigh = (findings: readonly Pick<Finding, 'check' | 'severity'>[]): number =>
  findings.reduce((sum, { check, severity }) => sum + (SEEN[check] ?? GRAVE[severity]), 0)

/** Nobody counts more digits than these, and who looks at a chart reads no more than these. */
const [MOST_COUNTED, MOST_READ] = [15, 6]
const [UNCOUNTED, UNREAD] = [20, 3]
function lengthWeight(labels: readonly string[], surface: Surface): number {
  const most = Math.max(0, ...labels.map((label) => label.match(/\p{Nd}/gu)?.length ?? 0))
  if (most > MOST_COUNTED) return UNCOUNTED
  return most > MOST_READ && surfaces[surface].isPassedOver ? UNREAD : 0
}

/** A style and how grave is what is found of it. */
interface Judged {
  readonly style: Style
  readonly weight: number
}
const judged = (subject: Subject, style: Style): Judged | null =>
  whereResolved(() => {
    const { proof, findings } = findAll({ ...subject, style })
    const told = findings.map(({ check, severity }) => ({ check: check.id, severity }))
    return { style, weight: weigh(told) + lengthWeight(labelsOf(proof), subject.surface) }
  })

const MOST_MENDED = 4
const fixesOf = (subject: Subject): Fix[] =>
  runChecks(subject)
    .filter(({ check, severity }) => severity !== 'note' || SEEN[check])
    .flatMap(({ fixes }) => fixes.filter(isOfStyle))
/** What comes of a style by its own fixes, one after another, as long as each is better. */
function mended(subject: Subject, from: Judged): Judged {
  let best = from
  for (let turn = 0; turn < MOST_MENDED && best.weight > 0; turn++) {
    const next = fixesOf({ ...subject, style: best.style })
      .flatMap(({ style }) => judged(subject, style) ?? [])
      .reduce<Judged>((a, b) => (b.weight < a.weight ? b : a), best)
    if (next === best) break
    best = next
  }
  return best
}

/** On ticks, decimals that follow the step, where they are as good. */
function byStep(subject: Subject, from: Judged): Judged {
  const { fraction, significant } = from.style
  if (!subject.step || !Array.isArray(fraction) || significant) return from
  const found = judged(subject, { ...from.style, fraction: 'step' })
  return found && found.weight <= from.weight ? found : from
}

/** Suggestions of the search that are tried. */
const MOST_TRIED = 4
/**
 * The best style for a surface; null where its own is sound, or none is better.
 *
 * @param beside styles that others of its page were found: a number that reads alike everywhere is
 *   understood at once
 */
function soundStyle(subject: Subject, beside: readonly Style[] = []): Style | null {
  const own = subject.values.length === 0 ? null : judged(subject, subject.style)
  if (!own || own.weight === 0) return null
  // Fixes keep more of the digits than the search does.
  let best = mended(subject, own)
  const sought =
    best.weight === 0
      ? []
      : [
          ...beside,
          ...suggest(fewOf(subject))
            .slice(0, MOST_TRIED)
            .map(({ style }) => style),
        ]
  for (const style of sought) {
    const found = judged(subject, style)
    if (found && found.weight < best.weight) best = found
    if (best.weight === 0) break
  }
  if (best.weight > 0) best = mended(subject, best)
  best = byStep(subject, best)
  return best === own ? null : (difference(subject.style, best.style) as Style)
}

/** What another form of chart has another room for. */
const DRAWN = surfacesWhere(({ isInChart }) => isInChart)
/** A quantity with the styles that its surfaces need, and how grave is what is left. */
function styled(
  sources: SnapshotSources,
  wanted: readonly Surface[],
): { quantity: Quantity; weight: number } {
  const { quantity } = sources
  const page = pageSnapshot(sources)
  if (!page.drawing) return { quantity, weight: 0 }
  const beside: Style[] = []
  const styles = wanted
    .filter((surface) => page.shown.includes(surface))
    .flatMap((surface) => {
      const subject = subjectOf(page[`subject.${surface}`])
      const style = whereResolved(() => soundStyle(subject, beside))
      if (!style || Object.keys(style).length === 0) return []
      if (!surfaces[surface].hasTicks) beside.push({ ...subject.style, ...style })
      return [[surface, style] as const]
    })
  const next =
    styles.length > 0
      ? { ...quantity, surfaces: { ...quantity.surfaces, ...Object.fromEntries(styles) } }
      : quantity
  return { quantity: next, weight: weightOf({ ...sources, quantity: next }) }
}
/** How grave is what is found of the chart of a quantity as it stands. */
function weightOf(sources: SnapshotSources): number {
  const page = pageSnapshot(sources)
  const drawn = DRAWN.filter((surface) => page.shown.includes(surface))
  return drawn.reduce((sum, surface) => {
    const subject = subjectOf(page[`subject.${surface}`])
    return sum + (judged(subject, subject.style)?.weight ?? 0)
  }, 0)
}

/** Charts with more room for labels: bars laid down, then labels on the telling marks alone. */
const ROOMIER: readonly Partial<ChartWishes>[] = [
  { form: 'bars' satisfies FormId },
  { few: true },
  { form: 'bars' satisfies FormId, few: true },
]

/** What a new quantity is found a start for. */
export interface StartSources extends SnapshotSources {
  /** How many rows each row stands for, where they are some of a long table. */
  readonly each?: number
}
/** What writes sums of rows: all but the table, whose own style was found on rows. */
const OF_SUMS = surfacesWhere(({ isByRow }) => !isByRow)
/** The page with sums as large as those of all rows. */
const summed = (sources: SnapshotSources, each: number): SnapshotSources => {
  const { column, chart } = sources.quantity
  const { cellsOf } = sources
  if (chart.aggregate !== 'sum') return sources
  return { ...sources, cellsOf: timesRows({ cellsOf, each }, column) }
}

/**
 * A new quantity with styles for its surfaces, found by the search and by the fixes of the checks,
 * where its own would begin with an error, or with labels that are cut, crowded or ragged on the
 * page; on bars, or with fewer labels, where no style has room.
 *
 * @param sources of the page, the quantity among them
 * @example withSoundStart({ …, quantity: population }).surfaces // { axis: { notation: 'scaled', … } }
 */
export function withSoundStart({ each = 1, ...given }: StartSources): Quantity {
  const rows = { ...given, memory: newMemory() }
  const own = withOwnStyle(rows)
  const sources = each === 1 ? rows : { ...summed(given, each), memory: newMemory() }
  let best = styled({ ...sources, quantity: own }, each === 1 ? SURFACES : OF_SUMS)
  const { quantity } = best
  const kept = { ...quantity.surfaces }
  for (const surface of DRAWN) delete kept[surface]
  for (const chart of ROOMIER) {
    if (best.weight === 0) break
    const drawn = { ...quantity, surfaces: kept, chart: { ...quantity.chart, ...chart } }
    const found = styled({ ...sources, quantity: drawn }, DRAWN)
    if (found.weight < best.weight) best = found
  }
  return best.quantity
}

/**
 * The quantity with what its table needs as its own style, so that all surfaces follow it until
 * they are given another: what is set on one of them is changed by nothing that is said of all.
 */
function withOwnStyle({ quantity, ...sources }: SnapshotSources): Quantity {
  const page = pageSnapshot({ ...sources, quantity })
  if (!page.drawing || !page.shown.includes('table')) return quantity
  const style = whereResolved(() => soundStyle(subjectOf(page['subject.table'])))
  return style ? { ...quantity, style: { ...quantity.style, ...style } } : quantity
}
