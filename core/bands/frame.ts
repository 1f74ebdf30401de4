import { leadingPower, shift } from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { decide } from '../label/decide'
import type { Part, PartType, Plan, Row, Rule, Written } from '../label/types'
import { joined, partsOf } from '../label/write'

/** The number of a label, as formats by pattern can say it. */
export interface Numeral {
  /**
   * What is written is the value × 10^power; null where no power of ten says it, and where each
   * label has its own.
   */
  readonly power: number | null
  /** Decimals that are always written, and that are written at most; null where nothing tells. */
  readonly least: number | null
  readonly most: number | null
  /** Whether digits are grouped; null where the number is too short to tell. */
  readonly isGrouped: boolean | null
  /** Whether each label has an exponent of its own. */
  readonly hasExponent: boolean
}
/** What stands around the number of a label. */
export interface Frame {
  readonly before: readonly Part[]
  readonly after: readonly Part[]
  /** null where the label is a text alone, which stands before. */
  readonly number: Numeral | null
}

const DIGITS: ReadonlySet<PartType> = new Set(['integer', 'group', 'decimal', 'fraction'])
/** Digits before the decimal mark from which some region groups them. */
const TELLING = 4

/** The power of ten that a decimal is; null where it is none. */
function powerOfTen(text: string): number | null {
  const value = decimal(text)
  const power = leadingPower(value)
  return value.coefficient > 0n && shift(value, -power).coefficient.toString().match(/^10*$/)
    ? power
    : null
}
const hasOwnExponent = ({ exponent }: Rule, written: Written): boolean =>
  written.exponent !== null && exponent?.fixed == null

/** The power of ten that a label's number is of its value; null where there is none. */
function powerOf(plan: Plan, rule: Rule, written: Written): number | null {
  const { base, power } = rule.rungs[written.rung]!
  const factor = powerOfTen(rule.factor)
  if (hasOwnExponent(rule, written)) return written.digits === 0n ? 0 : null
  const isSteady = !rule.convert && !rule.multiple && !rule.clock && (base === 10 || power === 0)
  return isSteady && factor !== null ? plan.recorded + factor - (written.exponent ?? power) : null
}

/** A label taken apart: what stands around its number, and how that is written. */
export interface Taken {
  readonly frame: Frame
  readonly rule: Rule
  /** What changes where a label changes its frame; and that with the power of its digits. */
  readonly mark: string
  readonly fineMark: string
}

/**
 * What stands around the number of one label; its decimals are those of this label.
 *
 * @param row the cells beside the value
 * @example takenAt(plan, decimal('1264000')).frame.after // [{ type: 'rung', value: 'M' }]
 */
export function takenAt(plan: Plan, value: Decimal, row?: Row): Taken {
  const written = decide(plan, value, row)
  const rule = plan.rules[written.rule]!
  // A zero has none.
  const hasExponent = hasOwnExponent(rule, written) && written.digits !== 0n
  const parts = partsOf(plan, written, plan.unitAt === 'label').filter(
    ({ type }) => type !== 'uncertainty' && !(hasExponent && type === 'exponent'),
  )
  const first = parts.findIndex(({ type }) => DIGITS.has(type))
  const isText = first < 0 || written.bound !== '' || written.kind !== 'number'
  const last = parts.findLastIndex(({ type }) => DIGITS.has(type))
  const around = (from: number, to?: number) => (isText ? [] : parts.slice(from, to))
  const [before, after] = [isText ? parts : around(0, first), around(last + 1)]
  const whole = parts.find(({ type }) => type === 'integer')?.value ?? ''
  const digits = { coefficient: written.digits, exponent: written.place }
  const number: Numeral | null = isText
    ? null
    : {
        power: powerOf(plan, rule, written),
        ...{ least: leastOf(written), most: written.digits === 0n ? null : written.decimals },
        hasExponent,
        isGrouped: isGrouped(parts, whole),
      }
  const { kind, rung, exponent, bound } = written
  const mark = JSON.stringify([
    ...[kind, written.rule, rung, hasExponent ? '' : exponent, bound].map(String),
    ...[joined(before), joined(after)],
  ])
  return {
    ...{ frame: { before, after, number }, rule, mark },
    fineMark: `${mark} ${leadingPower(digits)}`,
  }
}
/** Decimals that are there for no digit of their own: zeros at the end; null where there is none. */
const leastOf = ({ digits, decimals }: Written): number | null =>
  decimals === 0 || digits % 10n === 0n ? decimals : null
function isGrouped(parts: readonly Part[], whole: string): boolean | null {
  if (parts.some(({ type }) => type === 'group')) return true
  return [...whole].length >= TELLING ? false : null
}
