import { defineStore } from 'pinia'
import { stylesIn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { Study } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { useHistory } from './history'
import { useLocaleTables } from './localeTables'
import { quantityCommands, studyCommands } from './study/commands'
import { studyData } from './study/data'
import { studyDocument } from './study/document'
import { studySaving } from './study/saving'
import { studySteps } from './study/steps'

/** The study on the desk: what people decide, saved by itself as they decide it. */
export const useStudy = defineStore('study', () => {
  const tables = useLocaleTables()
  const history = useHistory<StudyDocument>()
  const desk = studyDocument()
  const { settle: _, ...shown } = desk
  const { id } = desk
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
  const data = studyData(desk, { saving, steps, history, take })

  const { state, trouble, newer, flush, keepMine } = saving
  const { canUndo, canRedo, steps: done } = history
  return {
    ...shown,
    ...steps,
    ...commands,
    ...quantityCommands(commands),
    ...{ state, trouble, newer, flush, keepMine, canUndo, canRedo, steps: done },
    ...data,
    ...{ open, takeTheirs },
  }
})
