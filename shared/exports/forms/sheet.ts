import { bandsOf, powersFor } from '../../../core/bands/bands'
import { resolve } from '../../../core/label/resolve'
import type { Row, Rule } from '../../../core/label/types'
import { amountOf, isFiniteAmount } from '../../../core/label/value'
import { inherit, stylesOf as stylesIn } from '../../../core/style/inherit'
import { columnsOf, unitColumn } from '../../../core/style/dependencies'
import { beyond } from '../probes'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { documentOf, type SheetCell } from '../sheet/document'
import { stylesOf } from '../sheet/numberStyles'
import { type RegionMarks, shownBy } from '../sheet/shown'
import type { ExportForm } from '../types'
import { exactText, type Written } from '../written'

/** Cells beside a value that decide how it is written, in so many ways at most. */
const MOST_FAMILIES = 200
const CODE = /^[A-Z]{3}$/
/** The currency of a value; undefined where it is none. */
function currencyOf({ style }: Written, row: Row | undefined): string | undefined {
  if (style.unit.kind !== 'currency' || style.cases.length > 0) return undefined
  const column = unitColumn(style)
  const code = column === null ? style.unit.code : row?.[column]
  return typeof code === 'string' && CODE.test(code) ? code : undefined
}

/** What the region of a style writes by itself. */
export function marksOf({ style: { locale }, context }: Written): RegionMarks {
  const { marks, grouping } = resolve({ locale, grouping: 'always' }, { ...context, values: [] })
    .rules[0] as Rule
  return { ...marks, first: grouping?.first ?? 3, rest: grouping?.rest ?? 3 }
}

/** What gives each row the name of what its cell is styled by, and one row of each. */
function familiesOf({ style, rows, values }: Written) {
  const errors = stylesIn(inherit(style)).flatMap(({ style: one }) => one.uncertainty?.column ?? [])
  const columns = columnsOf(style).filter((column) => !errors.includes(column))
  const found = new Map<string, { readonly name: string; readonly row: Row | undefined }>()
  const names = values.map((_, at) => {
    const row = rows?.[at]
    const key = JSON.stringify(columns.map((column) => row?.[column] ?? null))
    if (!found.has(key) && found.size < MOST_FAMILIES)
      found.set(key, { name: `n${found.size + 1}`, row })
    return (found.get(key) ?? [...found.values()][0]!).name
  })
  return { names, families: [...found.values()] }
}

/** Numbers as cells that stay numbers, written by number styles. */
const make: ExportForm['make'] = (written, tools, from) => {
  const { stem, values, rows, names, title, style, plan, writer, labels, quantity, level } = written
  const amounts = values.map((value, at) => amountOf(value, at))
  const finite = amounts.flatMap((amount) => (isFiniteAmount(amount) ? [amount] : []))
  const powers = powersFor(plan, finite)
  const { names: styled, families } = familiesOf(written)
  const [language = 'en', ...tags] = style.locale.split('-')
  const own = plan.rules.at(-1)!.digits
  const region = {
    language,
    country: tags.find((tag) => /^[A-Z]{2}$/.test(tag)),
    one: own[0] === '0' ? undefined : own[1],
  }
  const styles = families.map(({ name, row }) =>
    stylesOf(
      {
        ...{ name, bands: bandsOf(plan, powers, row) },
        isCurrency: style.unit.kind === 'currency',
        exponentStep: plan.rules.at(-1)!.exponent?.step ?? 1,
      },
      region,
    ),
  )
  const isShare = style.unit.kind === 'percent' && plan.recorded === 0
  const cellOf = (at: number): SheetCell => {
    if (!isFiniteAmount(amounts[at]!))
      return { kind: 'text', text: amounts[at] === null ? '' : labels[at]! }
    const currency = currencyOf(written, rows?.[at])
    const kind = (currency && 'currency') || (isShare && 'percentage') || 'float'
    const number = { value: exactText(values[at]), style: styled[at]!, shown: labels[at]! }
    return { kind, ...number, ...(currency ? { currency } : {}) }
  }
  const files = documentOf({
    title,
    description: saidOf(from, 'ods', { quantity: quantity.title, level }),
    head: [...names.map((one) => one.title), title],
    rows: values.map((_, at) => [
      ...names.map(({ cells }): SheetCell => ({ kind: 'text', text: cells[at] ?? '' })),
      cellOf(at),
    ]),
    styles: styles.join('\n'),
  })
  const text = tools.zip(files)
  const shown = shownBy(tools.unzip(Buffer.from(text, 'base64')), marksOf(written))
  const present = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const tried = families.slice(0, 1).flatMap(({ name, row }) =>
    beyond(powers).map((value) => ({
      value,
      label: writer.label(value, row),
      theirs: shown.label(name, value),
    })),
  )
  const proof = compared(
    'The spreadsheet was unpacked and its number styles written out',
    [...present.map((at) => values[at]!), ...tried.map(({ value }) => value)],
    [...present.map((at) => labels[at]!), ...tried.map(({ label }) => label)],
    [...shown.cells.map(({ label }) => label), ...tried.map(({ theirs }) => theirs)],
  )
  return {
    files: [
      {
        name: `${stem}.ods`,
        type: 'application/vnd.oasis.opendocument.spreadsheet',
        text,
        encoding: 'base64',
      },
    ],
    proof,
    notes: [],
  }
}

/** A spreadsheet whose cells stay numbers. */
export const sheetForm: ExportForm = {
  id: 'ods',
  title: 'a spreadsheet (OpenDocument)',
  says: 'Its cells stay numbers: number styles write them, by conditions where labels change their rung. What these cannot say is shown with its values.',
  isOfLevel: true,
  make,
}
