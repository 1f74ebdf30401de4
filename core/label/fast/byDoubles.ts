import { LARGEST_DIGITS } from './kind'
import { nearestDigits } from './nearest'
import type { DoublePlan } from './doublePlan'

/** Decimals of so many digits are listed. */
const LISTED = 1000
const SMALL: readonly string[] = /* @__PURE__ */ Array.from({ length: 1000 }, (_, at) => String(at))
const PADDED: readonly string[] = /* @__PURE__ */ Array.from({ length: 1000 }, (_, at) =>
  SMALL[at]!.padStart(3, '0'),
)

/** Makes what writes whole digits with the marks between their groups. */
function wholesOf({ group, grouped, groupUnit }: DoublePlan): (digits: number) => string {
  return (digits) => {
    if (digits < 1000) return SMALL[digits]!
    if (!grouped || digits < grouped) return String(digits)
    let left = Math.floor(digits / 1000)
    let text = group + PADDED[digits - left * 1000]!
    while (left >= groupUnit) {
      const next = Math.floor(left / groupUnit)
      const rest = left - next * groupUnit
      text = group + (groupUnit === 1000 ? PADDED[rest]! : PADDED[rest]!.slice(1)) + text
      left = next
    }
    return SMALL[left]! + text
  }
}

/**
 * Writes numbers by doubles alone where those decide every digit without doubt: the labels that
 * the Plan gives, many times faster. It is small, since each module carries it.
 *
 * @returns a label; null where exact digits must decide
 * @example byDoubles(doublePlan(resolve({ notation: 'scaled' }))!)(1500) // '1.5K'
 */
export function byDoubles(plan: DoublePlan): (value: number) => string | null {
  const { rungs, fraction } = plan
  const [least, most] = fraction
  const unit = Number(`1e${most}`)
  const whole = wholesOf(plan)
  const rounded = nearestDigits(plan.rounding)
  const last = rungs.length - 1
  // A list for each field: what stands in one is at hand at once.
  const froms = rungs.map(({ from }) => from)
  const shifts = rungs.map(({ shift }) => shift)
  const carries = rungs.map(({ carry }) => carry ?? LARGEST_DIGITS)
  const powers = rungs.map(({ shift }) => Number(`1e${Math.abs(shift)}`))

  function decimals(digits: number): string {
    let text = String(unit + digits).slice(1)
    while (text.length > least && text.endsWith('0')) text = text.slice(0, -1)
    return text && plan.decimal + text
  }
  const listed = unit > LISTED ? [] : Array.from({ length: unit }, (_, at) => decimals(at))
  const sides = rungs.map(({ above, below }) =>
    [above, below].map(([before, after]) => ({ before, after, ends: null as string[] | null })),
  )

  /**
   * The decimals of a number so long that it has few of them, as its own text has them; NaN at a
   * tie.
   */
  function ownDecimals(size: number): number {
    const [, text = ''] = String(size).split('.')
    const more = text.length - most
    const kept = more > 0 ? Number(text) / 10 ** more : Number(text) * 10 ** -more
    return kept % 1 === 0.5 ? NaN : Math.round(kept)
  }

  return (value) => {
    const size = value < 0 ? -value : value
    let at = last
    while (at > 0 && size < froms[at]!) at--
    if (size < froms[at]!) return null
    const shift = shifts[at]!
    const scaled = shift < 0 ? size * powers[at]! : size / powers[at]!
    let count: number
    let rest: number
    if (scaled < LARGEST_DIGITS) {
      const digits = rounded(size, scaled, shift, value < 0)
      if (digits === 0) return plan.zero
      if (!(digits < carries[at]!)) return null
      count = Math.floor(digits / unit)
      rest = digits - count * unit
    } else {
      if (!(size < LARGEST_DIGITS) || shift !== -most || carries[at] !== LARGEST_DIGITS) return null
      count = Math.floor(size)
      rest = ownDecimals(size)
      if (!(rest < unit)) return null
    }
    const side = sides[at]![value < 0 ? 1 : 0]!
    const ends = (side.ends ??= listed.map((text) => text + side.after))
    const text = whole(count) + (ends[rest] ?? decimals(rest) + side.after)
    return side.before ? side.before + text : text
  }
}
