import {
  absolute,
  add,
  compare,
  leadingPower,
  magnitudeOf,
  multiply,
  shift,
  subtract,
  tenTo,
} from '../decimal/arithmetic'
import { type Decimal, decimal } from '../decimal/decimal'
import { roundToPlace } from '../decimal/round'
import { toUnits } from './cells'
import { type Emit, inDigits, inLatin } from './digits'
import type { Plan, Row, Rule, SignState, UncertaintyForm, Written } from './types'
import { amountOf, isFiniteAmount } from './value'

type Decided = Omit<Written, 'rule' | 'bound'>
const PLUS_MINUS = '\u00a0±\u00a0'
const HALF = decimal('0.5')

/**
 * The error of a value, as its row has it, in the cells' own measure; null where the row has none
 * that can be read, and for none at all.
 *
 * @example errorIn({ column: 'se' }, { se: -0.3 }) // 0.3
 */
export function errorIn({ column }: { readonly column: string }, row?: Row): Decimal | null {
  try {
    const cell = amountOf(row?.[column] as string)
    return isFiniteAmount(cell) && cell.coefficient !== 0n ? magnitudeOf(cell) : null
  } catch {
    return null
  }
}

/**
 * A number above zero, rounded to so many significant digits, which it may carry past: 0.96 is 1.
 */
function roundedTo(number: Decimal, digits: number): Decimal {
  const place = leadingPower(number) - digits + 1
  const rounded = { coefficient: roundToPlace(number, place, 'halfExpand'), exponent: place }
  return rounded.coefficient < tenTo(digits)
    ? rounded
    : { coefficient: rounded.coefficient / 10n, exponent: place + 1 }
}

/**
 * Decides a value and its error: the error keeps its significant digits, the value the same last
 * place, and both the rung or exponent of the larger (JCGM 100:2008, 7.2.6).
 *
 * @param trueValue of the cell
 * @param decide decides a number by a rule
 * @param sign of a number below zero or none
 * @returns null where the row has no error
 * @example of 4,234,000 and 310,000, one digit of it kept: 4.2 and 0.3 of M
 */
export function decideUncertain(
  plan: Plan,
  rule: Rule,
  trueValue: Decimal,
  row: Row | undefined,
  decide: (rule: Rule, value: Decimal) => Decided,
  sign: (isNegative: boolean, isZero: boolean) => SignState,
): Decided | null {
  const cell = errorIn(rule.uncertainty!, row)
  if (!cell) return null
  const value = toUnits(rule, trueValue)
  const above = toUnits(rule, add(trueValue, shift(cell, plan.recorded)))
  const error = magnitudeOf(subtract(above, value))
  const kept = roundedTo(error, rule.uncertainty!.significant)
  const place = kept.exponent
  const number = {
    coefficient: roundToPlace(value, place, rule.precision.rounding),
    exponent: place,
  }
  const larger = compare(magnitudeOf(number), kept) < 0 ? kept : number
  const all = Math.max(1, leadingPower(larger) - place + 1)
  const level = decide(
    {
      ...rule,
      precision: {
        ...rule.precision,
        by: undefined,
        last: undefined,
        fraction: null,
        significant: [1, all],
        increment: null,
      },
    },
    larger,
  )
  const power = level.exponent ?? rule.rungs[level.rung]!.power
  const decimals = Math.max(0, power - place)
  const inLastDigits = (one: Decimal): bigint => {
    const { coefficient, exponent } = shift(one, decimals - power)
    return absolute(coefficient) * tenTo(exponent)
  }
  return {
    ...level,
    sign: sign(number.coefficient < 0n, number.coefficient === 0n),
    digits: inLastDigits(number),
    place: 0 - decimals,
    decimals,
    error: inLastDigits(kept),
  }
}

/**
 * Ends of an interval: a dash between those above zero; beside a minus it would read as another.
 */
const dashIn = ({ between, apart }: NonNullable<Rule['uncertainty']>, least: bigint): string =>
  least < 0n ? apart : between

type EmitDigits = (rule: Rule, written: Written, emit: Emit) => void
/** How a value and its error are set. */
const emits: Record<
  UncertaintyForm,
  (
    rule: Rule,
    written: Written,
    error: string,
    emitNumber: (digits: bigint, emit: Emit) => void,
    emit: Emit,
  ) => void
> = {
  plusMinus(_rule, { digits, exponent }, error, emitNumber, emit) {
    if (exponent !== null) emit('literal', '(')
    emitNumber(digits, emit)
    emit('uncertainty', PLUS_MINUS + error)
    if (exponent !== null) emit('literal', ')')
  },
  parentheses(rule, written, _error, emitNumber, emit) {
    emitNumber(written.digits, emit)
    emit('uncertainty', `(${inDigits(rule, written.error!.toString())})`)
  },
  interval(rule, written, _error, emitNumber, emit) {
    const middle = written.sign === 'minus' ? -written.digits : written.digits
    const [least, most] = [middle - written.error!, middle + written.error!]
    const end = (digits: bigint, to: Emit) => {
      if (digits < 0n) to('minus', rule.marks.minus)
      else if (written.sign === 'plus') to('plus', rule.marks.plus)
      emitNumber(absolute(digits), to)
    }
    if (written.exponent !== null) emit('literal', '(')
    end(least, emit)
    let text = dashIn(rule.uncertainty!, least)
    end(most, (_type, value) => {
      text += value
    })
    emit('uncertainty', text)
    if (written.exponent !== null) emit('literal', ')')
  },
}

