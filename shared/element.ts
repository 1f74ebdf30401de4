import { escapeMarkup } from './escape'

type Attributes = Readonly<Record<string, string | number | undefined>>
/**
 * An element of SVG, XML or HTML as text; attributes that are undefined are left out.
 *
 * @param content markup: texts in it are escaped already
 * @example element('text', { x: 1 }, 'a &lt; b') // '<text x="1">a &lt; b</text>'
 */
export const element = (name: string, attributes: Attributes = {}, content = ''): string => {
  const written = Object.entries(attributes)
    .filter(([, value]) => value !== undefined)
    .map(([key, value]) => ` ${key}="${escapeMarkup(String(value))}"`)
    .join('')
  return content === '' ? `<${name}${written}/>` : `<${name}${written}>${content}</${name}>`
}
