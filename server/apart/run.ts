import { type ChildProcess, spawn } from 'node:child_process'
import type { Readable, Writable } from 'node:stream'
import { ExportError } from '../../shared/exports/prove'
import { ImportError } from '../../shared/import/error'
import { LIMITS } from '../../shared/limits'
import { columnNamed } from '../db/columns'
import type { Db } from '../db/database'
import { readAsset } from '../http/assets'
import { regionsOf } from '../http/localeTables'
import { logger } from '../http/log'
import { RequestError } from '../http/problems'
import { ColumnError } from '../study/derivedColumn'
import { FROM_SERVER, TO_SERVER } from './channel'
import { framed, frameReader } from './frames'
import { beginJob } from './jobs'
import type { Answer, Said, Start } from './messages'
import { queueOf } from './queue'
import type { Question, Questions, TaskName, Tasks } from './tasks'

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

let program: Promise<string> | undefined
/** The program of the child; it stands in the server's assets, so that it goes wherever that goes. */
const childProgram = (): Promise<string> => (program ??= readAsset('threads', 'apart.mjs'))

/** What of the environment a child gets: nothing that it could tell anybody. */
const KEPT_VARIABLES = ['PATH', 'TMPDIR', 'TMP', 'TEMP', 'TZ']
const environment = (): Record<string, string> =>
  Object.fromEntries(
    KEPT_VARIABLES.flatMap((name) => {
      const value = process.env[name]
      return value === undefined ? [] : [[name, value]]
    }),
  )

/** Characters of what a child says as it fails. */
const MOST_LOGGED = 2000
/** A child process with the task's program, and its two pipes. */
async function startChild() {
  const child: ChildProcess = spawn(
    process.execPath,
    [`--max-old-space-size=${LIMITS.apartMegabytes}`, '--input-type=module', '-'],
    { env: environment(), stdio: ['pipe', 'ignore', 'pipe', 'pipe', 'pipe'] },
  )
  let said = ''
  child.stderr!.on('data', (text: Buffer) => {
    if (said.length < MOST_LOGGED) said += text.toString().slice(0, MOST_LOGGED)
  })
  const to = child.stdio[FROM_SERVER] as Writable
  // Whether a child has ended is heard from its exit; what is still sent to it then is lost.
  for (const stream of [to, child.stdin!]) stream.on('error', () => {})
  child.stdin!.end(await childProgram())
  return {
    child,
    from: child.stdio[TO_SERVER] as Readable,
    send(message: Start | Answer) {
      for (const bytes of framed(message)) to.write(bytes)
    },
    said: () => said,
  }
}

const LACKS = 'it needs more memory than there is, or something failed'

/** What became of a task: hears the child until it has made something or failed. */
async function hearChild<Name extends TaskName>(
  db: Db,
  task: Name,
  given: Tasks[Name]['given'],
  tell: (done: number) => void,
  ended: AbortSignal,
): Promise<Tasks[Name]['made']> {
  const { child, from, send, said } = await startChild()
  const words = WORDS[task]
  const failed = (why: string) =>
    new RequestError(422, words.failed, `${words.failed}: ${why}. ${words.next}`)
  async function answer({ question, asks }: { question: Question; asks: unknown }): Promise<void> {
    try {
      send({ gets: await (answerers(db)[question] as (asks: unknown) => unknown)(asks) })
    } catch (error) {
      send({ trouble: (error as Error).message })
    }
  }
  let limit: ReturnType<typeof setTimeout> | undefined
  try {
    return await new Promise<Tasks[Name]['made']>((resolve, reject) => {
      const giveUp = () => reject(ended.reason as Error)
      if (ended.aborted) return giveUp()
      ended.addEventListener('abort', giveUp, { once: true })
      limit = setTimeout(
        () => reject(failed(`that took over ${LIMITS.apartSeconds} seconds`)),
        LIMITS.apartSeconds * 1000,
      )
      const hear = frameReader((message) => {
        const one = message as Said
        if ('done' in one) tell(one.done)
        else if ('question' in one) void answer(one)
        else if ('made' in one) resolve(one.made as Tasks[Name]['made'])
        else reject(errorOf(one.kind, one.trouble))
      })
      from.on('data', hear)
      child.once('error', (error) => reject(failed(error.message)))
      // Settled already, unless the child ended without a word.
      from.once('close', () => {
        if (said()) logger().error({ task, said: said() }, 'a child process failed')
        reject(failed(LACKS))
      })
      send({ task, given })
    })
  } finally {
    clearTimeout(limit)
    child.kill('SIGKILL')
  }
}

const queue = queueOf(LIMITS.apartAtOnce)

/** Who waits for a task. */
export interface Sender {
  /** What its sender calls it, to see how far it is and to end it. */
  readonly key?: string | undefined
  /** Ends the task where its sender has gone. */
  readonly gone?: AbortSignal
}

/**
 * Does a task in a process of its own, within a time and a memory: whatever it is given, the server
 * goes on. Few tasks run at once; others wait for their turn.
 *
 * @throws ImportError, ExportError, ColumnError where the task says so of what it was given
 * @throws RequestError where it was cancelled, takes too long, or needs too much memory
 */
export async function runApart<Name extends TaskName>(
  db: Db,
  task: Name,
  given: Tasks[Name]['given'],
  { key, gone }: Sender = {},
): Promise<Tasks[Name]['made']> {
  const cancelled = new AbortController()
  const cancel = () => cancelled.abort(new RequestError(409, 'Cancelled', WORDS[task].cancelled))
  const ended = cancelled.signal
  gone?.addEventListener('abort', cancel, { once: true })
  if (gone?.aborted) cancel()
  const job = beginJob(key, cancel)
  let leave = () => {}
  try {
    leave = await queue.turn(job.wait, ended)
    return await hearChild(db, task, given, job.tell, ended)
  } finally {
    leave()
    job.end()
    gone?.removeEventListener('abort', cancel)
  }
}
