import { version } from '../../../package.json'
import { element } from '../../element'
import { escapeMarkup } from '../../escape'
import { textWidth } from '../../../core/text/advance'
import type { CodeFile } from '../types'

/** A cell: a text, or a number that has the style of its name. */
export type SheetCell =
  | { readonly kind: 'text'; readonly text: string }
  | {
      readonly kind: 'float' | 'percentage' | 'currency'
      readonly value: string
      readonly style: string
      /** The ISO 4217 code of money. */
      readonly currency?: string
      /** What is shown. */
      readonly shown: string
    }
/** A sheet with its header, and what is known of it. */
export interface SheetDocument {
  readonly title: string
  readonly description: string
  readonly head: readonly string[]
  readonly rows: readonly (readonly SheetCell[])[]
  /** Number styles and cell styles. */
  readonly styles: string
}

const MEDIA_TYPE = 'application/vnd.oasis.opendocument.spreadsheet'
const urn = (name: string) => `urn:oasis:names:tc:opendocument:xmlns:${name}:1.0`
const NAMESPACES = {
  'xmlns:office': urn('office'),
  'xmlns:style': urn('style'),
  'xmlns:text': urn('text'),
  'xmlns:table': urn('table'),
  'xmlns:number': urn('datastyle'),
  'xmlns:meta': urn('meta'),
  'xmlns:dc': 'http://purl.org/dc/elements/1.1/',
  'office:version': '1.3',
}
const XML = '<?xml version="1.0" encoding="UTF-8"?>\n'
const root = (name: string, content: string): string =>
  `${XML}${element(`office:document-${name}`, NAMESPACES, content)}\n`

/** Blanks in a row are written by their count (ISO/IEC 26300-3, 6.1.3). */
const paragraph = (text: string): string =>
  element(
    'text:p',
    {},
    escapeMarkup(text)
      .replaceAll('\t', '<text:tab/>')
      .replace(/\n/g, '<text:line-break/>')
      .replace(/ {2,}|^ | $/g, (blanks) => element('text:s', { 'text:c': blanks.length })),
  )
function cellOf(cell: SheetCell): string {
  if (cell.kind === 'text')
    return cell.text === ''
      ? element('table:table-cell')
      : element('table:table-cell', { 'office:value-type': 'string' }, paragraph(cell.text))
  return element(
    'table:table-cell',
    {
      'table:style-name': cell.style,
      'office:value-type': cell.kind,
      'office:value': cell.value,
      'office:currency': cell.currency,
    },
    paragraph(cell.shown),
  )
}
const rowOf = (cells: string) => element('table:table-row', {}, cells)

/** The size of the letters of a sheet in CSS pixels, and what stands beside them. */
const [FONT_SIZE, PADDING] = [13.3, 16]
const CENTIMETRES = 2.54 / 96
const textIn = (cell: SheetCell) => (cell.kind === 'text' ? cell.text : cell.shown)

const MOST_CHARACTERS = 60
/** Columns as wide as what stands in them. */
function columnsOf({ head, rows }: SheetDocument): { styles: string; columns: string } {
  const widths = head.map((title, at) => {
    const longest = rows.reduce((most, row) => {
      const text = textIn(row[at]!)
      return text.length > most.length ? text : most
    }, title)
    const shown = longest.slice(0, MOST_CHARACTERS)
    return (Math.ceil(textWidth(shown, FONT_SIZE, '600')) + PADDING) * CENTIMETRES
  })
  const name = (at: number) => `column${at + 1}`
  return {
    styles: widths
      .map((width, at) =>
        element(
          'style:style',
          { 'style:name': name(at), 'style:family': 'table-column' },
          element('style:table-column-properties', {
            'style:column-width': `${Math.round(width * 100) / 100}cm`,
          }),
        ),
      )
      .join(''),
    columns: widths
      .map((_, at) => element('table:table-column', { 'table:style-name': name(at) }))
      .join(''),
  }
}

function contentOf(sheet: SheetDocument): string {
  const { styles, columns } = columnsOf(sheet)
  const head = sheet.head.map((text) => cellOf({ kind: 'text', text })).join('')
  const rows = sheet.rows.map((row) => rowOf(row.map(cellOf).join(''))).join('\n')
  const table = element(
    'table:table',
    { 'table:name': sheet.title.replace(/[[\]*?:/\\']/g, ' ').slice(0, 31) || 'labels' },
    `${columns}${element('table:table-header-rows', {}, rowOf(head))}\n${rows}`,
  )
  const body = element('office:body', {}, element('office:spreadsheet', {}, table))
  return root('content', element('office:automatic-styles', {}, styles) + body)
}
const metaOf = ({ title, description }: SheetDocument): string =>
  root(
    'meta',
    element(
      'office:meta',
      {},
      [
        element('meta:generator', {}, `IvoryAbacus/${version}`),
        element('dc:title', {}, escapeMarkup(title)),
        element('dc:description', {}, escapeMarkup(description)),
      ].join(''),
    ),
  )
const manifest = (names: readonly string[]): string =>
  `${XML}${element(
    'manifest:manifest',
    { 'xmlns:manifest': urn('manifest'), 'manifest:version': '1.3' },
    [['/', MEDIA_TYPE], ...names.map((name) => [name, 'text/xml'])]
      .map(([path, type]) =>
        element('manifest:file-entry', {
          'manifest:full-path': path,
          'manifest:media-type': type,
          'manifest:version': path === '/' ? '1.3' : undefined,
        }),
      )
      .join(''),
  )}\n`

/**
 * A spreadsheet as the files that are packed into it (ISO/IEC 26300-2): its media type comes first.
 *
 * @example documentOf(sheet)[0] // { name: 'mimetype', text: 'application/vnd.oasis…' }
 */
export function documentOf(sheet: SheetDocument): CodeFile[] {
  const parts = [
    { name: 'content.xml', text: contentOf(sheet) },
    {
      name: 'styles.xml',
      text: root('styles', element('office:styles', {}, `\n${sheet.styles}\n`)),
    },
    { name: 'meta.xml', text: metaOf(sheet) },
  ]
  return [
    { name: 'mimetype', text: MEDIA_TYPE },
    ...parts,
    { name: 'META-INF/manifest.xml', text: manifest(parts.map(({ name }) => name)) },
  ]
}
