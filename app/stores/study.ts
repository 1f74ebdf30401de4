import { defineStore } from 'pinia'
import { stylesIn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { Study } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { useHistory } from './history'
import { useLocaleTables } from './localeTables'
import { quantityCommands, studyCommands } from './study/commands'
import { awaited, studyData } from './study/data'
import { studyDocument } from './study/document'
import { studySaving } from './study/saving'
import { studySteps } from './study/steps'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.study

/** The study on the desk: what people decide, saved by itself as they decide it. */
export const useStudy = defineStore('study', () => {
  const tables = useLocaleTables()
  const history = useHistory<StudyDocument>()
  const desk = studyDocument()
  const { settle: _, ...shown } = desk
  const { id } = desk
  const saving = studySaving(desk, (saved) => history.store(id.value, saved))
  const steps = studySteps(desk, saving, history)
  const answers = awaited()
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
  /**
   * Shows what was saved elsewhere, where nothing of this tab is on its way; its quantity stays in
   * sight, and what stood here can be had back by a step of undo.
   */
  async function follow(announced: number) {
    const isAtRest = () => saving.isAtRest() && answers.count() === 0
    const isBehind = () => isAtRest() && announced > desk.revision.value
    if (!isBehind()) return
    const theirs = await request<Study>(`/api/studies/${id.value}`)
    await tables.load(stylesIn(theirs.document))
    const before = desk.document.value
    if (!isBehind() || theirs.id !== id.value || !before) return
    const isShown = theirs.document.quantities.some((one) => one.id === before.shown)
    history.keep(before, words.changedElsewhere)
    saving.settle({
      ...theirs,
      document: isShown ? { ...theirs.document, shown: before.shown } : theirs.document,
    })
  }
  const data = studyData(desk, { saving, steps, history, answers, take })

  const { state, trouble, newer, flush, keepMine } = saving
  const { canUndo, canRedo, steps: done } = history
  return {
    ...shown,
    ...steps,
    ...commands,
    ...quantityCommands(commands),
    ...{ state, trouble, newer, flush, keepMine, canUndo, canRedo, steps: done },
    ...data,
    ...{ open, takeTheirs, follow },
  }
})
