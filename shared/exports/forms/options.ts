import { powersFor } from '../../../core/bands/bands'
import { amountOf, isFiniteAmount } from '../../../core/label/value'
import { decided, optionsOf } from '../../../core/options/options'
import { jsonText } from '../json'
import { beyond } from '../probes'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { exactText } from '../written'
import type { ExportForm } from '../types'

/**
 * The style as options of the platform's own number format, with the values where that writes
 * otherwise.
 */
const make: ExportForm['make'] = async (written, { labelsByOptions, engine }, from) => {
  const { stem, style, plan, context, writer, values, rows, labels, quantity, level } = written
  const { locale, options, unsaid } = optionsOf(decided(style, plan), context.recorded)
  const amounts = values.map((value, at) => amountOf(value, at))
  const present = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const row = rows?.[present[0] ?? 0]
  const tried = beyond(powersFor(plan, amounts.filter(isFiniteAmount)))
  const numbers = [...present.map((at) => exactText(values[at])), ...tried]
  const theirs = await labelsByOptions(locale, options, numbers)
  const of = { quantity: quantity.title, level }
  return {
    files: [
      {
        name: `${stem}.options.json`,
        type: 'application/json',
        text: jsonText({
          says: saidOf(from, 'options', of),
          ...{ locale, options },
        }),
      },
    ],
    proof: compared(
      `These options were run on this engine (${engine}) for the study and beyond`,
      numbers,
      [...present.map((at) => labels[at]!), ...tried.map((value) => writer.label(value, row))],
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
