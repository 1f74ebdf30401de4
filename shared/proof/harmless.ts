import { type AnyNode, type ChildNode, Element, isCDATA, isTag, isText } from 'domhandler'
import { DomUtils } from 'htmlparser2'

const RUNS = new Set(['script', 'foreignobject', 'iframe', 'audio', 'video', 'animate', 'set'])
/** Whether a value refers to something outside of the file. */
const isOutside = (value: string): boolean =>
  /^\s*(?!#|data:image\/(?:png|jpe?g|gif|webp))\S/i.test(value)
/** Attributes of an element that neither run nor load anything. */
const harmlessAttributes = (attributes: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(attributes).filter(
      ([name, value]) =>
        !/^on/i.test(name) &&
        !(/(?:^|:)href$/i.test(name) && isOutside(value)) &&
        !/url\(\s*["']?(?!#|["'])/i.test(value),
    ),
  )
/** A drawing without scripts, handlers and outside references, as a file of its own. */
export function harmless(svg: Element): string {
  const copy = (node: AnyNode): AnyNode[] => {
    if (!isTag(node)) return isText(node) || isCDATA(node) ? [node.cloneNode(true)] : []
    if (RUNS.has(node.name.toLowerCase())) return []
    const own = new Element(node.name, harmlessAttributes(node.attribs))
    const children = node.children.flatMap(copy)
    const text = node.name === 'style' ? DomUtils.textContent(node) : ''
    if (/@import|url\(\s*["']?(?!#|["'])/i.test(text)) return []
    for (const child of children) DomUtils.appendChild(own, child as ChildNode)
    return [own]
  }
  const [root] = copy(svg) as [Element]
  root.attribs.xmlns ??= 'http://www.w3.org/2000/svg'
  root.attribs['xmlns:xlink'] ??= 'http://www.w3.org/1999/xlink'
  return DomUtils.getOuterHTML(root, { xmlMode: true })
}
