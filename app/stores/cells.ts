import { defineStore } from 'pinia'
import type { Cell } from '~~/shared/quantities'
import type { DatasetMeta } from '~~/shared/study/dataset'
import { requestBytes } from '~/composables/request'

function decode(bytes: ArrayBuffer, isJson: boolean): Cell[] {
  if (isJson) return JSON.parse(new TextDecoder().decode(bytes)) as Cell[]
  return Array.from(new Float64Array(bytes), (double) => (Number.isNaN(double) ? null : double))
}

/** Cells of columns, fetched once; a data set never changes after it was brought in. */
export const useCells = defineStore('columns', () => {
  const kept = new Map<string, Promise<Cell[]>>()

  /** @throws ProblemError when the server does not give it; the next call asks again */
  function cells(dataset: DatasetMeta, name: string): Promise<Cell[]> {
    const column = dataset.columns.find((one) => one.name === name)
    if (!column)
      return Promise.reject(new Error(`There is no column “${name}” in ${dataset.name}.`))
    const path = `/api/datasets/${dataset.id}/columns/${column.position}`
    let found = kept.get(path)
    if (!found) {
      found = requestBytes(path).then(({ bytes, isJson }) => decode(bytes, isJson))
      found.catch(() => kept.delete(path))
      kept.set(path, found)
    }
    return found
  }

  return { cells }
})
