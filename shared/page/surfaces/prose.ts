import { toExactText } from '../../../core/decimal/decimal'
import type { Prosaic } from '../messages'
import type { AdjustedParts } from '../totals'
import { from, type PageValues } from '../values'
import { SHARED_BY_MARKS, sharingOfMarks } from './marks'
import type { Sharing } from './types'

/** What is checked of messages: their own numbers, and the texts that these stand in. */
export const inWords = (...said: readonly PageValues['said.headline'][]) => ({
  values: said.flatMap(({ numbers }) => numbers),
  rows: said.flatMap(({ rows }) => rows),
  text: said.map(({ ownText }) => ownText).join(' '),
})

const SHARED_BY_WORDS = [...SHARED_BY_MARKS, 'allEnds'] as const
/** What messages share a rung over: the marks and the two ends, which are of no row. */
function shared(page: Pick<PageValues, (typeof SHARED_BY_WORDS)[number]>): Sharing {
  const { values, rows } = sharingOfMarks(page)
  return {
    values: [...values!, ...page.allEnds],
    rows: rows && [...rows, ...page.allEnds.map(() => ({}))],
  }
}

export const sharingOfWords = from(SHARED_BY_WORDS, shared)

/** Numbers of a message whose labels are adjusted, by their places in it. */
export const adjustedWords = (page: Readonly<PageValues>, id: Prosaic): AdjustedParts =>
  new Map(
    page[`numbers.${id}`].flatMap((value, at) => {
      const part = page[`adjusted.${id}`].get(toExactText(value))
      return part ? [[at, part] as const] : []
    }),
  )
