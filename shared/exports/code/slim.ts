import { decimal } from '../../../core/decimal/decimal'
import { tellingDigits } from '../../../core/decimal/zeros'
import { type DoublePlan, doublePlan } from '../../../core/label/fast/doublePlan'
import type { Frames, Plan, Rule, Rung, SignMode, SignState } from '../../../core/label/types'
import type { SpokenPlan } from '../../../core/text/spoken'

/** What a module is made of, before it is text. */
export interface Source {
  readonly plan: Plan
  readonly words: SpokenPlan
  /** What writes doubles at once; null where exact digits must decide all labels. */
  readonly doubles: DoublePlan | null
  /** What stands in the place of a unit that no row names; null where that is an error. */
  readonly lacking: string | null
  /** The rungs that an axis chooses from when it zooms; null where it places no ticks anew. */
  readonly ladder: readonly Rung[] | null
}

/** Powers of the rungs that axes zoom to. */
const ZOOMED = { least: -15, largest: 18 }
/** Whether a factor only moves the decimal mark, so that steps are round before it and after it. */
const keepsRound = (factor: string): boolean => tellingDigits(decimal(factor)) === '1'
/**
 * The rungs that an axis may choose from anew; null where its labels are no plain numbers, or are in
 * a unit in which the steps of its values are not round.
 */
export function ladderOf({ rules, recorded }: Plan): readonly Rung[] | null {
  const [rule] = rules
  const isPlain =
    rules.length === 1 &&
    recorded === 0 &&
    !rule!.convert &&
    keepsRound(rule!.factor) &&
    !rule!.multiple &&
    !rule!.clock &&
    !rule!.uncertainty &&
    rule!.under === null &&
    rule!.over === null &&
    rule!.rungs.every(({ base, fromBase }) => base === 10 && fromBase === 10)
  if (!isPlain) return null
  return rule!.rungs.filter(({ power }) => power >= ZOOMED.least && power <= ZOOMED.largest)
}

/**
 * The places of the rungs that a rule can write in: a frozen one, and the last, behind which
 * exponents begin; null where each label chooses.
 */
function rungsUsed({ fixedRung, exponent, beyond, rungs }: Rule): number[] | null {
  if (fixedRung === null || exponent !== null) return null
  return beyond === null ? [fixedRung] : [...new Set([fixedRung, rungs.length - 1])]
}

/** The states that a sign can have in each mode. */
const STATES: Readonly<Record<SignMode, readonly SignState[]>> = {
  auto: ['none', 'minus'],
  always: ['minus', 'plus'],
  exceptZero: ['none', 'minus', 'plus'],
  never: ['none'],
  parentheses: ['none', 'minus'],
}
const isFrames = (data: object): data is Frames => 'none' in data && 'minus' in data
/** Data without the frames of signs that no label has; beside an error a number has no sign. */
function withStates(data: unknown, states: ReadonlySet<string>): unknown {
  if (typeof data !== 'object' || data === null) return data
  if (Array.isArray(data)) return data.map((one) => withStates(one, states))
  const kept = Object.entries(data).filter(([key]) => !isFrames(data) || states.has(key))
  return Object.fromEntries(kept.map(([key, one]) => [key, withStates(one, states)]))
}
/** Fields that mean the same where they are null and where they are not there. */
const OPEN = ['when', 'names', 'plurals', 'under', 'over', 'zero', 'exponent', 'beyond', 'multiple']

/** A rule, or what another writes otherwise, as it is written into a module. */
function withoutIdle<Part extends Partial<Rule>>(part: Part, { sign }: Rule, plan: Plan): Part {
  const kept = Object.entries(part).filter(
    ([key, value]) =>
      !(value === null && OPEN.includes(key)) && !(key === 'bare' && plan.unitAt === 'label'),
  )
  return withStates(Object.fromEntries(kept), new Set(['none', ...STATES[sign]])) as Part
}

/** What is slimmed, and what is chosen of it. */
type Given = Pick<Source, 'plan' | 'words'> & Partial<Pick<Source, 'lacking' | 'ladder'>>

/**
 * The same without what no label needs: ladders reach to 10³⁰³, and a frozen rung is one of them;
 * most labels have no plus.
 */
export function slim({ plan, words, lacking = null, ladder = null }: Given): Source {
  const used = plan.rules.map(rungsUsed)
  const rules = plan.rules.map((rule, place) => {
    const kept = used[place]
    if (!kept) return rule
    const { by } = rule.precision
    const precision = by ? { ...rule.precision, by: kept.map((at) => by[at]!) } : rule.precision
    return { ...rule, rungs: kept.map((at) => rule.rungs[at]!), fixedRung: 0, precision }
  })
  const said = words.rules.map((own, place) => {
    const kept = used[place]
    return own.rungs && kept ? { ...own, rungs: kept.map((at) => own.rungs![at]!) } : own
  })
  const slimmer = { ...plan, rules }
  return {
    plan: { ...plan, rules: rules.map((rule) => withoutIdle(rule, rule, plan)) },
    words: { ...words, rules: said.map((own, place) => withoutIdle(own, rules[place]!, plan)) },
    doubles: doublePlan(slimmer),
    lacking,
    // What the Plan has itself is not written twice.
    ladder: ladder && (slimmer.rules[0]!.fixedRung === null || ladder.length < 2) ? [] : ladder,
  }
}
