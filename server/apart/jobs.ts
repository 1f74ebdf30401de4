/** Work that goes on beside the server, by the key that its sender gave it. */
interface Job {
  /** From 0 to 1. */
  done: number
  /** How much other work it waits for. */
  before: number
  cancel(): void
}
const jobs = new Map<string, Job>()

/** How far a job is; undefined where none of that key goes on. */
export function jobAt(key: string): { readonly done: number; readonly before: number } | undefined {
  const job = jobs.get(key)
  return job && { done: job.done, before: job.before }
}

/** Ends a job. @returns whether there was one */
export function cancelJob(key: string): boolean {
  const job = jobs.get(key)
  job?.cancel()
  return job !== undefined
}

/**
 * Keeps a job while it goes on, so that its sender can look at it and end it.
 *
 * @param key nothing where nobody will ask
 */
export function beginJob(key: string | undefined, cancel: () => void) {
  const job: Job = { done: 0, before: 0, cancel }
  if (key !== undefined) jobs.set(key, job)
  return {
    tell(done: number) {
      job.done = Math.max(job.done, done)
    },
    wait(before: number) {
      job.before = before
    },
    end: () => void (key !== undefined && jobs.delete(key)),
  }
}
