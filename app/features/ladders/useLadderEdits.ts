import type { LadderName } from '~~/core/ladders/find'
import type { Style } from '~~/core/style/fields'
import {
  copyOf,
  type DrawnLadder,
  freeTitle,
  ladderChanges,
  type StudyLadder,
  usersOf,
} from '~~/shared/ladders'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.ladders.laddersPage

/** What is done with the ladders of a study. */
export function useLadderEdits() {
  const study = useStudy()
  const levels = useLevels()

  const valueOf = (ladder: DrawnLadder): Style['ladder'] =>
    ladder.isOwn
      ? study.document!.ladders!.find(({ title }) => title === ladder.title)!
      : (ladder.id as LadderName)
  const edit = (what: string, next: NonNullable<typeof study.document>, moves = false) =>
    study.change(what, next, moves)
  const change = (what: string, title: string, next: StudyLadder) =>
    edit(what, ladderChanges.replace(study.document!, title, next), true)
  function copy(ladder: DrawnLadder) {
    const title = freeTitle(
      study.document!,
      words.copyName({ title: ladder.isOwn ? ladder.title : ladder.id }),
    )
    edit(
      words.copyLadder({ title: ladder.title }),
      ladderChanges.add(study.document!, copyOf(ladder, title)),
    )
  }
  function rename(ladder: DrawnLadder, text: string | undefined) {
    if (text && text !== ladder.title)
      change(words.renamed({ name: text }), ladder.title, {
        ...(valueOf(ladder) as StudyLadder),
        title: text,
      })
  }
  const titleTrouble = (ladder: DrawnLadder) => (text: string) => {
    const isTaken = study.document?.ladders?.some(({ title }) => title === text)
    if (text !== ladder.title && isTaken) return words.nameTaken
    return text.length > 80 ? words.nameLength : ''
  }
  /** A ladder in use goes only when that is said. */
  const going = ref<{ title: string; users: string[] } | null>(null)
  function remove(ladder: DrawnLadder, isSure = false) {
    const users = usersOf(study.document!, ladder.title)
    if (users.length > 0 && !isSure) return (going.value = { title: ladder.title, users })
    going.value = null
    edit(
      words.removed({ title: ladder.title }),
      ladderChanges.remove(study.document!, ladder.title),
    )
  }
  const use = (ladder: DrawnLadder) =>
    levels.setStyle(
      words.use({ quantity: study.quantity?.title ?? '', title: ladder.title }),
      { notation: 'scaled', rung: 'each', ladder: valueOf(ladder) },
      { at: ['quantity'] },
    )

  return { valueOf, change, copy, rename, titleTrouble, going, remove, use }
}
