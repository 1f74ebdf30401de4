import { from } from '../values'
import { adjustedWords, inWords, sharingOfWords } from './prose'
import type { PageSurface } from './types'
import { MIXED, unitsInWords } from './units'
import { USUAL } from './usual'

/** The words above a page. */
export const headline: PageSurface = {
  ...USUAL,
  numbers: from(['said.headline'], (page) => page['said.headline'].numbers),
  sharing: sharingOfWords,
  checked: from(['said.headline', ...MIXED], (page) => ({
    ...inWords(page['said.headline']),
    ...unitsInWords(page),
  })),
  adjusted: (page) => adjustedWords(page, 'headline'),
  isAtLeft: true,
}
