import { decimalPair } from '../style/counts'
import { compare } from '../decimal/arithmetic'
import { decimal, ONE, ZERO } from '../decimal/decimal'
import { StyleError } from '../error'
import { notationOf } from '../notations'
import { constantFor } from '../notations/multiple'
import type { FullStyle, StyleCase } from '../style/schemas'
import { decide } from './decide'
import type { Plan, Rule } from './types'
import { textOf } from './write'

/** A rung or exponent that differs from label to label cannot be said once. */
export function checkUnitAt(style: FullStyle, rule: Rule): void {
  if (style.unitAt === 'label') return
  const differs = rule.exponent ? rule.exponent.fixed === null : rule.fixedRung === null
  if (differs)
    throw new StyleError(
      'unitAt',
      style.unitAt,
      `where every label has its own ${rule.exponent ? 'exponent' : 'rung'} it takes label; set ${rule.exponent ? 'exponent' : 'rung'} to shared or to a power first`,
    )
}

/** No value lies above the one bound and below the other where they cross. */
export function checkBounds({ under, over }: FullStyle): void {
  if (under === null || over === null || compare(decimal(under), decimal(over)) <= 0) return
  throw new StyleError(
    'under',
    under,
    `it lies above over, ${over}, so that every value would be beyond one of them; give the smaller of both here`,
  )
}

/** The ends of a case by magnitude or by width, where it goes by these. */
const endsOf = (when: StyleCase['when']): { readonly from?: number; readonly to?: number } => {
  if ('column' in when) return {}
  return 'width' in when ? when.width : when.magnitude
}
/** A case whose end lies before its beginning is never used. */
export function checkCases({ cases }: FullStyle): void {
  cases.forEach(({ when }, at) => {
    const { from, to } = endsOf(when)
    if (from !== undefined && to !== undefined && from >= to)
      throw new StyleError(
        'cases',
        when,
        `cases[${at}] ends at ${to}, where it has not begun yet; from takes a number below to`,
      )
  })
}

/** A reader cannot tell zero from nothing where both have one text. */
export function checkZero(plan: Plan): void {
  for (const rule of plan.rules.keys()) {
    const own = plan.rules[rule]!
    // Only a text with a digit can be a number's.
    if (own.zero === null && !own.digits.some((digit) => plan.missing.includes(digit))) continue
    const zero = own.zero ?? zeroLabel(plan, rule)
    if (zero !== plan.missing) continue
    const [field, value] = own.zero === null ? ['missing', plan.missing] : ['zero', own.zero]
    throw new StyleError(
      field!,
      value,
      `zero and missing values would both be written “${zero}”; give one of them another text`,
    )
  }
}
/** How a rule writes zero. */
const zeroLabel = (plan: Plan, at: number): string => {
  const alone: Plan = { ...plan, rules: [{ ...plan.rules[at]!, when: null }] }
  return textOf(alone, decide(alone, ZERO))
}

/** Constants are known to so many decimals, and quotients by them to so many digits. */
const MOST_OF_CONSTANT = 60
export function checkConstant({ fraction, significant, ...style }: FullStyle): void {
  if (!notationOf(style).countsConstant) return
  const { value, powers } = constantFor(style)
  if (powers && compare(decimal(value), ONE) <= 0)
    throw new StyleError(
      'multipleOf',
      style.multipleOf,
      'the exponentForm power writes its powers: it takes a number above 1 then',
    )
  if (powers && style.increment !== null)
    throw new StyleError(
      'increment',
      style.increment,
      'the exponentForm power writes powers of a constant, which are no multiples of it: it takes null then, or another exponentForm',
    )
  const most = (decimalPair(fraction) ?? significant)?.[1] ?? 0
  if (most > MOST_OF_CONSTANT)
    throw new StyleError(
      fraction ? 'fraction' : 'significant',
      fraction ?? significant,
      `multiples of a constant are known to ${MOST_OF_CONSTANT} digits, and none beyond them is told`,
    )
}
