import type { StudyDocument } from '../../study/document'

/** What a table of rows with units should become, worked out by hand. */
export interface UnitTable {
  readonly says: string
  readonly table: string
  /** The column whose numbers are looked at. */
  readonly column: string
  /**
   * The unit that its rows are added up in: a code or an id, "percent", a symbol, or nothing; null
   * where rows share none.
   */
  readonly unit: string | null
  /** What the rows add up to in that unit; null where nothing may be added. */
  readonly total: string | null
  readonly rates?: NonNullable<StudyDocument['rates']>
  /** Rows, from 1, whose cells are no number of the column. */
  readonly unread?: readonly number[]
}

const lines = (...rows: readonly string[]): string => rows.join('\n')
const RATES = [
  { currency: 'GBP', rate: '1.17', base: 'EUR' },
  { currency: 'SEK', rate: '0.088', base: 'EUR' },
]

/** Units that a column names, row by row. */
const byColumn: readonly UnitTable[] = [
  {
    says: 'several currencies without rates are not added',
    table: lines('bakery,currency,sales', 'Ask,EUR,120', 'Brodd,SEK,1400', 'Emmer,GBP,80'),
    ...{ column: 'sales', unit: null, total: null },
  },
  {
    says: 'several currencies with rates are added in the base',
    table: lines('bakery,currency,sales', 'Ask,EUR,120', 'Brodd,SEK,1400', 'Emmer,GBP,80'),
    ...{ column: 'sales', unit: 'EUR', total: '336.8', rates: RATES },
  },
  {
    says: 'rates for some of the currencies are not enough',
    table: lines('bakery,currency,sales', 'Ask,EUR,120', 'Emmer,GBP,80', 'Fjell,NOK,900'),
    ...{ column: 'sales', unit: null, total: null, rates: RATES },
  },
  {
    says: 'one currency in all rows is added as it is',
    table: lines('bakery,currency,sales', 'Ask,SEK,120', 'Brodd,SEK,1400.5'),
    ...{ column: 'sales', unit: 'SEK', total: '1520.5' },
  },
  {
    says: 'signs in place of codes',
    table: lines('bakery,currency,sales', 'Ask,€,120', 'Emmer,£,80'),
    ...{ column: 'sales', unit: null, total: null },
  },
  {
    says: 'a column of currencies under another name',
    table: lines('bakery,cur,sales', 'Ask,EUR,120', 'Brodd,SEK,1400'),
    ...{ column: 'sales', unit: null, total: null },
  },
  {
    says: 'a row without a currency is not added to those with one',
    table: lines('bakery,currency,sales', 'Ask,EUR,120', 'Brodd,,1400', 'Emmer,EUR,80'),
    ...{ column: 'sales', unit: null, total: null },
  },
  {
    says: 'a sign and a code of one currency are one currency',
    table: lines('bakery,currency,sales', 'Ask,€,120', 'Brodd,EUR,80'),
    ...{ column: 'sales', unit: 'EUR', total: '200' },
  },
  {
    says: 'signs are converted as codes are',
    table: lines('bakery,currency,sales', 'Ask,€,120', 'Emmer,£,80'),
    ...{ column: 'sales', unit: 'EUR', total: '213.6', rates: RATES },
  },
  {
    says: 'a gap beside a currency adds nothing',
    table: lines('bakery,currency,sales', 'Ask,EUR,120', 'Brodd,SEK,', 'Emmer,EUR,80'),
    ...{ column: 'sales', unit: 'EUR', total: '200' },
  },
  {
    says: 'a count beside currencies is a count',
    table: lines('bakery,currency,sales,loaves', 'Ask,EUR,120,30', 'Brodd,SEK,1400,40'),
    ...{ column: 'loaves', unit: '', total: '70' },
  },
  {
    says: 'an amount whose header has its own currency is in that',
    table: lines('bakery,currency,rent (EUR)', 'Ask,EUR,120', 'Brodd,SEK,140'),
    ...{ column: 'rent (EUR)', unit: 'EUR', total: '260' },
  },
]

/** Units that a header names. */
const byHeader: readonly UnitTable[] = [
  {
    says: 'minutes in brackets',
    table: lines('berth,Stay (min)', 'A,90', 'B,45'),
    ...{ column: 'Stay (min)', unit: 'minute', total: '135' },
  },
  {
    says: 'kilowatt-hours at the end',
    table: lines('mill,Fuel kWh', 'Ask,1200.5', 'Una,800'),
    ...{ column: 'Fuel kWh', unit: 'kilowatt-hour', total: '2000.5' },
  },
  {
    says: 'feet in square brackets',
    table: lines('mast,Height [ft]', 'A,30', 'B,41.5'),
    ...{ column: 'Height [ft]', unit: 'foot', total: '71.5' },
  },
  {
    says: 'milliseconds as the whole header',
    table: lines('call,ms', 'a,12', 'b,8'),
    ...{ column: 'ms', unit: 'millisecond', total: '20' },
  },
  {
    says: 'thousands of euros',
    table: lines('bakery,k€', 'Ask,12', 'Emmer,8.5'),
    ...{ column: 'k€', unit: 'EUR', total: '20500' },
  },
  {
    says: 'millions of dollars in words',
    table: lines('port,Sales (USD million)', 'Quay,1.5', 'Mole,2'),
    ...{ column: 'Sales (USD million)', unit: 'USD', total: '3500000' },
  },
  {
    says: 'percent',
    table: lines('kelp,%', 'sugar,60', 'oar,40'),
    ...{ column: '%', unit: 'percent', total: '1' },
  },
  {
    says: 'a code in small letters',
    table: lines('loaf,price_eur', 'rye,3.5', 'oat,4'),
    ...{ column: 'price_eur', unit: 'EUR', total: '7.5' },
  },
  {
    says: 'a quotient in words',
    table: lines('van,Km per day', 'one,120', 'two,80'),
    ...{ column: 'Km per day', unit: 'kilometer-per-day', total: '200' },
  },
  {
    says: 'things for each kilometre are in no kilometres',
    table: lines('road,People per km', 'A,120', 'B,80'),
    ...{ column: 'People per km', unit: '', total: '200' },
  },
  {
    says: 'a price for each megawatt-hour',
    table: lines('mill,Price (€/MWh)', 'Ask,80', 'Una,90'),
    ...{ column: 'Price (€/MWh)', unit: '€/MWh', total: '170' },
  },
  {
    says: 'a unit that nobody knows',
    table: lines('mooring,Catch (crates)', 'A,12', 'B,8'),
    ...{ column: 'Catch (crates)', unit: '', total: '20' },
  },
]

