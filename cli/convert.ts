import { z } from 'zod'
import { tenTo } from '../core/decimal/arithmetic'
import { toText } from '../core/decimal/decimal'
import { converted, type Quotient } from '../core/measures/apply'
import { conversionOf } from '../core/measures/convert'
import { decimalsOf, rational } from '../core/measures/rational'
import type { Command } from './command'
import { check, decimalText, measure } from './input'

const convertInput = z.strictObject({ from: measure, to: measure, values: z.array(decimalText) })

/** An exact quotient as decimal text where it ends, as a fraction where it does not. */
function exactText({ dividend: { coefficient, exponent }, divisor }: Quotient): string {
  const [above, below] = [tenTo(Math.max(0, exponent)), tenTo(Math.max(0, -exponent))]
  const { numerator, denominator } = rational(coefficient * above, divisor * below)
  const decimals = decimalsOf(denominator)
  if (decimals === null) return `${numerator}/${denominator}`
  const digits = (numerator * tenTo(decimals)) / denominator
  return toText({ coefficient: digits, exponent: -decimals })
}

export const convertCommand: Command = {
  summary: 'convert values: {"from", "to", "values"} in, {"values"} out, exact',
  run(input) {
    const { from, to, values } = check(convertInput, input)
    const conversion = conversionOf(from, to)
    return { values: values.map((value) => exactText(converted(value, conversion))) }
  },
}
