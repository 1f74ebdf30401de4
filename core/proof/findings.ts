import { placedAmong } from '../checks/causes'
import { hyphenMinus } from '../checks/hyphen-minus'
import { runChecksOn } from '../checks/run'
import type { Finding, Fix, FindingParams, Severity, Subject } from '../checks/types'
import { compare, subtract } from '../decimal/arithmetic'
import { type Decimal, toNumber } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import type { Regions } from '../label/region'
import type { Axis } from './axis'
import type { ReadColumn } from './columns'
import { labelsFromPlaces, markMismatch, misplaced, unevenSpacing } from './checks'
import type { MarkLabel } from './marks'
import type { Reader, Said } from './read'
import { styleOf } from './style'
import { isLevel } from './edges'
import { proofOfLabels } from './subject'

/** Who reads, and who may have written. */
export interface Readers {
  /** Those who may have written it, the likeliest first. */
  readonly writers: readonly Reader[]
  /** The regions whose people read it, where they are declared. */
  readonly declared: readonly string[]
  readonly regions: Regions
}

/** The checks that look at labels alone; others ask for what a finished work does not tell. */
const APPLY: ReadonlySet<string> = new Set([
  'step-hidden',
  'same-label',
  'vanished',
  'order-reversed',
  'mixed-units',
  'uneven-steps',
  'grouped-name',
  'misread',
  'unclear-marks',
  'does-not-add-up',
  'shares-not-100',
  'mixed-rungs',
  'mixed-notation',
  'rung-overflow',
  'crowded',
  'float-noise',
  'uneven-decimals',
  'unfamiliar-rung',
])
/** On a logarithmic axis every label has its own size. */
const OF_SIZE: ReadonlySet<string> = new Set(['mixed-rungs', 'rung-overflow', 'uneven-decimals'])

/** A fix of how labels are written: places of ticks and forms of a finished chart stay. */
const isOfStyle = (fix: Fix): boolean =>
  !fix.ticks && !fix.layout && !fix.aggregate && !fix.weight && !fix.dropsTotal && !fix.dropsLabels

const found = <Params extends FindingParams>(
  check: { readonly id: string; message(params: Params): string },
  severity: Severity,
  params: Params,
  at: readonly number[],
  fixes: readonly Fix[] = [],
): Finding => ({ check: check.id, severity, params, at, message: check.message(params), fixes })

/**
 * What every check that applies finds of labels that somebody else wrote.
 *
 * @param subject what they stand for
 */
export function findingsOfLabels(
  subject: Omit<Subject, 'style' | 'readers'>,
  said: readonly Said[],
  reader: Reader,
  { declared, regions }: Readers,
): Finding[] {
  const labels = proofOfLabels({ ...subject, readers: declared }, said, reader, regions)
  const findings = runChecksOn(labels.subject, labels.proof)
    .filter(({ check }) => APPLY.has(check))
    .map((finding) => ({ ...finding, fixes: finding.fixes.filter(isOfStyle) }))
  // Hyphens are looked for in texts: a style has its own minus.
  const text = said.map(({ token }) => token.text).join('\n')
  const hyphens = hyphenMinus.find({ ...labels.proof, text })
  if (!hyphens) return findings
  const at = said.flatMap(({ token }, place) => (token.sign === '-' ? [place] : []))
  return [...findings, found(hyphenMinus, hyphens.severity, hyphens.params, at)]
}

function misplacedIn({ misplaced: at, said, values }: Axis, fixes: readonly Fix[]): Finding[] {
  const first = at[0]
  if (first === undefined) return []
  const params = {
    label: said[first]!.token.text,
    said: plainly(said[first]!.value),
    value: plainly(values[first]!),
    count: at.length,
  }
  return [found(misplaced, 'error', params, at, fixes)]
}
function unevenIn({ isUneven, said }: Axis): Finding[] {
  if (!isUneven) return []
  const labels = said.map(({ token }) => token.text)
  return [
    found(
      unevenSpacing,
      'error',
      { labels },
      said.map((_, at) => at),
    ),
  ]
}

/** Whether labels say powers alone, and so each its own exponent. */
const isMixedOnLog = ({ check, params }: Finding): boolean =>
  OF_SIZE.has(check) || (check === 'mixed-notation' && params.which === 'different')

