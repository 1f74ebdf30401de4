import { SURFACES } from '~~/core/checks/types'
import type { PlacedFinding } from './cards'
import type { PlacedSubject } from '~~/shared/page/subjects'
import type { CheckAnswer, CheckJob, SentFinding } from './checks.worker'

/** Checks wait until the hand rests, so that labels never do. */
const CHECK_DELAY = 60

/**
 * The findings of all surfaces, a moment after what is checked has changed. They are made beside
 * the page; what is out of date is given up.
 */
export function useFindings(subjects: Readonly<Ref<readonly PlacedSubject[]>>) {
  const findings = shallowRef<readonly PlacedFinding[]>([])
  const checking = ref(false)
  /** How much of a run is done, from 0 to 1. */
  const progress = ref(0)
  const isStopped = ref(false)
  const trouble = ref('')
  let worker: Worker | null = null
  /** Found since the last word of progress: the margin is drawn once for all of it. */
  let taken: { readonly placed: PlacedSubject; readonly found: readonly SentFinding[] }[] = []
  let run = 0
  /** Whether the worker has something to check: one that is still on its way is not sent for twice. */
  let isBusy = false

  function start(now: readonly PlacedSubject[]) {
    if (isBusy) giveUp()
    worker ??= new Worker(new URL('./checks.worker.ts', import.meta.url), { type: 'module' })
    checking.value = true
    isBusy = now.length > 0
    isStopped.value = false
    progress.value = 0
    taken = []
    const asked = ++run
    worker.onmessage = ({ data }: MessageEvent<CheckAnswer>) => {
      if (data.run !== asked) return
      if ('findings' in data)
        return void taken.push({ placed: now[data.of]!, found: data.findings })
      show()
      if ('done' in data) progress.value = data.done
      trouble.value = 'trouble' in data ? data.trouble : ''
      checking.value = isBusy = 'done' in data && data.done < 1
    }
    worker.onerror = ({ message }) => fail(message)
    try {
      worker.postMessage({
        run: asked,
        subjects: now.map(({ subject }) => toRaw(subject)),
      } satisfies CheckJob)
    } catch (error) {
      fail((error as Error).message)
    }
  }
  /** What is found of some surfaces is shown with the next word of progress; the others keep what was found before. */
  function show() {
    if (taken.length === 0) return
    const isNew = ({ surface, other }: PlacedFinding) =>
      taken.some(({ placed }) => placed.surface === surface && placed.other?.id === other?.id)
    const stay = (one: PlacedFinding) =>
      !isNew(one) && (!one.other || subjects.value.some(({ other }) => other?.id === one.other!.id))
    const all = [
      ...findings.value.filter(stay),
      ...taken.flatMap(({ placed: { surface, other }, found }) =>
        found.map((finding) => ({ ...finding, surface, other })),
      ),
    ]
    findings.value = all.sort((a, b) => SURFACES.indexOf(a.surface) - SURFACES.indexOf(b.surface))
    taken = []
  }
  function fail(message: string) {
    giveUp()
    trouble.value = message
  }
  function giveUp() {
    worker?.terminate()
    worker = null
    checking.value = isBusy = false
  }
  /** Gives a long run up; the findings of the last one stay. */
  function stop() {
    giveUp()
    isStopped.value = true
  }

  watchDebounced(() => subjects.value, start, CHECK_DELAY, true)
  onScopeDispose(giveUp)
  return {
    findings,
    checking,
    progress,
    isStopped,
    trouble,
    stop,
    again: () => start(subjects.value),
  }
}
/** How far the checks are, and what stops them and begins them again. */
export type Checks = Omit<ReturnType<typeof useFindings>, 'findings' | 'trouble'>
