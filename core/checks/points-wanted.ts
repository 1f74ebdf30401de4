import { placesWhere, saysSome } from './numbers'
import { planOfChanges, printedBeside } from './totals'
import { isPart } from './usual'
import { inherit } from '../style/inherit'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { multipliesPercent } from '../units'

/** What a title calls that is counted in percent. */
const SHARE = /\b(shares?|rates?|percentages?|proportions?|turnout|quotas?)\b|%/i

/** Whether the values are changes of shares. */
const areChangesOfShares = ({ kind, title = '' }: Proof): boolean =>
  kind === 'change' && SHARE.test(title)

/**
 * Protects readers from a change of shares in percent: from 20 % to 25 % is 5 points, and 25
 * percent. Growth of amounts is left alone.
 */
export const pointsWanted: Check<{ label: string }> = {
  id: 'points-wanted',
  title: 'A change of shares needs percentage points',
  weight: 'warning',
  finds: 'changes of shares or rates that are written in percent',
  find(proof) {
    const { changes = [], changeStyle, full } = proof
    if (areChangesOfShares(proof) && multipliesPercent(full.unit)) {
      const at = placesWhere(proof, saysSome)
      return at.length === 0
        ? null
        : { severity: 'warning', params: { label: labelAt(proof, at[0]!) }, at }
    }
    const [change] = changes
    const written = changeStyle ? inherit(changeStyle) : full
    if (!change || !isPart(proof) || !multipliesPercent(written.unit)) return null
    const changing = planOfChanges(proof)
    if (!changing) return null
    const { label } = printedBeside(changing, change.value)
    return { severity: 'warning', params: { label }, at: [change.from, change.to] }
  },
  message: ({ label }) =>
    `“${label}” is a change of a share in percentage points. Readers take it for a relative change.`,
  *propose({ style, changes = [], kind }) {
    if (changes.length > 0 && kind !== 'change') return
    yield fix('in-points', {}, { way: 'unit', style: { ...style, unit: { kind: 'percentPoint' } } })
  },
}
