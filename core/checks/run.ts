import { type Decimal, parseDecimal, toExactText, toNumber } from '../decimal/decimal'
import { decide, saidBy } from '../label/decide'
import { fastLabels } from '../label/fast/fast'
import { resolve } from '../label/resolve'
import type { Plan, Written } from '../label/types'
import { textOf } from '../label/write'
import { endsDecide } from '../style/columns'
import { inherit } from '../style/inherit'
import { linearTicks } from '../ticks/linear'
import { checks } from '.'
import type { Change, Check, Finding, Proof, Severity, Subject } from './types'

const MOST_FIXES = 2

/** The values that decide what is shared: all of them, or the two ends of a long column where those do. */
function shownBy({ values, doubles, style }: Subject): string[] {
  if (!doubles || !endsDecide(style)) return values.map(toExactText)
  let [least, largest] = [0, 0]
  for (let at = 1; at < doubles.length; at++) {
    if (doubles[at]! < doubles[least]!) least = at
    if (doubles[at]! > doubles[largest]!) largest = at
  }
  return [values[least], values[largest]].flatMap((value) => (value ? [toExactText(value)] : []))
}

function proofOf(subject: Subject): Proof {
  // What is shared by a set is decided by the set, where nothing else is said.
  const context = { ...subject.context, values: subject.context?.values ?? shownBy(subject), rows: subject.context?.rows ?? subject.rows }
  const plan = resolve(subject.style, context)
  return { ...subject, context, full: inherit(subject.style), plan, ...(columnOf(subject, plan) ?? writtenOf(subject, plan)) }
}

type Labelled = Pick<Proof, 'written' | 'labels' | 'said' | 'saidDoubles' | 'alike'>

function writtenOf({ values, rows }: Subject, plan: Plan): Labelled {
  const written = values.map((value, at) => decide(plan, value, rows?.[at]))
  return { written, labels: written.map((one) => textOf(plan, one)), said: written.map((one) => saidBy(plan, one)) }
}

/** The same of a long column of doubles: what a label says is decided once, however often it stands there. */
function columnOf({ values, doubles }: Subject, plan: Plan): Labelled | null {
  const fast = doubles && fastLabels(plan)
  if (!fast) return null
  const known = new Map<string, { written: Written; said: Decimal; double: number; id: number }>()
  const alike = new Int32Array(values.length)
  const saidDoubles = new Float64Array(values.length)
  const labels: string[] = []
  const written: Written[] = []
  const said: Decimal[] = []
  for (let at = 0; at < values.length; at++) {
    const label = fast(doubles[at]!) ?? textOf(plan, decide(plan, values[at]!))
    let one = known.get(label)
    if (!one) {
      const decided = decide(plan, values[at]!)
      const number = saidBy(plan, decided)
      one = { written: decided, said: number, double: toNumber(number), id: known.size }
      known.set(label, one)
    }
    labels.push(label)
    written.push(one.written)
    said.push(one.said)
    saidDoubles[at] = one.double
    alike[at] = one.id
  }
  return { written, labels, said, saidDoubles, alike }
}

/** The subject after a change: another style, and other ticks where the change says so. */
export function changed(subject: Subject, change: Change): Subject {
  if (change.dropsLabels) return { ...subject, byHand: undefined }
  if (!change.ticks) return { ...subject, style: change.style }
  const step = parseDecimal(change.ticks.step)!
  const ends: readonly [Decimal, Decimal] = [subject.values[0]!, subject.values.at(-1)!]
  return { ...subject, style: change.style, step, context: { ...subject.context, values: undefined }, doubles: undefined, values: linearTicks({ domain: ends, step, ends: 'loose' }).values }
}

const RANK: Record<Severity, number> = { note: 0, warning: 1, error: 2 }
type Said = NonNullable<ReturnType<Check['find']>>
/** What each check finds, check by check. */
const findingsIn = (proof: Proof, onStep: () => void = () => {}): ReadonlyMap<Check, Said> => new Map(checks.flatMap((check) => {
  const found = check.find(proof)
  onStep()
  return found ? [[check, found] as const] : []
}))
/** How serious each check's finding is: all that is kept of a change that was tried, since places may be a million. */
type Found = ReadonlyMap<Check, Severity>
const severitiesOf = (findings: ReadonlyMap<Check, Said>): Found => new Map([...findings].map(([check, { severity }]) => [check, severity]))

