import type { Document } from 'domhandler'
import { parseDocument } from 'htmlparser2'
import { SaxesParser } from 'saxes'

/** A file that cannot be read, in words that say where and why. */
export class ProofError extends Error {
  override name = 'ProofError'
}

/** Nothing that is drawn or set in a table lies deeper. */
export const MOST_DEEP = 256
export const tooDeep = `elements lie more than ${MOST_DEEP} levels deep; the file is not read`
/** Elements of a file: of more no reader sees the labels either. */
export const MOST_ELEMENTS = 400_000
export const tooMany = `it has more than 400,000 elements; the file is not read`
const MOST_ENTITIES = 200
const LONGEST_ENTITY = 1000
const ENTITY = /<!ENTITY\s+([\w.-]+)\s+(?:"([^"]*)"|'([^']*)')\s*>/g

/** Names that a document declares for texts; what they stand for is never read again. */
function entitiesIn(doctype: string): Record<string, string> {
  const found: Record<string, string> = {}
  for (const [, name = '', double, single] of doctype.matchAll(ENTITY)) {
    const text = double ?? single ?? ''
    if (text.length > LONGEST_ENTITY) continue
    found[name] = text.includes('&') ? '' : text
    if (Object.keys(found).length >= MOST_ENTITIES) break
  }
  return found
}

/** Refuses what is no XML, or lies deeper than anything drawn does. @throws ProofError */
function refuseBroken(text: string): void {
  const parser = new SaxesParser({})
  let depth = 0
  let deepest = 0
  parser.on('doctype', (doctype) => Object.assign(parser.ENTITIES, entitiesIn(doctype)))
  let count = 0
  parser.on('opentag', ({ isSelfClosing }) => {
    if (++count > MOST_ELEMENTS) throw new ProofError(tooMany)
    if (isSelfClosing) return
    depth++
    deepest = Math.max(deepest, depth)
    if (deepest > MOST_DEEP) throw new ProofError(`line ${parser.line}: ${tooDeep}`)
  })
  parser.on('closetag', ({ isSelfClosing }) => {
    if (!isSelfClosing) depth--
  })
  parser.on('error', (error) => {
    const what = error.message.replace(/^[^:]*:\d+:\d+: /, '').replace(/\.$/, '')
    throw new ProofError(
      `line ${parser.line}, column ${parser.columnIndex + 1}: this is not well-formed XML (${what}); the file may be incomplete`,
    )
  })
  parser.write(text).close()
}

/**
 * A drawing as a tree whose nodes say where they stand in the text.
 *
 * @param text without a byte order mark
 * @throws ProofError for what is no well-formed XML, with line and column
 */
export function treeOf(text: string): Document {
  refuseBroken(text)
  return parseDocument(text, {
    xmlMode: true,
    decodeEntities: true,
    withStartIndices: true,
    withEndIndices: true,
  })
}
