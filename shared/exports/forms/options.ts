import { isFiniteAmount, amountOf } from '../../../core/label/value'
import { decided, optionsOf } from '../../../core/options/options'
import { compared } from '../prove'
import { exactText } from '../written'
import type { ExportForm } from '../types'

/**
 * The style as options of the platform's own number format, with the values where that writes
 * otherwise.
 */
const make: ExportForm['make'] = async (
  { stem, style, plan, context, values, labels },
  { labelsByOptions, engine },
) => {
  const { locale, options, unsaid } = optionsOf(decided(style, plan), context.recorded)
  const present = values.flatMap((value, at) => (isFiniteAmount(amountOf(value, at)) ? [at] : []))
  const numbers = present.map((at) => values[at]!)
  const theirs = await labelsByOptions(locale, options, numbers.map(exactText))
  return {
    files: [
      {
        name: `${stem}.options.json`,
        type: 'application/json',
        text: `${JSON.stringify({ locale, options }, null, 2)}\n`,
      },
    ],
    proof: compared(
      `These options were run on this engine (${engine})`,
      numbers,
      present.map((at) => labels[at]!),
      theirs,
    ),
    notes: unsaid.length > 0 ? [`The options have no word for ${unsaid.join(', ')}.`] : [],
  }
}

/** Options of the platform’s number format. */
export const optionsForm: ExportForm = {
  id: 'options',
  title: 'options of the platform’s number format',
  says: 'For Intl.NumberFormat (ECMA-402), as far as its options can say the style.',
  isOfLevel: true,
  make,
}
