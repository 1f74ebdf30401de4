import { rowsText } from '../shared/study/columnReasonText'
import { unitIn, unitNamedBy } from '../shared/page/commonUnit'
import { namesIn, wantedOf } from '../shared/page/wanted'
import { datasetOf } from '../shared/page/start'
import { type Cell, unitsByRow } from '../shared/quantities'
import type { StudyFinding } from '../shared/report/findings'
import { datasetAs, type DatasetMeta } from '../shared/study/dataset'
import type { Quantity } from '../shared/study/quantity'
import { InputError } from './input'
import type { ReadStudy } from './studyFile'
import { tableFile } from './table'

/** A study on the rows of another table, and what is to be said of these before any check. */
export interface OnNewData {
  readonly study: ReadStudy
  readonly findings: readonly StudyFinding[]
}

/** Middle values so many times apart are recorded in another power of ten. */
const FAR = 300

/** The columns that the quantities of a data set need. */
const neededOf = (study: ReadStudy, dataset: DatasetMeta): string[] => [
  ...new Set(
    quantitiesOn(study, dataset).flatMap((quantity) =>
      namesIn(wantedOf(study.document, quantity, dataset)),
    ),
  ),
]
const quantitiesOn = ({ document }: ReadStudy, { id }: DatasetMeta): Quantity[] =>
  document.quantities.filter(({ datasetId }) => datasetId === id)

/** The data set that a table has the columns of. @throws InputError naming those that it lacks */
function datasetFor(study: ReadStudy, path: string, names: readonly string[]): DatasetMeta {
  const candidates = study.datasets
    .map((one) => datasetAs(one, study.document))
    .filter((one) => quantitiesOn(study, one).length > 0)
    .map((dataset) => {
      const lacking = neededOf(study, dataset).filter((name) => !names.includes(name))
      return { dataset, lacking }
    })
    .sort((a, b) => a.lacking.length - b.lacking.length)
  const [best] = candidates
  if (!best) throw new InputError(`${study.path}: the study has no quantity to check`)
  if (best.lacking.length > 0)
    throw new InputError(
      `${path}: the study needs the columns ${best.lacking.map((name) => `“${name}”`).join(', ')}, which are not there; it has ${names.map((name) => `“${name}”`).join(', ')}`,
    )
  return best.dataset
}

const sizesOf = (cells: readonly Cell[]): number[] =>
  cells
    .map((cell) => (cell === null ? 0 : Math.abs(Number(cell))))
    .filter((size) => size > 0)
    .sort((a, b) => a - b)
/** How many times as large the middle value is as it was; 1 where there is none. */
function growthOf(before: readonly Cell[], now: readonly Cell[]): number {
  const [old, own] = [sizesOf(before), sizesOf(now)]
  if (old.length === 0 || own.length === 0) return 1
  return own[own.length >> 1]! / old[old.length >> 1]!
}

const told = ({ title }: Quantity, check: string, message: string): StudyFinding => ({
  quantity: title,
  surface: 'table',
  check,
  severity: 'error',
  message,
  params: {},
  at: [],
  fixes: [],
})
/** What stands against the new cells of a quantity before they are written. */
function against(
  quantity: Quantity,
  dataset: DatasetMeta,
  before: readonly Cell[],
  now: readonly Cell[],
): StudyFinding[] {
  const column = dataset.columns.find(({ name }) => name === quantity.column)
  if (column?.kind !== 'number')
    return [
      told(quantity, 'text-as-number', `No cell of “${quantity.column}” is a number any more.`),
    ]
  const growth = growthOf(before, now)
  if (growth < FAR && growth > 1 / FAR) return []
  const [times, way] = growth > 1 ? [growth, 'large'] : [1 / growth, 'small']
  return [
    told(
      quantity,
      'scale-changed',
      `The middle value is ${Math.round(times)} times as ${way} as in the study: it may be recorded in another unit or power of ten.`,
    ),
  ]
}

/** A code or an id of each kind of unit, which shows how one is written. */
const EXAMPLES = { currency: 'EUR', measure: 'kilogram' } as const
/** Rows of a quantity that name no unit, or one that nobody knows, where rows name units. */
function unitsAgainst(
  { document }: ReadStudy,
  quantity: Quantity,
  cellsOf: (name: string) => readonly Cell[],
): StudyFinding[] {
  const units = unitsByRow(document, quantity)
  if (!units) return []
  const [names, values] = [cellsOf(units.column), cellsOf(quantity.column)]
  const rowsOf = (isWanted: (name: string) => boolean) =>
    values.flatMap((value, at) => (value !== null && isWanted(unitIn(names[at])) ? [at + 1] : []))
  const lacking = rowsOf((name) => name === '')
  const unknown = rowsOf((name) => name !== '' && unitNamedBy(units.kind, name) === null)
  const [first] = unknown
  return [
    ...(lacking.length > 0
      ? [
          told(
            quantity,
            'unit-missing',
            `“${units.column}” is empty beside “${quantity.column}” (${rowsText(lacking)}): fill in the unit of each row.`,
          ),
        ]
      : []),
    ...(first === undefined
      ? []
      : [
          told(
            quantity,
            'unit-unknown',
            `“${unitIn(names[first - 1])}” in “${units.column}” is no ${units.kind} (${rowsText(unknown)}): write a code such as ${EXAMPLES[units.kind]}.`,
          ),
        ]),
  ]
}

/**
 * A study on new rows: columns are matched by their names, and read in the roles that they have in
 * the study.
 *
 * @throws InputError where the table lacks columns that the study needs, naming them
 */
export async function onNewData(study: ReadStudy, path: string): Promise<OnNewData> {
  const { read } = await tableFile(path)
  const dataset = datasetFor(
    study,
    path,
    read().columns.map(({ name }) => name),
  )
  const roles = Object.fromEntries(
    dataset.columns.flatMap(({ name, reading, kind }) => {
      const role = reading?.role ?? (kind === 'number' ? ('number' as const) : undefined)
      return role ? [[name, role]] : []
    }),
  )
  const table = read({ roles })
  const meta = { ...datasetOf(dataset.name, table), id: dataset.id }
  const cells = new Map(table.columns.map((column) => [column.name, column.cells()]))
  const cellsOf = (of: string, column: string): Cell[] =>
    of === dataset.id ? [...(cells.get(column) ?? [])] : study.cellsOf(of, column)
  const quantities = quantitiesOn(study, dataset)
  const findings = quantities.flatMap((quantity) => [
    ...against(
      quantity,
      meta,
      study.cellsOf(dataset.id, quantity.column),
      cellsOf(dataset.id, quantity.column),
    ),
    ...unitsAgainst(study, quantity, (name) => cellsOf(dataset.id, name)),
  ])
  const isNumber = ({ column }: Quantity) =>
    meta.columns.some(({ name, kind }) => name === column && kind === 'number')
  const document = { ...study.document, quantities: quantities.filter(isNumber), roles: undefined }
  return { study: { ...study, document, datasets: [meta], cellsOf }, findings }
}
