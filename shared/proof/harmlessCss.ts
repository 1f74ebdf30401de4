import postcss, { type AtRule, type ChildNode, type Container, type Declaration } from 'postcss'
import { PRESENTATION } from './harmlessNames'

const ESCAPE = /\\(?:([0-9a-f]{1,6})\s?|([^\n]))/gi
/** A text of CSS with its escapes and comments resolved, as a browser reads it. */
const resolved = (css: string): string =>
  css
    .replace(/\/\*[^]*?(?:\*\/|$)/g, '')
    .replace(ESCAPE, (_, hex?: string, other?: string) =>
      hex === undefined ? other! : (codePoint(Number.parseInt(hex, 16)) ?? ''),
    )
const codePoint = (code: number): string | null =>
  code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : null

/** Functions of CSS that may fetch something, unless they name a part of the drawing itself. */
const FETCHES =
  /(?:url|src|image|image-set|cross-fade|element|paint|expression|attr)\s*\(\s*(?!["']?\s*#)/i

/**
 * Whether a value of CSS, or of an attribute of SVG, refers to nothing outside of the file.
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

/** What may stay in a sheet, by the kind of its node; of rules what is in them decides. */
const stays: { readonly [Kind in ChildNode['type']]: (node: never) => boolean } = {
  comment: () => false,
  decl: isHarmlessDeclaration,
  atrule: isHarmlessRule,
  rule: () => true,
}
/** Removes what is not known to be harmless. */
function clean(css: Container): void {
  css.each((node) => {
    if (!stays[node.type](node as never)) node.remove()
    else if ('each' in node) clean(node as Container)
  })
}

/** A style sheet with rules and declarations that only say how a drawing looks; empty if it is none. */
export function harmlessSheet(text: string): string {
  try {
    const sheet = postcss.parse(text)
    clean(sheet)
    // What stands between declarations as it was may hold anything.
    return sheet.nodes.length === 0 ? '' : sheet.toString().replaceAll('<', '')
  } catch {
    return ''
  }
}

/** The declarations of a `style` attribute that only say how an element looks. */
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
