import { sum } from '../../core/decimal/arithmetic'
import { toExactText } from '../../core/decimal/decimal'
import { extent } from '../../core/data/extent'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import type { Part } from '../../core/label/types'
import { type Recorded, recordedIn, type Setting } from '../../core/label/context'
import type { FullStyle } from '../../core/style/fields'
import { decimalOf, quantityOf, styleOf } from '../quantities'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { textsOf, titled } from './numbers'
import type { Rows } from './rows'

/** Another quantity whose column stands in the table, and how it is written there. */
export interface WantedOther extends Pick<Quantity, 'id' | 'column' | 'title'> {
  readonly recorded: Recorded
  readonly style: FullStyle
  /** Whether its numbers make a total: ratios and means do not. */
  readonly isSummed: boolean
}
/** Another column of numbers in the table, written as its own quantity is there. */
export interface OtherColumn {
  /** The quantity's. */
  readonly id: string
  readonly name: string
  /** With rung and unit, where its labels do not say them. */
  readonly title: string
  label(at: number): string
  parts(at: number): Part[]
  readonly align: FullStyle['align']
  /**
   * The parts of the total of some rows, of all where none are ticked; none where it has no total.
   */
  total(ticked: ReadonlySet<number>): Part[]
}

/** The other quantities that a table shows. */
export const wantedOthers = (
  document: StudyDocument,
  { datasetId, columns }: Quantity,
): WantedOther[] =>
  (columns ?? []).flatMap((name) => {
    const other = quantityOf(document, datasetId, name)
    if (!other) return []
    const { id, column, title, kind, chart } = other
    const recorded = recordedIn(other)
    const style = styleOf(document, other, 'table')
    const isSummed = kind !== 'ratio' && chart.aggregate === 'sum'
    return [{ id, column, title, recorded, style, isSummed }]
  })

/** Another column as it is written in the table. */
export function otherColumnOf(
  { id, column, title, recorded, style, isSummed }: WantedOther,
  rows: Rows,
  setting: Setting,
): OtherColumn | null {
  const cells = rows.others.get(column)
  if (!cells) return null
  const values = style.exponent === 'shared' ? cells : textsOf(extent(cells.map(decimalOf)))
  const plan = resolve(style, { ...setting, values, ...recorded })
  const writer = labeller(plan)
  return {
    id,
    name: column,
    title: titled(title, plan),
    align: style.align,
    label: (at) => writer.label(cells[at]),
    parts: (at) => writer.parts(cells[at]),
    total(ticked) {
      const summed = cells.flatMap((cell, at) =>
        ticked.size === 0 || ticked.has(at) ? (decimalOf(cell) ?? []) : [],
      )
      return isSummed && summed.length > 0 ? writer.parts(toExactText(sum(summed))) : []
    },
  }
}
