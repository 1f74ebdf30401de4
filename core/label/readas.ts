import { negate, shift } from '../decimal/arithmetic'
import { type Decimal, MOST_PLACES } from '../decimal/decimal'
import { scaleBy } from '../decimal/powers'
import { namesIn } from '../locale/compact'
import { inCells } from './cells'
import { unitsRung } from './level'
import { readNumeral } from './numeral'
import { everywhere, powersIn } from './powernames'
import { inLatin } from './digits'
import { withoutError } from './uncertainty'
import { beyond, readBack, type Reading, sameSaid, type ReadNumber } from './readback'
import type { ChosenRegion } from './region'
import type { Plan, Rule } from './types'
import { unitParts } from './unitParts'
import { joined } from './write'
import { fromSuperscript } from '../decimal/superscript'

const INVISIBLE = /[\u200e\u200f\u061c]/g
const NUMERAL = /\d+(?:[.,’'\s\u00a0\u202f\u2009٬٫·]\d+)*/
const EXPONENT = /^\s*[×x·]\s*10(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)|^[eE]([-−+]?\d+)/
const POWER_ALONE = /^(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)/
const MINUS = /[-−‒–]$/

/** A power, of ten or of two. */
interface Power {
  readonly power: number
  readonly base: 10 | 2
}
/** The rungs that the style puts before its unit, which stands right behind them. */
const prefixesIn = (plan: Plan, after: string): Power[] =>
  plan.rules
    .flatMap(({ rungs }) => rungs)
    .filter(({ text }) => text !== '' && after.trim().startsWith(text))
    .map(({ power, base }) => ({ power, base }))

/**
 * Units that the style itself writes: a reader knows them for what they are, and "m" for metres is
 * no milli.
 */
const unitsIn = (plan: Plan): string[] =>
  plan.rules
    .map(unitParts)
    .flatMap(({ before, after }) => [...before, ...after])
    .map((parts) => bare(joined(parts)))
/** What stands around a number, closing brackets aside. */
const bare = (text: string): string => text.replace(/^[()\s]+|[()\s]+$/g, '')

/** What is said of rung and exponent elsewhere, for labels that do not say it. */
function saidElsewhere(plan: Plan, rule: Rule): number {
  if (plan.unitAt === 'label') return 0
  if (rule.exponent) return rule.exponent.fixed ?? 0
  return rule.rungs[rule.fixedRung ?? unitsRung(rule)]!.power
}

/** The numbers that a reader takes digits and what follows them for, before unit and sign. */
function numbersIn(
  text: string,
  after: string,
  reader: ChosenRegion,
): { numbers: Decimal[]; rest: string; isPowered: boolean } {
  const alone = text === '10' ? POWER_ALONE.exec(after) : null
  if (alone)
    return {
      numbers: [{ coefficient: 1n, exponent: fromSuperscript(alone[1]!) }],
      rest: after.slice(alone[0].length),
      isPowered: true,
    }
  const numbers = readNumeral(text, reader.system.marks)
  const match = EXPONENT.exec(after)
  if (!match) return { numbers, rest: after, isPowered: false }
  const exponent = match[1] ? fromSuperscript(match[1]) : Number(match[2]!.replace('−', '-'))
  if (Math.abs(exponent) > MOST_PLACES)
    return { numbers: [], rest: after.slice(match[0].length), isPowered: true }
  return {
    numbers: numbers.map((number) => shift(number, exponent)),
    rest: after.slice(match[0].length),
    isPowered: true,
  }
}

/**
 * Reads a label as somebody in a region would: by the region's marks and the names of powers known
 * there. Marks that are none of the region's are read every way that makes sense.
 *
 * @param plan of the labels, for what they do not say themselves: factor, a rung in the title
 * @param reader from `regionOf`
 * @returns the number in the cells' own measure, and all candidates
 * @example readAs('1.234', plan, german).value // 1234 as a Decimal
 */
export function readAs(label: string, plan: Plan, reader: ChosenRegion): Reading {
  // Multiples of a constant are read alike everywhere.
  if (
    label === plan.missing ||
    plan.rules.every(({ multiple, clock }) => multiple !== null || clock)
  )
    return readBack(label, plan)
  const number = plan.rules.reduce(withoutError, label.replace(INVISIBLE, ''))
  const latin = inLatin(number, reader.digits)
  const match = NUMERAL.exec(latin)
  if (!match) return { value: null, missing: false, candidates: [] }
  const before = latin.slice(0, match.index)
  const { numbers, rest, isPowered } = numbersIn(
    match[0],
    latin.slice(match.index + match[0].length),
    reader,
  )
  const { short, long, currency } = reader.system.compact
  const own = [...namesIn(short), ...namesIn(long), ...namesIn(currency)]
  const isUnit =
    unitsIn(plan).includes(bare(rest)) ||
    (bare(rest) === '' && unitsIn(plan).includes(bare(before)))
  const named = [own, everywhere]
    .map((names) => powersIn(before, rest, names))
    .find((found) => found.length > 0)
    ?.map((power): Power => ({ power, base: 10 }))
  const powers = isUnit ? [] : (named ?? prefixesIn(plan, rest))
  const isNegative =
    /^\s*\(/.test(before) || MINUS.test(before.replace(/[^-−‒–\d]+$/, '')) || /^\s*[-−]/.test(rest)
  const found: ReadNumber[] = []
  for (const rule of plan.rules)
    for (const number of numbers)
      for (const { power, base } of powers.length > 0
        ? powers
        : [{ power: isPowered ? 0 : saidElsewhere(plan, rule), base: 10 as const }]) {
        const signed = isNegative ? negate(number) : number
        const value = inCells(plan, rule, scaleBy(signed, base, power), {
          rung: unitsRung(rule),
          exponent: null,
          denominator: 1,
        })
        const said = beyond(/^\s*[<>]/.exec(latin)?.[0].trim() ?? '', value)
        if (!found.some((other) => sameSaid(other, said))) found.push(said)
      }
  return { value: found.length === 1 ? found[0]! : null, missing: false, candidates: found }
}
