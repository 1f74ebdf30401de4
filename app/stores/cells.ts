import { defineStore } from 'pinia'
import { cellsKept } from '~~/shared/import/kept'
import type { Cell } from '~~/shared/quantities'
import type { DatasetMeta } from '~~/shared/study/dataset'
import { requestBytes } from '~/composables/request'
import { words } from '~~/words'

/** Cells of columns, fetched once; a data set never changes after it was brought in. */
export const useCells = defineStore('columns', () => {
  const kept = new Map<string, Promise<Cell[]>>()

  /** @throws ProblemError when the server does not give it; the next call asks again */
  function cells(dataset: DatasetMeta, name: string): Promise<Cell[]> {
    const column = dataset.columns.find((one) => one.name === name)
    if (!column)
      return Promise.reject(new Error(words.frame.requests.noColumn({ name, table: dataset.name })))
    const path = `/api/datasets/${dataset.id}/columns/${column.position}`
    let found = kept.get(path)
    if (!found) {
      const { encoding } = column
      found = requestBytes(path).then((body) => cellsKept({ encoding, body }))
      found.catch(() => kept.delete(path))
      kept.set(path, found)
    }
    return found
  }

  return { cells }
})
