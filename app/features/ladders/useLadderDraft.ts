import type { LadderRung } from '~~/core/ladders/types'
import type { DrawnLadder, StudyLadder } from '~~/shared/ladders'
import { freeNames, freePower, ladderTrouble } from './ladderScale'
import { words as catalogue } from '~~/words'

const words = catalogue.ladders.ladderDraft

/**
 * A ladder of the study while it is edited.
 *
 * @param keep called with what was done as soon as what stands in the fields is a ladder
 * @param onReplace called where the ladder changed from outside
 */
export function useLadderDraft(
  ladder: () => DrawnLadder,
  keep: (what: string, next: StudyLadder) => void,
  onReplace: () => void,
) {
  /**
   * What stands in the fields: it is kept with the study as soon as it is a ladder. Rungs stay in
   * their order while they climb, so that the one in hand stays in hand.
   */
  const draft = shallowRef<readonly LadderRung[]>(ladder().rungs)
  const ascending = computed(() => [...draft.value].sort((a, b) => a.power - b.power))
  watch(
    () => ladder().rungs,
    (rungs) => {
      if (trouble.value || JSON.stringify(rungs) === JSON.stringify(ascending.value)) return
      draft.value = rungs
      onReplace()
    },
  )
  const asked = computed<StudyLadder>(() => ({
    title: ladder().title,
    ...(ladder().base === 10 ? {} : { base: ladder().base }),
    rungs: ascending.value,
  }))
  const trouble = computed(() => (ladder().isOwn ? ladderTrouble(asked.value) : ''))
  function put(next: readonly LadderRung[], what: string) {
    draft.value = next
    if (!trouble.value) keep(`${ladder().title}: ${what}`, asked.value)
  }
  const change = (at: number, patch: Partial<LadderRung>, what: string) =>
    put(
      draft.value.map((rung, place) => (place === at ? { ...rung, ...patch } : rung)),
      what,
    )
  const rename = (at: number, key: 'symbol' | 'word', text: string) =>
    change(at, { [key]: text.trim() }, `call 10^${draft.value[at]!.power} ${text}`)
  const isTaken = (wanted: number) =>
    wanted === 0 || draft.value.some(({ power }) => power === wanted)
  function move(at: number, power: number) {
    const { symbol, power: before } = draft.value[at]!
    change(at, { power }, words.moved({ symbol, from: before, to: power }))
  }
  function add() {
    const power = freePower(draft.value)
    put([...draft.value, freeNames(draft.value, power)], words.added({ power }))
  }

  return { draft, trouble, put, rename, isTaken, move, add }
}
