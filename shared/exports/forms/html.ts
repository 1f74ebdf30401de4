import { halves } from '../../../core/label/align'
import { isMissing } from '../../../core/label/value'
import { directionOf } from '../../../core/locale/direction'
import type { FullStyle } from '../../../core/style/schemas'
import { textWidth } from '../../../core/text/advance'
import { escapeMarkup, unescapeMarkup } from '../../escape'
import { provedEqual } from '../prove'
import { commentOf, madeBy, renewal } from '../provenance'
import { exactText, listed, saidValue, type Written } from '../written'
import type { ExportForm } from '../types'

/** A label in two: what stands before the line on which labels are aligned, and behind. */
function halvesAt(written: Written, at: number): [string, string] {
  const { style, writer, rows, labels } = written
  const label = labels[at]!
  const [before] = halves(writer.parts(saidValue(written, at), rows?.[at]), style.align)
  const from = label.indexOf(before)
  const cut = from < 0 ? label.length : from + before.length
  return [label.slice(0, cut), label.slice(cut)]
}
/**
 * How the parts of labels stand in their cells, for each alignment: a second half that is as wide as
 * the widest keeps decimal marks under each other.
 */
const aligned: Record<
  FullStyle['align'],
  (halves: readonly [string, string], room: number) => string
> = {
  end: ([before, after]) => escapeMarkup(before + after),
  decimal: ([before, after], room) =>
    `${escapeMarkup(before)}<span style="display:inline-block;min-width:${room}em;text-align:start">${escapeMarkup(after)}</span>`,
  edges: ([before, after]) =>
    `<span style="float:inline-start">${escapeMarkup(before)}</span>${escapeMarkup(after)}`,
}
/** Typefaces differ in how wide their letters are: room for the widest. */
const WIDER = 1.2

function tableOf(written: Written): string {
  const { title, style, values, rows, labels, names, say } = written
  const { locale, align } = style
  const cut = values.map((_, at) => halvesAt(written, at))
  const widest = cut.reduce((most, [, after]) => Math.max(most, textWidth(after, 1)), 0)
  const room = Math.ceil(widest * WIDER * 100) / 100
  const head = [...names.map((one) => one.title), title]
    .map((one) => `<th scope="col">${escapeMarkup(one)}</th>`)
    .join('')
  const cell = (at: number) => {
    const spoken = say(saidValue(written, at), rows?.[at])
    const label = aligned[align](cut[at]!, room)
    return `<td style="text-align:end"${spoken === labels[at] ? '' : ` aria-label="${escapeMarkup(spoken)}"`}>${isMissing(values[at]) ? label : `<data value="${escapeMarkup(exactText(values[at]))}">${label}</data>`}</td>`
  }
  const body = values.map(
    (_, at) =>
      `<tr>${names.map(({ cells }, i) => (i === 0 ? `<th scope="row">${escapeMarkup(cells[at] ?? '')}</th>` : `<td>${escapeMarkup(cells[at] ?? '')}</td>`)).join('')}${cell(at)}</tr>`,
  )
  return `<table lang="${escapeMarkup(locale)}" dir="${directionOf(locale)}">\n<caption>${escapeMarkup(title)}</caption>\n<thead><tr>${head}</tr></thead>\n<tbody>\n${body.join('\n')}\n</tbody>\n</table>\n`
}

const withoutTags = (markup: string): string => markup.replace(/<[^>]*>/g, '')
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
  const again = [...text.matchAll(/<td[^>]*><data value="([^"]*)">(.*?)<\/data><\/td>/g)].map(
    ([, value, label]) => `${unescapeMarkup(value!)} | ${unescapeMarkup(withoutTags(label!))}`,
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
