import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import en from '../locale/generated/en.json'
import type { LocaleTable } from '../locale/types'
import { notations } from '../notations'
import type { Contribution, Notation, SharedLevel } from '../notations/types'
import { StyleError } from '../style/error'
import type { FullStyle, Style } from '../style/schemas'
import { inherit } from '../style/inherit'
import { decide } from './decide'
import { framesOf } from './frames'
import type { Grouping, Plan, Rule, Value, Written } from './types'
import { amountOf, isFiniteAmount } from './value'
import { textOf } from './write'

export interface Context {
  /** The region's table; English where none is given. */
  readonly locale?: LocaleTable
  /** All values of the set, filtered out or not; what is `shared` is decided over them. */
  readonly values?: Iterable<Value>
  /** The power of ten that the cells are recorded in; 0 where none is given. */
  readonly recorded?: number
}

const groupings: Record<FullStyle['grouping'], (locale: Grouping) => Grouping | null> = {
  auto: (locale) => locale,
  always: (locale) => ({ ...locale, least: 1 }),
  min2: (locale) => ({ ...locale, least: 2 }),
  never: () => null,
}

/** Mantissas of a shared exponent stay below this power of ten. */
const LARGEST_MANTISSA = 2
const SHARED_EXPONENTS = 3

/** Decides over the whole set what is `shared`. */
function sharedLevel(planOf: (own: Contribution) => Plan, values: () => Decimal[]): SharedLevel {
  const extremes = (plan: Plan): Written[] => {
    const all = values()
    if (all.length === 0) return []
    let [least, largest] = [all[0]!, all[0]!]
    for (const value of all) {
      if (compare(value, least) < 0) least = value
      if (compare(value, largest) > 0) largest = value
    }
    return [decide(plan, least), decide(plan, largest)]
  }
  return {
    rung(own) {
      const units = own.rungs.findIndex((rung) => rung.power === 0)
      const reached = extremes(planOf(own)).filter((written) => written.digits !== 0n)
        .map((written) => (written.exponent === null ? written.rung : own.rungs.length - 1))
      return reached.length > 0 ? Math.max(...reached) : units
    },
    exponent(own) {
      const largest = Math.max(...extremes(planOf(own)).filter((written) => written.digits !== 0n).map((written) => written.exponent ?? 0))
      if (!Number.isFinite(largest)) return 0
      let [best, shortest] = [largest, Infinity]
      for (let power = largest; power > largest - SHARED_EXPONENTS; power--) {
        const plan = planOf({ ...own, exponent: { step: 1, fixed: power } })
        let length = 0
        for (const value of values()) {
          const written = decide(plan, value)
          length += compareMantissa(written) ? textOf(plan, written).length : Infinity
        }
        if (length < shortest) [best, shortest] = [power, length]
      }
      return best
    },
  }
}

const compareMantissa = (written: Written): boolean =>
  compare({ coefficient: written.digits, exponent: written.place }, { coefficient: 1n, exponent: LARGEST_MANTISSA }) < 0

/**
 * Looks everything up that a style needs, and freezes it: the one input of `label` and `readBack`.
 *
 * @param style of one level, or several laid over one another with `inherit`
 * @throws StyleError for what only the whole style shows: a rung that is not on the ladder, an
 *   unknown currency, equal marks
 * @example resolve({ notation: 'scaled', fraction: [0, 1] }, { values: [1500, 999950] })
 */
export function resolve(style: Style, context: Context = {}): Plan {
  const full = inherit(style)
  const locale = context.locale ?? (en as LocaleTable)
  const marks = { ...locale.marks, ...full.marks }
  if (marks.decimal === marks.group && full.grouping !== 'never') {
    throw new StyleError('marks', full.marks, 'the decimal mark and the group mark must differ')
  }
  const recorded = context.recorded ?? 0
  const rest = {
    precision: { fraction: full.fraction, rounding: full.rounding },
    exponentForm: full.exponentForm,
    marks,
    grouping: groupings[full.grouping](locale.grouping),
    sign: full.sign,
    frames: framesOf(full, marks, locale),
  }
  const planOf = (own: Contribution): Plan => ({ recorded, rules: [{ ...own, ...rest } satisfies Rule], missing: full.missing })
  let kept: Decimal[] | undefined
  const values = () => (kept ??= Array.from(context.values ?? [], (value, at) => amountOf(value, at)).filter(isFiniteAmount))
  const notation: Notation = notations[full.notation]
  return freeze(planOf(notation.contribute(full, sharedLevel(planOf, values))))
}

function freeze<Tree extends object>(tree: Tree): Tree {
  for (const value of Object.values(tree)) if (typeof value === 'object' && value !== null) freeze(value)
  return Object.freeze(tree)
}
