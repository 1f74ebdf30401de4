import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import digitSystems from '../../locale/generated/digits.json'
import localeNames from '../../locale/generated/index.json'
import version from '../../locale/generated/version.json'
import type { LocaleTable } from '../../locale/types'
import type { Style } from '../../style/schemas'
import type { Value } from '../types'

export const generated = join(__dirname, '../../locale/generated')
export const load = <Table>(folder: string, name: string) =>
  JSON.parse(readFileSync(join(generated, folder, `${name}.json`), 'utf8')) as Table

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

const isNamed = ({ options }: Rival) => options.currencyDisplay === 'name'
const isPowered = ({ options }: Rival) =>
  options.notation === 'scientific' || options.notation === 'engineering'
const isMoney = ({ options }: Rival) => options.style === 'currency'

/** How the two differ, each by a rule. A pair that meets one is not compared. */
export const DIFFERENCES: Record<
  string,
  (rival: Rival, locale: string, value: Value, said: number) => boolean
> = {
  'ECMA-402 writes -0 where a sign is always shown; here zeros have no minus': (
    { options },
    _,
    value,
  ) =>
    options.signDisplay === 'always' &&
    Number(value) < 0 &&
    !/[1-9]/.test(
      new Intl.NumberFormat('en', options as Intl.NumberFormatOptions).format(value as number),
    ),
  'the platform breaks exponents apart whose digits lie beyond U+FFFF': (rival, locale) =>
    isPowered(rival) && hasFarDigits(locale),
  'a zero needs no exponent here': (rival, _locale, _value, said) => isPowered(rival) && said === 0,
  "where the platform puts a symbol beside a currency's name, its currency patterns are not those of CLDR":
    (rival, locale) => isMoney(rival) && hasBrokenMoney(locale),
  "pt-CV has a decimal mark for money that CLDR's JSON leaves out": (rival, locale) =>
    isMoney(rival) && locale === 'pt-CV',
  'the platform takes the plural of a number over 15 digits from a double': (rival, _, value) =>
    isNamed(rival) && Math.abs(Number(value)) >= 1e15,
  'the platform takes the plural of a shortened amount from the number before rounding: 1M euro where 999,999 is one euro':
    (rival, locale, value, said) =>
      isNamed(rival) &&
      rival.options.notation === 'compact' &&
      plural(locale).select(said) !== plural(locale).select(Number(value)),
  "the platform puts a currency's name last where a region's own digits are not Latin, whatever CLDR says":
    (rival, locale) => isNamed(rival) && hasOwnNameOrder(locale),
  'the platform takes names of currencies for Serbian in Montenegro from the Latin script': (
    rival,
    locale,
  ) => isNamed(rival) && locale === 'sr-Cyrl-ME',
  'parentheses that were asked for are written in regions too whose accounts have a minus': (
    { options },
    locale,
    value,
  ) =>
    options.currencySign === 'accounting' &&
    Number(value) < 0 &&
    !new Intl.NumberFormat(locale, { ...money, currencySign: 'accounting' })
      .format(-5)
      .includes('('),
  "the platform's long forms of Pashto lack the thousands and millions that CLDR has": (
    { options },
    locale,
  ) => options.compactDisplay === 'long' && /^ps(-|$)/.test(locale),
}
const kept = new Map<string, Intl.PluralRules>()
function plural(locale: string): Intl.PluralRules {
  if (!kept.has(locale))
    kept.set(locale, new Intl.PluralRules(locale, { maximumFractionDigits: 0 }))
  return kept.get(locale)!
}
const hasFarDigits = (locale: string) =>
  (digitSystems as Record<string, string>)[
    load<LocaleTable>('locales', locale).system
  ]!.codePointAt(0)! > 0xffff
const brokenMoney = new Map<string, boolean>()
function hasBrokenMoney(locale: string): boolean {
  if (!brokenMoney.has(locale))
    brokenMoney.set(
      locale,
      new Intl.NumberFormat(locale, { ...money, currencyDisplay: 'name' }).format(5).includes('€'),
    )
  return brokenMoney.get(locale)!
}
function hasOwnNameOrder(locale: string): boolean {
  const { system, systems } = load<LocaleTable>('locales', locale)
  return system !== 'latn' && Boolean(systems[system]!.patterns.names.other?.startsWith('{1}'))
}
export const differs = (rival: Rival, locale: string, value: Value, said: number) =>
  Object.values(DIFFERENCES).some((rule) => rule(rival, locale, value, said))
