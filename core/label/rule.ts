import { decimal, toText } from '../decimal/decimal'
import { StyleError } from '../error'
import { REGIONAL } from '../ladders/find'
import { parsePattern } from '../locale/pattern'
import { notationOf } from '../notations'
import type { Contribution } from '../notations/types'
import { withDigits } from '../style/digits'
import type { FullStyle } from '../style/schemas'
import { formsOf, namesOf, outsideOf, surroundings } from './around'
import type { Context } from './context'
import { clockFor, WITH_DAYS, withoutTime } from './clockfor'
import { conversionFor, type RecordedUnit } from './convert'
import { framesOf, NO_SURROUNDINGS } from './frames'
import { countedIn, hasPrefixes, withoutPrefix } from './prefixes'
import { checkConstant } from './refusals'
import { type ChosenRegion, regionOf } from './region'
import { rungWords } from './rungwords'
import { uncertaintyFor } from './uncertaintyfor'
import { MOST_STEP_DECIMALS, neededDecimals } from './stepdigits'
import { type SetValues, sharedLevel } from './shared'
import type { Condition, Grouping, Marks, Plan, Precision, Rule } from './types'
import { isMoney, writeUnit } from '../units'
import type { Region, UnitWriting } from '../units/types'

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
    ...(isMoney(style.unit) ? system.moneyMarks : {}),
    ...style.marks,
  }
  if (marks.decimal === marks.group && style.grouping !== 'never') {
    throw new StyleError('marks', style.marks, 'the decimal mark and the group mark must differ')
  }
  return marks
}

/** A multiple is told by fractions, whatever the step. */
const USUAL_DECIMALS = [0, 3] as const
/** Decimals of a style; of one whose step decides them, all that a step may need. */
function decimalsOf(style: FullStyle): Precision['fraction'] {
  const { fraction } = withDigits(style)
  if (fraction !== 'step') return fraction
  return notationOf(style).countsConstant ? USUAL_DECIMALS : [0, MOST_STEP_DECIMALS]
}

/** A rule apart from what its notation decides. */
type Rest = Omit<Rule, keyof Contribution>

function restOf(
  style: FullStyle,
  when: Condition | null,
  region: ChosenRegion,
  unit: UnitWriting,
  marks: Marks,
  context: Context & RecordedUnit,
): Rest {
  const { significant, priority, rounding, increment, trailingZeros } = withDigits(style)
  const around = { ...surroundings(style, unit), outside: outsideOf(unit) }
  const counted = countedIn(style, context)
  const plain: UnitWriting['layer'] = {
    pattern: parsePattern('#'),
    fill: { marks, unit: '', text: 'literal' },
  }
  return {
    when,
    ...conversionFor(counted.style, unit.perOne, counted.recorded),
    precision: {
      fraction: decimalsOf(style),
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
      unit.named ||
      isRegional(style) ||
      style.clock.form === WITH_DAYS ||
      (context.inWords && notationOf(style).hasRungs)
        ? region.table.plurals
        : null,
    bare: framesOf(style, plain, NO_SURROUNDINGS),
    under: style.under,
    over: style.over,
    zero: style.zero,
  }
}

/** The values that a rule writes, for what they share; and the Plan of the rule alone. */
interface Shared {
  planOf(rule: Rule): Plan
  values(): SetValues
}

/**
 * The rule that writes a style, with its unit.
 *
 * @param when the condition under which it writes; null where it writes what no other does
 * @throws StyleError for what only the whole style shows
 */
export function ruleFrom(
  full: FullStyle,
  when: Condition | null,
  context: Context & RecordedUnit,
  { planOf, values }: Shared,
): { rule: Rule; unit: UnitWriting } {
  checkConstant(full)
  const style = withoutPrefix(withoutTime(full))
  const isByStep = style.fraction === 'step'
  const region = regionOf(style.locale, context)
  const marks = marksOf(style, region)
  const unit = writeUnit(style.unit, {
    ...{ region, marks, hasPrefixes: hasPrefixes(style) },
    isAccounting: style.sign === 'parentheses',
  })
  const rest = restOf(style, when, region, unit, marks, context)
  const clock = clockFor(style, region.table.clock)
  const ruleOf = ({ patterns: _, ...own }: Contribution): Rule => ({
    ...rest,
    ...own,
    ...(clock && { clock }),
  })
  const { compact } = region.system
  const isMoneyPattern = unit.isMoney && compact.currency !== null
  const notation = notationOf(style)
  const contributed = notation.contribute(style, sharedLevel(ruleOf, planOf, values), {
    symbol: isMoneyPattern ? compact.currency : compact.short,
    word: isMoneyPattern ? compact.currency : (compact.long ?? compact.short),
  })
  const own =
    context.inWords && notation.hasRungs
      ? rungWords(style, contributed, compact.long ?? compact.short)
      : contributed
  const rungs = own.rungs.map((rung, place) =>
    own.patterns?.[place]
      ? { ...rung, forms: formsOf(style, unit, isMoneyPattern, own.patterns[place]) }
      : rung,
  )
  const made = { ...ruleOf(own), rungs, ...uncertaintyFor(style, region, rungs) }
  const needed = isByStep && !made.multiple && neededDecimals(planOf(made), values(), context.step)
  const rule = needed ? { ...made, precision: { ...made.precision, ...needed } } : made
  return { rule, unit }
}
