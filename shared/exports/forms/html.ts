import { isMissing } from '../../../core/label/value'
import { directionOf } from '../../../core/locale/direction'
import { escapeMarkup, unescapeMarkup } from '../../escape'
import { provedEqual } from '../prove'
import { commentOf, madeBy, renewal } from '../provenance'
import { exactText, listed, type Written } from '../written'
import type { ExportForm } from '../types'

function tableOf({ title, style: { locale }, values, rows, labels, names, say }: Written): string {
  const head = [...names.map((one) => one.title), title]
    .map((one) => `<th scope="col">${escapeMarkup(one)}</th>`)
    .join('')
  const cell = (at: number) => {
    const spoken = say(values[at], rows?.[at])
    const label = escapeMarkup(labels[at]!)
    return `<td${spoken === labels[at] ? '' : ` aria-label="${escapeMarkup(spoken)}"`}>${isMissing(values[at]) ? label : `<data value="${escapeMarkup(exactText(values[at]))}">${label}</data>`}</td>`
  }
  const body = values.map(
    (_, at) =>
      `<tr>${names.map(({ cells }, i) => (i === 0 ? `<th scope="row">${escapeMarkup(cells[at] ?? '')}</th>` : `<td>${escapeMarkup(cells[at] ?? '')}</td>`)).join('')}${cell(at)}</tr>`,
  )
  return `<table lang="${escapeMarkup(locale)}" dir="${directionOf(locale)}">\n<caption>${escapeMarkup(title)}</caption>\n<thead><tr>${head}</tr></thead>\n<tbody>\n${body.join('\n')}\n</tbody>\n</table>\n`
}

/**
 * A table whose cells keep their numbers: the value for programs, the label for readers, words for
 * screen readers.
 */
const make: ExportForm['make'] = (plain, _tools, from) => {
  const labels = listed(plain)
  const { stem, values } = plain
  const written = { ...plain, labels }
  const { quantity, level } = plain
  const of = { quantity: quantity.title, level }
  const text = `${commentOf([madeBy(from), `Again: ${renewal(from, 'html', of)}`])}\n${tableOf(written)}`
  const again = [...text.matchAll(/<td[^>]*><data value="([^"]*)">([^<]*)<\/data><\/td>/g)].map(
    ([, value, label]) => `${unescapeMarkup(value!)} | ${unescapeMarkup(label!)}`,
  )
  const present = values.flatMap((value, at) => (isMissing(value) ? [] : [at]))
  return {
    files: [{ name: `${stem}.html`, type: 'text/html', text }],
    proof: provedEqual(
      'The table was read in again',
      present.map((at) => values[at]!),
      present.map((at) => `${exactText(values[at])} | ${labels[at]}`),
      again,
    ),
    notes: [],
  }
}

/** A table for a web page (HTML). */
export const htmlForm: ExportForm = {
  id: 'html',
  title: 'a table for a web page (HTML)',
  says: 'Each cell keeps its number for programs and says its label in words.',
  isOfLevel: true,
  isList: true,
  make,
}
