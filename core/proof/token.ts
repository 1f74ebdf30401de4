import { fromSuperscript } from '../decimal/superscript'
import { unitNamed } from '../units/names'

/** A label in its pieces, before anything is said of what they mean. */
export interface Token {
  readonly text: string
  readonly isNegative: boolean
  /** The sign as it stands: a minus, a plus, an opening parenthesis, or nothing. */
  readonly sign: string
  /** Latin digits with the marks between them. */
  readonly numeral: string
  readonly exponent: number | null
  readonly exponentForm: 'times' | 'e' | 'E' | 'power' | null
  /** What the number is a multiple of, and divided by; null for plain numbers. */
  readonly multiple: { readonly of: 'pi'; readonly denominator: number } | null
  readonly bound: '' | '<' | '>'
  /** What stands before the number, and behind it, sign and exponent aside. */
  readonly before: string
  readonly after: string
  /** Whether a blank stands between them and the number. */
  readonly hasGap: boolean
}

/** Labels are shorter; patterns take longer for long texts. */
const LONGEST = 60
const INVISIBLE = /[\u200b-\u200f\u061c\u2060\ufeff\u202a-\u202e\u2066-\u2069]/g
/** The zeros of numbering systems in use, by Unicode's general category Nd. */
const ZEROS = [
  0x660, 0x6f0, 0x966, 0x9e6, 0xa66, 0xae6, 0xb66, 0xbe6, 0xc66, 0xce6, 0xd66, 0xe50, 0xed0, 0xf20,
  0x1040, 0x17e0, 0x1810, 0xff10,
]
const NATIVE = /[\u0660-\uff19]/
/** Digits of any numbering system as 0 to 9. */
function latin(text: string): string {
  if (!NATIVE.test(text)) return text
  return Array.from(text, (character) => {
    const code = character.codePointAt(0)!
    const zero = ZEROS.find((one) => code >= one && code <= one + 9)
    return zero === undefined ? character : String(code - zero)
  }).join('')
}

