import { compare, negate, shift } from '../decimal/arithmetic'
import { type Decimal, parseDecimal } from '../decimal/decimal'
import type { Frame, Plan, Rule, Rung, SignState } from './types'

/** What a reader gets from a label. */
export interface Reading {
  /** The number, in the cells' own measure; null where there is none or more than one. */
  readonly value: Decimal | 1 | -1 | null
  /** The label stands for a missing value. */
  readonly missing: boolean
  /** All numbers that the label can be read as; one where it is clear. */
  readonly candidates: readonly (Decimal | 1 | -1)[]
}

const SUPERSCRIPT_DIGITS: Record<string, string> = Object.fromEntries([...'⁰¹²³⁴⁵⁶⁷⁸⁹'].map((c, i) => [c, String(i)]))
const EXPONENT = /^(.*?)(?:×?10(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)|[eE](\D?)(\d+))$/s

const UNITS: Rung = { power: 0, text: '', gap: '' }

function textAround(frame: Frame, rung: Rung): [string, string] {
  const side = (slots: Frame['before']) =>
    slots.map((slot) => (slot !== 'rung' ? slot.value : rung.text && rung.gap + rung.text)).join('')
  return [side(frame.before), side(frame.after)]
}

/** Reads whole and decimal digits with the rule's marks; groups must stand where the rule puts them. */
function readDigits(text: string, rule: Rule): Decimal | null {
  const { marks, grouping } = rule
  const [whole = '', fraction, ...more] = text.split(marks.decimal)
  if (more.length > 0 || fraction === '') return null
  const digits = grouping ? whole.split(marks.group).join('') : whole
  if (!/^\d+$/.test(digits) || (fraction !== undefined && !/^\d+$/.test(fraction))) return null
  if (digits !== whole && grouping) {
    const [last, ...others] = whole.split(marks.group).reverse()
    const head = others.pop()!
    if (last!.length !== grouping.first || others.some((group) => group.length !== grouping.rest)) return null
    if (head.length === 0 || head.length > grouping.rest) return null
  }
  return parseDecimal(fraction === undefined ? digits : `${digits}.${fraction}`)
}

/** @param bare whether a number without an exponent may stand here */
function readNumber(text: string, rule: Rule, bare: boolean): Decimal | null {
  const match = rule.exponent || rule.lastPower !== null ? EXPONENT.exec(text) : null
  if (!match) return bare ? readDigits(text, rule) : null
  const [, head = '', raised, minus, plain] = match
  if (minus && minus !== rule.marks.minus) return null
  const power = raised
    ? Number(raised.replace('⁻', '-').replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (digit) => SUPERSCRIPT_DIGITS[digit]!))
    : Number(plain) * (minus ? -1 : 1)
  const mantissa = head === '' && raised ? parseDecimal('1') : readDigits(head, rule)
  return mantissa && shift(mantissa, power)
}

function readByRule(label: string, rule: Rule, recorded: number, found: Reading['candidates'][number][]): void {
  const rungs = rule.fixedRung === null ? rule.rungs : rule.rungs.slice(rule.fixedRung, rule.fixedRung + 1)
  const keep = (value: Decimal | 1 | -1) => {
    const same = (other: Decimal | 1 | -1) =>
      typeof value === 'object' && typeof other === 'object' ? compare(value, other) === 0 : value === other
    if (!found.some(same)) found.push(value)
  }
  for (const [state, frame] of Object.entries(rule.frames) as [SignState, Frame][]) {
    const sign = state === 'minus' ? -1 : 1
    if (label === textAround(frame, UNITS).join('∞')) keep(sign)
    for (const rung of withUnits(rungs, rule)) {
      const [before, after] = textAround(frame, rung)
      if (!label.startsWith(before) || !label.endsWith(after) || before.length + after.length >= label.length) continue
      const middle = label.slice(before.length, label.length - after.length)
      const number = rung.text === '' ? readNumber(middle, rule, rungs.includes(rung)) : readDigits(middle, rule)
      if (number) keep(shift(sign < 0 ? negate(number) : number, rung.power - recorded))
    }
  }
}

/** The rungs, and the units where a label can leave the ladder for an exponent. */
function withUnits(rungs: readonly Rung[], rule: Rule): readonly Rung[] {
  if (rule.lastPower === null || rungs.some((rung) => rung.power === 0)) return rungs
  return [...rungs, UNITS]
}

/**
 * Reads a label by its own style: the inverse of `label`.
 *
 * @param label the whole text
 * @returns the number in the cells' own measure, and all candidates where the label is unclear
 * @example readBack('1.3M', plan).value // 1300000 as a Decimal
 */
export function readBack(label: string, plan: Plan): Reading {
  if (label === plan.missing) return { value: null, missing: true, candidates: [] }
  const found: (Decimal | 1 | -1)[] = []
  for (const rule of plan.rules) readByRule(label, rule, plan.recorded, found)
  return { value: found.length === 1 ? found[0]! : null, missing: false, candidates: found }
}
