import { type AnyNode, type ChildNode, Element, isCDATA, isTag, isText, Text } from 'domhandler'
import { DomUtils } from 'htmlparser2'
import { harmlessSheet, harmlessStyle, isHarmlessValue } from './harmlessCss'
import { ATTRIBUTES, ELEMENTS, PRESENTATION } from './harmlessNames'

const SVG = 'http://www.w3.org/2000/svg'

/** Returns the namespace of a prefix at an element; undefined if none is declared. */
function namespaceOf(element: Element, prefix: string): string | undefined {
  const name = prefix === '' ? 'xmlns' : `xmlns:${prefix}`
  for (let one: AnyNode | null = element; one; one = one.parent)
    if (isTag(one) && one.attribs[name] !== undefined) return one.attribs[name]
  return undefined
}

/** Returns the name of an SVG element without its prefix; null for any other element. */
function nameIn(element: Element): string | null {
  const at = element.name.indexOf(':')
  const prefix = element.name.slice(0, Math.max(0, at))
  const namespace = namespaceOf(element, prefix)
  // HTML pages declare no namespace for their drawings.
  const isSvg = namespace === SVG || (namespace === undefined && prefix === '')
  const name = element.name.slice(at + 1)
  return isSvg && ELEMENTS.has(name.toLowerCase()) ? name : null
}

const PICTURE = /^\s*data:image\/(?:png|jpe?g|gif|webp)[;,]/i
/** Whether a reference stays inside: a part of the drawing, or the pixels of an image. */
const isInside = (element: string, value: string): boolean =>
  /^\s*#/.test(value) || (element.toLowerCase() === 'image' && PICTURE.test(value))
const KEPT = /^(?:(?:data|aria)-[\w-]+|xml:(?:space|lang))$/

/** Returns the harmless value of an attribute; null if the attribute must go. */
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
 * Copies a drawing into a file of its own with only those elements, attributes and styles that are
 * known to draw, so nothing in it runs or loads.
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
