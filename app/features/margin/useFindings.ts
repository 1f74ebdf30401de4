import { SURFACES } from '~~/core/surfaces'
import type { PlacedSubject } from '~~/shared/page/subjects'
import type { PlacedFinding } from './cards'
import { checkRuns, type Found, type Told } from './checkRuns'

/** Checks wait until the hand rests, so that labels never do. */
const CHECK_DELAY = 60

/** Findings with those of some surfaces in the place of what was found there before. */
function replaced(
  before: readonly PlacedFinding[],
  found: readonly Found[],
  subjects: readonly PlacedSubject[],
): PlacedFinding[] {
  const isNew = ({ surface, other }: PlacedFinding) =>
    found.some(({ placed }) => placed.surface === surface && placed.other?.id === other?.id)
  const isThere = ({ other }: PlacedFinding) =>
    !other || subjects.some((one) => one.other?.id === other.id)
  const placed = found.flatMap(({ placed: { surface, other }, found: own }) =>
    own.map((finding) => ({ ...finding, surface, other })),
  )
  const all = [...before.filter((one) => !isNew(one) && isThere(one)), ...placed]
  return all.sort((a, b) => SURFACES.indexOf(a.surface) - SURFACES.indexOf(b.surface))
}

/**
 * The findings of all surfaces, a moment after what is checked has changed; they are made beside
 * the page.
 */
export function useFindings(subjects: Readonly<Ref<readonly PlacedSubject[]>>) {
  const findings = shallowRef<readonly PlacedFinding[]>([])
  const checking = ref(false)
  /** How much of a run is done, from 0 to 1. */
  const progress = ref(0)
  const isStopped = ref(false)
  const trouble = ref('')

  function hear(told: Told) {
    trouble.value = 'trouble' in told ? told.trouble : ''
    checking.value = 'done' in told && told.done < 1
    if (!('done' in told)) return
    progress.value = told.done
    if (told.found.length > 0) findings.value = replaced(findings.value, told.found, subjects.value)
  }
  const runs = checkRuns(hear)
  function start(now: readonly PlacedSubject[]) {
    checking.value = true
    isStopped.value = false
    progress.value = 0
    runs.start(now)
  }
  /** Gives a long run up; the findings of the last one stay. */
  function stop() {
    runs.giveUp()
    checking.value = false
    isStopped.value = true
  }
  watchDebounced(() => subjects.value, start, CHECK_DELAY, true)
  onScopeDispose(runs.giveUp)
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
