// Makes core/locale/generated/ from CLDR's JSON: a table for each locale, and what all share.
// The build runs it when the tables are absent or of another CLDR.
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { clockOf } from './lib/clocks.mjs'
import { conversionsOf, measureNames } from './lib/measures.mjs'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const folder = join(root, 'core', 'locale', 'generated')
/** Raised when the tables get another shape. */
const SHAPE = 9
const LEAST_POWER = 3
const MOST_POWER = 21
const PLURALS = ['0', '1', 'zero', 'one', 'two', 'few', 'many', 'other']

const readJson = (...path) => JSON.parse(readFileSync(join(root, 'node_modules', ...path), 'utf8'))
const supplemental = (name) => readJson('cldr-core', 'supplemental', `${name}.json`).supplemental

/** What CLDR's root gives for words that a language does not have: no word at all. */
const ROOT_WORD = /^0+[KMGT]$/
const ROOT_BILLION = 'G'
/** A language whose billion is this has a trillion of its own too. */
const OWN_BILLION = 'B'

/**
 * Patterns of the powers from 3 on, each by plural; those equal to `other` are left out, and so are
 * root's where words are meant.
 */
function compactOf(patterns, { words = false } = {}) {
  if (!patterns) return null
  const found = []
  for (let power = LEAST_POWER; power <= MOST_POWER; power++) {
    const at = (plural) => patterns[`1${'0'.repeat(power)}-count-${plural}`]
    const other = at('other')
    if (other === undefined) break
    const own = PLURALS.filter(
      (plural) => at(plural) !== undefined && (plural === 'other' || at(plural) !== other),
    )
    found.push(Object.fromEntries(own.map((plural) => [plural, at(plural)])))
  }
  const lastWord = found.findLastIndex(({ other }) => !ROOT_WORD.test(other))
  const isRoots =
    words &&
    lastWord >= 0 &&
    (found[lastWord + 1]?.other.includes(ROOT_BILLION) ||
      !found[lastWord].other.includes(OWN_BILLION))
  return isRoots ? found.slice(0, lastWord + 1) : found
}

function systemOf(numbers, system) {
  const symbols = numbers[`symbols-numberSystem-${system}`]
  const decimal = numbers[`decimalFormats-numberSystem-${system}`]
  const currency = numbers[`currencyFormats-numberSystem-${system}`]
  const unitPatterns = Object.entries(currency).filter(([key]) =>
    key.startsWith('unitPattern-count-'),
  )
  return {
    marks: {
      decimal: symbols.decimal,
      group: symbols.group,
      minus: symbols.minusSign,
      plus: symbols.plusSign,
    },
    moneyMarks: {
      decimal: symbols.currencyDecimal ?? symbols.decimal,
      group: symbols.currencyGroup ?? symbols.group,
    },
    percent: symbols.percentSign,
    permille: symbols.perMille,
    infinity: symbols.infinity,
    // What stands between the ends of a range: {0}–{1}.
    range: numbers[`miscPatterns-numberSystem-${system}`].range.replace(/\{[01]\}/g, ''),
    patterns: {
      decimal: decimal.standard,
      percent: numbers[`percentFormats-numberSystem-${system}`].standard,
      currency: currency.standard,
      accounting: currency.accounting,
      names: Object.fromEntries(
        unitPatterns.map(([key, pattern]) => [key.replace('unitPattern-count-', ''), pattern]),
      ),
    },
    compact: {
      short: compactOf(decimal.short?.decimalFormat),
      long: compactOf(decimal.long?.decimalFormat, { words: true }),
      currency: compactOf(
        currency.short?.standard ?? numbers['currencyFormats-numberSystem-latn']?.short?.standard,
      ),
    },
  }
}

/** Whether a symbol is said by its code, so that it need not be kept. */
const kept = (entries) =>
  Object.fromEntries(entries.filter(([code, text]) => text && text !== code))

function pluralsOf(locale, all) {
  const parts = locale.split('-')
  for (let length = parts.length; length > 0; length--) {
    const found = all[parts.slice(0, length).join('-')]
    if (found)
      return Object.fromEntries(
        Object.entries(found)
          .map(([key, rule]) => [key.replace('pluralRule-count-', ''), rule.split('@')[0].trim()])
          .filter(([key]) => key !== 'other'),
      )
  }
  return {}
}

