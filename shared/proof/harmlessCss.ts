import postcss, { type AtRule, type ChildNode, type Container, type Declaration } from 'postcss'
import { PRESENTATION } from './harmlessNames'

const ESCAPE = /\\(?:([0-9a-f]{1,6})\s?|([^\n]))/gi
/** Resolves the escapes of a piece of CSS and removes its comments, as a browser does. */
const resolved = (css: string): string =>
  css
    .replace(/\/\*[^]*?(?:\*\/|$)/g, '')
    .replace(ESCAPE, (_, hex?: string, other?: string) =>
      hex === undefined ? other! : (codePoint(Number.parseInt(hex, 16)) ?? ''),
    )
const codePoint = (code: number): string | null =>
  code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : null

/** CSS functions that may load something, unless they refer to a part of the drawing. */
const FETCHES =
  /(?:url|src|image|image-set|cross-fade|element|paint|expression|attr)\s*\(\s*(?!["']?\s*#)/i

/**
 * Returns whether a CSS value or an SVG attribute refers only to its own file.
 *
 * @example isHarmlessValue('url(#stripes)') // true
 * @example isHarmlessValue('u\\72l(//a.example/x)') // false
 */
export const isHarmlessValue = (value: string): boolean => !FETCHES.test(resolved(value))

const AT_RULES = new Set(['media', 'supports'])
const isHarmlessRule = ({ name, params }: AtRule): boolean =>
  AT_RULES.has(name.toLowerCase()) && isHarmlessValue(params)
const isHarmlessDeclaration = ({ prop, value }: Declaration): boolean =>
  (PRESENTATION.has(prop.toLowerCase()) || /^--[\w-]+$/.test(prop)) && isHarmlessValue(value)

/** Whether a node of a style sheet may stay, by its type. */
const stays: { readonly [Kind in ChildNode['type']]: (node: never) => boolean } = {
  comment: () => false,
  decl: isHarmlessDeclaration,
  atrule: isHarmlessRule,
  rule: () => true,
}
/** Removes every node that is not known to be harmless. */
function clean(css: Container): void {
  css.each((node) => {
    if (!stays[node.type](node as never)) node.remove()
    else if ('each' in node) clean(node as Container)
  })
}

/** Returns a style sheet with its harmless rules only; empty if it cannot be parsed. */
export function harmlessSheet(text: string): string {
  try {
    const sheet = postcss.parse(text)
    clean(sheet)
    // The text between declarations is kept as it was, and may contain tags.
    return sheet.nodes.length === 0 ? '' : sheet.toString().replaceAll('<', '')
  } catch {
    return ''
  }
}

/** Returns the harmless declarations of a `style` attribute; empty if it cannot be parsed. */
export function harmlessStyle(text: string): string {
  try {
    const [rule, more] = postcss.parse(`a{${text}}`).nodes
    if (rule?.type !== 'rule' || more) return ''
    return rule.nodes
      .flatMap((node) => (node.type === 'decl' && isHarmlessDeclaration(node) ? [node] : []))
      .map(({ prop, value }) => `${prop}:${value}`)
      .join(';')
  } catch {
    return ''
  }
}
