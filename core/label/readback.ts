import { compare, negate } from '../decimal/arithmetic'
import { type Decimal, MOST_PLACES, parseDecimal } from '../decimal/decimal'
import { blanksAlike, ordinary } from './blanks'
import { boundSigns } from './bounds'
import { inCells, type Reach } from './cells'
import { readClock } from './clock'
import { readConstant } from './constant'
import { unitsRung } from './level'
import { reachOf, readUncertain, signsWithin, type Uncertain } from './uncertainty'
import { inLatin } from './digits'
import type { Frame, Frames, Name, Plan, Rule, SignState, Slot } from './types'
import { fromSuperscript } from '../decimal/superscript'
import { joined } from './write'

/** All numbers below or above one, or between two. */
export interface Interval {
  readonly from: Decimal | null
  readonly to: Decimal | null
}
/** What a label can stand for: a number, one of the infinities, an interval. */
export type ReadNumber = Decimal | 1 | -1 | Interval

/** What a reader gets from a label. */
export interface Reading {
  /** The number, in the cells' own measure; null where there is none or more than one. */
  readonly value: ReadNumber | null
  /** The label stands for a missing value. */
  readonly missing: boolean
  /** All that the label can be read as; one where it is clear. */
  readonly candidates: readonly ReadNumber[]
}

export const isInterval = (said: ReadNumber): said is Interval =>
  typeof said === 'object' && 'from' in said

