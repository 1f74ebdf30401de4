import { holdMeasures } from '~~/shared/measures'
import type { StudyDocument } from '~~/shared/study/document'
import type { useHistory } from '../history'
import type { OnDesk } from './document'
import type { Saving } from './saving'
import { words as catalogue } from '~~/words'

const words = catalogue.stores.steps

export type History = ReturnType<typeof useHistory<StudyDocument>>

/** Changes of the document as steps that can be taken back; the moves of one drag are one step. */
export function studySteps({ document }: OnDesk, saving: Saving, history: History) {
  /**
   * Whether the last changes are moves of one drag, or of keys in one go, which are undone at once.
   */
  let isMoving = false
  let isHeld = false

  function put(what: string, next: StudyDocument, moves = false) {
    isMoving = moves
    saving.put(what, next)
  }
  /**
   * @param moves whether it is one of the moves of a hand
   * @throws StyleError where a measure could not be written in another; nothing is changed then
   */
  function change(what: string, next: StudyDocument, moves = false) {
    holdMeasures(next)
    const goesOn = moves && isMoving && (isHeld || saving.hasUnsaved())
    if (goesOn) history.rename(what)
    else if (document.value) history.keep(document.value, what)
    put(what, next, moves)
  }
  /** What moves next is a step of its own. */
  function letGo() {
    isMoving = false
  }
  /** A drag is one step, however long it takes. */
  function hold(isDown: boolean) {
    letGo()
    isHeld = isDown
  }
  /** Takes back the last steps. */
  function undo(count = 1) {
    let reached = document.value
    for (let step = 0; step < count && reached; step++) reached = history.back(reached) ?? reached
    if (reached && reached !== document.value)
      put(count === 1 ? words.undo : words.undoSteps({ count }), reached)
  }
  function redo() {
    const next = document.value && history.forth(document.value)
    if (next) put(words.redo, next)
  }
  return { change, letGo, hold, undo, redo }
}
export type Steps = ReturnType<typeof studySteps>
