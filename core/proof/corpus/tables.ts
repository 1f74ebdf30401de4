import {
  asNumber,
  labelled,
  labelsFor,
  NOTATIONS,
  type Whole,
  whole,
  WRITERS,
  type Writer,
} from './numbers'
import { type Random, randomFrom } from './random'

/** What is true of a table that was made. */
export interface MadeTable {
  readonly name: string
  readonly text: string
  readonly columns: readonly { readonly name: string; readonly values: readonly number[] }[]
  readonly fault: string | null
}

const SITES = ['Holm', 'Varm', 'Ossa', 'Lind', 'Berga', 'Tofte']
interface Column {
  readonly name: string
  readonly numbers: Whole[]
  labels: string[]
  /** What its head says that cells are counted in. */
  readonly head: number
}

const escape = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;')
type Row = readonly string[]
/** Ways of writing a table. */
const FORMS: readonly ((head: Row, rows: readonly Row[], last: Row, lang: string) => string)[] = [
  (head, rows, last, lang) =>
    `<!doctype html><html lang="${lang}"><body><table><thead><tr>${head.map((one) => `<th scope="col">${one}</th>`).join('')}</tr></thead><tbody>${rows.map(([name, ...cells]) => `<tr><th scope="row">${name}</th>${cells.map((one) => `<td>${one}</td>`).join('')}</tr>`).join('\n')}</tbody><tfoot><tr>${last.map((one) => `<td><b>${one}</b></td>`).join('')}</tr></tfoot></table></body></html>`,
  (head, rows, last, lang) =>
    `<html lang=${lang}><table border=1><tr>${head.map((one) => `<th>${one}`).join('')}${[...rows, last].map((row) => `<tr>${row.map((one) => `<td align=right>${one}`).join('')}`).join('\n')}</table>`,
  (head, rows, last, lang) =>
    `<div lang="${lang}"><table class="wide"><caption>Harvest</caption><tr><th rowspan="2">${head[0]}</th><th colspan="${head.length - 1}">2022</th></tr><tr>${head
      .slice(1)
      .map((one) => `<th><span>${one}</span></th>`)
      .join(
        '',
      )}</tr>${[...rows, last].map((row) => `<tr>${row.map((one) => `<td><span class="v">${one}</span></td>`).join('')}</tr>`).join('')}</table></div>`,
]

function columnOf(name: string, writer: Writer, random: Random): Column {
  const notation = random.pick(NOTATIONS.filter((one) => one !== 'e' && one !== 'times'))
  const place = notation === 'percent' ? -3 : random.pick([0, 0, 1, -1, 3])
  const scale = notation === 'named' ? random.pick([4, 5]) : place
  const numbers = SITES.map(() =>
    whole(10 + random.whole(notation === 'percent' ? 150 : 9900), scale),
  )
  const head = notation === 'plain' && random.next() < 0.3 ? 3 : 0
  return {
    name: head === 3 ? `${name} (thousands)` : name,
    numbers,
    labels: labelsFor(numbers, writer, notation),
    head,
  }
}
const sumOf = (numbers: readonly Whole[]): Whole =>
  whole(
    numbers.reduce((sum, { count }) => sum + count, 0),
    numbers[0]!.place,
  )

/** A total that is not the sum of what is printed above it. */
function missTotal(column: Column, total: Whole, writer: Writer): string {
  const wrong = whole(total.count + Math.max(3, Math.round(total.count / 20)), total.place)
  return labelsFor([...column.numbers, wrong], writer, 'plain').at(-1)!
}

/**
 * A table made by rule, and in every second one a fault.
 *
 * @param at its number, from which all else follows
 */
export function madeTable(at: number): MadeTable {
  const random = randomFrom(at + 5000)
  const writer = WRITERS[at % WRITERS.length]!
  const form = FORMS[at % FORMS.length]!
  const columns = [columnOf('Kilos', writer, random), columnOf('Revenue', writer, random)]
  const plain: Column = {
    name: 'Crates',
    numbers: SITES.map(() => whole(100 + random.whole(9000), 0)),
    labels: [],
    head: 0,
  }
  const total = sumOf(plain.numbers)
  const labels = labelsFor([...plain.numbers, total], writer, 'plain')
  plain.labels = labels.slice(0, -1)
  let [fault, last]: [string | null, string] = [null, labels.at(-1)!]
  const kind = random.whole(4)
  if (kind === 0) {
    last = missTotal(plain, total, writer)
    fault = 'does-not-add-up'
  } else if (kind === 1 && writer.gap === '' && !writer.isIndian) {
    const [low, high] = Object.keys(writer.names).map(Number) as [number, number]
    const mixed = columns[0]!
    columns[0] = {
      ...mixed,
      name: 'Kilos',
      head: 0,
      numbers: SITES.map((_, i) =>
        whole(i % 2 === 0 ? 12 + i : 250 + i, i % 2 === 0 ? high - 1 : low),
      ),
      labels: [],
    }
    columns[0].labels = columns[0].numbers.map((one, i) =>
      i % 2 === 0
        ? labelled(one, writer, 'named', high, 1)
        : labelled(one, writer, 'named', low, 0),
    )
    fault = 'mixed-rungs'
  }
  const all = [...columns, plain]
  const rows = SITES.map((site, i) => [site, ...all.map((one) => escape(one.labels[i]!))])
  const lasts = ['Total', ...columns.map(() => ''), escape(last)]
  return {
    name: `${writer.tag} ${at}`,
    text: form(['Site', ...all.map(({ name }) => name)], rows, lasts, writer.tag),
    columns: all.map(({ name, numbers, head }) => ({
      name,
      values: numbers.map((one) => asNumber(one) * 10 ** head),
    })),
    fault,
  }
}
