// Makes the corpus: a dozen worlds, each in five forms, dirty as people's tables are. It prints
// what
// a reader must make of each as JSON, and shares no code with the readers.
import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { parquetWriteBuffer } from 'hyparquet-writer'
import { marked, marks, seed, written } from './columns.mjs'
import { scenarios } from './scenarios.mjs'

const ROWS = 10
const LOST = ['', 'NA', 'n/a', '–', '..']

/** A number times a power of ten, as decimal text. */
function shifted(digits, power) {
  const [mantissa, exponent = '0'] = digits.split('e')
  return `${mantissa}e${Number(exponent) + power}`
}
/** What three digits of a rung say. */
function toRung(text) {
  const found = /^([\d.]+)([KMB]?)$/.exec(text)
  return `${found[1]}e${{ K: 3, M: 6, B: 9 }[found[2]] ?? 0}`
}

/** A column's cells as they are written, and the values that they have. */
function cellsOf(column, region, { hasGaps, isBare }) {
  const cells = []
  const values = []
  for (let row = 0; row < ROWS; row++) {
    const made = column.make(row)
    const isNumber = column.role === 'number' || column.role === 'ratio'
    if (!isNumber) {
      cells.push(made)
      values.push(made)
      continue
    }
    if (hasGaps && row === 4) {
      cells.push(LOST[column.name.length % LOST.length])
      values.push(null)
      continue
    }
    const style = isBare && column.style !== 'rungs' ? 'plain' : (column.style ?? 'plain')
    const isText = style === 'rungs'
    const digits = isText || made.includes('e') || column.ask ? made : marked(made, region)
    const around = column.unit && !isBare ? `${digits}${column.unit}` : written[style](digits, row)
    cells.push(isText && region.decimal === ',' ? around.replace('.', ',') : around)
    const isPart = style === 'percent' || (column.unit && !isBare)
    const power = column.power && (!isBare || column.name.includes('%') || column.power > 0)
    const own = isText ? toRung(around) : made
    values.push(power || isPart ? shifted(own, column.power ?? 0) : own)
  }
  return { cells, values }
}

const quoted = (cell, delimiter) =>
  cell.includes(delimiter) || cell.includes('"') ? `"${cell.replaceAll('"', '""')}"` : cell
const delimited = (delimiter) => (header, rows) =>
  [header, ...rows]
    .map((row) => row.map((cell) => quoted(cell, delimiter)).join(delimiter))
    .join('\n')
const escaped = (cell) => cell.replaceAll('&', '&amp;').replaceAll('<', '&lt;')
const objects = (header, rows) =>
  rows.map((row) =>
    Object.fromEntries(row.map((cell, at) => [header[at], cell === '' ? null : cell])),
  )
const sheetRow = (row) =>
  `<table:table-row>${row.map((cell) => `<table:table-cell office:value-type="string"><text:p>${escaped(cell)}</text:p></table:table-cell>`).join('')}</table:table-row>`

const forms = {
  csv: delimited(','),
  semicolons: delimited(';'),
  tsv: delimited('\t'),
  json: (header, rows) => JSON.stringify(objects(header, rows)),
  columns: (header, rows) =>
    JSON.stringify(
      Object.fromEntries(header.map((name, at) => [name, rows.map((row) => row[at])])),
    ),
  jsonl: (header, rows) =>
    objects(header, rows)
      .map((row) => JSON.stringify(row))
      .join('\n'),
  html: (header, rows) =>
    `<!doctype html><p>Of ${rows.length} rows</p><table><tr>${header.map((name) => `<th>${escaped(name)}</th>`).join('')}</tr>${rows.map((row) => `<tr>${row.map((cell) => `<td>${escaped(cell)}`).join('')}`).join('')}</table>`,
  ods: (header, rows) =>
    zipSync({
      'content.xml': strToU8(
        `<?xml version="1.0"?><office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x"><office:body><office:spreadsheet><table:table table:name="one">${[header, ...rows].map(sheetRow).join('')}</table:table></office:spreadsheet></office:body></office:document-content>`,
      ),
    }),
  parquet: (header, rows) =>
    new Uint8Array(
      parquetWriteBuffer({
        columnData: header.map((name, at) => ({
          name,
          data: rows.map((row) => row[at]),
          type: 'STRING',
        })),
      }),
    ),
}
const ENDINGS = { semicolons: 'csv', columns: 'json' }

/** What is wrong with tables that people keep: each takes the text lines of one. */
const dirt = {
  none: (lines) => lines,
  title: (lines, { title }) => [`Of the ${title}, by hand`, '', ...lines],
  notes: (lines) => [...lines, '', '* estimated', 'Source: the harbour office'],
  total: (lines, { columns }) => [...lines, ...totals(columns)],
  blanks: (lines) => [lines[0], ...lines.slice(1, 4), '', ...lines.slice(4)],
}

/** Each world in five forms: what it is written in, by whose marks, and what is wrong with it. */
const VARIANTS = [
  { form: 'csv', region: 'bare', dirt: 'total' },
  { form: 'semicolons', region: 'german', hasGaps: true, dirt: 'notes' },
  { form: 'tsv', region: 'french', hasGaps: true, dirt: 'title' },
  { form: ['html', 'ods', 'json', 'jsonl'], region: 'english', hasGaps: true },
  { form: ['parquet', 'columns', 'csv'], region: 'swiss', dirt: 'blanks' },
]

/** A last row that sums what people sum; the first column says so. None where there is no such. */
function totals(columns) {
  const sumOf = ({ column, cells }) => {
    const isPlain = (column.style ?? 'plain') === 'plain' && !column.ask
    if (column.role !== 'number' || !isPlain || cells.some((cell) => !/^-?[\d.]+$/.test(cell)))
      return ''
    const decimals = (cells[0].split('.')[1] ?? '').length
    return cells.reduce((sum, cell) => sum + Number(cell), 0).toFixed(decimals)
  }
  const sums = columns.slice(1).map(sumOf)
  return sums.some((sum) => sum !== '') ? [['Total', ...sums].join(',')] : []
}

const folder = process.argv[2]
mkdirSync(folder, { recursive: true })
const made = scenarios.flatMap((scenario, world) =>
  VARIANTS.map((variant, at) => {
    seed(world * VARIANTS.length + at + 1)
    const form = Array.isArray(variant.form)
      ? variant.form[world % variant.form.length]
      : variant.form
    const region = marks[variant.region]
    const columns = scenario.columns.map((column) => ({
      column,
      ...cellsOf(column, region, { hasGaps: variant.hasGaps, isBare: false }),
    }))
    const header = columns.map(({ column }) => column.name)
    const rows = Array.from({ length: ROWS }, (_, row) => columns.map(({ cells }) => cells[row]))
    const content = forms[form](header, rows)
    const isLines = ['csv', 'semicolons', 'tsv'].includes(form)
    const file = `${scenario.title}-${at + 1}.${ENDINGS[form] ?? form}`
    writeFileSync(
      join(folder, file),
      isLines && variant.dirt
        ? dirt[variant.dirt](content.split('\n'), { ...scenario, columns }).join('\n')
        : content,
    )
    return {
      file,
      form,
      columns: columns.map(({ column, values }) => ({
        name: column.name,
        role: column.role,
        asks: column.ask ?? null,
        values,
      })),
    }
  }),
)
process.stdout.write(JSON.stringify(made))
