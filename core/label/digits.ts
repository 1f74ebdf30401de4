import type { PartType, Rule, Written } from './types'

/**
 * A written number's digits before and after the decimal mark.
 *
 * @example digitsOf(decide(plan, amountOf(12.5))) // { whole: '12', fraction: '5' }
 */
export function digitsOf({ digits, place, decimals }: Written): {
  whole: string
  fraction: string
} {
  const text = digits.toString() + (digits === 0n ? '' : '0'.repeat(place + decimals))
  const padded = text.padStart(decimals + 1, '0')
  return {
    whole: padded.slice(0, padded.length - decimals),
    fraction: decimals > 0 ? padded.slice(-decimals) : '',
  }
}

/** Takes the parts of a label one after another. */
export type Emit = (type: PartType, value: string) => void

/** Latin digits as those of the rule's numbering system. @example inDigits(ruleOfArabic, '12') // '١٢' */
export function inDigits({ digits }: Rule, text: string): string {
  return digits[0] === '0' ? text : text.replace(/\d/g, (digit) => digits[Number(digit)]!)
}

/**
 * Digits of a numbering system as 0 to 9.
 *
 * @param digits the ten, from zero
 * @example inLatin('١٢', [...'٠١٢٣٤٥٦٧٨٩']) // '12'
 */
export function inLatin(text: string, digits: readonly string[]): string {
  if (digits[0] === '0') return text
  const values = new Map(digits.map((digit, at) => [digit, String(at)]))
  return Array.from(text, (character) => values.get(character) ?? character).join('')
}

/**
 * Whole digits with the group marks between them.
 *
 * @param latin digits from 0 to 9
 */
export function emitInteger(rule: Rule, latin: string, emit: Emit): void {
  const { grouping, marks } = rule
  if (!grouping || latin.length < grouping.first + grouping.least)
    return emit('integer', inDigits(rule, latin))
  const groups = [latin.slice(-grouping.first)]
  let end = latin.length - grouping.first
  for (; end > grouping.rest; end -= grouping.rest)
    groups.push(latin.slice(end - grouping.rest, end))
  emit('integer', inDigits(rule, latin.slice(0, end)))
  for (let i = groups.length - 1; i >= 0; i--) {
    emit('group', marks.group)
    emit('integer', inDigits(rule, groups[i]!))
  }
}
