import { from } from '../values'
import { adjustedWords, inWords, sharingOfWords } from './prose'
import type { PageSurface } from './types'
import { MIXED, unitsInWords } from './units'
import { USUAL } from './usual'

/** The sentence below the headline of a page. A callout on a mark is checked with it. */
export const sentence: PageSurface = {
  ...USUAL,
  numbers: from(['said.sentence'], (page) => page['said.sentence'].numbers),
  sharing: sharingOfWords,
  checked: from(['said.sentence', 'said.callout', 'calledOut', ...MIXED], (page) => ({
    ...(page.calledOut === null
      ? inWords(page['said.sentence'])
      : inWords(page['said.sentence'], page['said.callout'])),
    ...unitsInWords(page),
  })),
  numberAt: () => null,
  adjusted: (page) => adjustedWords(page, 'sentence'),
  isAtLeft: true,
}
