import { isCurrency } from '../locale/currencies'
import { isMeasure } from '../measures/convert'
import type { Unit } from './index'

/** Signs of currencies as tables have them; `$` alone is the dollar of the United States. */
const CURRENCY_SIGNS: Readonly<Record<string, string>> = {
  '€': 'EUR',
  $: 'USD',
  US$: 'USD',
  C$: 'CAD',
  A$: 'AUD',
  '£': 'GBP',
  '¥': 'JPY',
  '₹': 'INR',
  Rs: 'INR',
  R$: 'BRL',
  '₽': 'RUB',
  '₺': 'TRY',
  '₩': 'KRW',
  '₪': 'ILS',
  zł: 'PLN',
  Fr: 'CHF',
  'Fr.': 'CHF',
}
const CURRENCY_WORDS: Readonly<Record<string, string>> = {
  euro: 'EUR',
  euros: 'EUR',
  dollars: 'USD',
  dollar: 'USD',
  pounds: 'GBP',
  yen: 'JPY',
  rupees: 'INR',
}
const RATIOS: Readonly<Record<string, Unit>> = {
  '%': { kind: 'percent' },
  percent: { kind: 'percent' },
  'per cent': { kind: 'percent' },
  pct: { kind: 'percent' },
  '‰': { kind: 'permille' },
  pp: { kind: 'percentPoint' },
  bp: { kind: 'basisPoint' },
  bps: { kind: 'basisPoint' },
}
/** Symbols of the International System of Units and of others in use, as ids of CLDR. */
export const MEASURE_SYMBOLS: Readonly<Record<string, string>> = {
  µg: 'microgram',
  μg: 'microgram',
  mg: 'milligram',
  g: 'gram',
  kg: 'kilogram',
  t: 'tonne',
  kt: 'kilotonne',
  Mt: 'megatonne',
  lb: 'pound',
  lbs: 'pound',
  oz: 'ounce',
  nm: 'nanometer',
  µm: 'micrometer',
  μm: 'micrometer',
  mm: 'millimeter',
  cm: 'centimeter',
  m: 'meter',
  km: 'kilometer',
  mi: 'mile',
  miles: 'mile',
  ft: 'foot',
  yd: 'yard',
  nmi: 'nautical-mile',
  'm²': 'square-meter',
  m2: 'square-meter',
  'km²': 'square-kilometer',
  km2: 'square-kilometer',
  ha: 'hectare',
  'm³': 'cubic-meter',
  m3: 'cubic-meter',
  ml: 'milliliter',
  mL: 'milliliter',
  l: 'liter',
  L: 'liter',
  hl: 'hectoliter',
  ms: 'millisecond',
  s: 'second',
  sec: 'second',
  seconds: 'second',
  min: 'minute',
  minutes: 'minute',
  h: 'hour',
  hrs: 'hour',
  hours: 'hour',
  d: 'day',
  days: 'day',
  weeks: 'week',
  months: 'month',
  years: 'year',
  '°C': 'celsius',
  '°F': 'fahrenheit',
  K: 'kelvin',
  '°': 'degree',
  W: 'watt',
  kW: 'kilowatt',
  MW: 'megawatt',
  GW: 'gigawatt',
  TW: 'terawatt',
  mW: 'milliwatt',
  Wh: 'watt-hour',
  kWh: 'kilowatt-hour',
  MWh: 'megawatt-hour',
  GWh: 'gigawatt-hour',
  TWh: 'terawatt-hour',
  J: 'joule',
  kJ: 'kilojoule',
  MJ: 'megajoule',
  GJ: 'gigajoule',
  kcal: 'foodcalorie',
  Hz: 'hertz',
  kHz: 'kilohertz',
  MHz: 'megahertz',
  GHz: 'gigahertz',
  mV: 'millivolt',
  V: 'volt',
  kV: 'kilovolt',
  A: 'ampere',
  mA: 'milliampere',
  Pa: 'pascal',
  hPa: 'hectopascal',
  kPa: 'kilopascal',
  MPa: 'megapascal',
  bar: 'bar',
  B: 'byte',
  kB: 'kilobyte',
  MB: 'megabyte',
  GB: 'gigabyte',
  TB: 'terabyte',
  'km/h': 'kilometer-per-hour',
  'm/s': 'meter-per-second',
  mph: 'mile-per-hour',
  kn: 'knot',
}
/** The entry of a table; undefined for a key that it does not have itself, such as constructor. */
export const own = <Value>(
  table: Readonly<Record<string, Value>>,
  key: string,
): Value | undefined => (Object.hasOwn(table, key) ? table[key] : undefined)

