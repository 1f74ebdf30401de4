import { checks } from '../core/checks'
import { isAgainst, type Reason } from '../core/ticks/reasons'
import { words } from '.'

const { reasons, against } = words.suggestions
type Of<Code extends Reason['code']> = Extract<Reason, { code: Code }>

/** Reasons whose text needs more than their parameters. */
const texts: { readonly [Code in Reason['code']]?: (reason: Of<Code>) => string } = {
  finding: ({ check }) => (checks.find(({ id }) => id === check)?.title ?? check).toLowerCase(),
  otherTicks: (reason) =>
    reason.isAsked ? reasons.otherThanAsked(reason) : reasons.otherThanFits(reason),
}

/**
 * Returns a reason as text.
 *
 * @example reasonText({ code: 'turned' }) // 'rotated labels'
 */
export function reasonText(reason: Reason): string {
  const own = texts[reason.code] as ((one: Reason) => string) | undefined
  if (own) return own(reason)
  const message = reasons[reason.code as keyof typeof reasons] as
    string | ((params: object) => string)
  return typeof message === 'string' ? message : message(reason)
}

/**
 * Returns reasons as texts that say which of them speak against the suggestion.
 *
 * @example reasonTexts([{ code: 'exact' }, { code: 'turned' }]) // ['all labels exact', 'against it: rotated labels']
 */
export const reasonTexts = (all: readonly Reason[]): string[] =>
  all.map((reason) => {
    const text = reasonText(reason)
    return isAgainst(reason) ? against({ reason: text }) : text
  })
