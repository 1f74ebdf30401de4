import { type Bands, bandsOf } from '../../../core/bands/bands'
import { shift } from '../../../core/decimal/arithmetic'
import { toText, ZERO } from '../../../core/decimal/decimal'
import { labeller } from '../../../core/label/labeller'
import { resolve } from '../../../core/label/resolve'
import type { Row, Rule } from '../../../core/label/types'
import { amountOf, isFiniteAmount } from '../../../core/label/value'
import { inherit, stylesOf as stylesIn } from '../../../core/style/inherit'
import { unitColumn } from '../../../core/style/dependencies'
import { probesOf } from '../probes'
import { compared } from '../prove'
import { saidOf } from '../provenance'
import { documentOf, type SheetCell } from '../sheet/document'
import { type SheetRegion, stylesOf } from '../sheet/numberStyles'
import { type RegionMarks, shownBy } from '../sheet/shown'
import type { ExportForm } from '../types'
import { columnsLookedAt } from '../told'
import { exactText, listed, type Written } from '../written'
import { currencyOf, isMoney, multipliesPercent } from '../../../core/units'

/** Cells beside a value that decide how it is written, in so many ways at most. */
const MOST_FAMILIES = 200
const CODE = /^[A-Z]{3}$/
/** The currency of a value; undefined where it is none. */
function currencyAt({ style }: Written, row: Row | undefined): string | undefined {
  if (!isMoney(style.unit) || style.cases.length > 0) return undefined
  const column = unitColumn(style)
  const code = column === null ? currencyOf(style.unit) : row?.[column]
  return typeof code === 'string' && CODE.test(code) ? code : undefined
}

/** What the region of a style writes by itself. */
export function marksOf({ style: { locale }, context }: Written): RegionMarks {
  const { marks, grouping } = resolve({ locale, grouping: 'always' }, { ...context, values: [] })
    .rules[0] as Rule
  return { ...marks, first: grouping?.first ?? 3, rest: grouping?.rest ?? 3 }
}

/** What gives each row the name of what its cell is styled by, and one row of each. */
function familiesOf({ style, context, rows, values }: Written) {
  const errors = stylesIn(inherit(style)).flatMap(({ style: one }) => one.uncertainty?.column ?? [])
  const columns = columnsLookedAt({ style, context }).filter((column) => !errors.includes(column))
  const found = new Map<string, { readonly name: string; readonly row: Row | undefined }>()
  const names = values.map((_, at) => {
    const row = rows?.[at]
    const key = JSON.stringify(columns.map((column) => row?.[column] ?? null))
    if (!found.has(key) && found.size < MOST_FAMILIES)
      found.set(key, { name: `n${found.size + 1}`, row })
    return (found.get(key) ?? [...found.values()][0]!).name
  })
  // A column without values is styled too: some may be typed into it.
  const first = { name: 'n1', row: undefined }
  return { names, families: found.size > 0 ? [...found.values()] : [first] }
}

/** A band in which every number is written as one text. */
function alwaysAs(text: string): Bands {
  const frame = { before: [{ type: 'literal' as const, value: text }], number: null, after: [] }
  const band = { from: ZERO, frame }
  return { above: [band], below: [band], zero: frame }
}
const isFixed = ({ adjusted, hand }: Written, at: number): boolean =>
  adjusted.has(at) || hand.has(at)
/** Names of the styles of labels that no style writes, since they are adjusted or by hand, by text. */
const fixedStyles = ({ adjusted, hand, labels }: Written): ReadonlyMap<string, string> =>
  new Map(
    [...new Set([...adjusted.keys(), ...hand.keys()].map((at) => labels[at]!))].map((text, i) => [
      text,
      `a${i + 1}`,
    ]),
  )

