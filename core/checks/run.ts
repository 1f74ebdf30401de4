import { extent } from '../data/extent'
import { type Decimal, parseDecimal } from '../decimal/decimal'
import { whereResolved } from '../error'
import { linearTicks } from '../ticks/linear'
import { checks } from '.'
import { surfaces } from '../surfaces'
import { byCause, RANK } from './causes'
import { withFraction } from '../style/decimals'
import { layouts } from './layouts'
import { proofOf, valueAt, valuesOf } from './proof'
import { sampleOf } from './sample'
import type { Change, Check, Finding, Fix, Proof, Severity, Subject, ToldFinding } from './types'

const USUAL_FIXES = 2

/** What ticks after a change span: what they did, and the data where these are to lie within. */
function endsAfter(
  subject: Subject,
  { enclose = false }: NonNullable<Change['ticks']>,
): readonly [Decimal, Decimal] {
  const ends = [valueAt(subject, 0), valueAt(subject, subject.values.length - 1)]
  const [least, largest] = extent([...ends, ...((enclose && subject.data) || [])])
  return [least!, largest!]
}

/**
 * The subject after a change: another style, and other ticks where the change says so.
 *
 * @throws TickError for a step that makes too many ticks
 */
export function changed(subject: Subject, change: Change): Subject {
  if (change.dropsLabels) return { ...subject, byHand: undefined }
  if (change.dropsTotal) return { ...subject, total: undefined }
  if (change.aggregate) return { ...subject, aggregate: change.aggregate }
  if (change.filter) return filtered(subject, change.filter)
  if (change.layout) return layouts[change.layout](subject)
  if (!change.ticks) return { ...subject, style: change.style, refused: undefined }
  const step = parseDecimal(change.ticks.step)!
  const ends = endsAfter(subject, change.ticks)
  return {
    ...subject,
    style: change.style,
    step,
    context: { ...subject.context, values: undefined, step: undefined },
    values: linearTicks({ domain: ends, step, ends: 'loose' }).values,
  }
}

/** The subject with the rows that a filter leaves, as far as it has rows. */
function filtered(
  { values, rows, ...subject }: Subject,
  { column, is }: NonNullable<Change['filter']>,
): Subject {
  const one = { ...subject, mixed: undefined, total: undefined, selection: undefined }
  if (!rows) return { ...one, values }
  const kept = rows.flatMap((row, at) =>
    is.includes(String(row[column] ?? '').trim()) ? [at] : [],
  )
  const all = valuesOf({ values })
  return {
    ...one,
    context: { ...subject.context, values: undefined, rows: undefined },
    values: kept.map((at) => all[at]!),
    rows: kept.map((at) => rows[at]!),
  }
}

type Verdict = NonNullable<ReturnType<Check['find']>>
/** What each check finds, check by check. */
const findingsIn = (proof: Proof, onStep: () => void = () => {}): ReadonlyMap<Check, Verdict> =>
  new Map(
    checks.flatMap((check) => {
      const found = check.find(proof)
      onStep()
      return found ? [[check, found] as const] : []
    }),
  )
/**
 * How serious each check's finding is: all that is kept of a change that was tried, since places
 * may be a million.
 */
type Found = ReadonlyMap<Check, Severity>
const severitiesOf = (findings: ReadonlyMap<Check, Verdict>): Found =>
  new Map([...findings].map(([check, { severity }]) => [check, severity]))

/**
 * What every check finds of a style that may be offered; null as soon as one finds an error, which
 * the first of them do.
 */
export function findUnlessError(proof: Proof): { check: Check; severity: Severity }[] | null {
  const findings: { check: Check; severity: Severity }[] = []
  for (const check of checks) {
    const found = check.find(proof)
    if (found?.severity === 'error') return null
    if (found) findings.push({ check, severity: found.severity })
  }
  return findings
}

/**
 * What every check finds, without fixes: for many styles of the same values.
 *
 * @throws StyleError where the style cannot be resolved
 */
export function findAll(subject: Subject): {
  proof: Proof
  findings: { check: Check; severity: Severity }[]
} {
  const proof = proofOf(subject)
  return {
    proof,
    findings: [...findingsIn(proof)].map(([check, { severity }]) => ({ check, severity })),
  }
}

/**
 * A change is good when its check is silent afterwards, and nothing as serious is found that was
 * not found before.
 */
function isGood(check: Check, before: Found, after: Found): boolean {
  const rank = RANK[before.get(check)!]
  return (
    !after.has(check) &&
    [...after].every(([other, severity]) => RANK[severity] < rank || before.has(other))
  )
}
const hasErrors = (found: Found): boolean => [...found.values()].includes('error')

/** Of an axis, what turns to these needs other decimals for the same step. */
const LEVELS: ReadonlySet<Change['way']> = new Set(['rung', 'notation', 'exponent'])
/**
 * What a check proposes; on ticks each other rung or exponent with the decimals of their step too.
 */
