import { unitColumn } from '../../../core/style/dependencies'
import { inherit, stylesOf } from '../../../core/style/inherit'
import { onLine, scriptJson } from '../../escape'
import type { Source } from './slim'
import { columnsLookedAt } from '../told'
import { exactText, type Written } from '../written'

/** What every module's types begin with. */
const COMMON = `/**
 * A number, a bigint, decimal text such as "-1.5e3", an object that stands for a number, or a
 * missing value: null, undefined, "", NaN.
 */
export type Value = number | bigint | string | null | undefined | { valueOf(): number }
export interface Part {
  readonly type: string
  readonly value: string
}
`

/** A text that ends no comment. */
const inComment = (text: string): string => onLine(text.replaceAll('*/', '* /'))

/** Whether labels depend on the rows of their values. */
export const goesByRow = (written: Pick<Written, 'style' | 'rows' | 'context'>): boolean =>
  written.rows !== undefined && columnsLookedAt(written).length > 0

/** A value of the study with its label: the largest that is there. */
export function exampleOf({ values, labels }: Written): { value: string; label: string } {
  const sizes = values.map((value) => Math.abs(Number(value ?? 0)) || 0)
  const at = Math.max(0, sizes.indexOf(sizes.reduce((most, size) => Math.max(most, size), 0)))
  return { value: exactText(values[at]) || '0', label: labels[at] ?? '' }
}

/** The columns that name the units of rows. */
const unitColumns = ({ style, context }: Written): string[] => [
  ...stylesOf(inherit(style)).flatMap(({ style: one }) => unitColumn(one) ?? []),
  ...(context.units?.valuesIn === 'row' ? [context.units.column] : []),
]

/** A row with the cells that labels look at, each by its column, and the function that takes it. */
function rowTypes(written: Written, columns: readonly string[]): string {
  const { column } = written.quantity
  const units = unitColumns(written)
  const cells = columns.map(
    (name) => `  readonly ${scriptJson(name)}: ${units.includes(name) ? 'string' : 'unknown'}`,
  )
  return `/** A row with the cells that its label depends on. */
export interface Row {
${cells.join('\n')}
}
/** The label of a row, by its ${inComment(`“${column}”`)}: rows.map(labelRow). */
export declare function labelRow(row: Row & { readonly ${scriptJson(column)}: Value }): string
`
}

/** The functions that write; a label that depends on its row takes it, and one that does not takes none. */
function functionsOf(written: Written): string {
  const columns = goesByRow(written) ? columnsLookedAt(written) : []
  const { value, label } = exampleOf(written)
  const shown = `${value} is ${scriptJson(label)}`
  const mark = written.lacking === null ? '' : '?'
  const [row, rows] =
    columns.length > 0 ? [`, row${mark}: Row`, `, rows${mark}: readonly Row[]`] : ['', '']
  const adjusted =
    written.adjusted.size === 0
      ? ''
      : ' Of equal values that add up only where some are adjusted, this writes the first ones so, as the page does; label() writes each as it is.'
  return `${columns.length > 0 ? rowTypes(written, columns) : ''}/** The label of a value; the value stays a number: ${inComment(shown)}. Throws for what is no number. */
export declare function label(value: Value${row}): string
/** The labels of many values, in their order.${adjusted} Throws naming the index of what is no number. */
export declare function labels(values: Iterable<Value>${rows}): string[]
/** The parts of a label, in order; their values joined are its text. */
export declare function parts(value: Value${row}): Part[]
/** What a screen reader should say for the label of a value. */
export declare function spoken(value: Value${row}): string
`
}

const TICKS = `/** The places of the axis’s ticks, for a scale or an axis. */
export declare const tickValues: number[]
/** The ticks with their exact values and their labels. */
export declare const ticks: readonly { readonly value: number | string; readonly label: string }[]
`
const DOMAIN = `/** The least and the largest value of the study. */
export declare const domain: readonly [number, number]
/** Whether a value lies beyond what the study has: its label was never looked at there. */
export declare function isOutside(value: Value): boolean
`

const ZOOM = `/**
 * Ticks and labels of the axis where it zooms, in the rung and with the decimals that they need
 * there: its two ends, and its length in pixels. Throws RangeError for ends that are no numbers.
 */
export declare function ticksFor(
  domain: readonly [number, number],
  width: number,
): { readonly value: number; readonly label: string }[]
`

/** The types of a module, for TypeScript under its strict rules. */
export const declarationsOf = (written: Written, { ladder }: Source): string =>
  COMMON + functionsOf(written) + DOMAIN + (written.ticks ? TICKS : '') + (ladder ? ZOOM : '')
