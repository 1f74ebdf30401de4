import type { Plan } from '../../core/label/types'
import { decided } from '../../core/options/options'
import type { FullStyle } from '../../core/style/schemas'

/**
 * A style with all that its values have decided, where that is one for all of them: read without
 * those values, it writes the same.
 */
export function frozen(style: FullStyle, plan: Plan): FullStyle {
  const own = decided(style, plan)
  const { rungs, fixedRung, exponent } = plan.rules.at(-1)!
  if (own.cases.length > 0) return own
  const rung = own.rung === 'shared' && fixedRung !== null ? rungs[fixedRung]!.power : own.rung
  const fixed = exponent?.fixed ?? null
  return {
    ...own,
    rung,
    exponent: own.exponent === 'shared' && fixed !== null ? fixed : own.exponent,
  }
}
