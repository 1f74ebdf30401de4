import type { Subject } from '~~/core/checks/types'
import type { PlacedFinding, Shown } from '~/desk/cards'
import type { CheckAnswer, CheckJob } from '~/workers/checks'

/** What is checked of a surface, and where its values stand there. */
export interface PlacedSubject {
  readonly surface: Shown
  readonly subject: Subject
  readonly places?: readonly number[]
}

/** Checks wait until the hand rests, so that labels never do. */
const CHECK_DELAY = 60

/**
 * The findings of all surfaces, a moment after what is checked has changed. They are made beside
 * the page; what is out of date is given up.
 */
export function useFindings(subjects: Readonly<Ref<readonly PlacedSubject[]>>) {
  const findings = shallowRef<readonly PlacedFinding[]>([])
  const checking = ref(false)
  const trouble = ref('')
  let worker: Worker | null = null
  let run = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  function start(now: readonly PlacedSubject[]) {
    if (checking.value) stop()
    worker ??= new Worker(new URL('../workers/checks.ts', import.meta.url), { type: 'module' })
    checking.value = true
    const asked = ++run
    worker.onmessage = ({ data }: MessageEvent<CheckAnswer>) => {
      if (data.run !== asked) return
      checking.value = false
      trouble.value = 'trouble' in data ? data.trouble : ''
      if ('findings' in data) findings.value = data.findings.flatMap((found, i) => found.map((finding) => place(finding, now[i]!)))
    }
    worker.onerror = ({ message }) => fail(message)
    try {
      worker.postMessage({ run: asked, subjects: now.map(({ subject }) => toRaw(subject)) } satisfies CheckJob)
    } catch (error) {
      fail((error as Error).message)
    }
  }
  function fail(message: string) {
    stop()
    trouble.value = message
  }
  function stop() {
    worker?.terminate()
    worker = null
    checking.value = false
  }
  const place = (finding: Omit<PlacedFinding, 'surface'>, { surface, places }: PlacedSubject): PlacedFinding =>
    ({ ...finding, surface, at: places ? finding.at.map((at) => places[at]!) : finding.at })

  watch(subjects, (now) => {
    clearTimeout(timer)
    timer = setTimeout(() => start(now), CHECK_DELAY)
  }, { immediate: true })
  onScopeDispose(() => {
    clearTimeout(timer)
    stop()
  })
  return { findings, checking, trouble }
}
