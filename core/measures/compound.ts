import { areAlike, conversionOf, isMeasure } from './convert'
import { type Component, isPlainNumber, parseMeasure } from './parse'
import { NOTHING, ONE_WHOLE, over, raised, type Rational, rational, times } from './rational'

/** A unit made of others: a currency and simple measures, each to its power. */
export interface Compound {
  readonly currency: { readonly code: string; readonly power: number } | null
  readonly components: readonly Component[]
  /** What one of it is, in the unit that its parts say. */
  readonly scale: Rational
}

/** What has no unit: a ratio, or a number of things. */
export const NO_UNIT: Compound = { currency: null, components: [], scale: ONE_WHOLE }
export const currencyUnit = (code: string): Compound => ({
  ...NO_UNIT,
  currency: { code, power: 1 },
})
/** @throws where it is the id of no measure */
export const measureUnit = (id: string): Compound => ({
  ...NO_UNIT,
  components: parseMeasure(id)!,
})

const idOf = ({ unit, prefix = '' }: Component): string => prefix + unit
/** What one of a component is in another of its dimension; null where no factor leads there. */
function factorTo(from: Component, to: Component): Rational | null {
  if (idOf(from) === idOf(to)) return ONE_WHOLE
  if (!areAlike(idOf(from), idOf(to))) return null
  const { scale, shift } = conversionOf(idOf(from), idOf(to))
  return shift.numerator === NOTHING.numerator ? scale : null
}

/** Components with those of one dimension put together, and the factor that this takes. */
function merged(all: readonly Component[]): Pick<Compound, 'components' | 'scale'> {
  let scale = ONE_WHOLE
  const components: Component[] = []
  for (const one of all) {
    if (isPlainNumber(one.unit)) {
      scale = times(scale, raised(rational(BigInt(one.unit), 1n), one.power))
      continue
    }
    const at = components.findIndex((other) => factorTo(one, other) !== null)
    if (at < 0) {
      components.push(one)
      continue
    }
    const other = components[at]!
    scale = times(scale, raised(factorTo(one, other)!, one.power))
    components[at] = { ...other, power: other.power + one.power }
  }
  return { components: components.filter(({ power }) => power !== 0), scale }
}

/**
 * The unit of a product or of a quotient: what stands above and below the stroke cancels.
 *
 * @param power 1 for a product, -1 for a quotient
 * @returns null where two currencies meet that do not cancel
 * @example joined(measureUnit('kilowatt-hour'), measureUnit('hour'), -1) // watt (kilo) to 1
 */
export function joined(a: Compound, b: Compound, power: 1 | -1): Compound | null {
  if (a.currency && b.currency && a.currency.code !== b.currency.code) return null
  const code = (a.currency ?? b.currency)?.code
  const money = (a.currency?.power ?? 0) + power * (b.currency?.power ?? 0)
  const flipped = b.components.map((one) => ({ ...one, power: one.power * power }))
  const { components, scale } = merged([...a.components, ...flipped])
  const own = power === 1 ? times(a.scale, b.scale) : over(a.scale, b.scale)
  return {
    currency: code !== undefined && money !== 0 ? { code, power: money } : null,
    components,
    scale: times(own, scale),
  }
}

const POWER_WORDS: Readonly<Record<number, string>> = { 1: '', 2: 'square-', 3: 'cubic-' }
const withPower = (one: Component): string => {
  const power = Math.abs(one.power)
  return `${POWER_WORDS[power] ?? `pow${power}-`}${idOf(one)}`
}
/** The id of some components by CLDR's rule; null where it is none. */
export function measureOf(components: readonly Component[]): string | null {
  const above = components.filter(({ power }) => power > 0).map(withPower)
  const below = components.filter(({ power }) => power < 0).map(withPower)
  const id = [above.join('-'), below.join('-')].filter(Boolean).join('-per-')
  return above.length > 0 && isMeasure(id) ? id : null
}
