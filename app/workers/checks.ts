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
/** How far a run is, what it found of one of its subjects, or why it found nothing; done is 1 at its end. */
export type CheckAnswer = { readonly run: number } & ({ readonly done: number } | { readonly of: number; readonly findings: readonly Finding[] } | { readonly trouble: string })

/** Checks a column's cells: missing ones are left out, and places are those of its rows. */
function checkCells({ cells, sides, ...subject }: Extract<CheckedSubject, { cells: unknown }>, onStep: (done: number) => void): Finding[] {
  const { values, doubles, places } = present(cells)
  const rows = sides && places.map((at) => sides[at]!)
  // Places among the rows become those among the values, and back.
  const placeOf = new Map(places.map((at, i) => [at, i]))
  const selection = subject.selection?.flatMap((at) => placeOf.get(at) ?? [])
  return runChecks({ ...subject, values, doubles, rows, selection }, onStep).map((finding) => ({ ...finding, at: finding.at.map((i) => places[i]!) }))
}

/** Checks beside the page, so that no frame waits for them. */
addEventListener('message', ({ data: { run, subjects } }: MessageEvent<CheckJob>) => {
  const answer = (more: Omit<CheckAnswer, 'run'>) => postMessage({ run, ...more })
  try {
    subjects.forEach((subject, of) => {
      const onStep = (done: number) => answer({ done: (of + done) / (subjects.length + 1) })
      answer({ of, findings: 'cells' in subject ? checkCells(subject, onStep) : runChecks(subject, onStep) })
    })
    answer({ done: 1 })
  } catch (error) {
    answer({ trouble: (error as Error).message })
  }
})
