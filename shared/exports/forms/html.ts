import { isMissing } from '../../../core/label/value'
import { directionOf } from '../../../core/locale/direction'
import { provedEqual } from '../prove'
import { exactText, type Written } from '../written'
import type { ExportForm } from '../types'

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
}
const escaped = (text: string) => text.replace(/[&<>"]/g, (one) => ENTITIES[one]!)
const unescaped = (text: string) =>
  Object.entries(ENTITIES).reduceRight((done, [one, entity]) => done.replaceAll(entity, one), text)

function tableOf({ title, style: { locale }, values, rows, labels, names, say }: Written): string {
  const head = [...names.map((one) => one.title), title]
    .map((one) => `<th scope="col">${escaped(one)}</th>`)
    .join('')
  const cell = (at: number) => {
    const spoken = say(values[at], rows?.[at])
    const label = escaped(labels[at]!)
    return `<td${spoken === labels[at] ? '' : ` aria-label="${escaped(spoken)}"`}>${isMissing(values[at]) ? label : `<data value="${escaped(exactText(values[at]))}">${label}</data>`}</td>`
  }
  const body = values.map(
    (_, at) =>
      `<tr>${names.map(({ cells }, i) => (i === 0 ? `<th scope="row">${escaped(cells[at] ?? '')}</th>` : `<td>${escaped(cells[at] ?? '')}</td>`)).join('')}${cell(at)}</tr>`,
  )
  return `<table lang="${escaped(locale)}" dir="${directionOf(locale)}">\n<caption>${escaped(title)}</caption>\n<thead><tr>${head}</tr></thead>\n<tbody>\n${body.join('\n')}\n</tbody>\n</table>\n`
}

/**
 * A table whose cells keep their numbers: the value for programs, the label for readers, words for
 * screen readers.
 */
const make: ExportForm['make'] = (written) => {
  const { stem, values, labels } = written
  const text = tableOf(written)
  const again = [...text.matchAll(/<td[^>]*><data value="([^"]*)">([^<]*)<\/data><\/td>/g)].map(
    ([, value, label]) => `${unescaped(value!)} | ${unescaped(label!)}`,
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
  make,
}
