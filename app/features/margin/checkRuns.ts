import type { PlacedSubject } from '~~/shared/page/subjects'
import type { CheckAnswer, CheckJob, SentFinding } from './checks.worker'

/** What was found of one of the subjects of a run. */
export interface Found {
  readonly placed: PlacedSubject
  readonly found: readonly SentFinding[]
}
/**
 * What is told of a run: how much of it is done, from 0 to 1, with what was found since; or why it
 * failed.
 */
export type Told =
  { readonly done: number; readonly found: readonly Found[] } | { readonly trouble: string }

/** Runs of the checks beside the page, one at a time: what is out of date is given up. */
export function checkRuns(tell: (told: Told) => void) {
  let worker: Worker | null = null
  /** Found since the last word of progress: the margin is drawn once for all of it. */
  let taken: Found[] = []
  let run = 0
  /**
   * Whether the worker has something to check: one that is still on its way is not sent for twice.
   */
  let isBusy = false

  function giveUp() {
    worker?.terminate()
    worker = null
    isBusy = false
  }
  function fail(trouble: string) {
    giveUp()
    tell({ trouble })
  }
  function hear(asked: readonly PlacedSubject[], data: CheckAnswer) {
    if (data.run !== run) return
    if ('findings' in data)
      return void taken.push({ placed: asked[data.of]!, found: data.findings })
    const found = taken
    taken = []
    if ('trouble' in data) {
      isBusy = false
      return tell({ trouble: data.trouble })
    }
    isBusy = data.done < 1
    tell({ done: data.done, found })
  }
  function start(asked: readonly PlacedSubject[]) {
    if (isBusy) giveUp()
    worker ??= new Worker(new URL('./checks.worker.ts', import.meta.url), { type: 'module' })
    isBusy = asked.length > 0
    taken = []
    run++
    worker.onmessage = ({ data }: MessageEvent<CheckAnswer>) => hear(asked, data)
    worker.onerror = ({ message }) => fail(message)
    try {
      const subjects = asked.map(({ subject }) => toRaw(subject))
      worker.postMessage({ run, subjects } satisfies CheckJob)
    } catch (error) {
      fail((error as Error).message)
    }
  }
  return { start, giveUp }
}
