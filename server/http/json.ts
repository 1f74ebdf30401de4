import { LIMITS } from '../../shared/limits'
import { RequestError } from './problems'

/** Character codes: a body may have hundreds of millions of them. */
const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c]
const OPENING = [0x5b, 0x7b]
const CLOSING = [0x5d, 0x7d]

/** What a body of JSON would be, those in texts aside: it is measured before it is parsed. */
interface Measure {
  /** How deep brackets stand within each other. */
  depth: number
  /** Lists and objects. */
  brackets: number
  /** Values that stand behind another. */
  commas: number
}
function measured(text: string): Measure {
  const found = { depth: 0, brackets: 0, commas: 0 }
  let [depth, isText] = [0, false]
  for (let at = 0; at < text.length && found.depth <= LIMITS.depth; at++) {
    const code = text.charCodeAt(at)
    if (isText) {
      if (code === BACKSLASH) at++
      else if (code === QUOTE) isText = false
    } else if (code === QUOTE) isText = true
    else if (code === COMMA) found.commas++
    else if (OPENING.includes(code)) {
      found.brackets++
      found.depth = Math.max(found.depth, ++depth)
    } else if (CLOSING.includes(code)) depth--
  }
  return found
}

/** The limits of a body, and how it is said that one is passed. */
const BOUNDS: readonly (readonly [keyof Measure, number, string])[] = [
  ['depth', LIMITS.depth, 'levels of brackets'],
  ['brackets', LIMITS.jsonBrackets, 'lists and objects'],
  ['commas', LIMITS.cells, 'values'],
]

/**
 * Reads a body of JSON (RFC 8259): no byte order mark, no comma too many, at most 64 levels. What
 * would take much more memory than its text does is refused before it is parsed.
 *
 * @throws RequestError saying what is wrong
 */
export function parseBody(text: string): unknown {
  const measure = measured(text)
  const passed = BOUNDS.find(([what, most]) => measure[what] > most)
  if (passed)
    throw new RequestError(
      400,
      'Bad request',
      `The body has more than ${passed[1]} ${passed[2]}. Send less at once.`,
    )
  try {
    return JSON.parse(text) as unknown
  } catch (error) {
    throw new RequestError(400, 'Bad request', `The body is no JSON: ${(error as Error).message}.`)
  }
}
