import { bandsOf } from '../../../core/bands/bands'
import { decimal } from '../../../core/decimal/decimal'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { jsonText } from '../json'
import { probesOf } from '../probes'
import { labelBy } from '../patterns/read'
import { patternsOf } from '../patterns/write'
import type { ExportForm } from '../types'
import { exactText } from '../written'

/** The style as patterns of the Unicode standard, with the values where these write otherwise. */
const make: ExportForm['make'] = (written, _tools, from) => {
  const { stem, style, plan, rows, quantity, level } = written
  const row = rows?.[0]
  const { powers, values, labels } = probesOf(written, row)
  const patterns = patternsOf(plan, bandsOf(plan, powers, row), powers[1], row)
  const plurals = plan.rules.at(-1)!.plurals ?? {}
  const of = { quantity: quantity.title, level }
  return {
    files: [
      {
        name: `${stem}.patterns.json`,
        type: 'application/json',
        text: jsonText({ says: saidOf(from, 'patterns', of), locale: style.locale, ...patterns }),
      },
    ],
    proof: compared(
      'These patterns were written out as the standard says for the study and beyond',
      values,
      labels,
      values.map((value) => labelBy(patterns, plurals, decimal(exactText(value)))),
    ),
    notes: [],
  }
}

/** Number patterns of the Unicode standard. */
export const patternsForm: ExportForm = {
  id: 'patterns',
  title: 'number patterns (Unicode)',
  says: 'For programs that take patterns such as #,##0.00 (UTS 35), with signs, digits and shortened numbers beside them. What patterns cannot say is shown with its values.',
  isOfLevel: true,
  make,
}