/**
 * Writes a value with its error, apart from its exponent.
 *
 * @param emitDigits writes the digits of a number
 */
export function emitUncertain(
  rule: Rule,
  written: Written,
  emitDigits: EmitDigits,
  emit: Emit,
): void {
  const emitNumber = (digits: bigint, to: Emit) =>
    emitDigits(rule, { ...written, digits, place: 0 - written.decimals }, to)
  let error = ''
  emitNumber(written.error!, (_type, value) => {
    error += value
  })
  emits[rule.uncertainty!.form](rule, written, error, emitNumber, emit)
}

/** Whether a label's ends have signs of their own, so that none stands around both. */
export const signsWithin = (rule: Rule, { error }: { readonly error?: unknown }): boolean =>
  error !== undefined && rule.uncertainty?.form === 'interval'

/** A number with its error, as it was written. */
export interface Uncertain {
  readonly number: Decimal
  readonly error?: Decimal
}
type ReadDigits = (text: string, rule: Rule) => Decimal | null

/** A number as an end of an interval has it, with its sign. */
function readEnd(text: string, rule: Rule, readDigits: ReadDigits): Decimal | null {
  const { minus, plus } = rule.marks
  if (!text.startsWith(minus))
    return readDigits(text.startsWith(plus) ? text.slice(plus.length) : text, rule)
  const number = readDigits(text.slice(minus.length), rule)
  return number && { ...number, coefficient: -number.coefficient }
}

const readers: Record<
  UncertaintyForm,
  (text: string, rule: Rule, readDigits: ReadDigits) => Uncertain | null
> = {
  plusMinus(text, rule, readDigits) {
    const [number, error, ...more] = text.split(PLUS_MINUS).map((part) => readDigits(part, rule))
    return number && error && more.length === 0 ? { number, error } : null
  },
  parentheses(text, rule, readDigits) {
    const [, head, digits] = /^(.*)\((\d+)\)$/.exec(inLatin(text, rule.digits)) ?? []
    const number = head === undefined ? null : readDigits(head, rule)
    const decimals = head?.split(rule.marks.decimal)[1]?.length ?? 0
    return number && { number, error: { coefficient: BigInt(digits!), exponent: 0 - decimals } }
  },
  interval(text, rule, readDigits) {
    const { between, apart } = rule.uncertainty!
    const ends = text.split(text.includes(apart) ? apart : between)
    const [least, most] = ends.map((end) => readEnd(end, rule, readDigits))
    return ends.length === 2 && least && most && compare(least, most) <= 0
      ? { number: multiply(add(least, most), HALF), error: multiply(subtract(most, least), HALF) }
      : null
  },
}

/**
 * Reads a number with its error, apart from its exponent.
 *
 * @returns null where the text has none
 * @example readUncertain('4.2(3)', rule, readDigits) // { number: 4.2, error: 0.3 }
 */
export function readUncertain(text: string, rule: Rule, readDigits: ReadDigits): Uncertain | null {
  const { form } = rule.uncertainty!
  const inner = form === 'parentheses' ? text : (/^\((.*)\)$/s.exec(text)?.[1] ?? text)
  return readers[form](inner, rule, readDigits)
}

/** All that a number with an error may be. @param cells gives a number in the cells' own measure */
export function reachOf(
  { number, error }: Required<Uncertain>,
  cells: (number: Decimal) => Decimal,
): { from: Decimal; to: Decimal } {
  const [from, to] = [subtract(number, error), add(number, error)].map(cells).sort(compare)
  return { from: from!, to: to! }
}

const NUMBER = String.raw`[-−+]?[\p{Nd}.,’'\u00a0\u202f٬٫]*\p{Nd}`
const told: Record<UncertaintyForm, RegExp> = {
  plusMinus: new RegExp(`${PLUS_MINUS}${NUMBER}`, 'u'),
  parentheses: /\(\p{Nd}+\)/u,
  interval: new RegExp(`(?<=\\p{Nd})(?:\\s?[–—‒~～-]\\s?|\\u00a0…\\u00a0)${NUMBER}`, 'u'),
}
/**
 * A label without what it says of the error: a number as any reader knows it; of an interval its
 * lower end.
 *
 * @example withoutError('(4.2\u00a0±\u00a00.3)×10⁵', rule) // '4.2×10⁵'
 */
export const withoutError = (label: string, { uncertainty }: Rule): string =>
  uncertainty
    ? label.replace(told[uncertainty.form], '').replace(/\(([^()]*)\)(?=[×eE])/, '$1')
    : label

/**
 * What a label says of its error, in words.
 *
 * @example sayError('\u00a0±\u00a00.3', english) // ' plus or minus 0.3'
 */
export const sayError = (
  text: string,
  { plusMinus = '±', to, minus }: { plusMinus?: string; to?: string; minus: string },
): string =>
  text
    .replace('±', plusMinus)
    .replace(/^\s*[…–—‒~～-]\s*/, ` ${to} `)
    .replace(/[−-]/, minus)
