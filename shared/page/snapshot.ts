import { evaluate, type Memory } from '../graph/derivation'
import type { Cell } from '../quantities'
import { pageGraph } from './graph'
import { from, type PageInputs, type PageValues } from './values'

/** Where a page takes what it shows, all of which is there. */
export interface SnapshotSources extends Omit<PageInputs, 'loaded' | 'caseCells'> {
  /** The cells of a column of its data set. */
  readonly cellsOf: (name: string) => readonly Cell[]
  /** Of the same page before: what has not changed since is not made again. */
  readonly memory?: Memory
}

/**
 * The page of a quantity as it stands, each of its values made when it is first looked at.
 *
 * @throws StyleError at the value whose style cannot be resolved
 * @example pageSnapshot({ document, quantity, dataset, regions, cellsOf, size: USUAL_SIZE, machine: false })['said.headline'].text
 */
export function pageSnapshot({ cellsOf, memory, ...given }: SnapshotSources): Readonly<PageValues> {
  return evaluate<PageValues, Omit<PageInputs, 'loaded' | 'caseCells'>>(
    {
      ...pageGraph,
      loaded: from(['wanted'], ({ wanted }) => ({ wanted, cellsOf })),
      caseCells: from(['caseColumns'], ({ caseColumns }) =>
        caseColumns.map((name) => [name, cellsOf(name)] as const),
      ),
    },
    given,
    memory,
  )
}
