import { Worker } from 'node:worker_threads'
import { ImportError } from '../../shared/import/error'
import { LIMITS } from '../../shared/limits'
import type { NewTable } from '../../shared/page/newTable'
import { readAsset } from '../http/assets'
import { regionsOf } from '../http/localeTables'
import { RequestError } from '../http/problems'
import { beginJob } from './jobs'
import type { ReadingAnswer, ReadingTask } from './thread'

let script: Promise<URL> | undefined
/**
 * The thread's own bundle; it stands in the server's assets, so that it goes wherever that goes.
 */
const scriptUrl = (): Promise<URL> =>
  (script ??= readAsset('threads', 'reading.mjs').then(
    (code) => new URL(`data:text/javascript;base64,${Buffer.from(code).toString('base64')}`),
  ))

const CANCELLED = 'Bringing in was cancelled; nothing was kept of the table.'
const TOO_LONG = `The table was not read within ${LIMITS.readingSeconds} seconds, so it was given up and nothing kept. Bring a part of it in.`
const FAILED =
  'The table could not be read here: it needs more memory than there is, or something failed. Nothing was kept; bring a part of it in.'

/**
 * Reads a table in a thread of its own.
 *
 * @param key what the sender calls it, to see how far it is and to end it
 * @throws ImportError where it is no table, takes too long, or needs too much memory
 * @throws RequestError where it was cancelled
 */
export async function readApart(
  task: Extract<ReadingTask, { text: string }>,
  key?: string,
): Promise<NewTable> {
  const worker = new Worker(await scriptUrl())
  const say = (next: ReadingTask) => worker.postMessage(next)
  let job: ReturnType<typeof beginJob> | undefined
  let limit: ReturnType<typeof setTimeout> | undefined
  try {
    return await new Promise<NewTable>((resolve, reject) => {
      job = beginJob(key, () => reject(new RequestError(409, 'Cancelled', CANCELLED)))
      limit = setTimeout(() => reject(new ImportError(TOO_LONG)), LIMITS.readingSeconds * 1000)
      worker.on('message', (answer: ReadingAnswer) => {
        if ('done' in answer) job!.tell(answer.done)
        else if ('table' in answer) resolve(answer.table)
        else if ('needs' in answer)
          regionsOf(answer.needs).then((regions) => say({ regions }), reject)
        else reject(answer.isOfTable ? new ImportError(answer.trouble) : new Error(answer.trouble))
      })
      worker.on('error', (error) => {
        console.error(error)
        reject(new ImportError(FAILED))
      })
      // Settled already, unless the thread ended without a word.
      worker.on('exit', () => reject(new ImportError(FAILED)))
      say(task)
    })
  } finally {
    clearTimeout(limit)
    job?.end()
    await worker.terminate()
  }
}