/**
 * What every check finds, without fixes: for many styles of the same values.
 *
 * @throws StyleError where the style cannot be resolved
 */
export function findAll(subject: Subject): { labels: readonly string[]; said: Proof['said']; findings: { check: Check; severity: Severity }[] } {
  const proof = proofOf(subject)
  return { labels: proof.labels, said: proof.said, findings: [...findingsIn(proof)].map(([check, { severity }]) => ({ check, severity })) }
}

/** A change is good when its check is silent afterwards, and nothing as serious is found that was not found before. */
function isGood(check: Check, before: Found, after: Found): boolean {
  const rank = RANK[before.get(check)!]
  return !after.has(check) && [...after].every(([other, severity]) => RANK[severity] < rank || before.has(other))
}
const hasErrors = (found: Found): boolean => [...found.values()].includes('error')

/** Larger sets are looked at in part before a change is tried on all of them. */
const MOST_TRIED_WHOLE = 2000
const SAMPLED = 500

/** Values that a finding is about, and some of all, in the set that they belong to; null where all can be tried at once. */
function sampleOf(subject: Subject, at: readonly number[]): Subject | null {
  const { values, doubles, rows, byHand, total, shares } = subject
  if (values.length <= MOST_TRIED_WHOLE || byHand || total || shares) return null
  const stride = Math.ceil(values.length / SAMPLED)
  const even = [...values.keys()].filter((place) => place % stride === 0)
  const places = [...new Set([...at.slice(0, SAMPLED), ...even])].sort((a, b) => a - b)
  return { ...subject, values: places.map((place) => values[place]!), doubles: doubles && Float64Array.from(places, (place) => doubles[place]!), rows: rows && places.map((place) => rows[place]!) }
}

/** Of the changes that turn to the same, the smallest that leaves no error; where none does, the smallest that is good. */
function fixesFor(check: Check, proof: Proof, at: Said['at'], before: Found, findingsAfter: (change: Change) => Found): Change[] {
  const ways = new Map<Change['way'], { change: Change; isClean: boolean }>()
  const sample = sampleOf(proof, at)
  for (const change of check.propose(proof)) {
    if (ways.get(change.way)?.isClean) continue
    if (sample && check.find(proofOf(changed(sample, change)))) continue
    const after = findingsAfter(change)
    const isClean = !hasErrors(after)
    if (isGood(check, before, after) && (isClean || !ways.has(change.way))) ways.set(change.way, { change, isClean })
    if (ways.size >= MOST_FIXES && [...ways.values()].every((way) => way.isClean)) break
  }
  return [...ways.values()].slice(0, MOST_FIXES).map(({ change }) => change)
}

/**
 * Runs every check. A fix is offered only after it was tried: its check holds with it, and it
 * brings no new error.
 *
 * @param subject values as they stand on one surface
 * @param onStep told after each step how much is done, from 0 to 1
 * @throws StyleError where the style cannot be resolved
 * @example runChecks({ surface: 'axis', style: { fraction: [0, 0] }, values: ticks, step })[0].check // 'step-hidden'
 */
export function runChecks(subject: Subject, onStep: (done: number) => void = () => {}): Finding[] {
  let steps = 0
  const step = () => onStep(++steps / (2 * checks.length + 1))
  const proof = proofOf(subject)
  step()
  const findings = findingsIn(proof, step)
  const before = severitiesOf(findings)
  // Checks often propose the same change.
  const tried = new Map<string, Found>()
  const findingsAfter = (change: Change): Found => {
    const key = JSON.stringify([change.style, change.ticks, change.dropsLabels])
    const found = tried.get(key) ?? severitiesOf(findingsIn(proofOf(changed(subject, change))))
    tried.set(key, found)
    return found
  }
  return checks.flatMap((check) => {
    step()
    const found = findings.get(check)
    return found ? [{ check: check.id, ...found, fixes: fixesFor(check, proof, found.at, before, findingsAfter) }] : []
  })
}
