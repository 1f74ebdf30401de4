import type { ReadingAnswer, ReadingJob } from './reading.worker'

type Result = Exclude<ReadingAnswer, { done: number } | { trouble: string }>

/** Reads what is long beside the page. It can be given up: then nothing comes of it. */
export function readApart(job: ReadingJob, tell: (done: number) => void) {
  const worker = new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' })
  const read = new Promise<Result>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<ReadingAnswer>) => {
      if ('done' in data) return tell(data.done)
      worker.terminate()
      if ('trouble' in data) reject(new Error(data.trouble))
      else resolve(data)
    }
    worker.onerror = ({ message }) => reject(new Error(message))
  })
  worker.postMessage(job)
  return { read, giveUp: () => worker.terminate() }
}
