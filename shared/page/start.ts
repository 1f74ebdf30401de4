import { findAll } from '../../core/checks/run'
import type { Subject, Surface } from '../../core/checks/types'
import { whereResolved } from '../../core/error'
import { suggest } from '../../core/suggest/suggest'
import type { Style } from '../../core/style/fields'
import { difference } from '../../core/style/inherit'
import type { ImportedTable } from '../import/table'
import { readingOf } from '../import/types'
import { type Cell, quantitiesOf } from '../quantities'
import type { ColumnMeta, DatasetMeta } from '../study/dataset'
import { newDocument, type StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { USUAL_SIZE } from './layout'
import { present } from './packing'
import { pageSnapshot, type SnapshotSources } from './snapshot'
import type { CheckedSubject } from './subjects'

/** Surfaces that begin with a style of their own where the quantity's would not be sound. */
const STYLED: readonly Surface[] = ['axis', 'marks', 'table', 'tooltip', 'headline', 'sentence']
/** Of a long column so many values tell how it is written. */
const LOOKED_AT = 500

/** What is checked of a surface, of a long column in part. */
function subjectOf(placed: CheckedSubject): Subject {
  if (!('cells' in placed)) return placed
  const { cells, caseRows: _, ...subject } = placed
  const { values } = present(cells)
  const stride = Math.ceil(values.length / LOOKED_AT)
  const some =
    stride > 1 && ArrayBuffer.isView(values)
      ? (values as Float64Array).filter((_value, at) => at % stride === 0)
      : values
  return { ...subject, values: some, rows: undefined, texts: undefined, total: undefined }
}

/** Whether labels begin with an error, cut, crowded or ragged: what nobody chose. */
const isUnsound = (subject: Subject): boolean =>
  findAll(subject).findings.some(
    ({ check, severity }) => severity !== 'note' || check.id === 'idle-zeros',
  )

/** The best style for a surface; null where its own is sound, or none is better. */
function soundStyle(subject: Subject): Style | null {
  if (subject.values.length === 0 || !isUnsound(subject)) return null
  const [best] = suggest(subject)
  return best ? (difference(subject.style, best.style) as Style) : null
}

/**
 * A new quantity with styles for its surfaces, found by the search, where its own would begin with
 * an error, or with labels that are crowded or ragged on the page.
 *
 * @param sources of the page, the quantity among them
 * @example withSoundStart({ …, quantity: population }).surfaces // { axis: { notation: 'scaled', … } }
 */
function withSoundStart(sources: SnapshotSources): Quantity {
  const { quantity } = sources
  const page = pageSnapshot(sources)
  if (!page.drawing) return quantity
  const surfaces = STYLED.filter((surface) => page.shown.includes(surface)).flatMap((surface) => {
    const style = whereResolved(() => soundStyle(subjectOf(page[`subject.${surface}`])))
    return style && Object.keys(style).length > 0 ? [[surface, style] as const] : []
  })
  return surfaces.length > 0 ? { ...quantity, surfaces: Object.fromEntries(surfaces) } : quantity
}

/** A table of more quantities begins them all as they are recorded: each takes a search. */
const MOST_SOUGHT = 40
/** English is at hand everywhere; a study of another region begins as it is recorded. */
const needsTables = ({ locale = 'en' }: Style): boolean => locale !== 'en'

/**
 * The quantities of a new data set, each with a sound start.
 *
 * @param document of the study that they join
 * @example startsOf(newDocument('Harvest'), dataset, cellsOf)[0].surfaces // styles that the search found
 */
export function startsOf(
  document: StudyDocument,
  dataset: DatasetMeta,
  cellsOf: SnapshotSources['cellsOf'],
): Quantity[] {
  const quantities = quantitiesOf(dataset)
  const whole = { ...document, quantities: [...document.quantities, ...quantities] }
  if (quantities.length > MOST_SOUGHT || needsTables(document.house)) return quantities
  const page = { document: whole, dataset, regions: {}, size: USUAL_SIZE, machine: false, cellsOf }
  return quantities.map((quantity) => withSoundStart({ ...page, quantity }))
}

/**
 * A table that was read, as the study that it would begin.
 *
 * @example startOfTable('harvest.csv', readTable(text)).document.quantities[0].column // 'kg'
 */
export function startOfTable(name: string, { columns, rowCount, notices }: ImportedTable) {
  const dataset: DatasetMeta = {
    ...{ id: 'table', name, rowCount, notices: [...notices] },
    columns: columns.map((column, position) => ({
      ...{ position, name: column.name, kind: column.kind, reason: column.reason },
      ...{ missing: column.missing, unread: [...column.unread] },
      encoding: column.doubles ? ('float64' as const) : ('json' as const),
      reading: readingOf(column) as ColumnMeta['reading'],
    })),
  }
  const known = new Map(columns.map((column) => [column.name, column.cells()]))
  const cellsOf = (column: string): readonly Cell[] => known.get(column) ?? []
  const document = newDocument(name)
  const quantities = startsOf(document, dataset, cellsOf)
  return { document: { ...document, quantities }, dataset, cellsOf }
}
