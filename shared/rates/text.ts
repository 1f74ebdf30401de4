import { parseDecimal, toText } from '../../core/decimal/decimal'
import { isCurrency } from '../../core/locale/currencies'
import { type StatedRate, rateSchema, ratesSchema } from '../../core/style/rates'

/** A line of a table of rates that could not be read. */
export interface RateTrouble {
  /** The line, from 1. */
  readonly line: number
  readonly says: string
}
/** What a text says of rates. */
export interface ReadRates {
  readonly rates: readonly StatedRate[]
  readonly troubles: readonly RateTrouble[]
}

/** Names of columns in tables of rates, in the languages that people bring. */
const COLUMNS: Readonly<Record<keyof StatedRate, RegExp>> = {
  currency: /^(?:currency|from|code|w[äa]hrung|devise|moneda|valuta)$/i,
  rate: /^(?:rate|value|exchange rate|kurs|taux|tasa|cambio)$/i,
  base: /^(?:base|to|into|target|base currency|basis)$/i,
  date: /^(?:date|day|datum|fecha|data)$/i,
  source: /^(?:source|quelle|fuente|fonte|published by)$/i,
}
const FIELDS = Object.keys(COLUMNS) as (keyof StatedRate)[]
/** 1 GBP = 1.17 EUR, and what stands behind it. */
const SENTENCE = /^1?\s*([A-Za-z]{3})\s*=\s*([\d.,]+)\s*([A-Za-z]{3})(.*)$/
const DATE = /^\d{4}-\d{2}-\d{2}$/

/** The cells of a line: the first of these marks that stands in the text parts them. */
const parted = (line: string, by: string): string[] =>
  line.split(by).map((cell) => cell.trim().replace(/^"(.*)"$/, '$1'))
const separatorOf = (text: string): string =>
  ['\t', ';', ','].find((mark) => text.includes(mark)) ?? ','

/** A number as people write a rate: 1.17 or 1,17. */
const rateText = (written: string): string => {
  const plain = /^\d+,\d+$/.test(written) ? written.replace(',', '.') : written
  const read = parseDecimal(plain)
  return read ? toText(read) : written
}

type Draft = Partial<Record<keyof StatedRate, string>>
/** A rate of what a line says, or what is wrong with it. */
function rateFrom({
  currency = '',
  rate = '',
  base = '',
  date,
  source,
}: Draft): StatedRate | string {
  const codes = [currency, base].map((code) => code.toUpperCase())
  const wrong = codes.find((code) => !isCurrency(code))
  if (wrong !== undefined)
    return `“${wrong}” is not a currency. Write a three-letter code such as EUR.`
  const read = rateSchema.safeParse({
    currency: codes[0],
    rate: rateText(rate),
    base: codes[1],
    ...(date ? { date } : {}),
    ...(source ? { source } : {}),
  })
  if (read.success) return read.data
  const at = read.error.issues[0]?.path[0]
  if (at === 'rate') return `“${rate}” is not a rate. Write a number above zero such as 1.17.`
  if (at === 'date') return `“${date}” is not a date. Write it as 2031-03-01.`
  return `${codes[0]} has no rate to itself.`
}

/** The fields of a line like `1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury`. */
function fromSentence([, currency, rate, base, behind = '']: RegExpExecArray): Draft {
  const said = behind
    .split(/[,;\t]/)
    .map((cell) => cell.trim())
    .filter(Boolean)
  const date = said.find((cell) => DATE.test(cell))
  const source = said.filter((cell) => cell !== date).join(', ')
  return { currency, rate, base, date, source }
}

/** The fields that the head of a table names, by their places; null where it is none. */
function headOf(line: string, by: string): (keyof StatedRate | null)[] | null {
  const names = parted(line, by).map(
    (cell) => FIELDS.find((field) => COLUMNS[field].test(cell)) ?? null,
  )
  return names.includes('currency') && names.includes('rate') ? names : null
}

/** Lines of a text that say something, with their numbers. */
const linesOf = (text: string): { readonly line: number; readonly written: string }[] =>
  text
    .split(/\r\n|\r|\n/)
    .map((written, at) => ({ line: at + 1, written: written.trim() }))
    .filter(({ written }) => written !== '')

/**
 * Reads rates as people type or paste them: a line such as `1 GBP = 1.17 EUR` each, or a table with
 * the columns currency, rate, base, date and source in any order.
 *
 * @param text lines; a table's cells are parted by tabs, semicolons or commas
 * @returns the rates that were read, and each line that was not
 * @example ratesIn('1 GBP = 1.17 EUR').rates // [{ currency: 'GBP', rate: '1.17', base: 'EUR' }]
 */
export function ratesIn(text: string): ReadRates {
  const lines = linesOf(text)
  const by = separatorOf(text)
  const [first] = lines
  const head = first ? headOf(first.written, by) : null
  const rates: StatedRate[] = []
  const troubles: RateTrouble[] = []
  for (const { line, written } of head ? lines.slice(1) : lines) {
    const sentence = SENTENCE.exec(written)
    const cells = sentence ? [] : parted(written, by)
    const draft: Draft = sentence
      ? fromSentence(sentence)
      : Object.fromEntries((head ?? FIELDS).map((field, at) => [field, cells[at]]))
    const rate = rateFrom(draft)
    if (typeof rate === 'string') troubles.push({ line, says: rate })
    else if (ratesSchema.safeParse([...rates, rate]).success) rates.push(rate)
    else
      troubles.push({
        line,
        says: `There is already a rate between ${rate.currency} and ${rate.base}.`,
      })
  }
  return { rates, troubles }
}

/** A rate in one line: `1 GBP = 1.17 EUR`. */
export const rateSaid = ({ currency, rate, base }: StatedRate): string =>
  `1 ${currency} = ${rate} ${base}`

/** A rate as a line that can be read again. */
export const rateLine = (rate: StatedRate): string =>
  [rateSaid(rate), rate.date, rate.source].filter(Boolean).join(', ')

/**
 * Rates as a note: those of one day and source together.
 *
 * @example ratesSaid(rates) // '1 GBP = 1.17 EUR, 1 SEK = 0.088 EUR (2031-03-01, Osprind treasury)'
 */
export function ratesSaid(rates: readonly StatedRate[]): string {
  const byOrigin = new Map<string, StatedRate[]>()
  for (const one of rates) {
    const origin = [one.date, one.source].filter(Boolean).join(', ')
    byOrigin.set(origin, [...(byOrigin.get(origin) ?? []), one])
  }
  return [...byOrigin]
    .map(([origin, own]) => own.map(rateSaid).join(', ') + (origin === '' ? '' : ` (${origin})`))
    .join('; ')
}
