import { LONGEST_WHAT } from '~~/shared/study/requests'
import type { StudyDocument } from '~~/shared/study/document'
import type { Study } from '~~/shared/study/study'
import { newKey, ProblemError, request } from '~/composables/request'
import type { OnDesk } from './document'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.saving

export type SaveState = 'saved' | 'saving' | 'failed' | 'conflict'

/** Changes are gathered this long before they are saved, so that a drag is one revision. */
const SAVE_DELAY = 400
const RETRY_DELAY = 4000
const CONFLICT = 409
/** So many saves are told again whose answers got lost. */
const MOST_LOST = 1000
const IN_CONFLICT = words.conflict

/** What stands on the server, where somebody else saved first. */
const newerIn = (error: Error): Study | null =>
  error instanceof ProblemError && error.status === CONFLICT ? (error.body.current as Study) : null

/** Saves whose answers got lost: they may have been kept. */
function unanswered() {
  let keys: readonly string[] = []
  return {
    all: () => keys,
    note: (key: string) => (keys = [...keys, key].slice(-MOST_LOST)),
    forget: () => (keys = []),
  }
}

/** Sends a study as it is now. @returns its revision; @throws ProblemError */
async function send(
  { id, document, revision }: OnDesk,
  what: string,
  lost: ReturnType<typeof unanswered>,
): Promise<number> {
  const key = newKey()
  try {
    const body = { base: revision.value, document: document.value, what, key, lost: lost.all() }
    const saved = await request<{ revision: number }>(`/api/studies/${id.value}`, body, 'PUT')
    lost.forget()
    return saved.revision
  } catch (error) {
    lost.note(key)
    throw error
  }
}

/**
 * Saves a study by itself as it is changed: one request at a time, again where one fails.
 *
 * @param onSaved told each revision that was saved
 */
export function studySaving(desk: OnDesk, onSaved: (revision: number) => void) {
  const { document, revision } = desk
  const state = ref<SaveState>('saved')
  const trouble = ref('')
  /** What stands on the server where two tabs met. */
  const newer = shallowRef<Study | null>(null)
  let unsaved: { what: string } | null = null
  let running: Promise<void> | null = null
  const lost = unanswered()
  const saving = debounce(() => void flush())

  function schedule(delay: number) {
    state.value = 'saving'
    saving.ask(delay)
  }
  /** Takes the document as it is now for what is to be saved. */
  function put(what: string, next: StudyDocument) {
    document.value = next
    unsaved = { what: what.slice(0, LONGEST_WHAT) }
    if (state.value !== 'conflict') schedule(SAVE_DELAY)
  }
  /** Saves what is not saved yet. */
  async function flush(): Promise<void> {
    saving.forget()
    if (running) await running
    if (!unsaved || state.value === 'conflict') return
    running = save(unsaved.what).finally(() => (running = null))
    await running
    if (unsaved && state.value === 'saved') schedule(0)
  }
  async function save(what: string) {
    unsaved = null
    try {
      revision.value = await send(desk, what, lost)
      onSaved(revision.value)
      ;[state.value, trouble.value] = ['saved', '']
    } catch (error) {
      unsaved ??= { what }
      fail(error as Error)
    }
  }
  function fail(error: Error) {
    trouble.value = error.message
    newer.value = newerIn(error)
    state.value = newer.value ? 'conflict' : 'failed'
    if (!newer.value) saving.ask(RETRY_DELAY)
  }
  /** Takes a study from the server: nothing is unsaved. */
  function settle(study: Study) {
    desk.settle(study)
    ;[state.value, trouble.value, newer.value, unsaved] = ['saved', '', null, null]
    lost.forget()
  }
  /** After a conflict: saves this tab's document over the newer one, which stays as a revision. */
  async function keepMine() {
    if (!newer.value) return
    revision.value = newer.value.revision
    newer.value = null
    lost.forget()
    state.value = 'saving'
    await flush()
  }
  const hasUnsaved = () => unsaved !== null
  /** Whether no change is on its way. */
  const isAtRest = () => state.value === 'saved' && unsaved === null
  return { state, trouble, newer, put, flush, settle, keepMine, hasUnsaved, isAtRest }
}
export type Saving = ReturnType<typeof studySaving>

/**
 * Saves what is not saved, which would be lost with a study that comes back.
 * @throws Error where it cannot be saved
 */
export async function saveAll({ flush, hasUnsaved, state, trouble }: Saving): Promise<void> {
  await flush()
  if (hasUnsaved()) throw new Error(state.value === 'conflict' ? IN_CONFLICT : trouble.value)
}
