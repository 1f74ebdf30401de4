import { runChecks } from '~~/core/checks/run'
import type { Finding, Subject } from '~~/core/checks/types'
import { present } from '~/desk/present'
import type { Cell } from '~~/shared/quantities'

/** What is checked: a subject as it is, or one whose values are a column's cells. */
export type CheckedSubject = Subject | (Omit<Subject, 'values' | 'rows'> & { readonly cells: Float64Array | readonly Cell[]; readonly sides?: Subject['rows'] })
export interface CheckJob {
  readonly run: number
  readonly subjects: readonly CheckedSubject[]
}
/** A finding whose places are one buffer, which is handed over and not copied. */
export type SentFinding = Omit<Finding, 'at'> & { readonly at: Int32Array }
/** How far a run is, what it found of one of its subjects, or why it found nothing; done is 1 at its end. */
export type CheckAnswer = { readonly run: number } & ({ readonly done: number } | { readonly of: number; readonly findings: readonly SentFinding[] } | { readonly trouble: string })

/** Checks a column's cells: missing ones are left out, and places are those of its rows. */
function checkCells({ cells, sides, ...subject }: Extract<CheckedSubject, { cells: unknown }>, onStep: (done: number) => void): Finding[] {
  const { values, places } = present(cells)
  const rows = sides && places.map((at) => sides[at]!)
  // Places among the rows become those among the values, and back.
  const placeOf = new Map(places.map((at, i) => [at, i]))
  const selection = subject.selection?.flatMap((at) => placeOf.get(at) ?? [])
  return runChecks({ ...subject, values, rows, selection }, onStep).map((finding) => ({ ...finding, at: finding.at.map((i) => places[i]!) }))
}

/** Milliseconds between two words of progress: more of them would cost frames. */
const TOLD_EVERY = 50

/** Checks beside the page, so that no frame waits for them. */
addEventListener('message', ({ data: { run, subjects } }: MessageEvent<CheckJob>) => {
  const answer = (more: Omit<CheckAnswer, 'run'>, handedOver: Transferable[] = []) => postMessage({ run, ...more }, { transfer: handedOver })
  let told = performance.now()
  const tell = (done: number) => {
    if (performance.now() - told < TOLD_EVERY) return
    told = performance.now()
    answer({ done })
  }
  try {
    subjects.forEach((subject, of) => {
      const onStep = (done: number) => tell((of + done) / (subjects.length + 1))
      const found = 'cells' in subject ? checkCells(subject, onStep) : runChecks(subject, onStep)
      const findings = found.map((finding): SentFinding => ({ ...finding, at: Int32Array.from(finding.at) }))
      answer({ of, findings }, findings.map(({ at }) => at.buffer))
    })
    answer({ done: 1 })
  } catch (error) {
    answer({ trouble: (error as Error).message })
  }
})
