import { StyleError } from '../error'
import { notationOf } from '../notations'
import type { FullStyle } from '../style/schemas'
import type { Rule } from './types'
import type { Region } from '../units/types'

/**
 * Between numbers of which one is below zero: a dash would read as its minus (IEC 60027 writes so).
 */
const APART = '\u00a0…\u00a0'

/** What stands in the way of a value and an error with one last place. */
function refusalOf(style: FullStyle, rungs: Rule['rungs']): string | null {
  const { isClock, countsConstant } = notationOf(style)
  if (isClock || countsConstant)
    return 'an error stands beside numbers; set notation to plain, scaled, scientific or engineering, or form to unsaid'
  if (rungs.some(({ base }) => base !== 10))
    return 'an error has a last place in powers of ten, which binary rungs have not; choose another ladder, or set form to unsaid'
  if (style.sign === 'never' && style.uncertainty!.form === 'interval')
    return 'the ends of an interval need their signs; set sign to auto, or another form'
  return null
}

/**
 * How a rule writes the errors of its values; nothing where it writes none.
 *
 * @param rungs of the rule
 * @throws StyleError for a style that writes no powers of ten, or hides the signs of an interval
 * @example uncertaintyFor({ …style, uncertainty: { column: 'se' } }, english, rungs) // { uncertainty: { form: 'plusMinus', significant: 1, … } }
 */
export function uncertaintyFor(
  style: FullStyle,
  { system }: Region,
  rungs: Rule['rungs'],
): Pick<Rule, 'uncertainty'> {
  const { uncertainty } = style
  if (!uncertainty) return {}
  const { column, form = 'plusMinus', significant = 1 } = uncertainty
  if (form === 'unsaid') return {}
  const refusal = refusalOf(style, rungs)
  if (refusal) throw new StyleError('uncertainty', uncertainty, refusal)
  return { uncertainty: { column, form, significant, between: system.range, apart: APART } }
}
