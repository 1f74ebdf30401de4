import type { Finding } from '~~/core/checks/types'
import { evaluate } from '~~/shared/graph/derivation'
import { pageGraph } from '~~/shared/page/graph'
import { USUAL_SIZE } from '~~/shared/page/layout'
import { pageInPart } from '~~/shared/page/someRows'
import type { PageInputs, PageValues } from '~~/shared/page/values'
import { checkRuns } from '~/features/margin/checkRuns'
import { words as catalogue } from '~~/words'

const words = catalogue.page.pageWidths

/** CSS pixels of pages that readers have: a phone, a tablet, 17 cm of paper. */
export const PAGE_WIDTHS = [
  { width: 360, title: words.phone },
  { width: 643, title: words.print },
  { width: 768, title: words.tablet },
] as const
/** What is found where there is too little room. */
const OF_ROOM: readonly Finding['check'][] = ['crowded', 'cut-label']

/** How many findings of too little room the page would have at each width, once that is asked. */
export function useWidths(inputs: () => PageInputs) {
  const counts = shallowRef<ReadonlyMap<number, number>>(new Map())
  const runs = PAGE_WIDTHS.map(({ width }) => {
    const found: Finding['check'][] = []
    const run = checkRuns((told) => {
      if (!('done' in told)) return
      found.push(...told.found.flatMap((one) => one.found.map(({ check }) => check)))
      if (told.done < 1) return
      const ofRoom = found.filter((check) => OF_ROOM.includes(check)).length
      counts.value = new Map([...counts.value, [width, ofRoom]])
    })
    const start = (given: PageInputs) => {
      found.length = 0
      const size = { ...USUAL_SIZE, ...given.size, width }
      run.start(evaluate<PageValues, PageInputs>(pageGraph, { ...given, size }).subjects)
    }
    return { start, giveUp: run.giveUp }
  })
  function look() {
    counts.value = new Map()
    const given = pageInPart(inputs())
    for (const { start } of runs) start(given)
  }
  onScopeDispose(() => runs.forEach(({ giveUp }) => giveUp()))
  return { counts, look }
}
export type Widths = ReturnType<typeof useWidths>
