import { Worker } from 'node:worker_threads'
import type { Row } from '../../core/label/types'
import type { Cell } from '../../shared/quantities'

/** An export whose labels were not those of the core. */
export class ExportError extends Error {
  override name = 'ExportError'
}

const TIME_LIMIT = 60_000

/** Runs in the worker: the module is imported as any other program would, and asked for its labels. */
const RUN = `
const { parentPort, workerData } = require('node:worker_threads')
import('data:text/javascript,' + encodeURIComponent(workerData.module))
  .then(({ labels }) => parentPort.postMessage(labels(workerData.values, workerData.rows)))`

/**
 * The labels that an exported module writes, by running it apart from this program.
 *
 * @param module its text
 * @throws ExportError when it fails or takes over a minute
 */
export function labelsByModule(module: string, values: readonly Cell[], rows?: readonly Row[]): Promise<string[]> {
  return new Promise((done, fail) => {
    const worker = new Worker(RUN, { eval: true, workerData: { module, values, rows } })
    const timer = setTimeout(() => end(() => fail(new ExportError('The module took over a minute to write the labels; nothing was exported.'))), TIME_LIMIT)
    const end = (then: () => void) => {
      clearTimeout(timer)
      void worker.terminate()
      then()
    }
    worker.once('message', (labels: string[]) => end(() => done(labels)))
    worker.once('error', (error) => end(() => fail(new ExportError(`The module does not run: ${error.message}`))))
  })
}
