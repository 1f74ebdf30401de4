import { type Decimal, toExactText, toText } from '../../core/decimal/decimal'
import { divide } from '../../core/decimal/round'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import type { Context } from '../../core/label/context'
import type { Row } from '../../core/label/types'
import { type Rate, rateConversion } from '../../core/measures/rates'
import { type Rational, toDecimal } from '../../core/measures/rational'
import type { FullStyle } from '../../core/style/fields'
import { unitIn } from './commonUnit'
import type { PageValues } from './values'
import { currencyOf, unitKinds } from '../../core/units'

/** Digits of a rate: all of those that end soon, and the first ones of the others. */
const [FEW, FIRST] = [12, 6]
/** A rate as the page's region writes it. */
function rateLabel(scale: Rational, { locale, marks }: FullStyle, context: Context): string {
  const exact = toDecimal(scale)
  const isShort = exact !== null && toText(exact).length <= FEW
  const whole = (coefficient: bigint): Decimal => ({ coefficient, exponent: 0 })
  const value = divide(whole(scale.numerator), whole(scale.denominator))
  const { tables } = context
  return labeller(
    resolve({ locale, marks, significant: [1, isShort ? FEW : FIRST] }, { tables }),
  ).label(toExactText(value))
}

type Spoken = Pick<PageValues, 'common' | 'rates' | 'style.tooltip' | 'context.tooltip'>

/** The currency that a label shows, and the other one that it stands for. */
function currenciesOf(
  { common, 'style.tooltip': { unit } }: Spoken,
  row: Row | undefined,
): { readonly shown: string; readonly other: string; readonly isRecorded: boolean } | null {
  if (!common || !unitKinds[common.kind].isMoney) return null
  const recorded = unitIn(row?.[common.column]) || common.unit
  const shown = currencyOf(unit) ?? recorded
  if (shown !== recorded) return { shown, other: recorded, isRecorded: true }
  return shown === common.unit ? null : { shown, other: common.unit, isRecorded: false }
}

/**
 * What stands behind a label that was converted, or whose bar was: the amount in the other currency,
 * and the rate.
 *
 * @param value in the common unit
 * @param row of the mark
 * @returns empty where nothing is converted
 * @example conversionSaid(page, decimal('2515500'), { currency: 'GBP' }) // '£2.15M at 1.17'
 */
export function conversionSaid(page: Spoken, value: Decimal, row: Row | undefined): string {
  const found = currenciesOf(page, row)
  if (!found) return ''
  const { shown, other, isRecorded } = found
  const rates: readonly Rate[] = page.rates ?? []
  const conversion = isRecorded
    ? rateConversion(rates, other, shown)
    : rateConversion(rates, shown, other)
  if (!conversion) return ''
  const style = {
    ...page['style.tooltip'],
    unit: { kind: 'currency', code: other } as const,
    cases: [],
  }
  const { label } = labeller(resolve(style, page['context.tooltip']))
  const rate = rateLabel(conversion.scale, page['style.tooltip'], page['context.tooltip'])
  return `${label(toExactText(value))} at ${rate}`
}
