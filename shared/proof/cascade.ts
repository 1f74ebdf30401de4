import type { Element } from 'domhandler'
import { lengthOf } from './lengths'
import type { Declared } from './sheet'

/** What an element is drawn by; what is inherited comes from those that it stands in. */
export interface Look {
  /** The size of its type, in its own units. */
  readonly size: number
  readonly anchor: string
  readonly baseline: string
  readonly fill: string
  readonly stroke: string
  readonly isHidden: boolean
}

export const PLAIN: Look = {
  size: 16,
  anchor: 'start',
  baseline: 'auto',
  fill: 'black',
  stroke: 'none',
  isHidden: false,
}

const FONT_SIZE = /(\d*\.?\d+(?:px|pt|em|rem|%|mm|cm|in|pc))/
/** Characters of a `font` among which its size is looked for. */
const LONGEST_FONT = 200
/** Sizes by name, in pixels. */
const NAMED: Readonly<Record<string, number>> = {
  'xx-small': 9,
  'x-small': 10,
  small: 13,
  medium: 16,
  large: 18,
  'x-large': 24,
  'xx-large': 32,
}

/** The declarations of a `style` attribute, part by part: no pattern looks at the whole of it. */
function declarationsIn(style: string): [name: string, value: string][] {
  return style.split(';').flatMap((declaration) => {
    const at = declaration.indexOf(':')
    const name = declaration.slice(0, Math.max(0, at)).trim().toLowerCase()
    return name === '' ? [] : [[name, declaration.slice(at + 1).trim()] as [string, string]]
  })
}
const IMPORTANT = '!important'
function withoutImportant(value: string): string {
  const text = value.trim()
  return text.endsWith(IMPORTANT) ? text.slice(0, -IMPORTANT.length).trimEnd() : text
}

/** All properties of an element itself: attributes, then sheets, then its own style. */
export function propertiesOf(element: Element, declared: Declared): Record<string, string> {
  const { style } = element.attribs
  const sheets = declared.get(element)
  // Most elements say all that they say by attributes, and there may be very many.
  if (!style && !sheets) return element.attribs
  const all: Record<string, string> = { ...element.attribs, ...sheets }
  for (const [name, value] of declarationsIn(style ?? '')) all[name] = value
  for (const name of Object.keys(all)) all[name] = withoutImportant(all[name]!)
  return all
}

function sizeOf(own: Record<string, string>, inherited: number): number {
  const text =
    own['font-size'] ??
    (own.font ? FONT_SIZE.exec(own.font.slice(0, LONGEST_FONT))?.[1] : undefined)
  if (text === undefined) return inherited
  return NAMED[text] ?? lengthOf(text, inherited, inherited) ?? inherited
}

const isGone = (own: Record<string, string>): boolean =>
  own.display === 'none' || (own.opacity !== undefined && Number.parseFloat(own.opacity) === 0)
const kept = (value: string | undefined, inherited: string): string =>
  value === undefined || value === 'inherit' || value === '' ? inherited : value

/** How an element looks in what it stands in; null where nothing of it is drawn. */
export function lookOf(own: Record<string, string>, inherited: Look): Look | null {
  if (isGone(own)) return null
  const { visibility } = own
  return {
    size: sizeOf(own, inherited.size),
    anchor: kept(own['text-anchor'], inherited.anchor),
    baseline: kept(own['alignment-baseline'] ?? own['dominant-baseline'], inherited.baseline),
    fill: kept(own.fill, inherited.fill),
    stroke: kept(own.stroke, inherited.stroke),
    isHidden:
      visibility === undefined
        ? inherited.isHidden
        : visibility === 'hidden' || visibility === 'collapse',
  }
}
