// Reads a table beside the server, so that nobody else waits for it.
import { parentPort } from 'node:worker_threads'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/fields'
import { ImportError } from '../../shared/import/error'
import { type ImportedTable, readTable, type Said } from '../../shared/import/table'
import { type Destination, type NewTable, newTable } from '../../shared/page/newTable'
import { stylesToStart } from '../../shared/page/start'

/** What is to be read, and where it goes; then the tables that were asked for. */
export type ReadingTask =
  | { readonly text: string; readonly said: Said; readonly to: Omit<Destination, 'regions'> }
  | { readonly regions: Regions }
/**
 * How far it is, from 0 to 1; which styles it needs the tables of; what was read; or why it could
 * not be.
 */
export type ReadingAnswer =
  | { readonly done: number }
  | { readonly needs: readonly Style[] }
  | { readonly table: NewTable }
  | { readonly trouble: string; readonly isOfTable: boolean }

const port = parentPort!
const tell = (answer: ReadingAnswer, handedOver: ArrayBuffer[] = []) =>
  port.postMessage(answer, handedOver)

/** What was read, until the tables are there that its styles need. */
let read: { table: ImportedTable; to: Omit<Destination, 'regions'> } | undefined

function take(task: ReadingTask): void {
  if ('text' in task) {
    const { text, said, to } = task
    const table = readTable(text, said, (done) => tell({ done }))
    read = { table, to }
    return tell({ needs: stylesToStart(to.document, table) })
  }
  const table = newTable(read!.table, { ...read!.to, regions: task.regions })
  tell(
    { table },
    table.columns.map(({ body }) => body.buffer as ArrayBuffer),
  )
}

port.on('message', (task: ReadingTask) => {
  try {
    take(task)
  } catch (error) {
    const isOfTable = error instanceof ImportError
    tell({ trouble: isOfTable ? error.message : String((error as Error).stack), isOfTable })
  }
})
