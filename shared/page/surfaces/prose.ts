import { toExactText } from '../../../core/decimal/decimal'
import type { Prosaic } from '../messages'
import type { AdjustedParts } from '../totals'
import { from, type PageValues } from '../values'
import { SHARED_BY_MARKS, sharingOfMarks } from './marks'
import type { Sharing } from './types'

/** Returns the subject of messages: their numbers, and the texts around these. */
export const inWords = (...said: readonly PageValues['said.headline'][]) => ({
  values: said.flatMap(({ numbers }) => numbers),
  rows: said.flatMap(({ rows }) => rows),
  text: said.map(({ ownText }) => ownText).join(' '),
})

const SHARED_BY_WORDS = [...SHARED_BY_MARKS, 'allEnds'] as const
/** Returns what decides the rung of messages: the data labels and the extremes of the data. */
function shared(page: Pick<PageValues, (typeof SHARED_BY_WORDS)[number]>): Sharing {
  const { values, rows } = sharingOfMarks(page)
  return {
    values: [...values!, ...page.allEnds],
    rows: rows && [...rows, ...page.allEnds.map(() => ({}))],
  }
}

export const sharingOfWords = from(SHARED_BY_WORDS, shared)

/** Returns the adjusted labels of a message by their index in it. */
export const adjustedWords = (page: Readonly<PageValues>, id: Prosaic): AdjustedParts =>
  new Map(
    page[`numbers.${id}`].flatMap((value, at) => {
      const part = page[`adjusted.${id}`].get(toExactText(value))
      return part ? [[at, part] as const] : []
    }),
  )
