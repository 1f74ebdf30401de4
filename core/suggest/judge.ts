import { notations } from '../notations'
import { findUnlessError } from '../checks/run'
import { labelsOf, proofOf, saidOf, valuesOf } from '../checks/proof'
import type { Proof, Severity, Subject } from '../checks/types'
import { compare, leadingPower, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../decimal/decimal'
import { divide } from '../decimal/round'
import type { Plan } from '../label/types'
import type { Reason } from '../ticks/reasons'
import { tellingDigits } from '../decimal/zeros'

/** How good the labels of a style are. */
export interface Judged {
  readonly labels: readonly string[]
  /** 0 for short labels without a finding; above 1 for bad ones. */
  readonly cost: number
  /** What speaks for it, and what against it. */
  readonly reasons: readonly Reason[]
  /** Whether plain digits would do as well: it is wanted only where nothing else can be had. */
  readonly isNeedless: boolean
}
/** The labels of a style before any check has looked at them: checks only add to their cost. */
export interface Draft extends Judged {
  readonly proof: Proof
}

/** What a finding costs; a style with an error is never suggested. */
const COST: Record<Exclude<Severity, 'error'>, number> = { warning: 0.25, note: 0.08 }
/**
 * Labels of this length cost as much as everything else together: an axis has room for about so
 * much.
 */
const LONG = 24
const LENGTH_WEIGHT = 0.5

/** Powers of ten from here to there are read faster as digits or with a name. */
const [LEAST_COUNTED, MOST_COUNTED] = [-4, 8]
const NEEDLESS_POWERS = 0.4

/** Whether powers of ten stand where digits would do. */
function hasNeedlessPowers({ style }: Subject, values: readonly Decimal[]): boolean {
  if (!style.notation || !notations[style.notation].hasExponent) return false
  const powers = values.filter(({ coefficient }) => coefficient !== 0n).map(leadingPower)
  return powers.every((power) => power > LEAST_COUNTED && power < MOST_COUNTED)
}

/** Digits of a number as they are written plain, group marks among them. */
function plainLength(value: Decimal): number {
  const [whole = '', decimals] = toText(value).replace('-', '').split('.')
  const groups = Math.floor((whole.length - 1) / 3)
  return whole.length + groups + (decimals ? decimals.length + 1 : 0)
}
/** Whether symbols of rungs make labels no shorter: 2.021K for 2,021. */
function hasNeedlessRungs(
  { style }: Subject,
  values: readonly Decimal[],
  labels: readonly string[],
): boolean {
  const isBare = !style.unit && !style.before && !style.after && style.rungForm !== 'word'
  if (!style.notation || !notations[style.notation].hasRungs || !isBare) return false
  const longest = Math.max(...labels.map((label) => label.replace(/^[-−]/, '').length))
  return longest >= Math.max(...values.map(plainLength))
}

/** Numbers of so few digits need no rounding. */
const FEW_DIGITS = 4
const WORTH_ROUNDING = 0.02
/** Whether numbers that are short already lose digits that tell something. */
const roundsShort = (values: readonly Decimal[], off: number): boolean =>
  off > WORTH_ROUNDING && values.every((value) => tellingDigits(value).length <= FEW_DIGITS)

/** How far the worst label reads from its value, as a part of it. */
function worstOff(values: readonly Decimal[], said: readonly Decimal[]): number {
  return values.reduce(
    (worst, value, at) =>
      value.coefficient === 0n || compare(value, said[at]!) === 0
        ? worst
        : Math.max(
            worst,
            toNumber(divide(magnitudeOf(subtract(value, said[at]!)), magnitudeOf(value))),
          ),
    0,
  )
}
function errorReason(off: number): Reason {
  if (off === 0) return { code: 'exact' }
  return off < 0.0001
    ? { code: 'tinyError' }
    : { code: 'error', percent: String(Math.ceil(off * 10_000) / 100) }
}

/**
 * Writes labels: long ones, needless powers and what labels lose, all cost.
 *
 * @param plan that of the subject's style, where it is made already
 * @throws StyleError where the subject's style cannot be resolved
 */
export function drafted(subject: Subject, plan?: Plan): Draft {
  const proof = proofOf(subject, plan)
  const labels = labelsOf(proof)
  const values = valuesOf(proof)
  const longest = Math.max(...labels.map((label) => label.length))
  const off = worstOff(values, saidOf(proof))
  const needless = hasNeedlessPowers(subject, values)
  return {
    proof,
    labels,
    isNeedless: needless || hasNeedlessRungs(subject, values, labels) || roundsShort(values, off),
    cost:
      LENGTH_WEIGHT * Math.min(1, longest / LONG) +
      Math.min(1, off) +
      (needless ? NEEDLESS_POWERS : 0),
    reasons: [
      { code: 'length', count: longest },
      errorReason(off),
      ...(needless ? [{ code: 'needlessPowers' as const }] : []),
    ],
  }
}

/**
 * Judges labels: warnings and notes cost too.
 *
 * @param seen labels that were judged good before; those of this draft join them
 * @returns null where a check finds an error, or the same labels were judged good before
 */
export function judge({ proof, ...draft }: Draft, seen: Set<string>): Judged | null {
  const key = draft.labels.join('\n')
  const findings = seen.has(key) ? null : findUnlessError(proof)
  if (!findings) return null
  seen.add(key)
  return {
    ...draft,
    cost: findings.reduce(
      (sum, { severity }) => sum + COST[severity as 'warning' | 'note'],
      draft.cost,
    ),
    reasons: [
      ...draft.reasons,
      ...findings.map(({ check }) => ({ code: 'finding' as const, check: check.id })),
    ],
  }
}