/** How the region of a style writes its numbers. */
function regionOf({ style: { locale }, plan }: Written): SheetRegion {
  const [language = 'en', ...tags] = locale.split('-')
  const { digits } = plan.rules.at(-1)!
  return {
    language,
    country: tags.find((tag) => /^[A-Z]{2}$/.test(tag)),
    one: digits[0] === '0' ? undefined : digits[1],
  }
}
/** The cell of a value, by the type that it has. */
function cellOf(written: Written, at: number, styleName: string): SheetCell {
  const { style, values, rows, labels } = written
  const amount = amountOf(values[at], at)
  if (!isFiniteAmount(amount)) return { kind: 'text', text: amount === null ? '' : labels[at]! }
  const currency = currencyAt(written, rows?.[at])
  const isShare = multipliesPercent(style.unit)
  return {
    kind: (currency && 'currency') || (isShare && 'percentage') || 'float',
    ...{ value: exactText(values[at]), style: styleName, shown: labels[at]! },
    ...(currency ? { currency } : {}),
  }
}

/** Rows that are shown of a sheet. */
const FEW = 8
/** What stands in a sheet, a line each: its bytes tell nobody. */
function glimpse({ title, names, values, labels }: Written): string {
  const columns = [...names.map((one) => one.title), title].join(', ')
  const width = values
    .slice(0, FEW)
    .reduce<number>((most, value) => Math.max(most, exactText(value).length), 0)
  return [
    `${values.length} rows: ${columns}`,
    ...values
      .slice(0, FEW)
      .map((value, at) => `${exactText(value).padStart(width)}   shown as   ${labels[at]!}`),
    ...(values.length > FEW ? ['…'] : []),
  ].join('\n')
}

/**
 * The same numbers as they are, not in thousands of them: a cell of €12K holds 12,000, so that
 * sums and other columns of the sheet are right.
 */
function inTrueValues(written: Written): Written {
  const { recorded } = written.plan
  if (recorded === 0) return written
  const plan = { ...written.plan, recorded: 0 }
  const values = written.values.map((value, at) => {
    const amount = amountOf(value, at)
    return isFiniteAmount(amount) ? toText(shift(amount, recorded)) : value
  })
  return { ...written, plan, values, writer: labeller(plan) }
}

/** Numbers as cells that stay numbers, written by number styles. */
const make: ExportForm['make'] = (given, tools, from) => {
  const written = inTrueValues({ ...given, labels: listed(given) })
  const { stem, values, names, title, style, plan, quantity, level } = written
  const { names: styled, families } = familiesOf(written)
  const [first] = families
  const probes = probesOf(written, first!.row)
  const usual = {
    isCurrency: isMoney(style.unit),
    exponentStep: plan.rules.at(-1)!.exponent?.step ?? 1,
  }
  const styles = families.map(({ name, row }) =>
    stylesOf({ ...usual, name, bands: bandsOf(plan, probes.powers, row) }, regionOf(written)),
  )
  const texts = fixedStyles(written)
  const fixed = [...texts].map(([text, name]) =>
    stylesOf({ ...usual, isCurrency: false, name, bands: alwaysAs(text) }, regionOf(written)),
  )
  const nameAt = (at: number) =>
    isFixed(written, at) ? texts.get(written.labels[at]!)! : styled[at]!
  const files = documentOf({
    title,
    description: saidOf(from, 'ods', { quantity: quantity.title, level }),
    head: [...names.map((one) => one.title), title],
    rows: values.map((_, at) => [
      ...names.map(({ cells }): SheetCell => ({ kind: 'text', text: cells[at] ?? '' })),
      cellOf(written, at, nameAt(at)),
    ]),
    styles: [...styles, ...fixed].join('\n'),
  })
  const text = tools.zip(files)
  const shown = shownBy(tools.unzip(Buffer.from(text, 'base64')), marksOf(written))
  return {
    shown: glimpse(written),
    files: [
      {
        name: `${stem}.ods`,
        type: 'application/vnd.oasis.opendocument.spreadsheet',
        text,
        encoding: 'base64',
      },
    ],
    proof: compared(
      'The spreadsheet was unpacked and its number styles written out for the study and beyond',
      probes.values,
      probes.labels,
      [
        ...shown.cells.map(({ label }) => label),
        ...probes.tried.map((value) => shown.label(first!.name, value)),
      ],
    ),
    notes: [],
  }
}

/** A spreadsheet whose cells stay numbers. */
export const sheetForm: ExportForm = {
  id: 'ods',
  title: 'a spreadsheet (OpenDocument)',
  says: 'Its cells stay numbers: number styles write them, by conditions where labels change their rung. What these cannot say is shown with its values.',
  isOfLevel: true,
  isList: true,
  make,
}