/** Doubles differ so little from the decimals that they stand for, for each of these. */
const NOISE = 1e-12
/** Whether a label differs from its tick by what only binary arithmetic put there. */
const isNoise = (said: Decimal, value: Decimal): boolean =>
  compare(said, value) !== 0 &&
  Math.abs(toNumber(subtract(said, value))) <= NOISE * Math.abs(toNumber(value))

/** Steps between years are small; other numbers of their size begin at zero. */
const [FIRST_YEAR, LAST_YEAR, MOST_BETWEEN] = [1800, 2100, 5]
/** Whether the labels below a chart count years. */
const areYears = ({ isUpright, said, values, step }: Axis): boolean =>
  !isUpright &&
  step !== null &&
  toNumber(step) <= MOST_BETWEEN &&
  said.every(({ unit, rung, decimals }) => unit === '' && rung === '' && decimals === 0) &&
  values.every((value) => toNumber(value) >= FIRST_YEAR && toNumber(value) <= LAST_YEAR)

/**
 * What is found of an axis: by what its labels say where they stand, and by how they are written.
 *
 * @returns findings whose places are those of the axis's labels
 */
export function findingsOfAxis(axis: Axis, readers: Readers): Finding[] {
  const { said, values, misplaced: wrong, step, way, scale, isUneven } = axis
  // What stands in the wrong place is told by that; the rest is looked at without it.
  const right = said.flatMap((_, at) => (wrong.includes(at) ? [] : [at]))
  const ordered = [...right].sort((a, b) => axis.places[a]! - axis.places[b]!)
  const areLevel = axis.labels.every(({ text }) => isLevel(text))
  const places = ordered.map((at) => axis.places[at]!)
  const [first, last] = [places[0]!, places.at(-1)!]
  const fontSize = axis.labels[0]!.text.size
  const subject = {
    surface: 'axis' as const,
    values: ordered.map((at) =>
      isNoise(said[at]!.value, values[at]!) ? said[at]!.value : values[at]!,
    ),
    step: isUneven ? undefined : (step ?? undefined),
    role: areYears(axis) ? ('year' as const) : undefined,
    room:
      areLevel && !isUneven
        ? {
            width: last - first + 10 * fontSize,
            fontSize,
            middles: places.map((at) => at - first),
            stacked: axis.isUpright,
          }
        : undefined,
  }
  const own = findingsOfLabels(
    subject,
    ordered.map((at) => said[at]!),
    way.reader,
    readers,
  ).map((one) => placedAmong(one, ordered))
  const isPowered = scale.kind === 'log' || scale.kind === 'symlog'
  const style = styleOf(said, way.reader)
  return [
    ...misplacedIn(axis, [labelsFromPlaces(style)]),
    ...unevenIn(axis),
    ...own.filter((one) => !(isPowered && isMixedOnLog(one))),
  ]
}

/** What is found of data labels: marks that show other numbers, and how labels are written. */
export function findingsOfMarks(
  marks: readonly MarkLabel[],
  reader: Reader,
  readers: Readers,
): Finding[] {
  const wrong = marks.flatMap(({ isMismatch }, at) => (isMismatch ? [at] : []))
  const worst = wrong[0] === undefined ? null : marks[wrong[0]]!
  const mismatch = worst
    ? [
        found(
          markMismatch,
          'error',
          {
            label: worst.said.token.text,
            said: plainly(worst.said.value),
            reached: plainly(worst.value),
            count: wrong.length,
          },
          wrong,
        ),
      ]
    : []
  const own = findingsOfLabels(
    { surface: 'marks', values: marks.map(({ said }) => said.value) },
    marks.map(({ said }) => said),
    reader,
    readers,
  )
  return [...mismatch, ...own]
}

/** What is found of a column: by the numbers that its cells carry, and by how they are written. */
export function findingsOfColumn(column: ReadColumn, readers: Readers): Finding[] {
  const { said, values, totals, way } = column
  const isLast = totals.length === 1 && totals[0] === said.length - 1
  const parts = said.flatMap((_, at) => (totals.includes(at) ? [] : [at]))
  return findingsOfLabels(
    {
      surface: 'table',
      values: parts.map((at) => values[at]!),
      total: isLast && parts.length > 1 ? said[totals[0]!]!.value : undefined,
      title: column.name,
    },
    parts.map((at) => said[at]!),
    way.reader,
    readers,
  ).map((one) => placedAmong(one, parts))
}
