import { type RoundingMode, tieGrows } from '../../decimal/round'
import { LARGEST_EXACT_POWER, POWERS } from './kind'

/**
 * How far a scaled double can lie from the scaled decimal that it means, per unit: half a unit
 * in the last place for the shortest digits and half a unit for the one multiplication, doubled.
 * Closer than this to a tie, the tie itself is looked at.
 */
const DOUBT = 2 ** -51
/**
 * A tie of so many digits is the decimal that its double means; where a longer one meets its
 * double, exact digits decide.
 */
const LARGEST_TIE = 10 ** 15
/**
 * From here on doubles lie further apart than the sixth decimal, so that their shortest text has no
 * seventh.
 */
export const SIX_DECIMALS_FROM = 2 ** 33
const SIX = 6

/** A number scaled by 10^-shift, rounded to a whole one; NaN where exact digits must decide. */
export type RoundScaled = (size: number, scaled: number, shift: number, negative: boolean) => number

/** Makes what rounds scaled doubles to the nearest in a mode. */
export function nearestDigits(mode: RoundingMode): RoundScaled {
  const up = tieGrows(mode)
  /**
   * Whether a number goes up from near a tie. Reading decimals as doubles keeps their order, so a
   * number whose double is not that of the tie lies on the same side of it as its double does.
   */
  function isAboveTie(
    size: number,
    floor: number,
    shift: number,
    negative: boolean,
  ): boolean | null {
    const tie = floor * 10 + 5
    if (tie > Number.MAX_SAFE_INTEGER || Math.abs(shift - 1) > LARGEST_EXACT_POWER) return null
    const double = shift > 1 ? tie * POWERS[shift - 1]! : tie / POWERS[1 - shift]!
    if (size !== double) return size > double
    return tie < LARGEST_TIE ? up(floor % 2 === 1, negative) : null
  }
  return (size, scaled, shift, negative) => {
    const floor = Math.floor(scaled)
    const over = scaled - floor - 0.5
    const above =
      Math.abs(over) > scaled * DOUBT ? over > 0 : isAboveTie(size, floor, shift, negative)
    if (above === null) return NaN
    return above ? floor + 1 : floor
  }
}

/** Rounds by doubles; each gives NaN where exact digits must decide. */
export interface Nearest {
  scaled: RoundScaled
  /** The decimals of a number from 2³³ on that is not whole, counted in the last one kept. */
  large(size: number, whole: number, negative: boolean): number
}

/** Makes what rounds in a mode to the nearest, with so many decimals at most. */
export function nearestIn(mode: RoundingMode, most: number): Nearest {
  const up = tieGrows(mode)
  return {
    scaled: nearestDigits(mode),
    large(size, whole, negative) {
      // So large a double has at most nineteen binary digits behind the mark: what is counted here
      // is exact.
      const fraction = size - whole
      for (let decimals = 1; decimals <= SIX; decimals++) {
        const counted = fraction * POWERS[decimals]!
        const shortest = Math.round(counted)
        if (whole + shortest / POWERS[decimals]! !== size) continue
        // Of two texts equally near, which one the number means is for its own text to say.
        if (Math.abs(counted - shortest) === 0.5) return NaN
        if (decimals <= most) return shortest * POWERS[most - decimals]!
        const unit = POWERS[decimals - most]!
        const floor = Math.floor(shortest / unit)
        const over = 2 * (shortest - floor * unit) - unit
        const isOdd = (most === 0 ? whole : floor) % 2 === 1
        return over > 0 || (over === 0 && up(isOdd, negative)) ? floor + 1 : floor
      }
      return NaN
    },
  }
}
