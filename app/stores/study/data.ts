import type { Role } from '~~/core/data/roles'
import type { Said } from '~~/shared/import/table'
import type { NewColumn } from '~~/shared/study/requests'
import type { Study } from '~~/shared/study/study'
import { request } from '~/composables/request'
import type { OnDesk } from './document'
import { saveAll, type Saving } from './saving'
import type { History, Steps } from './steps'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.data

/** Answers on their way that bring the study with them. */
export function awaited() {
  let count = 0
  return {
    count: () => count,
    async asking<Answer>(ask: () => Promise<Answer>): Promise<Answer> {
      count++
      return ask().finally(() => count--)
    },
  }
}

/** A table as it is sent, with what it is called on its way. */
export interface SentTable extends Said {
  readonly text: string
  readonly key: string
}

interface Around {
  readonly saving: Saving
  readonly steps: Steps
  readonly history: History
  readonly answers: ReturnType<typeof awaited>
  take(study: Study): void
}

/**
 * Data that come into a study, and columns that are made there: each is a step that can be undone.
 */
export function studyData(desk: OnDesk, { saving, steps, history, answers, take }: Around) {
  const { id, dataset, document, revision } = desk
  /** Takes the study as the server changed it, as a step that leads back to what was before. */
  async function takeAsStep(what: string, ask: () => Promise<Study>) {
    const [before, base] = [document.value, revision.value]
    const study = await answers.asking(ask)
    // What another tab saved meanwhile came with it, and no step leads back over that.
    if (!before || study.revision !== base + 1) return take(study)
    saving.settle(study)
    steps.letGo()
    history.keep(before, what)
    history.store(study.id, study.revision)
  }
  async function bringIn(name: string, table: SentTable) {
    await saveAll(saving)
    const path = `/api/studies/${id.value}/datasets`
    await takeAsStep(words.imported({ name }), () => request<Study>(path, { name, ...table }))
  }
  /** Brings a table in as a study of its own. @returns its id */
  async function bringInAlone(name: string, table: SentTable): Promise<string> {
    await saveAll(saving)
    const study = await request<Study>('/api/studies', { name, table })
    return study.id
  }
  async function derive(column: NewColumn) {
    await saveAll(saving)
    if (!dataset.value) return
    const path = `/api/studies/${id.value}/datasets/${dataset.value.id}/columns`
    await takeAsStep(words.added({ name: column.name }), () => request<Study>(path, column))
  }
  /** Says what a column is for, other than it was read. */
  async function changeRole(column: string, role: Role) {
    await saveAll(saving)
    if (!dataset.value) return
    const path = `/api/studies/${id.value}/datasets/${dataset.value.id}/roles`
    await takeAsStep(words.setRole({ name: column, role }), () =>
      request<Study>(path, { column, role }),
    )
  }
  return { bringIn, bringInAlone, derive, changeRole }
}
