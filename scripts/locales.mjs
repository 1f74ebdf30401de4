// Makes core/locale/generated/ from CLDR's JSON. Run it when the CLDR packages change.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const LOCALES = ['en']

const readJson = (...path) => JSON.parse(readFileSync(join(root, 'node_modules', ...path), 'utf8'))

/** Sizes of the groups in a pattern such as #,##,##0.###, from the right. */
function groupsOf(pattern, least) {
  const sizes = pattern.split(';')[0].split('.')[0].split(',').slice(1).map((group) => group.replace(/[^#0]/g, '').length).reverse()
  return { first: sizes[0] ?? 0, rest: sizes[1] ?? sizes[0] ?? 0, least: Number(least) }
}

/** Symbols of currencies that have one of their own; the others are written by their code. */
function symbolsOf(currencies) {
  return Object.fromEntries(Object.entries(currencies)
    .filter(([code, { symbol }]) => symbol && symbol !== code)
    .map(([code, { symbol }]) => [code, symbol]))
}

function tableOf(locale) {
  const numbers = readJson('cldr-numbers-full', 'main', locale, 'numbers.json').main[locale].numbers
  const { currencies } = readJson('cldr-numbers-full', 'main', locale, 'currencies.json').main[locale].numbers
  const symbols = numbers['symbols-numberSystem-latn']
  const pattern = numbers['currencyFormats-numberSystem-latn'].standard.split(';')[0]
  const before = pattern.indexOf('¤') < pattern.indexOf('0')
  return {
    locale,
    marks: { decimal: symbols.decimal, group: symbols.group, minus: symbols.minusSign, plus: symbols.plusSign },
    grouping: groupsOf(numbers['decimalFormats-numberSystem-latn'].standard, numbers.minimumGroupingDigits),
    currency: {
      side: before ? 'before' : 'after',
      gap: /[\s\u00a0](?=¤)|¤[\s\u00a0]/.test(pattern) ? '\u00a0' : '',
      symbols: symbolsOf(currencies.currencies ?? currencies),
    },
  }
}

/** Digits after the decimal mark of every ISO 4217 currency that CLDR knows. */
function currencyDigits() {
  const { fractions } = readJson('cldr-core', 'supplemental', 'currencyData.json').supplemental.currencyData
  const codes = Object.keys(readJson('cldr-numbers-full', 'main', 'en', 'currencies.json').main.en.numbers.currencies)
  return Object.fromEntries(codes.map((code) => [code, Number((fractions[code] ?? fractions.DEFAULT)._digits)]))
}

const folder = join(root, 'core', 'locale', 'generated')
mkdirSync(folder, { recursive: true })
for (const locale of LOCALES) writeFileSync(join(folder, `${locale}.json`), JSON.stringify(tableOf(locale), null, 1) + '\n')
writeFileSync(join(folder, 'currencies.json'), JSON.stringify(currencyDigits()) + '\n')
console.log(`${LOCALES.length} locale table(s) written`)
