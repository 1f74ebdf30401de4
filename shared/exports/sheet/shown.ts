import { compare, magnitudeOf, shift } from '../../../core/decimal/arithmetic'
import { type Decimal, decimal, toText, ZERO } from '../../../core/decimal/decimal'
import { divide, roundToPlace } from '../../../core/decimal/round'
import { leadingPower } from '../../../core/decimal/arithmetic'
import type { CodeFile } from '../types'
import { attributesOf, type Node, treeOf, within } from '../tree'

/** The marks and groups that a region has: a number style does not say them. */
export interface RegionMarks {
  readonly decimal: string
  readonly group: string
  readonly first: number
  readonly rest: number
}
/** A cell as a reader of the document finds it. */
export interface ShownCell {
  readonly value: string
  readonly type: string
  readonly label: string
}

const CONDITION = /^(?:value|cell-content)\(\)(>=|<=|=|<|>|!=)(-?[\d.]+)$/
const orders: Readonly<Record<string, (order: number) => boolean>> = {
  '>=': (order) => order >= 0,
  '<=': (order) => order <= 0,
  '=': (order) => order === 0,
  '<': (order) => order < 0,
  '>': (order) => order > 0,
  '!=': (order) => order !== 0,
}
function holds(condition: string, value: Decimal): boolean {
  const [, order = '=', than = '0'] = CONDITION.exec(condition) ?? []
  return orders[order]!(compare(value, decimal(than)))
}

/** Styles of a document by their names. */
type Styles = ReadonlyMap<string, Node>
/** The style that one gives to a value: the first of its maps that holds, else itself. */
function mapped(styles: Styles, name: string, value: Decimal): Node | undefined {
  const style = styles.get(name)
  const found = style?.children.find(
    (child) => child.name === 'style:map' && holds(child.attributes['style:condition']!, value),
  )
  return found ? styles.get(found.attributes['style:apply-style-name']!) : style
}

function grouped(whole: string, { group, first, rest }: RegionMarks): string {
  const pieces: string[] = []
  for (
    let end = whole.length, size = first;
    end > 0;
    end -= size, size = pieces.length > 0 ? rest : first
  )
    pieces.unshift(whole.slice(Math.max(0, end - size), end))
  return pieces.join(group)
}
const least = (attributes: Node['attributes']): number =>
  Number(attributes['number:min-decimal-places'] ?? attributes['number:decimal-places'] ?? 0)

/** Digits of a size, rounded half up where decimals are told. */
function digitsOf({ attributes }: Node, size: Decimal, marks: RegionMarks): string {
  const places = attributes['number:decimal-places']
  const rounded: Decimal =
    places === undefined
      ? size
      : {
          coefficient: roundToPlace(size, -Number(places), 'halfExpand'),
          exponent: -Number(places),
        }
  const [whole = '0', fraction = ''] = toText(rounded).split('.')
  const all = fraction.padEnd(least(attributes), '0')
  const digits = attributes['number:grouping'] === 'true' ? grouped(whole, marks) : whole
  return all === '' ? digits : `${digits}${marks.decimal}${all}`
}
function scientificOf(node: Node, size: Decimal, marks: RegionMarks): string {
  const interval = Number(node.attributes['number:exponent-interval'] ?? 1)
  const exponentOf = (value: Decimal) =>
    value.coefficient === 0n ? 0 : Math.floor(leadingPower(value) / interval) * interval
  let exponent = exponentOf(size)
  const places = Number(node.attributes['number:decimal-places'] ?? 0)
  const kept = roundToPlace(shift(size, -exponent), -places, 'halfExpand')
  // A mantissa that rounds up to the next exponent goes there.
  exponent = exponentOf(shift({ coefficient: kept, exponent: -places }, exponent))
  return `${digitsOf(node, shift(size, -exponent), marks)}E${exponent}`
}

const written: Readonly<Record<string, (node: Node, size: Decimal, marks: RegionMarks) => string>> =
  {
    'number:number': (node, size, marks) =>
      digitsOf(node, divide(size, decimal(node.attributes['number:display-factor'] ?? '1')), marks),
    'number:scientific-number': scientificOf,
    'number:text': (node) => node.text,
    'number:currency-symbol': (node) => node.text,
  }
const DIGIT = /\d/g
/** What a number style writes (ISO/IEC 26300-3, 16.29). */
function textBy(style: Node, value: Decimal, marks: RegionMarks): string {
  const size = shift(magnitudeOf(value), style.name === 'number:percentage-style' ? 2 : 0)
  const one = style.attributes['number:transliteration-format']
  const zero = one === undefined ? null : one.codePointAt(0)! - 1
  const pieces = style.children.map((node) => {
    const text = written[node.name]?.(node, size, marks) ?? ''
    return zero !== null && node.name !== 'number:text'
      ? text.replace(DIGIT, (digit) => String.fromCodePoint(zero + Number(digit)))
      : text
  })
  // One that has another for numbers from zero on says itself that its own are below.
  const isOwnSign = style.children.some(
    ({ name, attributes }) =>
      name === 'style:map' && attributes['style:condition']!.startsWith('value()>'),
  )
  const sign = compare(value, ZERO) < 0 && !isOwnSign ? '-' : ''
  return sign + pieces.join('')
}

/**
 * A spreadsheet, read as any reader of the standard would: its number styles written out.
 *
 * @param files unpacked
 * @returns the numbers of its cells, row by row, and what writes a value by the style of a cell
 * @throws ExportError for a document that is broken
 */
export function shownBy(files: readonly CodeFile[], marks: RegionMarks) {
  const textIn = (name: string) => files.find((file) => file.name === name)?.text ?? '<x/>'
  const styles: Styles = new Map(
    within(treeOf(textIn('styles.xml')), 'office:styles')
      .flatMap(({ children }) => children)
      .map((node) => [node.attributes['style:name']!, node]),
  )
  const label = (style: string, text: string): string => {
    const value = decimal(text)
    const data = mapped(styles, style, value)?.attributes['style:data-style-name'] ?? ''
    const found = mapped(styles, data, value)
    return found ? textBy(found, value, marks) : text
  }
  const cells = attributesOf(textIn('content.xml'), 'table:table-cell').flatMap(
    (attributes): ShownCell[] => {
      const value = attributes['office:value']
      if (value === undefined) return []
      const type = attributes['office:value-type']!
      return [{ value, type, label: label(attributes['table:style-name'] ?? '', value) }]
    },
  )
  return { cells, label }
}
