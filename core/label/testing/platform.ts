import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import localeNames from '../../locale/generated/index.json'
import version from '../../locale/generated/version.json'
import type { Style } from '../../style/schemas'
import { tableNamed } from '../needs'
import type { Value } from '../types'

export const generated = join(__dirname, '../../locale/generated')
export const load = <Table extends object>(folder: string, name: string): Table =>
  tableNamed<Table>(
    (one) => JSON.parse(readFileSync(join(generated, folder, `${one}.json`), 'utf8')) as Table,
    name,
  )!

/** Values at the edges of carry, of groups, of doubles and beyond them. */
export const VALUES: Value[] = [
  0,
  1,
  -1,
  2,
  5,
  10,
  11,
  21,
  99.5,
  100,
  999,
  999.4,
  999.5,
  999.949,
  999.95,
  1000,
  -1000,
  1005,
  1234.5,
  1999.5,
  9995,
  9999.5,
  10000,
  12345.678,
  99950,
  99995,
  100000,
  123456,
  -999499,
  999500,
  999950,
  999999,
  1e6,
  1.5e6,
  1234567.891,
  2e6,
  9.995e6,
  1e7,
  99.95e6,
  123456789,
  999.95e6,
  1e9,
  1.25e9,
  2.5e10,
  999.95e9,
  1e12,
  12.5e12,
  999.95e12,
  1e15,
  1.5e16,
  1e21,
  0.1,
  0.5,
  -0.5,
  1.005,
  9.995,
  0.05,
  0.005,
  0.000123,
  -0.0004,
  4e-7,
  5e-324,
  12345678901234567890n,
  '12345678901234567890.555',
  0.07,
  1.15,
]

export interface Rival {
  readonly style: Style
  readonly options: Intl.NumberFormatOptions & Record<string, unknown>
}
const ROUNDING = [
  'halfExpand',
  'halfEven',
  'halfTrunc',
  'halfCeil',
  'halfFloor',
  'ceil',
  'floor',
  'expand',
  'trunc',
] as const
export const euro = { kind: 'currency' as const, code: 'EUR' }
const money = { style: 'currency', currency: 'EUR' } as const
export const twoDigits: Style = { fraction: [2, 2] }
export const compact: Style = {
  notation: 'scaled',
  ladder: 'locale',
  fraction: [0, 0],
  significant: [1, 2],
  priority: 'morePrecision',
}
/**
 * The same said in a style and in ECMA-402 options. `negative` is this program's rule: a label of
 * zeros has no minus.
 */
export const RIVALS: Record<string, Rival> = {
  decimal: { style: {}, options: {} },
  'no decimals': { style: { fraction: [0, 0] }, options: { maximumFractionDigits: 0 } },
  'two decimals': {
    style: twoDigits,
    options: { minimumFractionDigits: 2, maximumFractionDigits: 2 },
  },
  'twenty decimals at most': {
    style: { fraction: [1, 20] },
    options: { minimumFractionDigits: 1, maximumFractionDigits: 20 },
  },
  'three significant': { style: { significant: [1, 3] }, options: { maximumSignificantDigits: 3 } },
  'exactly four significant': {
    style: { significant: [4, 4] },
    options: { minimumSignificantDigits: 4, maximumSignificantDigits: 4 },
  },
  ...Object.fromEntries(
    ROUNDING.map((rounding) => [
      rounding,
      {
        style: { fraction: [0, 1], rounding },
        options: { maximumFractionDigits: 1, roundingMode: rounding },
      } satisfies Rival,
    ]),
  ),
  'sign always': { style: { sign: 'always' }, options: { signDisplay: 'always' } },
  'sign except zero': { style: { sign: 'exceptZero' }, options: { signDisplay: 'exceptZero' } },
  'sign never': { style: { sign: 'never' }, options: { signDisplay: 'never' } },
  'grouping always': { style: { grouping: 'always' }, options: { useGrouping: 'always' } },
  'grouping from five digits': { style: { grouping: 'min2' }, options: { useGrouping: 'min2' } },
  'no grouping': { style: { grouping: 'never' }, options: { useGrouping: false } },
  percent: {
    style: { unit: { kind: 'percent' }, fraction: [0, 1] },
    options: { style: 'percent', maximumFractionDigits: 1 },
  },
  'percent with signs': {
    style: { unit: { kind: 'percent' }, fraction: [0, 0], sign: 'always' },
    options: { style: 'percent', signDisplay: 'always' },
  },
  currency: { style: { unit: euro, ...twoDigits }, options: money },
  'currency, narrow': {
    style: { unit: { kind: 'currency', code: 'USD', display: 'narrowSymbol' }, ...twoDigits },
    options: { style: 'currency', currency: 'USD', currencyDisplay: 'narrowSymbol' },
  },
  'currency, code': {
    style: { unit: { ...euro, display: 'code' }, ...twoDigits },
    options: { ...money, currencyDisplay: 'code' },
  },
  'currency, name': {
    style: { unit: { ...euro, display: 'name' }, ...twoDigits },
    options: { ...money, currencyDisplay: 'name' },
  },
  'currency, name, whole': {
    style: { unit: { ...euro, display: 'name' }, fraction: [0, 0] },
    options: { ...money, currencyDisplay: 'name', maximumFractionDigits: 0 },
  },
  accounting: {
    style: { unit: euro, ...twoDigits, sign: 'parentheses' },
    options: { ...money, currencySign: 'accounting' },
  },
  'currency with signs': {
    style: { unit: euro, ...twoDigits, sign: 'exceptZero' },
    options: { ...money, signDisplay: 'exceptZero' },
  },
  scientific: {
    style: { notation: 'scientific', exponentForm: 'E' },
    options: { notation: 'scientific' },
  },
  engineering: {
    style: { notation: 'engineering', exponentForm: 'E', fraction: [1, 2] },
    options: { notation: 'engineering', minimumFractionDigits: 1, maximumFractionDigits: 2 },
  },
  'compact short': { style: compact, options: { notation: 'compact' } },
  'compact long': {
    style: { ...compact, rungForm: 'word' },
    options: { notation: 'compact', compactDisplay: 'long' },
  },
  'compact, one decimal': {
    style: { ...compact, fraction: [1, 1], significant: null },
    options: { notation: 'compact', minimumFractionDigits: 1, maximumFractionDigits: 1 },
  },
  'compact long, currency': {
    style: { ...compact, rungForm: 'word', unit: euro },
    options: { ...money, notation: 'compact', compactDisplay: 'long' },
  },
  'compact, currency name': {
    style: { ...compact, unit: { ...euro, display: 'name' } },
    options: { ...money, currencyDisplay: 'name', notation: 'compact' },
  },
  'compact long, currency name': {
    style: { ...compact, rungForm: 'word', unit: { ...euro, display: 'name' } },
    options: { ...money, currencyDisplay: 'name', notation: 'compact', compactDisplay: 'long' },
  },
  'compact currency': {
    style: { ...compact, unit: euro },
    options: { ...money, notation: 'compact' },
  },
}

export const exact = localeNames.filter(
  (name) =>
    Intl.NumberFormat.supportedLocalesOf(name).length > 0 &&
    new Intl.NumberFormat(name).resolvedOptions().locale === name,
)
export const isSameCldr = process.versions.cldr!.split('.')[0] === version.cldr.split('.')[0]
