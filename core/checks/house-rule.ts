import type { Decision } from '../label/fast/column'
import { fields, type FieldName, type FullStyle, type Style } from '../style/fields'
import type { Phrase } from '../style/phrases/types'
import { withDecimals } from '../style/decimals'
import { fix } from './fixes'
import { houseRuleWords, ruledValue } from './houseRules'
import { placesWhere, quoted, saysSome } from './numbers'
import { labelAt } from './proof'
import type { Check, Fix, HouseRule, Proof } from './types'

/** Whether a label has what a value of a field says. */
type Has = (decision: Decision, proof: Proof) => boolean

const rungAt = ({ written: { rule, rung } }: Decision, { plan }: Proof) =>
  plan.rules[rule]!.rungs[rung]!
const hasExponent: Has = ({ written }) => written.exponent !== null
const hasRung: Has = (decision, proof) =>
  !hasExponent(decision, proof) && rungAt(decision, proof).text !== ''

const notations: Readonly<Record<string, Has>> = {
  plain: (decision, proof) => !hasExponent(decision, proof) && !hasRung(decision, proof),
  // What is below the first rung has none.
  scaled: hasRung,
  scientific: hasExponent,
}
/** Fields of which a label tells itself what it has; of the others the style does. */
const told: { readonly [Name in FieldName]?: (value: unknown) => Has | undefined } = {
  notation: (value) => notations[String(value)],
  rung: (value) =>
    typeof value === 'number'
      ? (decision, proof) =>
          !hasExponent(decision, proof) && rungAt(decision, proof).power === value
      : undefined,
  fraction: (value) => {
    if (!Array.isArray(value)) return undefined
    const [least, most] = value as [number, number]
    return ({ written }) => written.decimals >= least && written.decimals <= most
  },
}
/** What a label may be although it has not what is wanted: digits below the first rung. */
const mayBe = (rule: HouseRule, decision: Decision, proof: Proof): boolean =>
  rule.field === 'notation' && rule.is === 'scaled' && notations.plain!(decision, proof)

const alike = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
/** Whether a style breaks a rule on its own: in what it sets, or in one of its cases. */
function breaksIn(full: FullStyle, rule: HouseRule): boolean {
  const values = [full[rule.field], ...full.cases.map(({ use }) => (use as Style)[rule.field])]
  return values.some(
    (value) => value !== undefined && alike(value, ruledValue(rule)) !== (rule.is !== undefined),
  )
}

/** The places of the labels that break a rule. */
function brokenAt(proof: Proof, rule: HouseRule): number[] {
  const has = told[rule.field]?.(ruledValue(rule))
  if (!has) return breaksIn(proof.full, rule) ? placesWhere(proof, () => true) : []
  return placesWhere(
    proof,
    (decision) =>
      saysSome(decision) &&
      has(decision, proof) !== (rule.is !== undefined) &&
      !mayBe(rule, decision, proof),
  )
}

const rulesOf = ({ rules = [], surface }: Proof): readonly HouseRule[] =>
  rules.filter((rule) => rule.surface === undefined || rule.surface === surface)

/** A field set to a value; decimals replace significant digits. */
const set = ({ style }: Proof, field: FieldName, value: unknown): Style => ({
  ...style,
  ...(field === 'fraction' ? withDecimals(style, 0) : {}),
  [field]: value,
})

/** What a broken rule asks for; where it says what must not be, each other choice of its field. */
function* keeping(proof: Proof, rule: HouseRule): Generator<Fix> {
  const phrase = fields[rule.field].phrase as Phrase<unknown>
  const values =
    rule.is === undefined
      ? phrase.choices(proof.full).filter((value) => !alike(value, rule.isNot))
      : [rule.is]
  for (const value of values) {
    const style = set(proof, rule.field, value)
    yield fix(
      'as-ruled',
      { words: `${phrase.name}, ${phrase.say(value, { ...proof.full, ...style })}` },
      { way: 'labels', style },
    )
  }
}

/** Protects what a house decided once from charts that do otherwise. */
export const houseRule: Check<{ rule: string; why: string; label: string; more: number }> = {
  id: 'house-rule',
  title: 'A house rule is broken',
  weight: 'warning',
  finds: 'labels or a style that break a rule of the study',
  find(proof) {
    const broken = rulesOf(proof)
      .map((rule) => ({ rule, at: brokenAt(proof, rule) }))
      .filter(({ at }) => at.length > 0)
    const first = broken[0]
    if (!first) return null
    return {
      severity: 'warning',
      params: {
        rule: houseRuleWords(first.rule),
        why: first.rule.why,
        label: labelAt(proof, first.at[0]!),
        more: broken.length - 1,
      },
      at: [...new Set(broken.flatMap(({ at }) => at))].sort((a, b) => a - b),
    }
  },
  message: ({ rule, why, label, more }) =>
    `${quoted(label)} breaks “${rule}”: ${why}${more > 0 ? ` (and ${more} more)` : ''}`,
  *propose(proof) {
    for (const rule of rulesOf(proof))
      if (brokenAt(proof, rule).length > 0) yield* keeping(proof, rule)
  },
}
