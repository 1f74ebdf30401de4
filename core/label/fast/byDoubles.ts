import { nearestDigits } from './nearest'
import type { DoublePlan } from './doublePlan'

/** Digits from here on are left to exact ones. */
const LARGEST_DIGITS = 1e15 - 1
/** Decimals of so many digits are listed. */
const LISTED = 1000
const PADDED: readonly string[] = /* @__PURE__ */ Array.from({ length: 1000 }, (_, at) =>
  String(1000 + at).slice(1),
)

/**
 * Writes numbers by doubles alone where those decide every digit without doubt: the labels that
 * the Plan gives, many times faster. It is small, since each module carries it.
 *
 * @returns a label; null where exact digits must decide
 * @example byDoubles(doublePlan(resolve({ notation: 'scaled' }))!)(1500) // '1.5K'
 */
export function byDoubles(plan: DoublePlan): (value: number) => string | null {
  const { rungs, fraction, group, grouped, groupUnit } = plan
  const [least, most] = fraction
  const unit = Number(`1e${most}`)
  const rounded = nearestDigits(plan.rounding)
  const last = rungs.length - 1
  const powers = rungs.map(({ shift }) => Number(`1e${Math.abs(shift)}`))

  function decimals(digits: number): string {
    let text = String(unit + digits).slice(1)
    while (text.length > least && text.endsWith('0')) text = text.slice(0, -1)
    return text && plan.decimal + text
  }
  const listed = unit > LISTED ? [] : Array.from({ length: unit }, (_, at) => decimals(at))

  function whole(digits: number): string {
    if (grouped === null || digits < grouped) return String(digits)
    let left = Math.floor(digits / 1000)
    let text = group + PADDED[digits - left * 1000]!
    while (left >= groupUnit) {
      const next = Math.floor(left / groupUnit)
      const rest = left - next * groupUnit
      text = group + (groupUnit === 1000 ? PADDED[rest]! : PADDED[rest]!.slice(1)) + text
      left = next
    }
    return left + text
  }

  return (value) => {
    const size = Math.abs(value)
    let at = last
    while (at > 0 && size < rungs[at]!.from) at--
    const { from, shift, carry, above, below } = rungs[at]!
    if (size < from) return null
    const scaled = shift < 0 ? size * powers[at]! : size / powers[at]!
    const digits = scaled < LARGEST_DIGITS ? rounded(size, scaled, shift, value < 0) : NaN
    if (digits === 0) return plan.zero
    if (!(digits < (carry ?? LARGEST_DIGITS))) return null
    const [before, after] = value < 0 ? below : above
    const count = Math.floor(digits / unit)
    const rest = digits - count * unit
    return before + whole(count) + (listed[rest] ?? decimals(rest)) + after
  }
}
