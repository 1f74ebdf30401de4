import { runChecks } from '~~/core/checks/run'
import type { Finding, Subject } from '~~/core/checks/types'

export interface CheckJob {
  readonly run: number
  readonly subjects: readonly Subject[]
}
/** Findings subject by subject, or why there are none. */
export type CheckAnswer = { readonly run: number } & ({ readonly findings: readonly Finding[][] } | { readonly trouble: string })

/** Checks beside the page, so that no frame waits for them. */
addEventListener('message', ({ data: { run, subjects } }: MessageEvent<CheckJob>) => {
  try {
    postMessage({ run, findings: subjects.map(runChecks) } satisfies CheckAnswer)
  } catch (error) {
    postMessage({ run, trouble: (error as Error).message } satisfies CheckAnswer)
  }
})
