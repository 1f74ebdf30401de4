import type { Recorded, Setting } from '../../core/label/context'
import { type Decimal, toExactText } from '../../core/decimal/decimal'
import { today } from '../../core/data/dates'
import { type Labeller, labeller } from '../../core/label/labeller'
import { localeTableName, type Regions } from '../../core/label/region'
import { resolve } from '../../core/label/resolve'
import en from '../../core/locale/generated/locales/en.json'
import type { Row } from '../../core/label/types'
import type { LocaleTable } from '../../core/locale/types'
import type { FullStyle } from '../../core/style/fields'
import type { Prose, ProseColumn } from '../../core/text/prose'
import { orderIn } from '../import/dates'
import { type Cell, decimalOf, quantityOf, styleOf } from '../quantities'
import type { DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import type { StudyDocument } from '../study/document'
import { columnInCommon, type WithUnits } from './commonUnit'
import { type MessageId, pluralBy, surfaceOf } from './messages'
import type { Rows } from './rows'

/** A column that messages can speak of, without its labels. */
export type FactColumn = {
  readonly name: string
  /** How its values are recorded, where that is not the page's. */
  readonly recorded?: Recorded
} & Omit<ProseColumn, 'label'>

/**
 * The columns of some rows that messages speak of; the quantity's own comes last.
 *
 * @param quantities those of other columns: their rows are brought to one unit each
 */
export function factsOf(
  { column }: Pick<Quantity, 'column'>,
  dataset: DatasetMeta,
  rows: Rows,
  quantities: readonly WithUnits[] = [],
  rates?: StudyDocument['rates'],
): FactColumn[] {
  const numeric = new Set(
    dataset.columns.filter(({ kind }) => kind === 'number').map(({ name }) => name),
  )
  const orders = new Map(dataset.columns.map(({ name, reason }) => [name, orderIn(reason)]))
  const inOneUnit = (name: string, cells: readonly Cell[]) => {
    const own = quantities.find((one) => one.column === name)
    const found = own && columnInCommon(own, rates, (one) => rows.others.get(one))
    return { values: (found?.cells ?? cells).map(decimalOf), recorded: found?.recorded }
  }
  const others = [...rows.others]
    .filter(([name]) => name !== column)
    .map(([name, cells]) =>
      numeric.has(name)
        ? { name, ...inOneUnit(name, cells) }
        : { name, texts: cells.map((cell) => String(cell ?? '')), order: orders.get(name) },
    )
  return [...others, { name: column, values: rows.values }]
}

export interface ProseSources {
  readonly document: StudyDocument
  readonly quantity: Quantity
  readonly dataset: DatasetMeta
  readonly id: MessageId
  readonly facts: readonly FactColumn[]
  readonly variables: Prose['variables']
  readonly beside: Prose['beside']
  readonly rows: Prose['rows']
  /** What the quantity's own numbers are written by, and in which style. */
  readonly own: (value: Decimal, row?: Row) => string
  readonly style: Pick<FullStyle, 'locale' | 'marks'>
  readonly setting: Setting
}

/**
 * What a message is written from: each column's numbers as its own quantity is written on the
 * message's surface.
 */
export function proseOf({
  document,
  quantity,
  dataset,
  id,
  facts,
  variables,
  beside,
  rows,
  own,
  style: { locale, marks },
  setting,
}: ProseSources): Prose {
  function labelOf(
    { name, recorded }: Pick<FactColumn, 'name' | 'recorded'>,
    values: readonly (Decimal | null)[],
  ): ProseColumn['label'] {
    if (name === quantity.column) return own
    const other = quantityOf(document, quantity.datasetId, name)
    // A column that nobody decided about is written plainly, as the message's region does.
    const style = other ? styleOf(document, other, surfaceOf(id)) : { locale, marks }
    const present = values.filter((value) => value !== null).map(toExactText)
    const writer = labeller(resolve(style, { ...setting, values: present, ...recorded }))
    return (value, row) => writer.label(toExactText(value), row)
  }
  return {
    locale,
    own: quantity.column,
    variables,
    beside,
    rows,
    today: today(),
    ...countingIn(locale, marks, setting),
    columns: new Map([
      // Columns whose cells are not here yet are known by name, so that an error can list them.
      ...dataset.columns.map(({ name }) => [name, {}] as const),
      ...facts.map(
        ({ name, recorded, ...column }) =>
          [
            name,
            column.values
              ? { ...column, label: labelOf({ name, recorded }, column.values) }
              : column,
          ] as const,
      ),
    ]),
  }
}

const counters = new WeakMap<Regions, Map<string, Labeller>>()
/** How days and rows are counted in a region; made once for each as its tables stand. */
function countingIn(
  locale: string,
  marks: FullStyle['marks'],
  regions: Regions,
): Pick<Prose, 'count' | 'plural'> {
  const kept = counters.get(regions) ?? new Map<string, Labeller>()
  counters.set(regions, kept)
  const key = JSON.stringify([locale, marks])
  const count = kept.get(key) ?? labeller(resolve({ locale, marks, fraction: [0, 0] }, regions))
  kept.set(key, count)
  return {
    count: (value) => count.label(toExactText(value)),
    plural: pluralBy(regions.tables?.[localeTableName(locale)] ?? (en as LocaleTable), count),
  }
}
