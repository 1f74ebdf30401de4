import { SaxesParser } from 'saxes'
import { ExportError } from './prove'

/** An element of XML with what stands in it. */
export interface Node {
  readonly name: string
  readonly attributes: Readonly<Record<string, string>>
  readonly children: Node[]
  text: string
}

/** Reads a document of XML, element by element. @throws ExportError for one that is broken */
function read(xml: string, listen: (parser: SaxesParser) => void): void {
  const parser = new SaxesParser()
  listen(parser)
  parser.on('error', (error) => {
    throw new ExportError(`it is broken: ${error.message}`)
  })
  parser.write(xml).close()
}

/** The attributes of all elements of a name. @throws ExportError for a document that is broken */
export function attributesOf(xml: string, wanted: string): Node['attributes'][] {
  const found: Node['attributes'][] = []
  read(xml, (parser) =>
    parser.on(
      'opentag',
      ({ name, attributes }) => void (name === wanted && found.push(attributes)),
    ),
  )
  return found
}

/** All elements of a name, with the text that stands in them. */
export const textsOf = (xml: string, name: string): Node[] => within(treeOf(xml), name)

/** A document of XML as a tree. @throws ExportError for one that is broken */
export function treeOf(xml: string): Node {
  const top: Node = { name: '', attributes: {}, children: [], text: '' }
  const open: Node[] = [top]
  read(xml, (parser) => {
    parser.on('opentag', ({ name, attributes }) => {
      const node: Node = { name, attributes, children: [], text: '' }
      open.at(-1)!.children.push(node)
      open.push(node)
    })
    parser.on('closetag', () => void open.pop())
    parser.on('text', (text) => void (open.at(-1)!.text += text))
  })
  return top
}

/** All elements of a name below another, in their order. */
export const within = (node: Node, name: string): Node[] =>
  node.children.flatMap((child) => [
    ...(child.name === name ? [child] : []),
    ...within(child, name),
  ])
