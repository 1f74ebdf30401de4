import { currencySaid } from '../units/said'
import { withCase } from './changes'
import { compare } from '../decimal/arithmetic'
import { decimal, ONE, toText } from '../decimal/decimal'
import { areAlike, conversionOf } from '../measures/convert'
import { rateConversion } from '../measures/rates'
import { toDecimal } from '../measures/rational'
import { measureTitle } from '../measures/titles'
import type { FullStyle, Style } from '../style/fields'
import { type PowerOfMoney, powerOfMoney } from '../style/besideNumbers'
import { unitNamed } from '../units/names'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Fix, Proof } from './types'
import { currencyOf, lettersOf, measureOf } from '../units'

type Unit = FullStyle['unit']

/**
 * How many of the second unit one of the first is; both ways, by the SI prefixes and its litre and
 * tonne.
 */
const FACTORS: readonly (readonly [string, string, number])[] = [
  ['kg', 'g', 3],
  ['t', 'kg', 3],
  ['t', 'g', 6],
  ['g', 'mg', 3],
  ['m³', 'l', 3],
  ['m³', 'L', 3],
  ['hl', 'l', 2],
  ['l', 'ml', 3],
  ['L', 'mL', 3],
  ['km', 'm', 3],
  ['m', 'cm', 2],
  ['m', 'mm', 3],
  ['cm', 'mm', 1],
  ['km²', 'ha', 2],
  ['ha', 'm²', 4],
  ['MWh', 'kWh', 3],
  ['GWh', 'MWh', 3],
  ['kW', 'W', 3],
  ['MW', 'kW', 3],
]
const powerOf = (from: string, to: string): number | null => {
  const found = FACTORS.find(
    ([large, small]) => (large === from && small === to) || (large === to && small === from),
  )
  if (!found) return null
  return found[0] === from ? found[2] : -found[2]
}

/** What a unit is called; null where none can be converted into. */
const nameOf = (unit: Unit): string | null => lettersOf(unit) ?? currencyOf(unit)

/** The cases that change the unit and leave the number. */
function unconverted({ full }: Proof): { at: number; from: string; to: string }[] {
  const from = nameOf(full.unit)
  return full.cases.flatMap(({ use }, at) => {
    const to = use.unit ? nameOf(use.unit) : null
    const isConverted = use.factor !== undefined && use.factor !== full.factor
    return from !== null && to !== null && from !== to && !isConverted ? [{ at, from, to }] : []
  })
}

/** Two measures by their ids: the one that values are recorded in, and the one that letters name. */
interface OtherMeasure {
  readonly recorded: string
  readonly named: string
}
/** The letters of a style's unit, where they name a measure that its values are not counted in. */
function otherMeasure({ full, context }: Proof): OtherMeasure | null {
  const letters = lettersOf(full.unit)
  const recorded = context?.measure
  if (letters === null || recorded === undefined) return null
  const named = measureOf(unitNamed(letters))
  if (named === null || named === recorded) return null
  const other = { recorded, named }
  if (!areAlike(recorded, other.named)) return other
  const scale = toDecimal(conversionOf(recorded, other.named).scale)
  return scale !== null && compare(scale, decimal(full.factor)) === 0 ? null : other
}
/** What writes values in a measure, whatever letters stood behind them. */
function* inMeasure({ style }: Proof, { recorded, named }: OtherMeasure): Generator<Fix> {
  const written = (id: string): Style => ({ ...style, unit: { kind: 'measure', id }, factor: '1' })
  if (areAlike(recorded, named))
    yield fix('into-unit', { unit: measureTitle(named) }, { way: 'unit', style: written(named) })
  yield fix(
    'keep-unit',
    { unit: measureTitle(recorded) },
    { way: 'cases', style: written(recorded) },
  )
}

/** Two currencies by their codes: the one that values are in, and the one that labels say. */
interface OtherCurrency {
  readonly recorded: string
  readonly named: string
  /** Whether rates lead from the one to the other. */
  readonly hasRate: boolean
}
/** The currency that labels say, where values are in another and are not converted into it. */
function otherCurrency({ full, context }: Proof): OtherCurrency | null {
  const { unit, factor } = full
  const recorded = context?.currency
  if (recorded === undefined || compare(decimal(factor), ONE) !== 0) return null
  const letters = lettersOf(unit)
  const named = currencySaid(unit)
  if (named === null || named === recorded) return null
  const hasRate = rateConversion(context?.rates ?? [], recorded, named) !== null
  // A currency is converted where there is a rate; letters never are.
  return letters === null && hasRate ? null : { recorded, named, hasRate }
}

