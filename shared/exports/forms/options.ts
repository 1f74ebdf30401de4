import { amountOf, isFiniteAmount } from '../../../core/label/value'
import { decided, optionsOf } from '../../../core/options/options'
import { jsonText } from '../json'
import { probesOf } from '../probes'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { exactText } from '../written'
import type { ExportForm } from '../types'

/**
 * The style as options of the platform's own number format, with the values where that writes
 * otherwise.
 */
const make: ExportForm['make'] = async (written, { labelsByOptions, engine }, from) => {
  const { stem, style, plan, context, values, rows, quantity, level } = written
  const { locale, options, unsaid } = optionsOf(decided(style, plan), context)
  const first = values.findIndex((value, at) => isFiniteAmount(amountOf(value, at)))
  const probes = probesOf(written, rows?.[Math.max(0, first)])
  const theirs = await labelsByOptions(locale, options, probes.values.map(exactText))
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
      probes.values,
      probes.labels,
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
