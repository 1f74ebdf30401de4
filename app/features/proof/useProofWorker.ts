import type { ProofAnswer, ProofJob } from './proof.worker'

/**
 * Asks the worker that proofs beside the page. Jobs are done one after another, since each answers
 * for what is open.
 */
export function useProofWorker(): (job: ProofJob) => Promise<ProofAnswer> {
  let worker: Worker | undefined
  let turn: Promise<unknown> = Promise.resolve()
  onScopeDispose(() => worker?.terminate())
  return (job) => {
    worker ??= new Worker(new URL('./proof.worker.ts', import.meta.url), { type: 'module' })
    const own = worker
    const answered = turn.then(
      () =>
        new Promise<ProofAnswer>((resolve, reject) => {
          own.onmessage = ({ data }: MessageEvent<ProofAnswer>) => resolve(data)
          own.onerror = ({ message }) => reject(new Error(message))
          own.postMessage(job)
        }),
    )
    turn = answered.catch(() => {})
    return answered
  }
}
