import Papa from 'papaparse'
import { saidText } from '../../../core/label/said'
import { isFormula, safeCell } from '../../escape'
import { provedEqual } from '../prove'
import { exactText, listed } from '../written'
import type { ExportForm } from '../types'

/** Each value beside its label and what that reads back as (RFC 4180). */
const make: ExportForm['make'] = (written) => {
  const { stem, values, names, writer, adjusted } = written
  const labels = listed(written)
  const read = written.labels.map((label, at) => {
    const said = writer.read(adjusted.get(at) ?? label).value
    return said === null ? '' : saidText(said)
  })
  const head = [...names.map(({ title }) => safeCell(title)), 'value', 'label', 'reads as']
  const texts = names.flatMap(({ title, cells }) => [title, ...cells])
  const guarded = [...texts, ...labels].filter(isFormula).length
  const rows = values.map((value, at) => [
    ...names.map(({ cells }) => safeCell(cells[at] ?? '')),
    exactText(value),
    safeCell(labels[at]!),
    read[at]!,
  ])
  const text = `${Papa.unparse([head, ...rows], { newline: '\r\n' })}\r\n`
  const again = Papa.parse<string[]>(text, { skipEmptyLines: true }).data.slice(1)
  const cells = (of: readonly string[]) => of.slice(-3).join(' | ')
  return {
    files: [{ name: `${stem}.csv`, type: 'text/csv', text }],
    proof: provedEqual('The file was read in again', values, rows.map(cells), again.map(cells)),
    notes:
      guarded === 0
        ? []
        : [
            `An apostrophe stands before ${guarded} ${guarded === 1 ? 'cell' : 'cells'} that a spreadsheet would run as a formula (beginning with = + - @ or a tab).`,
          ],
  }
}

/** A table of values and labels (CSV). */
export const csvForm: ExportForm = {
  id: 'csv',
  title: 'a table of values and labels (CSV)',
  says: 'Each value with all its digits, its label, and what that reads back as.',
  isOfLevel: true,
  isList: true,
  make,
}
