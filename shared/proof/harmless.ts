import { type AnyNode, type ChildNode, Element, isCDATA, isTag, isText, Text } from 'domhandler'
import { DomUtils } from 'htmlparser2'
import { harmlessSheet, harmlessStyle, isHarmlessValue } from './harmlessCss'
import { ATTRIBUTES, ELEMENTS, PRESENTATION } from './harmlessNames'

const SVG = 'http://www.w3.org/2000/svg'

/** What an element or one of those around it says of a prefix; undefined where none does. */
function namespaceOf(element: Element, prefix: string): string | undefined {
  const name = prefix === '' ? 'xmlns' : `xmlns:${prefix}`
  for (let one: AnyNode | null = element; one; one = one.parent)
    if (isTag(one) && one.attribs[name] !== undefined) return one.attribs[name]
  return undefined
}

/** The name of an element of SVG, without its prefix; null for any other element. */
function nameIn(element: Element): string | null {
  const at = element.name.indexOf(':')
  const prefix = element.name.slice(0, Math.max(0, at))
  const namespace = namespaceOf(element, prefix)
  // A page of HTML declares none for its drawings.
  const isSvg = namespace === SVG || (namespace === undefined && prefix === '')
  const name = element.name.slice(at + 1)
  return isSvg && ELEMENTS.has(name.toLowerCase()) ? name : null
}

const PICTURE = /^\s*data:image\/(?:png|jpe?g|gif|webp)[;,]/i
/** What a reference may lead to: a part of the drawing, and for an image its own pixels. */
const isInside = (element: string, value: string): boolean =>
  /^\s*#/.test(value) || (element.toLowerCase() === 'image' && PICTURE.test(value))
const KEPT = /^(?:(?:data|aria)-[\w-]+|xml:(?:space|lang))$/

/** An attribute as it may stay; null where it may not. */
function attributeOf(element: string, name: string, value: string): string | null {
  const own = name.toLowerCase()
  if (own === 'style') return harmlessStyle(value)
  if (own === 'href' || own === 'xlink:href') return isInside(element, value) ? value : null
  const isKnown = ATTRIBUTES.has(own) || PRESENTATION.has(own) || KEPT.test(own)
  return isKnown && isHarmlessValue(value) ? value : null
}
const attributesOf = (element: string, all: Readonly<Record<string, string>>) =>
  Object.fromEntries(
    Object.entries(all).flatMap(([name, value]) => {
      const kept = attributeOf(element, name, value)
      return kept === null ? [] : [[name, kept] as const]
    }),
  )

/**
 * A drawing as a file of its own, with the elements, attributes and styles of SVG that only draw:
 * whatever else a file holds does not come along, so that nothing runs and nothing is loaded.
 */
export function harmless(svg: Element): string {
  const copy = (node: AnyNode): ChildNode[] => {
    if (!isTag(node)) return isText(node) || isCDATA(node) ? [node.cloneNode(true)] : []
    const name = nameIn(node)
    if (name === null) return []
    const own = new Element(name, attributesOf(name, node.attribs))
    const children =
      name.toLowerCase() === 'style'
        ? [new Text(harmlessSheet(DomUtils.textContent(node)))]
        : node.children.flatMap(copy)
    for (const child of children) DomUtils.appendChild(own, child)
    return [own]
  }
  const [root = new Element('svg', {})] = copy(svg) as Element[]
  root.attribs.xmlns = SVG
  root.attribs['xmlns:xlink'] = 'http://www.w3.org/1999/xlink'
  return DomUtils.getOuterHTML(root, { xmlMode: true })
}
