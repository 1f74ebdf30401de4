import type { Finding, ToldFinding } from '~~/core/checks/types'
import { runPlaced } from '~~/shared/page/check'
import type { CheckedSubject } from '~~/shared/page/subjects'

export interface CheckJob {
  readonly run: number
  readonly subjects: readonly CheckedSubject[]
}
/** A finding whose places are one buffer, which is handed over and not copied. */
export type SentFinding = Omit<Finding, 'at' | 'also'> & {
  readonly at: Int32Array
  readonly also?: readonly (Omit<ToldFinding, 'at'> & { readonly at: Int32Array })[]
}
/**
 * How far a run is, what it found of one of its subjects, or why it found nothing; done is 1 at its
 * end.
 */
export type CheckAnswer = { readonly run: number } & (
  | { readonly done: number }
  | { readonly of: number; readonly findings: readonly SentFinding[] }
  | { readonly trouble: string }
)

/** Milliseconds between two words of progress: more of them would cost frames. */
const TOLD_EVERY = 50

/** Checks beside the page, so that no frame waits for them. */
addEventListener('message', ({ data: { run, subjects } }: MessageEvent<CheckJob>) => {
  const answer = (more: Omit<CheckAnswer, 'run'>, handedOver: Transferable[] = []) =>
    postMessage({ run, ...more }, { transfer: handedOver })
  let told = performance.now()
  const tell = (done: number) => {
    if (performance.now() - told < TOLD_EVERY) return
    told = performance.now()
    answer({ done })
  }
  try {
    subjects.forEach((subject, of) => {
      const onStep = (done: number) => tell((of + done) / (subjects.length + 1))
      const findings = runPlaced(subject, onStep).map((finding): SentFinding => ({
        ...finding,
        at: Int32Array.from(finding.at),
        also: finding.also?.map((one) => ({ ...one, at: Int32Array.from(one.at) })),
      }))
      answer(
        { of, findings },
        findings.map(({ at }) => at.buffer),
      )
    })
    answer({ done: 1 })
  } catch (error) {
    answer({ trouble: (error as Error).message })
  }
})
