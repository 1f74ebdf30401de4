/** A piece of a pattern's affix: a placeholder or a text. */
export type AffixToken = '-' | '+' | '¤' | '%' | '‰' | { readonly text: string }

export interface Subpattern {
  readonly prefix: readonly AffixToken[]
  readonly suffix: readonly AffixToken[]
}
/** A number pattern of CLDR (Unicode Technical Standard 35, part 3, "Number Format Patterns"). */
export interface NumberPattern {
  readonly positive: Subpattern
  readonly negative: Subpattern | null
  /**
   * Digit places before the decimal mark that are written as 0; none in a pattern without a number.
   */
  readonly zeros: number
  readonly grouping: { readonly first: number; readonly rest: number } | null
}

const NUMBER = /[#0,.]+/
const PLACEHOLDERS = new Set(['-', '+', '¤', '%', '‰'])

/** Quoted text is taken as it is; the rest by its characters. */
function tokens(affix: string): AffixToken[] {
  const found: AffixToken[] = []
  let text = ''
  let quoted = false
  const flush = () => {
    if (text) found.push({ text })
    text = ''
  }
  for (let at = 0; at < affix.length; at++) {
    const character = affix[at]!
    if (character === "'") {
      if (affix[at + 1] === "'") text += affix[at++]
      else quoted = !quoted
    } else if (!quoted && PLACEHOLDERS.has(character)) {
      flush()
      found.push(character as '-')
    } else text += character
  }
  flush()
  return found
}

/** The place of the number in a pattern, quoted text passed over. */
function numberIn(pattern: string): { start: number; end: number } | null {
  const blanked = pattern.replace(/'[^']*'/g, (quoted) => '\u0000'.repeat(quoted.length))
  const found = NUMBER.exec(blanked)
  return found ? { start: found.index, end: found.index + found[0].length } : null
}

function subpattern(pattern: string): Subpattern & { number: string } {
  const found = numberIn(pattern)
  if (!found) return { prefix: tokens(pattern), suffix: [], number: '' }
  return {
    prefix: tokens(pattern.slice(0, found.start)),
    suffix: tokens(pattern.slice(found.end)),
    number: pattern.slice(found.start, found.end),
  }
}

/**
 * Reads a number pattern.
 *
 * @example parsePattern('¤#,##0.00;(¤#,##0.00)').negative.prefix // [{ text: '(' }, '¤']
 */
export function parsePattern(pattern: string): NumberPattern {
  const known = parsed.get(pattern)
  if (known) return known
  const read = readPattern(pattern)
  parsed.set(pattern, read)
  return read
}
/** Patterns come from the regions' tables, which are read again for every style. */
const parsed = new Map<string, NumberPattern>()

function readPattern(pattern: string): NumberPattern {
  const [first = '', second] = pattern.split(';')
  const { number, ...positive } = subpattern(first)
  const whole = number.split('.')[0]!
  const groups = whole
    .split(',')
    .slice(1)
    .map((group) => group.length)
    .reverse()
  return {
    positive,
    negative: second === undefined ? null : subpattern(second),
    zeros: [...whole].filter((place) => place === '0').length,
    grouping: groups.length > 0 ? { first: groups[0]!, rest: groups[1] ?? groups[0]! } : null,
  }
}

/** Whether a pattern writes a minus. */
export const hasMinus = ({ prefix, suffix }: Subpattern): boolean =>
  prefix.includes('-') || suffix.includes('-')
/**
 * Whether a pattern tells negative numbers by other marks than a minus: accounts write parentheses.
 */
export const hasBrackets = ({ negative }: NumberPattern): boolean =>
  negative !== null && !hasMinus(negative)

/** The power of ten of the first of a region's patterns for shortened numbers. */
export const LEAST_POWER = 3

/** Whether a pattern writes the number and nothing beside it. */
export const isNumberAlone = ({ positive }: NumberPattern): boolean =>
  positive.prefix.length + positive.suffix.length === 0
