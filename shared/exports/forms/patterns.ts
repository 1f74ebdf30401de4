import { bandsOf, powersFor } from '../../../core/bands/bands'
import { decimal } from '../../../core/decimal/decimal'
import { amountOf, isFiniteAmount } from '../../../core/label/value'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { jsonText } from '../json'
import { beyond } from '../probes'
import { labelBy } from '../patterns/read'
import { patternsOf } from '../patterns/write'
import type { ExportForm } from '../types'
import { exactText } from '../written'

/** The style as patterns of the Unicode standard, with the values where these write otherwise. */
const make: ExportForm['make'] = (written, _tools, from) => {
  const { stem, style, plan, writer, values, rows, labels, quantity, level } = written
  const amounts = values.map((value, at) => amountOf(value, at))
  const present = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const finite = amounts.filter(isFiniteAmount)
  const powers = powersFor(plan, finite)
  const row = rows?.[0]
  const patterns = patternsOf(plan, bandsOf(plan, powers, row), powers[1], row)
  const plurals = plan.rules.at(-1)!.plurals ?? {}
  const tried = beyond(powers)
  const again = (text: string) => labelBy(patterns, plurals, decimal(text))
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
      [...present.map((at) => values[at]!), ...tried],
      [...present.map((at) => labels[at]!), ...tried.map((value) => writer.label(value, row))],
      [...present.map((at) => again(exactText(values[at]))), ...tried.map(again)],
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
