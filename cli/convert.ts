import { z } from 'zod'
import { tenTo } from '../core/decimal/arithmetic'
import { toText } from '../core/decimal/decimal'
import { converted, type Quotient } from '../core/measures/apply'
import { conversionOf } from '../core/measures/convert'
import { rational, toDecimal } from '../core/measures/rational'
import type { Command } from './command'
import { measureId } from '../core/units/measure'
import { check, decimalText } from './input'

const convertInput = z.strictObject({
  from: measureId,
  to: measureId,
  values: z.array(decimalText),
})

/** An exact quotient as decimal text where it ends, as a fraction where it does not. */
function exactText({ dividend: { coefficient, exponent }, divisor }: Quotient): string {
  const [above, below] = [tenTo(Math.max(0, exponent)), tenTo(Math.max(0, -exponent))]
  const exact = rational(coefficient * above, divisor * below)
  const ended = toDecimal(exact)
  return ended ? toText(ended) : `${exact.numerator}/${exact.denominator}`
}

export const convertCommand: Command = {
  summary: 'convert values: {"from", "to", "values"} in, {"values"} out, exact',
  run(input) {
    const { from, to, values } = check(convertInput, input)
    const conversion = conversionOf(from, to)
    return { values: values.map((value) => exactText(converted(value, conversion))) }
  },
}