/** What writes amounts in the currency that labels say, where a rate leads there, or in their own. */
function* inCurrency(
  { style }: Proof,
  { recorded, named, hasRate }: OtherCurrency,
): Generator<Fix> {
  const written = (code: string): Style => ({ ...style, unit: { kind: 'currency', code } })
  if (hasRate) yield fix('into-unit', { unit: named }, { way: 'unit', style: written(named) })
  yield fix('keep-unit', { unit: recorded }, { way: 'cases', style: written(recorded) })
}

/** Letters that name a power of ten beside money, by which the numbers are not divided: bn €. */
function undividedMoney({ full: { unit, factor } }: Proof): PowerOfMoney | null {
  const letters = lettersOf(unit)
  const money = letters === null ? null : powerOfMoney(letters)
  if (!money) return null
  const divides = compare(decimal(factor), { coefficient: 1n, exponent: -money.power }) === 0
  return divides ? null : money
}

/** What is wrong: a case that changes the unit, or letters of another unit on all labels. */
type Params = {
  readonly by: 'case' | 'letters' | 'power' | 'rate'
  readonly from: string
  readonly to: string
  readonly label: string
}

/** What is wrong on all labels: the unit that the numbers count, and the one that labels say. */
function wrongOnAll(proof: Proof): Omit<Params, 'label'> | null {
  const other = otherMeasure(proof)
  if (other)
    return { by: 'letters', from: measureTitle(other.recorded), to: measureTitle(other.named) }
  const foreign = otherCurrency(proof)
  if (foreign) {
    const { recorded, named, hasRate } = foreign
    return { by: hasRate ? 'letters' : 'rate', from: recorded, to: named }
  }
  const money = undividedMoney(proof)
  return money && { by: 'power', from: money.code, to: `10^${money.power} ${money.code}` }
}

/**
 * Protects readers from a unit that is not that of the number: a case that changes the unit alone,
 * or letters that name a unit of another size or dimension than the recorded one. Units by column
 * are left alone, whose cells are each recorded in their own.
 */
export const unitUnconverted: Check<Params> = {
  id: 'unit-unconverted',
  title: 'A unit was changed without its numbers',
  weight: 'error',
  finds:
    'an exception that changes the unit but not the factor; letters such as MWh on values that are recorded in kWh, or bn € on values that are not divided by a billion',
  find(proof) {
    const wrong = wrongOnAll(proof)
    if (wrong) {
      const at = placesWhere(proof, saysSome)
      const label = at.length === 0 ? '' : labelAt(proof, at[0]!)
      return { severity: 'error', params: { ...wrong, label }, at }
    }
    const cases = unconverted(proof)
    if (cases.length === 0) return null
    const at = placesWhere(proof, ({ written }) => cases.some((one) => one.at === written.rule))
    const [{ from, to }] = cases as [(typeof cases)[number]]
    return {
      severity: 'error',
      params: { by: 'case', from, to, label: at.length === 0 ? '' : labelAt(proof, at[0]!) },
      at,
    }
  },
  message({ by, from, to, label }) {
    if (by === 'rate')
      return `${label === '' ? 'The unit' : `“${label}”`} says ${to}, but the amounts are in ${from} and the study has no rate for ${to}.`
    if (by !== 'case')
      return `${label === '' ? 'The unit' : `“${label}”`} says ${to}, but the number is in ${from}.`
    const seen = label === '' ? '' : `: “${label}” is still in ${from}`
    return `An exception writes “${to}” instead of “${from}” but keeps the number${seen}.`
  },
  *propose(proof) {
    const other = otherMeasure(proof)
    if (other) return yield* inMeasure(proof, other)
    const foreign = otherCurrency(proof)
    if (foreign) return yield* inCurrency(proof, foreign)
    const money = undividedMoney(proof)
    if (money) {
      const unit = { kind: 'currency', code: money.code } as const
      const style = { ...proof.style, unit, notation: 'scaled', rung: 'each' } as const
      return yield fix('rung-of-money', { unit: money.code }, { way: 'unit', style })
    }
    const [found] = unconverted(proof)
    if (!found) return
    const power = powerOf(found.from, found.to)
    if (power !== null) {
      const factor = toText({ coefficient: 1n, exponent: power })
      yield fix(
        'convert',
        { from: found.from, factor, to: found.to },
        { way: 'unit', style: withCase(proof, found.at, (use) => ({ ...use, factor })) },
      )
    }
    yield fix(
      'keep-unit',
      { unit: found.from },
      { way: 'cases', style: withCase(proof, found.at, ({ unit: _, ...use }) => use) },
    )
  },
}