/**
 * The code of a currency that a cell names by its code or by its sign; null where it names none.
 *
 * @example currencyNamed('€') // 'EUR'
 */
export const currencyNamed = (text: string): string | null =>
  isCurrency(text) ? text : (own(CURRENCY_SIGNS, text) ?? null)
/**
 * The id of a measure that a cell names by its id or by its symbol; null where it names none.
 *
 * @example measureNamed('kg') // 'kilogram'
 */
export const measureNamed = (text: string): string | null =>
  own(MEASURE_SYMBOLS, text) ?? (isMeasure(text) ? text : null)

/** Words of measures that headers write out, beside their symbols. */
const MEASURE_WORDS: Readonly<Record<string, string>> = {
  kilometre: 'kilometer',
  kilometres: 'kilometer',
  kilometer: 'kilometer',
  kilometers: 'kilometer',
  metre: 'meter',
  metres: 'meter',
  mile: 'mile',
  litre: 'liter',
  litres: 'liter',
  liter: 'liter',
  liters: 'liter',
  tonne: 'tonne',
  tonnes: 'tonne',
  second: 'second',
  minute: 'minute',
  hour: 'hour',
  day: 'day',
  week: 'week',
  month: 'month',
  year: 'year',
}
/** A factor of a quotient: a measure, with a number before it where there is one. */
const FACTOR = /^(?:(\d+)\s+)?(\S+)$/

/** The id of one factor of a quotient; undefined where it names no measure. */
function factorNamed(text: string): string | undefined {
  const [, count, name = ''] = FACTOR.exec(text.trim()) ?? []
  const lower = name.toLowerCase()
  const id = own(MEASURE_SYMBOLS, name) ?? own(MEASURE_WORDS, lower) ?? own(MEASURE_SYMBOLS, lower)
  return id === undefined ? undefined : [count, id].filter(Boolean).join('-')
}

/**
 * The measure of a quotient in words or with a stroke; null where it names none.
 *
 * @example quotientNamed('Litres per 100 km') // 'liter-per-100-kilometer'
 */
function quotientNamed(text: string): string | null {
  const [above, below, ...more] = text.split(/\s+per\s+|\//i)
  if (above === undefined || below === undefined || more.length > 0) return null
  const factors = [factorNamed(above), factorNamed(below)]
  const id = factors.join('-per-')
  return !factors.includes(undefined) && isMeasure(id) ? id : null
}

/**
 * The unit that a text beside a number names; null where it is none that is known.
 *
 * @example unitNamed('€') // { kind: 'currency', code: 'EUR' }
 */
export function unitNamed(text: string): Unit | null {
  const code = own(CURRENCY_SIGNS, text) ?? own(CURRENCY_WORDS, text.toLowerCase())
  if (code) return { kind: 'currency', code }
  if (/^[A-Z]{3}$/.test(text) && isCurrency(text)) return { kind: 'currency', code: text }
  const ratio = own(RATIOS, text.toLowerCase())
  if (ratio) return ratio
  const id = own(MEASURE_SYMBOLS, text) ?? quotientNamed(text)
  return id ? { kind: 'measure', id } : null
}
