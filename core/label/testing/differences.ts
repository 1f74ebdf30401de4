import digitSystems from '../../locale/generated/digits.json'
import type { LocaleTable } from '../../locale/types'
import type { Value } from '../types'
import { load, type Rival } from './platform'

const isNamed = ({ options }: Rival) =>
  options.currencyDisplay === 'name' || options.style === 'unit'
const isPowered = ({ options }: Rival) =>
  options.notation === 'scientific' || options.notation === 'engineering'
const isMoney = ({ options }: Rival) => options.style === 'currency'

/** How the two differ, each by a rule of ours, of ECMA-402 or of CLDR. */
const DIFFERENCES: Record<
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
  'the platform takes the plural of a number over 15 digits from a double': (rival, _, value) =>
    isNamed(rival) && Math.abs(Number(value)) >= 1e15,
  'the platform takes the plural of a shortened amount from the number before rounding: 1M euro where 999,999 is one euro':
    (rival, locale, value, said) =>
      isNamed(rival) &&
      rival.options.notation === 'compact' &&
      plural(locale).select(said) !== plural(locale).select(Number(value)),
  "the platform puts a currency's name last where a region's own digits are not Latin, whatever CLDR says":
    (rival, locale) => isNamed(rival) && hasOwnNameOrder(locale),
  'the platform takes names of currencies and measures for Serbian in Montenegro from the Latin script':
    (rival, locale) => isNamed(rival) && locale === 'sr-Cyrl-ME',
  'parentheses that were asked for are written in regions too whose accounts have a minus': (
    { options },
    locale,
    value,
  ) =>
    options.currencySign === 'accounting' &&
    Number(value) < 0 &&
    !new Intl.NumberFormat(locale, {
      style: 'currency',
      currency: 'EUR',
      currencySign: 'accounting',
    })
      .format(-5)
      .includes('('),
  'where a name says its number, as that of two miles in Arabic, the platform writes it for -2 too, and in Hebrew one degree for 0.1':
    ({ options }, locale, value) =>
      options.style === 'unit' &&
      ![0, 1, 2].includes(Number(value)) &&
      !new Intl.NumberFormat(locale, options as Intl.NumberFormatOptions)
        .formatToParts(value as number)
        .some(({ type }) => type === 'integer'),
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
      new Intl.NumberFormat(locale, { style: 'currency', currency: 'EUR', currencyDisplay: 'name' })
        .format(5)
        .includes('€'),
    )
  return brokenMoney.get(locale)!
}
function hasOwnNameOrder(locale: string): boolean {
  const { system, systems } = load<LocaleTable>('locales', locale)
  return system !== 'latn' && Boolean(systems[system]!.patterns.names.other?.startsWith('{1}'))
}
/** A label of each, of the same value. */
export interface Pair {
  readonly rival: Rival
  readonly locale: string
  readonly value: Value
  /** What the label here says of it. */
  readonly said: number
  readonly own: string
  readonly platform: string
}

/**
 * What a comparison has come to: how many labels, and how often each rule explains a difference.
 */
export interface Tally {
  compared: number
  readonly explained: Map<string, number>
  readonly unexplained: string[]
}
export const newTally = (): Tally => ({ compared: 0, explained: new Map(), unexplained: [] })

/** Adds what one comparison has come to to another. */
export function addTally(to: Tally, { compared, explained }: Tally): void {
  to.compared += compared
  for (const [rule, count] of explained)
    to.explained.set(rule, (to.explained.get(rule) ?? 0) + count)
}

/** Compares a pair of labels; where they differ, the rule is counted that says so. */
export function comparePair(tally: Tally, pair: Pair): void {
  tally.compared++
  if (pair.own === pair.platform) return
  const rule = Object.keys(DIFFERENCES).find((name) =>
    DIFFERENCES[name]!(pair.rival, pair.locale, pair.value, pair.said),
  )
  if (rule) tally.explained.set(rule, (tally.explained.get(rule) ?? 0) + 1)
  else
    tally.unexplained.push(
      `${pair.locale} ${String(pair.value)}: ${JSON.stringify(pair.own)} here, ${JSON.stringify(pair.platform)} there`,
    )
}

/** No rule may explain more than this part of all labels. */
export const MOST_EXPLAINED = 0.005
/** The rules that explain too much, and all of them as lines. */
export function summary({ compared, explained }: Tally): { lines: string[]; tooMuch: string[] } {
  const share = (count: number) => `${((100 * count) / compared).toFixed(3)} %`
  const all = [...explained].sort((a, b) => b[1] - a[1])
  const line = ([rule, count]: [string, number]) => `${count} (${share(count)}): ${rule}`
  return {
    lines: [`${compared} labels compared`, ...all.map(line)],
    tooMuch: all.filter(([, count]) => count > MOST_EXPLAINED * compared).map(line),
  }
}
