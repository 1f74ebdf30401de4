import { LIMITS } from '~~/shared/limits'
import type { ReadingAnswer, ReadingJob } from './reading.worker'
import { words as catalogue } from '~~/words'

const words = catalogue.data.reading

type Result = Exclude<ReadingAnswer, { done: number } | { trouble: string }>

/**
 * Reads beside the page, in a worker that ends when it has read, after a time, or when it is told
 * to: whatever a file holds, the page goes on.
 *
 * @param tell hears how far it is, from 0 to 1
 */
export function readApart(job: ReadingJob, tell: (done: number) => void = () => {}) {
  const worker = new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' })
  let limit: ReturnType<typeof setTimeout> | undefined
  const end = () => {
    clearTimeout(limit)
    worker.terminate()
  }
  let cancel = () => {}
  const read = new Promise<Result>((resolve, reject) => {
    const fail = (message: string) => {
      end()
      reject(new Error(message))
    }
    cancel = () => fail(words.cancelled)
    limit = setTimeout(
      () => fail(words.tooLong({ seconds: LIMITS.readSeconds })),
      LIMITS.readSeconds * 1000,
    )
    worker.onmessage = ({ data }: MessageEvent<ReadingAnswer>) => {
      if ('done' in data) return tell(data.done)
      if ('trouble' in data) return fail(data.trouble)
      end()
      resolve(data)
    }
    worker.onerror = ({ message }) => fail(message || words.failed)
  })
  worker.postMessage(job)
  return { read, cancel }
}

/** The text of a file, read beside the page. @throws Error that says why there is none */
export function readFileApart(file: { bytes: Uint8Array; name: string; part?: number }) {
  const { read, cancel } = readApart(file)
  return { read: read.then((found) => ('file' in found ? found.file : null)!), cancel }
}
