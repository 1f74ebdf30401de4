import { multiply, shift } from '../decimal/arithmetic'
import { decimal, type Decimal, toText } from '../decimal/decimal'
import { REGIONAL } from '../ladders/find'
import { parsePattern } from '../locale/pattern'
import { notationOf } from '../notations'
import type { Contribution } from '../notations/types'
import { withDigits } from '../style/digits'
import { StyleError } from '../error'
import { inherit, stylesOf } from '../style/inherit'
import type { FullStyle, Style } from '../style/schemas'
import { formsOf, namesOf, outsideOf, surroundings, titleOf } from './around'
import { byCurrency } from './currencies'
import { ruleFor } from './decide'
import { framesOf, NO_SURROUNDINGS } from './frames'
import { checkConstant, checkUnitAt, checkZero } from './refusals'
import { type ChosenRegion, regionOf, type Regions } from './region'
import { rungWords } from './rungwords'
import { sharedLevel } from './shared'
import type { Condition, Grouping, Marks, Plan, Row, Rule, Value } from './types'
import { type Region, type UnitWriting, unitWriting } from './units'
import { amountOf, isFiniteAmount } from './value'

/** What a Plan is made in. */
export interface Context extends Regions {
  /** All values of the set, filtered out or not; what is `shared` is decided over them. */
  readonly values?: Iterable<Value>
  /** The rows that the values stand in, where cases look at their cells. */
  readonly rows?: readonly Row[]
  /** The power of ten that the cells are recorded in; 0 where none is given. */
  readonly recorded?: number
  /** Whether rungs are said by their words, whatever the style writes for them. */
  readonly inWords?: boolean
}

const TWO = 2
const groupings: Record<FullStyle['grouping'], (own: Grouping) => Grouping | null> = {
  auto: (own) => own,
  always: (own) => ({ ...own, least: 1 }),
  min2: (own) => ({ ...own, least: Math.max(TWO, own.least) }),
  never: () => null,
}

const isRegional = (style: FullStyle): boolean =>
  notationOf(style).hasRungs && style.ladder === REGIONAL

/**
 * Groups as the pattern of the unit sets them; the region's own short form groups from five digits
 * on.
 */
function groupingOf(
  style: FullStyle,
  { table, system }: Region,
  unit: UnitWriting,
): Grouping | null {
  const sizes = unit.layer.pattern.grouping ??
    parsePattern(system.patterns.decimal).grouping ?? { first: 3, rest: 3 }
  const mode = style.grouping === 'auto' && isRegional(style) ? 'min2' : style.grouping
  return groupings[mode]({ ...sizes, least: table.least })
}

function marksOf(style: FullStyle, { system }: Region): Marks {
  const marks = {
    ...system.marks,
    ...(style.unit.kind === 'currency' ? system.moneyMarks : {}),
    ...style.marks,
  }
  if (marks.decimal === marks.group && style.grouping !== 'never') {
    throw new StyleError('marks', style.marks, 'the decimal mark and the group mark must differ')
  }
  return marks
}

/** A rule apart from what its notation decides. */
type Rest = Omit<Rule, keyof Contribution>

function restOf(
  style: FullStyle,
  when: Condition | null,
  region: ChosenRegion,
  unit: UnitWriting,
  marks: Marks,
  inWords = false,
): Rest {
  const { fraction, significant, priority, rounding, increment, trailingZeros } = withDigits(style)
  const around = { ...surroundings(style, unit), outside: outsideOf(unit) }
  const plain: UnitWriting['layer'] = {
    pattern: parsePattern('#'),
    fill: { marks, unit: '', text: 'literal' },
  }
  return {
    when,
    factor: toText(multiply(decimal(style.factor), decimal(unit.perOne))),
    precision: {
      fraction,
      significant,
      priority,
      rounding,
      increment: increment && toText(decimal(increment)),
      strip: trailingZeros === 'stripIfInteger',
    },
    exponentForm: style.exponentForm,
    marks,
    digits: region.digits,
    infinity: region.system.infinity,
    grouping: groupingOf(style, region, unit),
    sign: style.sign,
    frames: framesOf(style, unit.layer, around),
    names: namesOf(unit),
    plurals:
      unit.named || isRegional(style) || (inWords && notationOf(style).hasRungs)
        ? region.table.plurals
        : null,
    bare: framesOf(style, plain, NO_SURROUNDINGS),
    under: style.under,
    over: style.over,
    zero: style.zero,
  }
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
  const recorded = context.recorded ?? 0
  const written = stylesOf(full).flatMap((one) => byCurrency(one, context.rows))
  const conditions = written.map(({ when }) => when)

  let sorted: Decimal[][] | undefined
  /** The finite values that each rule writes. */
  const valuesOf = (at: number): Decimal[] => {
    sorted ??= sortByRule(conditions, context, recorded)
    return sorted[at]!
  }
  const planOf = (rule: Rule): Plan => ({
    recorded,
    rules: [{ ...rule, when: null }],
    missing: full.missing,
    unitAt: full.unitAt,
    title: null,
  })
  const rules = written.map(({ style: one }, at): { rule: Rule; unit: UnitWriting } => {
    const region = regionOf(one.locale, context)
    checkConstant(one)
    const marks = marksOf(one, region)
    const unit = unitWriting(one, region, marks)
    const rest = restOf(one, conditions[at]!, region, unit, marks, context.inWords)
    const ruleOf = ({ patterns: _, ...own }: Contribution): Rule => ({ ...rest, ...own })
    const { compact } = region.system
    const isMoneyPattern = unit.isMoney && compact.currency !== null
    const notation = notationOf(one)
    const contributed = notation.contribute(
      one,
      sharedLevel(ruleOf, planOf, () => valuesOf(at)),
      {
        symbol: isMoneyPattern ? compact.currency : compact.short,
        word: isMoneyPattern ? compact.currency : (compact.long ?? compact.short),
      },
    )
    const own =
      context.inWords && notation.hasRungs
        ? rungWords(one, contributed, compact.long ?? compact.short)
        : contributed
    const rungs = own.rungs.map((rung, place) =>
      own.patterns?.[place]
        ? { ...rung, forms: formsOf(one, unit, isMoneyPattern, own.patterns[place]) }
        : rung,
    )
    const rule = { ...ruleOf(own), rungs }
    checkUnitAt({ ...one, unitAt: full.unitAt }, rule)
    return { rule, unit }
  })
  const { rule, unit } = rules.at(-1)!
  const title = full.unitAt === 'title' ? titleOf(full, rule, unit) : null
  const plan: Plan = {
    recorded,
    rules: rules.map((one) => one.rule),
    missing: full.missing,
    unitAt: full.unitAt,
    title,
  }
  checkZero(plan)
  return freeze(plan)
}

function sortByRule(
  conditions: readonly (Condition | null)[],
  { values = [], rows }: Context,
  recorded: number,
): Decimal[][] {
  const sorted: Decimal[][] = conditions.map(() => [])
  let at = 0
  for (const value of values) {
    const amount = amountOf(value, at)
    if (isFiniteAmount(amount))
      sorted[
        ruleFor(
          { rules: conditions.map((when) => ({ when })) },
          shift(amount, recorded),
          rows?.[at],
        )
      ]!.push(amount)
    at++
  }
  return sorted
}

function freeze<Tree extends object>(tree: Tree): Tree {
  for (const value of Object.values(tree))
    if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) freeze(value)
  return Object.freeze(tree)
}
