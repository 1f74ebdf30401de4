import { words } from '~~/words'

/** No typeface has this one: what it looks like is what all look like that cannot be drawn. */
const NONE = '\u{10fffd}'
/** CSS pixels of the type that characters are drawn in to be looked at. */
const SIZE = 20

let context: CanvasRenderingContext2D | null = null
function drawn(character: string): string {
  if (!context) {
    const canvas = document.createElement('canvas')
    canvas.width = 2 * SIZE
    canvas.height = 2 * SIZE
    context = canvas.getContext('2d', { willReadFrequently: true })!
    context.font = `${SIZE}px ${getComputedStyle(document.body).fontFamily}`
  }
  context.clearRect(0, 0, 2 * SIZE, 2 * SIZE)
  context.fillText(character, 0, SIZE)
  return context.canvas.toDataURL()
}

const known = new Map<string, boolean>()
/** What the page's own typeface draws for sure: Latin letters, digits and their marks. */
const OWN = /[\u0000-\u024f\s\p{M}\p{Cf}]/u
const MARK = /[\p{M}\p{Cf}]/u
/** Whether this machine has a glyph for a character. */
function canDraw(character: string): boolean {
  if (OWN.test(character)) return true
  if (!known.has(character)) known.set(character, drawn(character) !== drawn(NONE))
  return known.get(character)!
}

const byNumber = (character: string): string =>
  `U+${character.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}`

/** Characters of a text in runs: those that can be drawn, and those that cannot. */
function runsOf(
  text: string,
): { readonly drawn: boolean; readonly characters: readonly string[] }[] {
  const runs: { drawn: boolean; characters: string[] }[] = []
  for (const character of text) {
    const last = runs.at(-1)
    // A mark stands on the letter before it.
    const drawn = last && MARK.test(character) ? last.drawn : canDraw(character)
    if (last?.drawn === drawn) last.characters.push(character)
    else runs.push({ drawn, characters: [character] })
  }
  return runs
}

/**
 * A text in which a character that this machine cannot draw stands by its number, and a word of such
 * by how many they are, and not as boxes that are all alike.
 *
 * @example drawable('5万') // '5U+4E07' where no typeface has it; of '5ユーロ' '5‹3 signs›'
 */
export const drawable = (text: string): string =>
  runsOf(text)
    .map(({ drawn, characters }) => {
      if (drawn) return characters.join('')
      return characters.length === 1
        ? byNumber(characters[0]!)
        : `‹${words.frame.signs({ count: characters.length })}›`
    })
    .join('')

/** Whether a text has a character that this machine cannot draw. */
export const hasUndrawable = (text: string): boolean => runsOf(text).some(({ drawn }) => !drawn)
