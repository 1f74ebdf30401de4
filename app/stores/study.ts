import { defineStore } from 'pinia'
import type { Said } from '~~/shared/import/table'
import { stylesIn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { NewColumn } from '~~/shared/study/requests'
import type { Study } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { useHistory } from './history'
import { useLocaleTables } from './localeTables'
import { quantityCommands, studyCommands } from './study/commands'
import { studyDocument } from './study/document'
import { saveAll, studySaving } from './study/saving'
import { studySteps } from './study/steps'

/** The study on the desk: what people decide, saved by itself as they decide it. */
export const useStudy = defineStore('study', () => {
  const tables = useLocaleTables()
  const history = useHistory<StudyDocument>()
  const desk = studyDocument()
  const { settle: _, ...shown } = desk
  const { id, dataset, document, revision } = desk
  const saving = studySaving(desk, (saved) => history.store(id.value, saved))
  const steps = studySteps(desk, saving, history)
  const commands = studyCommands(desk, steps, tables)

  function take(study: Study) {
    saving.settle(study)
    history.recall(study.id, study.revision)
  }
  /** Labels are never shown by another region's rules: the tables come first. */
  async function takeWithTables(study: Study) {
    await tables.load(stylesIn(study.document))
    take(study)
  }
  const open = async (studyId: string) =>
    takeWithTables(await request<Study>(`/api/studies/${studyId}`))
  /** After a conflict: shows what the other tab saved. */
  async function takeTheirs() {
    if (saving.newer.value) await takeWithTables(saving.newer.value)
  }
  async function bringIn(name: string, text: string, said: Said = {}) {
    await saveAll(saving)
    const [before, base] = [document.value, revision.value]
    const body = { name, text, ...said }
    const study = await request<Study>(`/api/studies/${id.value}/datasets`, body)
    // What another tab saved meanwhile came with it, and no step leads back over that.
    if (!before || study.revision !== base + 1) return take(study)
    saving.settle(study)
    steps.letGo()
    history.keep(before, `Bring in ${name}`)
    history.store(study.id, study.revision)
  }
  /** Brings a table in as a study of its own. @returns its id */
  async function bringInAlone(name: string, text: string, said: Said = {}): Promise<string> {
    await saveAll(saving)
    const study = await request<Study>('/api/studies', { name, table: { text, ...said } })
    return study.id
  }
  async function derive(column: NewColumn) {
    await saveAll(saving)
    if (!dataset.value) return
    const path = `/api/studies/${id.value}/datasets/${dataset.value.id}/columns`
    take(await request<Study>(path, column))
  }

  const { state, trouble, newer, flush, keepMine } = saving
  const { canUndo, canRedo, steps: done } = history
  return {
    ...shown,
    ...steps,
    ...commands,
    ...quantityCommands(commands),
    ...{ state, trouble, newer, flush, keepMine, canUndo, canRedo, steps: done },
    ...{ open, takeTheirs, bringIn, bringInAlone, derive },
  }
})
