import { type Decimal, parseDecimal, toExactText } from '../decimal/decimal'
import { decide, saidBy } from '../label/decide'
import { resolve } from '../label/resolve'
import { textOf } from '../label/write'
import { inherit } from '../style/inherit'
import { linearTicks } from '../ticks/linear'
import { checks } from '.'
import type { Change, Check, Finding, Proof, Subject } from './types'

const MOST_FIXES = 2

function proofOf(subject: Subject): Proof {
  // What is shared by a set is decided by the set, where nothing else is said.
  const context = { ...subject.context, values: subject.context?.values ?? subject.values.map(toExactText), rows: subject.context?.rows ?? subject.rows }
  const plan = resolve(subject.style, context)
  const written = subject.values.map((value, at) => decide(plan, value, subject.rows?.[at]))
  return {
    ...subject,
    context,
    full: inherit(subject.style),
    plan,
    written,
    labels: written.map((one) => textOf(plan, one)),
    said: written.map((one) => saidBy(plan, one)),
  }
}

/** The subject after a change: another style, and other ticks where the change says so. */
export function changed(subject: Subject, change: Change): Subject {
  if (change.dropsLabels) return { ...subject, byHand: undefined }
  if (!change.ticks) return { ...subject, style: change.style }
  const step = parseDecimal(change.ticks.step)!
  const ends: readonly [Decimal, Decimal] = [subject.values[0]!, subject.values.at(-1)!]
  return { ...subject, style: change.style, step, context: { ...subject.context, values: undefined }, values: linearTicks({ domain: ends, step, ends: 'loose' }).values }
}

const errorsIn = (proof: Proof): Check[] => checks.filter((check) => check.find(proof)?.severity === 'error')

/** A change is good when its check is silent afterwards and no error stands that did not stand before. */
function isGood(check: Check, before: readonly Check[], after: Proof): boolean {
  return !check.find(after) && errorsIn(after).every((error) => before.includes(error))
}

function fixesFor(check: Check, proof: Proof, errors: readonly Check[]): Change[] {
  const fixes: Change[] = []
  const ways = new Set<Change['way']>()
  for (const change of check.propose(proof)) {
    if (ways.has(change.way) || !isGood(check, errors, proofOf(changed(proof, change)))) continue
    ways.add(change.way)
    fixes.push(change)
    if (fixes.length === MOST_FIXES) break
  }
  return fixes
}

/**
 * Runs every check. A fix is offered only after it was tried: its check holds with it, and it
 * brings no new error.
 *
 * @param subject values as they stand on one surface
 * @throws StyleError where the style cannot be resolved
 * @example runChecks({ surface: 'axis', style: { fraction: [0, 0] }, values: ticks, step })[0].check // 'step-hidden'
 */
export function runChecks(subject: Subject): Finding[] {
  const proof = proofOf(subject)
  const errors = errorsIn(proof)
  return checks.flatMap((check) => {
    const found = check.find(proof)
    return found ? [{ check: check.id, ...found, fixes: fixesFor(check, proof, errors) }] : []
  })
}
