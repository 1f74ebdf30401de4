// Words and swatches of a page as they stand on it, drawn for a picture.

const SVG = 'http://www.w3.org/2000/svg'
type Attributes = Readonly<Record<string, string | number>>
/** Sets some attributes of an element. */
export function set(element: Element, attributes: Attributes): void {
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, String(value))
}
/** An element of a picture with some attributes. */
export function drawn(name: string, attributes: Attributes, text?: string): SVGElement {
  const element = document.createElementNS(SVG, name)
  set(element, attributes)
  if (text !== undefined) element.textContent = text
  return element
}

/** What is there for whoever edits the page, not for whoever reads it. */
const OF_EDITOR = 'button, textarea, .editor'
const NO_COLOUR = 'rgba(0, 0, 0, 0)'

interface Line {
  text: string
  readonly left: number
  readonly top: number
}
/** The lines that a text is broken into, where each begins. */
function linesOf(node: Text): Line[] {
  const range = document.createRange()
  const lines: Line[] = []
  let at = 0
  for (const character of node.data) {
    range.setStart(node, at)
    range.setEnd(node, (at += character.length))
    const { left, top, width } = range.getBoundingClientRect()
    // What takes no room is a space at the end of a line.
    if (width === 0 && character.trim() === '') continue
    const last = lines.at(-1)
    if (last && Math.abs(last.top - top) < 1) last.text += character
    else lines.push({ text: character, left, top })
  }
  return lines
}

let ruler: CanvasRenderingContext2D | null = null
/** From the top of a line to where its letters stand. */
function ascentOf({ fontStyle, fontWeight, fontSize, fontFamily }: CSSStyleDeclaration): number {
  ruler ??= document.createElement('canvas').getContext('2d')!
  ruler.font = `${fontStyle} ${fontWeight} ${fontSize} ${fontFamily}`
  return ruler.measureText('').fontBoundingBoxAscent
}

/**
 * A part of the page in elements of a picture: its texts line by line, its swatches, a rule at its
 * left side; without what is there for its editor.
 *
 * @param corner of the picture, in the window's pixels
 */
export function flat(
  part: Element,
  corner: { readonly left: number; readonly top: number },
): SVGElement {
  const group = drawn('g', {})
  for (const one of [part, ...part.querySelectorAll('*')]) {
    if (one.closest(OF_EDITOR)) continue
    const style = getComputedStyle(one)
    const box = one.getBoundingClientRect()
    const [x, y] = [box.left - corner.left, box.top - corner.top]
    if (style.backgroundColor !== NO_COLOUR)
      group.append(
        drawn('rect', {
          x,
          y,
          width: box.width,
          height: box.height,
          rx: parseFloat(style.borderRadius) || 0,
          fill: style.backgroundColor,
        }),
      )
    const rule = parseFloat(style.borderLeftWidth)
    if (rule > 0)
      group.append(
        drawn('rect', { x, y, width: rule, height: box.height, fill: style.borderLeftColor }),
      )
    for (const node of one.childNodes) {
      if (!(node instanceof Text)) continue
      for (const { text, left, top } of linesOf(node)) {
        group.append(
          drawn(
            'text',
            {
              x: left - corner.left,
              y: top - corner.top + ascentOf(style),
              fill: style.color,
              'font-size': style.fontSize,
              'font-weight': style.fontWeight,
              'xml:space': 'preserve',
            },
            text,
          ),
        )
      }
    }
  }
  return group
}

/** The words of a part of the page that are for its readers. */
export function wordsOf(part: Element): string {
  const copy = part.cloneNode(true) as Element
  for (const one of copy.querySelectorAll(OF_EDITOR)) one.remove()
  return copy.textContent ?? ''
}
