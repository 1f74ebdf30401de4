import { MessageChannel, Worker } from 'node:worker_threads'
import { ExportError } from '../../shared/exports/prove'
import { ImportError } from '../../shared/import/error'
import { LIMITS } from '../../shared/limits'
import { columnNamed } from '../db/columns'
import type { Db } from '../db/database'
import { readAsset } from '../http/assets'
import { regionsOf } from '../http/localeTables'
import { RequestError } from '../http/problems'
import { ColumnError } from '../study/derivedColumn'
import { beginJob } from './jobs'
import type { Question, Questions, TaskName, Tasks } from './tasks'
import type { Answer, Said, Start } from './thread'

let script: Promise<URL> | undefined
/**
 * The thread's own bundle; it stands in the server's assets, so that it goes wherever that goes.
 */
const scriptUrl = (): Promise<URL> =>
  (script ??= readAsset('threads', 'apart.mjs').then(
    (code) => new URL(`data:text/javascript;base64,${Buffer.from(code).toString('base64')}`),
  ))

/** What is said where a task fails, what to do then, and where it was cancelled. */
const WORDS: Readonly<Record<TaskName, Record<'failed' | 'next' | 'cancelled', string>>> = {
  read: {
    failed: 'The table was not read',
    next: 'Nothing was kept; bring a part of it in.',
    cancelled: 'Bringing in was cancelled; nothing was kept of the table.',
  },
  export: {
    failed: 'The labels were not written',
    next: 'Nothing was exported; take fewer rows along.',
    cancelled: 'The export was cancelled.',
  },
  derive: {
    failed: 'The column was not made',
    next: 'Nothing was kept; bring a part of the table in.',
    cancelled: 'The column was not made; nothing was kept.',
  },
}
/** Errors that say what is wrong with what was given, by their names. */
const KNOWN = { ImportError, ExportError, ColumnError }
const errorOf = (kind: string, trouble: string): Error =>
  Object.hasOwn(KNOWN, kind)
    ? new KNOWN[kind as keyof typeof KNOWN](trouble)
    : new Error(`${kind}: ${trouble}`)

/** Where each question finds its answer. */
const answerers = (
  db: Db,
): {
  readonly [Name in Question]: (
    asks: Questions[Name]['asks'],
  ) => Questions[Name]['gets'] | Promise<Questions[Name]['gets']>
} => ({
  regions: regionsOf,
  runtime: (name) => readAsset('runtime', name),
  column: ({ datasetId, name }) => columnNamed(db, datasetId, name),
})

/**
 * Does a task in a thread of its own, within a time and the memory that there is.
 *
 * @param key what its sender calls it, to see how far it is and to end it
 * @throws ImportError, ExportError, ColumnError where the task says so of what it was given
 * @throws RequestError where it was cancelled, takes too long, or needs too much memory
 */
export async function runApart<Name extends TaskName>(
  db: Db,
  task: Name,
  given: Tasks[Name]['given'],
  key?: string,
): Promise<Tasks[Name]['made']> {
  const { port1: replies, port2: answers } = new MessageChannel()
  const bell = new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT))
  const start: Start = { task, given, answers, bell }
  const worker = new Worker(await scriptUrl(), { workerData: start, transferList: [answers] })
  const words = WORDS[task]
  const failed = (why: string) =>
    new RequestError(422, words.failed, `${words.failed}: ${why}. ${words.next}`)
  async function answer({ question, asks }: { question: Question; asks: unknown }): Promise<void> {
    let reply: Answer
    try {
      reply = { gets: await (answerers(db)[question] as (asks: unknown) => unknown)(asks) }
    } catch (error) {
      reply = { trouble: (error as Error).message }
    }
    replies.postMessage(reply)
    Atomics.add(bell, 0, 1)
    Atomics.notify(bell, 0)
  }
  let job: ReturnType<typeof beginJob> | undefined
  let limit: ReturnType<typeof setTimeout> | undefined
  try {
    return await new Promise<Tasks[Name]['made']>((resolve, reject) => {
      job = beginJob(key, () => reject(new RequestError(409, 'Cancelled', words.cancelled)))
      limit = setTimeout(
        () => reject(failed(`that took over ${LIMITS.apartSeconds} seconds`)),
        LIMITS.apartSeconds * 1000,
      )
      worker.on('message', (said: Said) => {
        if ('done' in said) job!.tell(said.done)
        else if ('question' in said) void answer(said)
        else if ('made' in said) resolve(said.made as Tasks[Name]['made'])
        else reject(errorOf(said.kind, said.trouble))
      })
      const LACKS = 'it needs more memory than there is, or something failed'
      worker.on('error', (error) => {
        console.error(error)
        reject(failed(LACKS))
      })
      // Settled already, unless the thread ended without a word.
      worker.on('exit', () => reject(failed(LACKS)))
    })
  } finally {
    clearTimeout(limit)
    job?.end()
    replies.close()
    await worker.terminate()
  }
}
