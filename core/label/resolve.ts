import { decimal, type Decimal, toText } from '../decimal/decimal'
import { multiply, shift } from '../decimal/arithmetic'
import { ladderOf } from '../ladders/find'
import en from '../locale/generated/en.json'
import type { LocaleTable } from '../locale/types'
import { notations } from '../notations'
import type { Contribution, Notation } from '../notations/types'
import { StyleError } from '../style/error'
import type { FullStyle, Style } from '../style/schemas'
import { inherit } from '../style/inherit'
import { ruleFor } from './decide'
import { framesOf, type UnitTexts, unitTexts } from './frames'
import { sharedLevel } from './shared'
import type { Condition, Grouping, Plan, Row, Rule, Value } from './types'
import { amountOf, isFiniteAmount } from './value'
import { superscript } from './write'

export interface Context {
  /** The region's table; English where none is given. */
  readonly locale?: LocaleTable
  /** All values of the set, filtered out or not; what is `shared` is decided over them. */
  readonly values?: Iterable<Value>
  /** The rows that the values stand in, where cases look at their cells. */
  readonly rows?: readonly Row[]
  /** The power of ten that the cells are recorded in; 0 where none is given. */
  readonly recorded?: number
}

const groupings: Record<FullStyle['grouping'], (locale: Grouping) => Grouping | null> = {
  auto: (locale) => locale,
  always: (locale) => ({ ...locale, least: 1 }),
  min2: (locale) => ({ ...locale, least: 2 }),
  never: () => null,
}

/** A rule apart from what its notation decides. */
type Rest = Omit<Rule, keyof Contribution>

function restOf(style: FullStyle, when: Condition | null, unit: UnitTexts, locale: LocaleTable): Rest {
  const marks = { ...locale.marks, ...style.marks }
  if (marks.decimal === marks.group && style.grouping !== 'never') {
    throw new StyleError('marks', style.marks, 'the decimal mark and the group mark must differ')
  }
  const prefixes = style.notation === 'scaled' && Boolean(ladderOf(style.ladder).prefixes)
  const { fraction, significant, priority, rounding, increment, trailingZeros } = style
  return {
    when,
    factor: toText(multiply(decimal(style.factor), decimal(unit.perOne))),
    precision: { fraction, significant, priority, rounding, increment: increment && toText(decimal(increment)), strip: trailingZeros === 'stripIfInteger' },
    exponentForm: style.exponentForm,
    marks,
    grouping: groupings[style.grouping](locale.grouping),
    sign: style.sign,
    frames: framesOf(style, marks, unit, prefixes),
    bare: framesOf(style, marks, null, prefixes),
    under: style.under,
    over: style.over,
    zero: style.zero,
  }
}

/** What a title says in the labels' place: "€ million", "thousand kg", "×10⁻⁷ mol/L". */
function titleOf(style: FullStyle, rule: Rule, unit: UnitTexts): string {
  const rung = rule.rungs[rule.fixedRung ?? 0]!
  const prefixes = style.notation === 'scaled' && Boolean(ladderOf(style.ladder).prefixes)
  const named = style.notation === 'scaled' ? ladderOf(style.ladder).rungs.find(({ power }) => power === rung.power) : undefined
  const scale = rule.exponent?.fixed != null ? `×10${superscript(rule.exponent.fixed)}` : (prefixes ? named?.symbol : named?.word) ?? ''
  if (unit.side === 'before') return [unit.text, scale].filter(Boolean).join(' ')
  return [scale, unit.text].filter(Boolean).join(prefixes ? '' : ' ')
}

/** A rung or exponent that differs from label to label cannot be said once. */
function checkUnitAt(style: FullStyle, rule: Rule): void {
  if (style.unitAt === 'label') return
  const differs = rule.exponent ? rule.exponent.fixed === null : rule.fixedRung === null
  if (differs) throw new StyleError('unitAt', style.unitAt, `where every label has its own ${rule.exponent ? 'exponent' : 'rung'} it takes label; set ${rule.exponent ? 'exponent' : 'rung'} to shared or to a power first`)
}

/**
 * Looks everything up that a style needs, and freezes it: the one input of `label` and `readBack`.
 *
 * @param style of one level, or several laid over one another with `inherit`
 * @throws StyleError for what only the whole style shows: a rung that is not on the ladder, an
 *   unknown currency, equal marks, a unit that cannot be said once
 * @example resolve({ notation: 'scaled', fraction: [0, 1] }, { values: [1500, 999950] })
 */
export function resolve(style: Style, context: Context = {}): Plan {
  const full = inherit(style)
  const locale = context.locale ?? (en as LocaleTable)
  const recorded = context.recorded ?? 0
  const conditions = [...full.cases.map(({ when }) => when), null]
  const styles = [...full.cases.map(({ use }) => inherit({ ...full, cases: [] }, use)), full]

  let sorted: Decimal[][] | undefined
  /** The finite values that each rule writes. */
  const valuesOf = (at: number): Decimal[] => {
    sorted ??= sortByRule(conditions, context, recorded)
    return sorted[at]!
  }
  const planOf = (rule: Rule): Plan => ({ recorded, rules: [{ ...rule, when: null }], missing: full.missing, unitAt: full.unitAt, title: null })
  const rules = styles.map((one, at): Rule => {
    const rest = restOf(one, conditions[at]!, unitTexts(one.unit, locale), locale)
    const ruleOf = (own: Contribution): Rule => ({ ...rest, ...own })
    const notation: Notation = notations[one.notation]
    const rule = ruleOf(notation.contribute(one, sharedLevel(ruleOf, planOf, () => valuesOf(at))))
    checkUnitAt({ ...one, unitAt: full.unitAt }, rule)
    return rule
  })
  const title = full.unitAt === 'title' ? titleOf(full, rules.at(-1)!, unitTexts(full.unit, locale)) : null
  return freeze({ recorded, rules, missing: full.missing, unitAt: full.unitAt, title })
}

function sortByRule(conditions: readonly (Condition | null)[], { values = [], rows }: Context, recorded: number): Decimal[][] {
  const sorted: Decimal[][] = conditions.map(() => [])
  let at = 0
  for (const value of values) {
    const amount = amountOf(value, at)
    if (isFiniteAmount(amount)) sorted[ruleFor({ rules: conditions.map((when) => ({ when })) }, shift(amount, recorded), rows?.[at])]!.push(amount)
    at++
  }
  return sorted
}

function freeze<Tree extends object>(tree: Tree): Tree {
  for (const value of Object.values(tree)) if (typeof value === 'object' && value !== null) freeze(value)
  return Object.freeze(tree)
}