function* proposed(check: Check, proof: Proof): Generator<Fix> {
  const isStepped = surfaces[proof.surface].hasTicks && proof.step !== undefined
  for (const change of check.propose(proof)) {
    yield change
    if (isStepped && LEVELS.has(change.way))
      yield { ...change, style: { ...change.style, ...withFraction(change.style, 'step') } }
  }
}

/**
 * The changes to try, smallest first. Of a long set those alone that mend a sample of it: first
 * those that leave no error there, since what is an error among some is one among all.
 */
function* mendsOfSample(check: Check, proof: Proof, at: Verdict['at']): Generator<Fix> {
  const sample = sampleOf(proof, at)
  if (!sample) return yield* proposed(check, proof)
  const unclean: Fix[] = []
  for (const change of proposed(check, proof)) {
    const sampled = whereResolved(() => proofOf(changed(sample, change)))
    if (!sampled || check.find(sampled)) continue
    if (findUnlessError(sampled)) yield change
    else unclean.push(change)
  }
  yield* unclean
}

/**
 * Of the changes that turn to the same, the smallest that leaves no error; where none does, the
 * smallest that is good.
 */
function fixesFor(
  check: Check,
  proof: Proof,
  at: Verdict['at'],
  before: Found,
  findingsAfter: (check: Check, change: Change) => Found | null,
): Fix[] {
  const ways = new Map<Change['way'], { change: Fix; isClean: boolean }>()
  const most = check.mostFixes ?? USUAL_FIXES
  for (const change of mendsOfSample(check, proof, at)) {
    if (ways.get(change.way)?.isClean) continue
    const after = findingsAfter(check, change)
    if (!after) continue
    const isClean = !hasErrors(after)
    if (isGood(check, before, after) && (isClean || !ways.has(change.way)))
      ways.set(change.way, { change, isClean })
    if (ways.size >= most && [...ways.values()].every((way) => way.isClean)) break
  }
  return [...ways.values()].slice(0, most).map(({ change }) => change)
}

/** Findings as they are told, those of one cause as one. */
function toldOf(
  findings: ReadonlyMap<Check, Verdict>,
  fixesOf: (check: Check) => readonly Fix[],
  onStep: () => void = () => {},
): Finding[] {
  const causes = byCause(findings)
  const told = (check: Check): ToldFinding => {
    const found = findings.get(check)!
    return { check: check.id, ...found, message: check.message(found.params) }
  }
  return checks.flatMap((check) => {
    onStep()
    if (causes.get(check) !== check) return []
    const fixes = fixesOf(check)
    const also = [...causes].filter(([other, cause]) => other !== check && cause === check)
    return [
      {
        ...told(check),
        fixes,
        ...(also.length > 0 ? { also: also.map(([other]) => told(other)) } : {}),
      },
    ]
  })
}

/**
 * Runs every check. Findings of one cause are told as one, the others named in it. A fix is offered
 * only after it was tried: its check holds with it, and it brings no new error.
 *
 * @param subject values as they stand on one surface
 * @param onStep told after each step how much is done, from 0 to 1
 * @throws StyleError where the style cannot be resolved
 * @example runChecks({ surface: 'axis', style: { fraction: [0, 0] }, values: ticks, step })[0].check // 'step-hidden'
 */
export const runChecks = (subject: Subject, onStep?: (done: number) => void): Finding[] =>
  runChecksOn(subject, proofOf(subject), onStep)

/**
 * Runs every check on what is decided already, as by labels that somebody else wrote.
 *
 * @param subject what changes are tried on
 * @param proof the same with its decisions
 * @param onStep told after each step how much is done, from 0 to 1
 */
export function runChecksOn(
  subject: Subject,
  proof: Proof,
  onStep: (done: number) => void = () => {},
): Finding[] {
  let steps = 0
  const step = () => onStep(++steps / (2 * checks.length + 1))
  step()
  const findings = findingsIn(proof, step)
  const before = severitiesOf(findings)
  // Checks often propose the same change.
  const tried = new Map<string, Found>()
  const findingsAfter = (check: Check, change: Change): Found | null => {
    const key = JSON.stringify([
      change.style,
      change.ticks,
      change.dropsLabels,
      change.layout,
      change.dropsTotal,
      change.filter,
      change.aggregate,
      change.weight,
    ])
    if (!tried.has(key)) {
      const after = whereResolved(() => proofOf(changed(subject, change)))
      // Where its own check is not silent, what the others find does not matter.
      const isMended = after !== null && !check.find(after)
      if (!isMended) return null
      tried.set(key, severitiesOf(findingsIn(after)))
    }
    return tried.get(key)!
  }
  return toldOf(
    findings,
    (check) => fixesFor(check, proof, findings.get(check)!.at, before, findingsAfter),
    step,
  )
}

/**
 * Runs every check without looking for what mends them, which takes most of the time.
 *
 * @throws StyleError where the style cannot be resolved
 */
export const runChecksAlone = (subject: Subject): Finding[] =>
  toldOf(findingsIn(proofOf(subject)), () => [])