function tableOf(locale, plurals) {
  const numbers = readJson('cldr-numbers-full', 'main', locale, 'numbers.json').main[locale].numbers
  const { currencies } = readJson('cldr-numbers-full', 'main', locale, 'currencies.json').main[
    locale
  ].numbers
  const entries = Object.entries(currencies)
  // Arabic digits have marks of their own, which a tag may ask for.
  const systems = [...new Set([numbers.defaultNumberingSystem, 'latn', 'arab', 'arabext'])].filter(
    (system) => numbers[`symbols-numberSystem-${system}`],
  )
  const names = Object.fromEntries(
    entries.map(([code, one]) => [
      code,
      Object.fromEntries(
        Object.entries(one)
          .filter(([key]) => key.startsWith('displayName'))
          .map(([key, name]) => [key.replace(/displayName(-count-)?/, '') || 'name', name]),
      ),
    ]),
  )
  return {
    table: {
      locale,
      system: numbers.defaultNumberingSystem,
      least: Number(numbers.minimumGroupingDigits),
      systems: Object.fromEntries(systems.map((system) => [system, systemOf(numbers, system)])),
      symbols: kept(entries.map(([code, one]) => [code, one.symbol])),
      narrow: Object.fromEntries(
        entries
          .map(([code, one]) => [code, one['symbol-alt-narrow'], one.symbol ?? code])
          .filter(([, narrow, symbol]) => narrow && narrow !== symbol)
          .map(([code, narrow]) => [code, narrow]),
      ),
      plurals: pluralsOf(locale, plurals),
      clock: clockOf(locale, unitsOf(locale)),
    },
    names,
  }
}

/** Digits after the decimal mark of every ISO 4217 currency that CLDR knows. */
function currencyDigits() {
  const { fractions } = supplemental('currencyData').currencyData
  const codes = Object.keys(
    readJson('cldr-numbers-full', 'main', 'en', 'currencies.json').main.en.numbers.currencies,
  )
  return Object.fromEntries(
    codes.map((code) => [code, Number((fractions[code] ?? fractions.DEFAULT)._digits)]),
  )
}

const digitSystems = () =>
  Object.fromEntries(
    Object.entries(supplemental('numberingSystems').numberingSystems)
      .filter(([, system]) => system._type === 'numeric')
      .map(([name, system]) => [name, system._digits]),
  )

const write = (name, data) =>
  writeFileSync(join(folder, `${name}.json`), JSON.stringify(data) + '\n')

const unitsOf = (locale) =>
  readJson('cldr-units-full', 'main', locale, 'units.json').main[locale].units
/** Names of measures; most regions write them as another one does, whose name stands there then. */
function makeMeasures(locales) {
  const firsts = new Map()
  for (const locale of locales) {
    const names = measureNames(unitsOf(locale))
    const text = JSON.stringify(names)
    write(`measure-names/${locale}`, firsts.get(text) ?? names)
    if (!firsts.has(text)) firsts.set(text, locale)
  }
  write('measures', conversionsOf(supplemental('units'), unitsOf('en').long))
}

/** Makes the tables; does nothing where they are there and made of the same CLDR. */
export function makeLocales() {
  const { version } = readJson('cldr-core', 'package.json')
  const stamp = `${version} ${SHAPE}`
  const stampFile = join(folder, 'version.json')
  if (existsSync(stampFile) && JSON.parse(readFileSync(stampFile, 'utf8')).made === stamp) return
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(join(folder, 'locales'), { recursive: true })
  mkdirSync(join(folder, 'currency-names'), { recursive: true })
  mkdirSync(join(folder, 'measure-names'), { recursive: true })
  const plurals = supplemental('plurals')['plurals-type-cardinal']
  const locales = readdirSync(join(root, 'node_modules', 'cldr-numbers-full', 'main')).sort()
  for (const locale of locales) {
    const { table, names } = tableOf(locale, plurals)
    write(`locales/${locale}`, table)
    write(`currency-names/${locale}`, names)
  }
  makeMeasures(locales)
  write('currencies', currencyDigits())
  write('digits', digitSystems())
  write('index', locales)
  write('version', { cldr: version, made: stamp })
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) makeLocales()