const POWER_OF_TEN = /×?10(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/
const isDigit = (character: string | undefined): boolean =>
  character !== undefined && character >= '0' && character <= '9'
/** What stands before an exponent, and the exponent: raised, or behind an e with its own minus. */
type Exponential = readonly [head: string, raised: string, minus: string, plain: string]
/** Looks from the end, character by character: a pattern would look at a long label many times. */
function exponentialIn(text: string): Exponential | null {
  const power = POWER_OF_TEN.exec(text)
  if (power) return [text.slice(0, power.index), power[1]!, '', '']
  let digits = text.length
  while (isDigit(text[digits - 1])) digits--
  let between = digits
  while (between > 0 && !isDigit(text[between - 1])) between--
  const e = text.slice(between, digits).search(/[eE]/)
  if (e < 0 || digits === text.length) return null
  return [text.slice(0, between + e), '', text.slice(between + e + 1, digits), text.slice(digits)]
}

const NO_NAME: Name = [[], []]

function slotText(rule: Rule, rung: number | null, name: Name, slot: Slot): string {
  if (typeof slot === 'object') return slot.value
  if (slot === 'nameBefore' || slot === 'nameAfter')
    return joined(name[slot === 'nameBefore' ? 0 : 1])
  const { text, gap } = rung === null ? { text: '', gap: '' } : rule.rungs[rung]!
  return text && (slot === 'rung' ? gap : '') + text
}
/** What stands before and after the number. @param rung null where none is written */
const textAround = (rule: Rule, frame: Frame, rung: number | null, name: Name): [string, string] =>
  [frame.before, frame.after].map((slots) =>
    slots.map((slot) => slotText(rule, rung, name, slot)).join(''),
  ) as [string, string]

/**
 * Reads whole and decimal digits with the rule's marks; groups must stand where the rule puts them.
 */
function readDigits(text: string, rule: Rule): Decimal | null {
  const { marks, grouping } = rule
  const [whole = '', fraction, ...more] = inLatin(text, rule.digits).split(marks.decimal)
  if (more.length > 0 || fraction === '') return null
  const digits = grouping ? whole.split(marks.group).join('') : whole
  if (!/^\d+$/.test(digits) || (fraction !== undefined && !/^\d+$/.test(fraction))) return null
  if (digits !== whole && grouping) {
    const [last, ...others] = whole.split(marks.group).reverse()
    const head = others.pop()!
    if (last!.length !== grouping.first || others.some((group) => group.length !== grouping.rest))
      return null
    if (head.length === 0 || head.length > grouping.rest) return null
  }
  return parseDecimal(fraction === undefined ? digits : `${digits}.${fraction}`)
}

const ONE = parseDecimal('1')!

/** What the middle of a label says, with its error where it has one. */
interface Middle extends Uncertain {
  readonly reach: Reach
}

/** Digits, with an error where the rule writes one. */
function readNumber(text: string, rule: Rule): Uncertain | null {
  const uncertain = rule.uncertainty ? readUncertain(text, rule, readDigits) : null
  if (uncertain) return uncertain
  const number = readDigits(text, rule)
  return number && { number }
}

function readExponent(text: string, rule: Rule): Middle | null {
  const found = exponentialIn(inLatin(text, rule.digits))
  if (!found) return null
  const [head, raised, minus, plain] = found
  if (minus && minus !== rule.marks.minus) return null
  const exponent = raised ? fromSuperscript(raised) : Number(plain) * (minus ? -1 : 1)
  if (Math.abs(exponent) > MOST_PLACES) return null
  const number = head === '' && raised ? { number: ONE } : readNumber(head, rule)
  return number && { ...number, reach: { rung: unitsRung(rule), exponent, denominator: 1 } }
}

/** The exponent of a label that writes none: said elsewhere, or nothing. */
function bareExponent(rule: Rule, { unitAt }: Plan): number | null {
  if (!rule.exponent) return null
  return unitAt === 'label' ? 0 : (rule.exponent.fixed ?? 0)
}

/**
 * What lies beyond a value, where a bound says so; else the value itself.
 *
 * @param bound <, > or nothing
 * @example beyond('<', decimal('0.01')) // { from: null, to: 0.01 }
 */
export function beyond(bound: string, value: ReadNumber): ReadNumber {
  if (bound === '<') return { from: null, to: value as Decimal }
  return bound === '>' ? { from: value as Decimal, to: null } : value
}
/** The bounds that labels of a rule can begin with, and the side on which the values lie. */
function boundsIn(rule: Rule): Readonly<Record<string, '<' | '>'>> {
  const { under, over } = boundSigns(rule)
  return {
    ...(rule.under === null ? {} : { [under]: '<' as const }),
    ...(rule.over === null ? {} : { [over]: '>' as const }),
  }
}

/** Every way in which the middle of a label can be a number of this rule. */
function readMiddle(text: string, rule: Rule, rung: number, plan: Plan): Middle | null {
  if (rule.multiple) {
    const read = readConstant(text, rule.multiple, (digits) => readDigits(digits, rule))
    return read && { number: read.number, reach: { ...read, rung: 0, exponent: null } }
  }
  if (rule.clock) {
    const number = readClock(text, rule)
    return number && { number, reach: { rung, exponent: null, denominator: 1 } }
  }
  const isUnits = rule.rungs[rung]!.text === ''
  const powered =
    isUnits && (rule.exponent || rule.beyond !== null) ? readExponent(text, rule) : null
  if (powered) return powered
  if (rule.fixedRung !== null && rung !== rule.fixedRung) return null
  const number = readNumber(text, rule)
  return (
    number && { ...number, reach: { rung, exponent: bareExponent(rule, plan), denominator: 1 } }
  )
}

/** A number that was read, in the cells' own measure; with an error, all that it may be. */
function inCellsOf(plan: Plan, rule: Rule, { number, error, reach }: Middle): ReadNumber {
  const cells = (one: Decimal) => inCells(plan, rule, one, reach)
  return error ? reachOf({ number, error }, cells) : cells(number)
}

/**
 * The rungs that a label of the rule can carry: its own, and the units where it can leave the
 * ladder.
 */
function rungsIn(rule: Rule): number[] {
  if (rule.fixedRung === null) return rule.rungs.map((_, at) => at)
  return rule.beyond === null ? [rule.fixedRung] : [...new Set([rule.fixedRung, unitsRung(rule)])]
}

const sameDecimal = (a: Decimal | null, b: Decimal | null): boolean =>
  a && b ? compare(a, b) === 0 : a === b

/** Whether two readings are the same. */
export function sameSaid(a: ReadNumber, b: ReadNumber): boolean {
  if (typeof a !== 'object' || typeof b !== 'object') return a === b
  if (isInterval(a) || isInterval(b))
    return isInterval(a) && isInterval(b) && sameDecimal(a.from, b.from) && sameDecimal(a.to, b.to)
  return compare(a, b) === 0
}

interface Around {
  readonly frames: Frames
  readonly plural: string
  readonly name: Name
}
/**
 * Every set of frames that a label of a rung can stand in.
 * @param rung null for infinity, which has none
 */
function framesIn(plan: Plan, rule: Rule, rung: number | null): Around[] {
  const forms = rung === null ? null : rule.rungs[rung]!.forms
  const said = forms
    ? Object.entries(forms).map(([plural, frames]) => ({ frames, plural }))
    : [{ frames: rule.frames, plural: 'other' }]
  const names = rule.names ? Object.values(rule.names) : [NO_NAME]
  const all = said.flatMap((one) => names.map((name) => ({ ...one, name })))
  return plan.unitAt === 'label'
    ? all
    : [...all, { frames: rule.bare, plural: 'other', name: NO_NAME }]
}

/** The number that a word without digits says: exactly the one of its plural. */
const readWord = (rung: number, plural: string): Middle => ({
  number: plural === '0' ? { coefficient: 0n, exponent: 0 } : ONE,
  reach: { rung, exponent: null, denominator: 1 },
})

interface Within {
  readonly frame: Frame
  readonly name: Name
  readonly plural: string
  readonly rung: number
  readonly before: string
  readonly after: string
}
/** The number that stands between two texts, or that they say by themselves. */
function readWithin(
  label: string,
  { frame, name: [, , says], plural, rung, before, after }: Within,
  rule: Rule,
  plan: Plan,
): ReturnType<typeof readMiddle> {
  const isAlone = label === before + after
  if (frame.hidden) return isAlone ? readWord(rung, plural) : null
  if (says !== undefined)
    return isAlone
      ? { number: parseDecimal(says)!, reach: { rung, exponent: null, denominator: 1 } }
      : null
  const end = Math.max(before.length, label.length - after.length)
  const middle = label.slice(before.length, end)
  return middle === '' ? null : readMiddle(middle, rule, rung, plan)
}

function readByRule(plan: Plan, rule: Rule, label: string, keep: (said: ReadNumber) => void): void {
  const bound = boundsIn(rule)[label[0]!] ?? ''
  const rest = bound ? label.slice(1) : label
  for (const { frames, name } of framesIn(plan, rule, null)) {
    for (const [state, frame] of Object.entries(frames) as [SignState, Frame][]) {
      if (rest === textAround(rule, frame, null, name).join(rule.infinity))
        keep(state === 'minus' ? -1 : 1)
    }
  }
  for (const rung of rungsIn(rule)) {
    for (const { frames, plural, name } of framesIn(plan, rule, rung)) {
      for (const [state, frame] of Object.entries(frames) as [SignState, Frame][]) {
        const [before, after] = textAround(rule, frame, rung, name)
        if (!rest.startsWith(before) || !rest.endsWith(after)) continue
        const read = readWithin(rest, { frame, name, plural, rung, before, after }, rule, plan)
        // Each end of an interval has its own sign, so no sign applies to both.
        if (!read || (state !== 'none' && signsWithin(rule, read))) continue
        const number = state === 'minus' ? negate(read.number) : read.number
        keep(beyond(bound, inCellsOf(plan, rule, { ...read, number })))
      }
    }
  }
  if (rule.zero !== null && label === rule.zero) keep({ coefficient: 0n, exponent: 0 })
}

function candidatesFor(label: string, plan: Plan, rules: readonly Rule[]): ReadNumber[] {
  const found: ReadNumber[] = []
  const keep = (said: ReadNumber) => {
    if (!found.some((other) => sameSaid(other, said))) found.push(said)
  }
  for (const rule of rules) readByRule(plan, rule, label, keep)
  return found
}

/**
 * Reads a label by its own style: the inverse of `label`. If the label cannot be read as it stands,
 * ordinary spaces in it count as the blanks that the style writes.
 *
 * @param label the whole text
 * @param at the rule that wrote it, if known; then the label is read only as it stands
 * @returns the number in the cells' own measure, and all candidates where the label is unclear
 * @example readBack('1.3M', plan).value // 1300000 as a Decimal
 * @example readBack('5 kg', plan).value // 5 as a Decimal, with a space in place of a no-break one
 */
export function readBack(label: string, plan: Plan, at?: number): Reading {
  if (label === plan.missing) return { value: null, missing: true, candidates: [] }
  let found = candidatesFor(label, plan, at === undefined ? plan.rules : [plan.rules[at]!])
  const typed = ordinary(label)
  if (found.length === 0 && at === undefined && typed.includes(' ')) {
    const alike = blanksAlike(plan)
    if (typed === alike.missing) return { value: null, missing: true, candidates: [] }
    found = candidatesFor(typed, alike, alike.rules)
  }
  return { value: found.length === 1 ? found[0]! : null, missing: false, candidates: found }
}
