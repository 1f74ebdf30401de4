import { sum } from '../../core/decimal/arithmetic'
import { toExactText } from '../../core/decimal/decimal'
import { extent } from '../../core/data/extent'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import type { Part } from '../../core/label/types'
import type { Setting } from '../../core/label/context'
import type { FullStyle } from '../../core/style/fields'
import { decimalOf, quantityOf, rowsBeside, styleOf } from '../quantities'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { columnInCommon, type WithUnits, withUnits } from './commonUnit'
import { textsOf, titled } from './numbers'
import type { Rows } from './rows'

/** Another quantity whose column stands in the table, and how it is written there. */
export interface WantedOther extends WithUnits {
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
    const style = styleOf(document, other, 'table')
    const isSummed = other.kind !== 'ratio' && other.chart.aggregate === 'sum'
    return [{ ...withUnits(document, other), style, isSummed }]
  })

/** Another column as it is written in the table. */
export function otherColumnOf(
  wanted: WantedOther,
  { others }: Pick<Rows, 'others'>,
  setting: Setting,
  rates?: StudyDocument['rates'],
): OtherColumn | null {
  const { id, column, title, style, isSummed } = wanted
  const found = columnInCommon(wanted, rates, (name) => others.get(name))
  if (!found) return null
  const { cells, recorded, names, common } = found
  const rows = rowsBeside(names)
  // Units that rows name are told by the rows themselves: two ends would tell of two.
  const byEnds = style.exponent !== 'shared' && !rows
  const values = byEnds ? textsOf(extent(cells.map(decimalOf))) : cells
  const plan = resolve(style, { ...setting, values, rows, ...recorded })
  const writer = labeller(plan)
  const isOfOneUnit = !rows || common !== null
  return {
    id,
    name: column,
    title: titled(title, plan),
    align: style.align,
    label: (at) => writer.label(cells[at], rows?.[at]),
    parts: (at) => writer.parts(cells[at], rows?.[at]),
    total(ticked) {
      const summed = cells.flatMap((cell, at) =>
        ticked.size === 0 || ticked.has(at) ? (decimalOf(cell) ?? []) : [],
      )
      return isSummed && isOfOneUnit && summed.length > 0
        ? writer.parts(toExactText(sum(summed)))
        : []
    },
  }
}