const MINUS = '\\-−–‒‐‑－'
const SIGN = `[${MINUS}+＋]`
const NUMERAL = /(?:\d+(?:[.,’'٬٫·\u00a0\u202f\u2009 ]\d+)*|[.,٫]\d+)/
const POWERS = '[⁰¹²³⁴⁵⁶⁷⁸⁹]+'
const LABEL = new RegExp(
  `^(?<bound>[<>≤≥≈~]?)\\s*(?<open>\\(?)(?<sign>${SIGN}?)\\s*(?<before>[^\\d.,+${MINUS}()<>]*?)(?<gap1>\\s*)(?<inner>${SIGN}?)(?<numeral>${NUMERAL.source})(?<rest>.*?)(?<close>\\)?)(?<trailing>[${MINUS}]?)$`,
  'su',
)
const EXPONENT = new RegExp(
  `^\\s*(?:[×x·*⋅]\\s*10(?:(?<raised>[⁻⁺]?${POWERS})|\\^\\{?(?<caret>[${MINUS}+]?\\d+)\\}?)|(?<e>[eE])(?<plain>[${MINUS}+]?\\d{1,5})(?![\\p{L}\\d]))`,
  'u',
)
const POWER_ALONE = new RegExp(
  `^(?<raised>[⁻⁺]?${POWERS})|^\\^\\{?(?<caret>[${MINUS}+]?\\d+)\\}?`,
  'u',
)
const PI = new RegExp(
  `^(?<sign>${SIGN}?)\\s*(?<times>\\d+(?:[.,]\\d+)?)?\\s*[×·*]?\\s*(?:π|\\\\pi|pi)\\s*(?:[/⁄]\\s*(?<by>\\d+))?$`,
  'u',
)
const PI_FRACTION = new RegExp(
  `^(?<sign>${SIGN}?)\\s*(?<times>\\d+)\\s*[/⁄]\\s*(?<by>\\d+)\\s*π$`,
  'u',
)
/** Texts around a number hold letters, signs of currencies and those of parts. */
const UNIT = /^[\p{L}\p{M}\p{Sc}%‰°µ′″'./·²³⁻¹ \u00a0\u202f()-]{0,28}$/u
const MOST_EXPONENT = 10_000

const BOUNDS: Readonly<Record<string, '<' | '>'>> = { '<': '<', '≤': '<', '>': '>', '≥': '>' }
const numberOf = (text: string): number =>
  Number(text.replace(new RegExp(`[${MINUS}]`, 'g'), '-').replace('+', ''))
const raisedOf = (text: string): number => fromSuperscript(text.replace('⁺', ''))

/** A multiple of π, such as -2π/3. */
function multipleOf(text: string): Token | null {
  const groups = (PI.exec(text) ?? PI_FRACTION.exec(text))?.groups
  if (!groups) return null
  const sign = groups.sign ?? ''
  return {
    text,
    sign,
    isNegative: sign !== '' && !/[+＋]/.test(sign),
    numeral: groups.times ?? '1',
    exponent: null,
    exponentForm: null,
    multiple: { of: 'pi', denominator: Number(groups.by ?? 1) },
    bound: '',
    before: '',
    after: '',
    hasGap: false,
  }
}

/** The exponent behind digits, its form, and what is left behind it. */
function exponentIn(numeral: string, rest: string) {
  const alone = numeral === '10' ? POWER_ALONE.exec(rest) : null
  const found = alone ?? EXPONENT.exec(rest)
  if (!found) return { exponent: null, form: null, rest }
  const { raised, caret, e, plain } = found.groups!
  const exponent = raised ? raisedOf(raised) : numberOf(caret ?? plain!)
  if (!(Math.abs(exponent) <= MOST_EXPONENT)) return null
  const form = alone ? ('power' as const) : ((e as 'e' | 'E' | undefined) ?? ('times' as const))
  return { exponent, form, rest: rest.slice(found[0].length) }
}

/** Before a number stand money and rungs alone: “Region 1” is a name. */
const mayStandBefore = (text: string): boolean => {
  const bare = text.trim()
  return (
    bare === '' ||
    unitNamed(bare) !== null ||
    (/^[\p{L}\p{Sc}$.]{1,4}$/u.test(bare) && /\p{Sc}|^[A-Z]{3}$|^kr\.?$|^Rs\.?$/u.test(bare))
  )
}

/**
 * Takes a label to pieces: sign, digits with their marks, exponent, and what stands around them.
 *
 * @returns null for a text that is no number with its unit: names, dates, ranges, clocks
 * @example tokenOf('−1.2M').numeral // '1.2', with isNegative and after 'M'
 */
export function tokenOf(label: string): Token | null {
  if (label.length > LONGEST || !/[\dπ\u0660-\uff19]/.test(label)) return null
  const text = latin(label.replace(INVISIBLE, '').trim())
  const multiple = multipleOf(text)
  if (multiple) return multiple
  const groups = LABEL.exec(text)?.groups
  if (!groups) return null
  const {
    bound = '',
    open,
    close,
    sign: first,
    inner,
    before = '',
    numeral = '',
    trailing,
  } = groups
  if ((open === '(') !== (close === ')') || (first && inner)) return null
  const powered = exponentIn(numeral, groups.rest!)
  if (!powered) return null
  const after = powered.rest.trim()
  if (!mayStandBefore(before) || !UNIT.test(after) || /^[-–/.]/.test(after)) return null
  const sign = open || first || inner || trailing || ''
  return {
    text,
    sign,
    isNegative: sign !== '' && !/[+＋]/.test(sign),
    numeral: numeral.trim(),
    exponent: powered.exponent,
    exponentForm: powered.form,
    multiple: null,
    bound: BOUNDS[bound] ?? '',
    before: before.trim(),
    after,
    hasGap: (before.trim() !== '' && groups.gap1 !== '') || /^\s/.test(powered.rest),
  }
}
