import { own, unitNamed } from '../units/names'
import { currencyOf, isMoney } from '../units'

/** Names of powers of ten beside numbers, in the languages of tables that people bring. */
const RUNGS: Readonly<Record<string, number>> = {
  k: 3,
  K: 3,
  thousand: 3,
  thousands: 3,
  "'000": 3,
  '000s': 3,
  Tsd: 3,
  'Tsd.': 3,
  lakh: 5,
  M: 6,
  mn: 6,
  Mn: 6,
  mln: 6,
  MM: 6,
  Mio: 6,
  'Mio.': 6,
  mio: 6,
  million: 6,
  millions: 6,
  crore: 7,
  B: 9,
  bn: 9,
  Bn: 9,
  BN: 9,
  Mrd: 9,
  'Mrd.': 9,
  mrd: 9,
  billion: 9,
  billions: 9,
  T: 12,
  tn: 12,
  trn: 12,
  trillion: 12,
  trillions: 12,
}
/** Millions in tables of money; metres elsewhere. */
export const MILLION_OR_METRE = 'm'

/** The power of ten that a text names; undefined where it names none. */
export const rungNamed = (text: string): number | undefined =>
  own(RUNGS, text) ?? (text.length > 2 ? own(RUNGS, text.toLowerCase()) : undefined)

const MILLION = 6
/** The power of ten beside a currency, where no letter is a metre: EUR m is millions. */
const besideMoney = (text: string): number | undefined =>
  text === MILLION_OR_METRE ? MILLION : rungNamed(text)

/** Names of rungs, the longest first. */
const BY_LENGTH = Object.keys(RUNGS).sort((a, b) => b.length - a.length)

/** What stands beside a number: a rung, a unit, or both. */
export interface Beside {
  readonly power: number
  /** The text of the unit; empty where there is none. */
  readonly unit: string
}

/**
 * A text beside a number in its rung and its unit: a unit that is known as a whole comes first, so
 * that kg is no thousand grams of another kind.
 *
 * @example besideOf('M €') // { power: 6, unit: '€' }
 */
export function besideOf(text: string): Beside {
  const power = rungNamed(text)
  if (power !== undefined) return { power, unit: '' }
  if (unitNamed(text)) return { power: 0, unit: text }
  for (const name of BY_LENGTH) {
    if (!text.startsWith(name)) continue
    const rest = text.slice(name.length)
    const unit = rest.trim()
    const known = unitNamed(unit)
    // Without a blank only money follows a rung: Mkg is no million kilograms.
    if (known && (isMoney(known) || rest !== unit)) return { power: RUNGS[name]!, unit }
  }
  const [, currency, rung] = /^(\S{1,4})\s*(\S+)$/.exec(text) ?? []
  const behind = rung === undefined ? undefined : besideMoney(rung)
  if (currency && behind !== undefined && isMoney(unitNamed(currency)))
    return { power: behind, unit: currency }
  return { power: 0, unit: text }
}

/** A currency with a power of ten beside it. */
export interface PowerOfMoney {
  readonly code: string
  readonly power: number
}
/**
 * The currency and the power of ten that a text names together; null where it does not name both.
 *
 * @example powerOfMoney('bn €') // { code: 'EUR', power: 9 }
 */
export function powerOfMoney(text: string): PowerOfMoney | null {
  const { power, unit } = besideOf(text)
  const named = power > 0 ? unitNamed(unit) : null
  const code = currencyOf(named)
  return code === null ? null : { code, power }
}