/** Units that cells have. */
const byCell: readonly UnitTable[] = [
  {
    says: 'euros before the numbers',
    table: lines('bakery,sales', 'Ask,€120', 'Emmer,"€1,080.50"'),
    ...{ column: 'sales', unit: 'EUR', total: '1200.5' },
  },
  {
    says: 'rungs beside money',
    table: lines('bakery,sales', 'Ask,€1.2M', 'Emmer,€950K'),
    ...{ column: 'sales', unit: 'EUR', total: '2150000' },
  },
  {
    says: 'kilograms behind the numbers',
    table: lines('crate,weight', 'A,12 kg', 'B,8.5 kg'),
    ...{ column: 'weight', unit: 'kilogram', total: '20.5' },
  },
  {
    says: 'two currencies in one column: the rarer one is missing, and told',
    table: lines('bakery,sales', 'Ask,€120', 'Brodd,£80', 'Emmer,€30'),
    ...{ column: 'sales', unit: 'EUR', total: '150', unread: [2] },
  },
  {
    says: 'two measures of one kind in one column: the rarer one is missing, and told',
    table: lines('crate,weight', 'A,12 kg', 'B,8 t', 'C,3 kg', 'D,4 kg', 'E,1 kg'),
    ...{ column: 'weight', unit: 'kilogram', total: '20', unread: [2] },
  },
  {
    says: 'a sign and a code of one currency are one',
    table: lines('bakery,sales', 'Ask,€120', 'Emmer,30 EUR'),
    ...{ column: 'sales', unit: 'EUR', total: '150' },
  },
  {
    says: 'percent in cells',
    table: lines('kelp,share', 'sugar,62.5%', 'oar,37.5%'),
    ...{ column: 'share', unit: 'percent', total: '1' },
  },
  {
    says: 'degrees',
    table: lines('buoy,water', 'A,12 °C', 'B,9.5 °C'),
    ...{ column: 'water', unit: 'celsius', total: '21.5' },
  },
  {
    says: 'times of hours and minutes',
    table: lines('berth,stay', 'A,1:30', 'B,0:45'),
    ...{ column: 'stay', unit: 'minute', total: '135' },
  },
  {
    says: 'times of hours, minutes and seconds',
    table: lines('run,took', 'A,1:30:05', 'B,0:00:55'),
    ...{ column: 'took', unit: 'second', total: '5460' },
  },
  {
    says: 'times in words',
    table: lines('berth,stay', 'A,2 h 15 min', 'B,45 min'),
    ...{ column: 'stay', unit: 'minute', total: '180' },
  },
]

/** Units that are mixed, say two things, or are wrong. */
const mixedOrWrong: readonly UnitTable[] = [
  {
    says: 'thousands in the header and rungs in the cells are counted once',
    table: lines('bakery,sales (k€)', 'Ask,€12K', 'Emmer,€8K'),
    ...{ column: 'sales (k€)', unit: 'EUR', total: '20000' },
  },
  {
    says: 'codes that are no currencies name none',
    table: lines('bakery,grade,sales', 'Ask,AAA,120', 'Brodd,ABC,140'),
    ...{ column: 'sales', unit: '', total: '260' },
  },
  {
    says: 'a currency in a cell and another in its column of currencies',
    table: lines('bakery,currency,sales', 'Ask,EUR,€120', 'Brodd,EUR,€80'),
    ...{ column: 'sales', unit: 'EUR', total: '200' },
  },
  {
    says: 'percent in the header and in the cells is taken once',
    table: lines('kelp,share %', 'sugar,60%', 'oar,40%'),
    ...{ column: 'share %', unit: 'percent', total: '1' },
  },
  {
    says: 'metres in the header are no millions',
    table: lines('rope,length (m)', 'A,12', 'B,8'),
    ...{ column: 'length (m)', unit: 'meter', total: '20' },
  },
  {
    says: 'millions beside money are no metres',
    table: lines('bakery,sales (EUR m)', 'Ask,12', 'Emmer,8'),
    ...{ column: 'sales (EUR m)', unit: 'EUR', total: '20000000' },
  },
  {
    says: 'decimal commas beside a unit',
    table: lines('crate;weight', 'A;12,5 kg', 'B;8,25 kg'),
    ...{ column: 'weight', unit: 'kilogram', total: '20.75' },
  },
]

/** Tables with units as people bring them, each with its answer. */
export const UNIT_TABLES: readonly UnitTable[] = [
  ...byColumn,
  ...byHeader,
  ...byCell,
  ...mixedOrWrong,
]
