import { checks } from '../core/checks'
import { isAgainst, type Reason } from '../core/ticks/reasons'
import { words } from '.'
import { codedText } from './coded'

const { reasons, against } = words.suggestions

/**
 * Returns a reason as text.
 *
 * @example suggestionReasonText({ code: 'turned' }) // 'rotated labels'
 */
export const suggestionReasonText = (reason: Reason): string =>
  codedText<Reason>(reason, reasons, {
    finding: ({ check }) => (checks.find(({ id }) => id === check)?.title ?? check).toLowerCase(),
    otherTicks: (other) =>
      other.isAsked ? reasons.otherThanAsked(other) : reasons.otherThanFits(other),
  })

/**
 * Returns reasons as texts that say which of them speak against the suggestion.
 *
 * @example suggestionReasonTexts([{ code: 'exact' }, { code: 'turned' }]) // ['all labels exact', 'against it: rotated labels']
 */
export const suggestionReasonTexts = (all: readonly Reason[]): string[] =>
  all.map((reason) => {
    const text = suggestionReasonText(reason)
    return isAgainst(reason) ? against({ reason: text }) : text
  })
