import advances from './advances.json'

export type Weight = '400' | '600'

/** Advances by character, in thousandths of the font size. */
const tables = Object.fromEntries(
  Object.entries(advances as Record<Weight, Record<string, string>>).map(([weight, byWidth]) => [
    weight,
    new Map(
      Object.entries(byWidth).flatMap(([width, characters]) =>
        Array.from(characters, (character) => [character, Number(width)] as const),
      ),
    ),
  ]),
) as Record<Weight, Map<string, number>>

/** Characters that the typeface lacks are as wide as the one whose shape is nearest. */
const LIKE: readonly (readonly [RegExp, string])[] = [
  [/[\u2070-\u208e]/u, '²'],
  [/[‰‱∞]/u, '%'],
  [/[≈≤≥≠]/u, '='],
]
const NO_WIDTH = /[\p{M}\p{Cf}]/u
/** Those that Unicode's East Asian Width (UAX #11) has wide, by script. */
const WIDE = /[\p{sc=Han}\p{sc=Hiragana}\p{sc=Katakana}\p{sc=Hangul}\u3000-\u303f\uff01-\uff60]/u
const WIDE_ADVANCE = 1000

function advanceOf(character: string, table: ReadonlyMap<string, number>): number {
  const own = table.get(character)
  if (own !== undefined) return own
  if (NO_WIDTH.test(character)) return 0
  if (WIDE.test(character)) return WIDE_ADVANCE
  return table.get(LIKE.find(([like]) => like.test(character))?.[1] ?? 'n')!
}

/**
 * How wide a text is in the shipped typeface with its tabular figures, without a browser.
 *
 * @param size of the font, in CSS pixels
 * @returns CSS pixels; characters that the typeface lacks are guessed from like ones
 * @example textWidth('1,234', 13) // 29.1…
 */
export function textWidth(text: string, size: number, weight: Weight = '400'): number {
  const table = tables[weight]
  let sum = 0
  for (const character of text) sum += advanceOf(character, table)
  return (sum * size) / 1000
}

/**
 * Whether the shipped typeface has all characters of a text, so that its width is not guessed.
 *
 * @example isMeasured('€1,234') // true; isMeasured('१,२३४') // false
 */
export const isMeasured = (text: string, weight: Weight = '400'): boolean =>
  Array.from(text).every((character) => tables[weight].has(character))

/**
 * As much of a text as fits a width, with … where it was cut.
 *
 * @param width in CSS pixels
 * @param size of the font, in CSS pixels
 * @example fittingText('1,234,567', 40, 13) // '1,23…'
 */
export function fittingText(
  text: string,
  width: number,
  size: number,
  weight: Weight = '400',
): string {
  const table = tables[weight]
  const room = (width * 1000) / size
  const roomWhenCut = room - advanceOf('…', table)
  let sum = 0
  let at = 0
  let cut = 0
  for (const character of text) {
    sum += advanceOf(character, table)
    if (sum > room) return `${text.slice(0, cut)}…`
    at += character.length
    if (sum <= roomWhenCut) cut = at
  }
  return text
}
