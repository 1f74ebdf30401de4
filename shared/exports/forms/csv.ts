import Papa from 'papaparse'
import { saidText } from '../../../core/label/said'
import { isFormula, safeCell } from '../../escape'
import { jsonText } from '../json'
import { provedEqual } from '../prove'
import { levelWhere, madeBy, type Provenance, renewal } from '../provenance'
import { exactText, listed, type Written } from '../written'
import type { ExportForm } from '../types'

/**
 * What the columns of a table are (W3C Recommendation “Metadata Vocabulary for Tabular Data”, 17
 * December 2015), and where it comes from.
 */
function metadata(file: string, head: readonly string[], written: Written, from: Provenance) {
  const { quantity, level, names, title } = written
  const columns = head.map((one, at) => ({
    titles: one,
    // Labels are told in words; numbers are numbers, and empty where they are missing.
    ...(at === names.length || at === head.length - 1
      ? { datatype: 'decimal', null: '' }
      : { datatype: 'string' }),
  }))
  return jsonText({
    '@context': 'http://www.w3.org/ns/csvw',
    url: file,
    'dc:title': title,
    'dc:description': `How “${quantity.title}” is written ${levelWhere(level)}.`,
    'dc:provenance': `${madeBy(from)} Again: ${renewal(from, 'csv', { quantity: quantity.title, level })}`,
    tableSchema: { columns },
  })
}

/** Each value beside its label and what that reads back as (RFC 4180), with what its columns are. */
const make: ExportForm['make'] = (written, _tools, from) => {
  const { stem, values, names, writer } = written
  const labels = listed(written)
  const read = written.labels.map((label) => {
    const said = writer.read(label).value
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
    files: [
      { name: `${stem}.csv`, type: 'text/csv', text },
      {
        name: `${stem}.csv-metadata.json`,
        type: 'application/csvm+json',
        text: metadata(`${stem}.csv`, head, written, from),
      },
    ],
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
  says: 'Each value with all its digits, its label, and what that reads back as; what its columns are stands beside it (CSVW).',
  isOfLevel: true,
  isList: true,
  make,
}
