import { columnsIn } from '../../core/text/message'
import { quantityOf, unitsByRow, type UnitsByRow } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { type WithUnits, withUnits } from './commonUnit'
import { againstOf } from './marks'
import { MESSAGES, messageOf } from './messages'

const MOST_TEXT_COLUMNS = 2
/** The columns that a page needs, by what they are to it. */
export interface WantedColumns {
  readonly column: string
  readonly category: string | null
  readonly panels: string | null
  readonly colour: string | null
  readonly filter: string | null
  readonly against: string | null
  readonly weight: string | null
  /** The column that names the unit of each row. */
  readonly units: string | null
  /** Text columns that the table begins with. */
  readonly texts: readonly string[]
  readonly others: readonly string[]
}

/**
 * The columns of text that a table begins with: those that were chosen, otherwise the first two.
 */
export function textColumnsOf(
  { columns: chosen = [] }: Pick<Quantity, 'columns'>,
  columns: DatasetMeta['columns'],
): string[] {
  const texts = columns.filter(({ kind }) => kind === 'text').map(({ name }) => name)
  const wanted = chosen.filter((name) => texts.includes(name))
  return wanted.length > 0 ? wanted : texts.slice(0, MOST_TEXT_COLUMNS)
}

/** The column that means are weighted by, where they are and it is there. */
const weightOf = (
  { aggregate, weight }: Quantity['chart'],
  names: readonly string[],
): string | null =>
  aggregate === 'mean' && weight !== undefined && names.includes(weight) ? weight : null

/**
 * What the page of a quantity needs of its data set.
 *
 * @param units how its rows name their units
 */
export function wantedColumns(
  quantity: Quantity,
  { columns }: DatasetMeta,
  units: UnitsByRow | null = null,
): WantedColumns {
  const { chart } = quantity
  const names = columns.map(({ name }) => name)
  const spoken = MESSAGES.flatMap((id) => columnsIn(messageOf(quantity, id), names))
  const against = againstOf(chart)
  const named = [...spoken, ...(quantity.columns ?? []), chart.second, against].filter(
    (name) => name !== undefined,
  )
  return {
    column: quantity.column,
    category: chart.category,
    panels: chart.panels ?? null,
    colour: chart.colour ?? null,
    filter: quantity.filter?.column ?? null,
    against: against ?? null,
    weight: weightOf(chart, names),
    units: units && names.includes(units.column) ? units.column : null,
    texts: textColumnsOf(quantity, columns),
    others: [...new Set(named)],
  }
}
/** Their names, each once. */
export const namesIn = ({
  column,
  category,
  panels,
  colour,
  filter,
  weight,
  units,
  texts,
  others,
}: WantedColumns): string[] => [
  ...new Set(
    [column, category, panels, colour, filter, weight, units, ...texts, ...others].filter(
      (name) => name !== null,
    ),
  ),
]

/** The quantities of other columns that a page speaks of. */
export const quantitiesBeside = (
  document: StudyDocument,
  { datasetId, column }: Pick<Quantity, 'datasetId' | 'column'>,
  { others }: Pick<WantedColumns, 'others'>,
): WithUnits[] =>
  others.flatMap((name) => {
    const found = name === column ? undefined : quantityOf(document, datasetId, name)
    return found ? [withUnits(document, found)] : []
  })

/** What the page of a quantity needs of its data set, the columns that name units among it. */
export function wantedOf(
  document: StudyDocument,
  quantity: Quantity,
  dataset: DatasetMeta,
): WantedColumns {
  const own = wantedColumns(quantity, dataset, unitsByRow(document, quantity))
  const naming = quantitiesBeside(document, quantity, own).flatMap(({ byRow }) =>
    byRow && dataset.columns.some(({ name }) => name === byRow.column) ? [byRow.column] : [],
  )
  return { ...own, others: [...new Set([...own.others, ...naming])] }
}
