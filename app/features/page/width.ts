import { isMeasured, textWidth as advanceWidth, type Weight } from '~~/core/text/advance'

let context: CanvasRenderingContext2D | null = null

/** The width of a table's text in pixels, in the page's typeface with its tabular figures. */
export function textWidth(text: string): number {
  if (!context) {
    context = document.createElement('canvas').getContext('2d')!
    context.font = `13px ${getComputedStyle(document.body).fontFamily}`
  }
  return context.measureText(text).width
}

/**
 * Of a room, as much as texts may take to be sure to stand on one line: letters move a little
 * towards each other.
 */
const SURE = 0.98

/**
 * Whether texts stand on one line for sure. It is as high whatever they say then, so that a move of
 * a handle lays out nothing but them (class `single`).
 *
 * @param size of the font, beside what stands beside them, room that all have, in pixels
 */
export const areSureToFit = (
  texts: readonly string[],
  {
    size,
    weight = '400',
    beside,
    room,
  }: {
    readonly size: number
    readonly weight?: Weight
    readonly beside: number
    readonly room: number
  },
): boolean =>
  texts.every((text) => isMeasured(text, weight)) &&
  texts.reduce((sum, text) => sum + advanceWidth(text, size, weight), beside) < SURE * room
