import { LIMITS } from '../../shared/limits'
import { RequestError } from './problems'

/** Character codes: a body may have hundreds of millions of them. */
const [QUOTE, BACKSLASH] = [0x22, 0x5c]
const OPENING = [0x5b, 0x7b]
const CLOSING = [0x5d, 0x7d]
/** How deep brackets stand within each other, those in texts aside. */
function depthOf(text: string, most: number): number {
  let [depth, deepest, isText] = [0, 0, false]
  for (let at = 0; at < text.length && deepest <= most; at++) {
    const code = text.charCodeAt(at)
    if (isText) {
      if (code === BACKSLASH) at++
      else if (code === QUOTE) isText = false
    } else if (code === QUOTE) isText = true
    else if (OPENING.includes(code)) deepest = Math.max(deepest, ++depth)
    else if (CLOSING.includes(code)) depth--
  }
  return deepest
}

/**
 * Reads a body of JSON (RFC 8259): no byte order mark, no comma too many, at most 64 levels.
 *
 * @throws RequestError saying what is wrong
 */
export function parseBody(text: string): unknown {
  if (depthOf(text, LIMITS.depth) > LIMITS.depth)
    throw new RequestError(
      400,
      'Bad request',
      `The body has more than ${LIMITS.depth} levels of brackets.`,
    )
  try {
    return JSON.parse(text) as unknown
  } catch (error) {
    throw new RequestError(400, 'Bad request', `The body is no JSON: ${(error as Error).message}.`)
  }
}
