import { derivations, derive } from '../../core/data/derive'
import { fitsDouble } from '../../core/decimal/arithmetic'
import { toNumber, toText } from '../../core/decimal/decimal'
import { decimalOf } from '../../shared/quantities'
import type { NewColumn } from '../../shared/study/requests'
import type { Study } from '../../shared/study/study'
import { columnCells, insertColumn } from '../db/columns'
import type { Db } from '../db/database'
import { loadStudy, saveStudy } from './studies'

/** A column that cannot be made: its name is taken, or what it is made of is not there. */
export class ColumnError extends Error {
  override name = 'ColumnError'
}

/**
 * Adds a column made of others to a data set, as a quantity of its own, which is shown.
 *
 * @throws ColumnError saying what stands against it
 * @returns the study with it, or undefined when there is none of that id
 */
export function deriveColumn(
  db: Db,
  studyId: string,
  datasetId: string,
  { name, by, of, and }: NewColumn,
): Study | undefined {
  return db.transaction(() => {
    const study = loadStudy(db, studyId)
    const dataset = study?.datasets.find((one) => one.id === datasetId)
    if (!study || !dataset) return undefined
    if (dataset.columns.some((column) => column.name === name))
      throw new ColumnError(`There is a column “${name}” already; give this one another name.`)
    const cellsOf = (wanted: string) => {
      const column = dataset.columns.find((one) => one.name === wanted)
      if (column?.kind !== 'number')
        throw new ColumnError(`“${wanted}” is no column of numbers in ${dataset.name}.`)
      return columnCells(db, datasetId, wanted).map(decimalOf)
    }
    if (by !== 'share' && and === undefined)
      throw new ColumnError(`${derivations[by].title} takes two columns.`)
    const values = derive(by, cellsOf(of), and === undefined ? [] : cellsOf(and))
    const isDouble = values.every((value) => !value || fitsDouble(value))
    const reason = `Made: ${derivations[by].title} ${[of, and].filter(Boolean).join(` ${derivations[by].joins} `)}`
    const position = Math.max(-1, ...dataset.columns.map((column) => column.position)) + 1
    insertColumn(db, datasetId, position, {
      name,
      kind: 'number',
      reason,
      missing: values.filter((value) => !value).length,
      unread: [],
      doubles: isDouble
        ? Float64Array.from(values, (value) => (value ? toNumber(value) : NaN))
        : null,
      cells: () => values.map((value) => value && toText(value)),
    })
    const like = study.document.quantities.find(
      (one) => one.datasetId === datasetId && one.column === of,
    )
    const id = `${datasetId}.${position}`
    const quantity = {
      id,
      datasetId,
      column: name,
      title: name,
      recorded: derivations[by].ratio ? 0 : (like?.recorded ?? 0),
      ticks: {},
      style:
        derivations[by].ratio && by !== 'ratio'
          ? { unit: { kind: 'percent' as const }, fraction: [0, 1] as [number, number] }
          : by === 'product'
            ? {}
            : (like?.style ?? {}),
      chart: {
        category: like?.chart.category ?? null,
        aggregate: derivations[by].ratio ? ('mean' as const) : ('sum' as const),
      },
    }
    const document = {
      ...study.document,
      quantities: [...study.document.quantities, quantity],
      shown: id,
    }
    saveStudy(db, studyId, { base: study.revision, document, what: reason })
    return loadStudy(db, studyId)
  })()
}
