import { type Role, ROLES } from '~~/core/data/roles'
import type { Told } from '~/composables/words'

/** What columns are for. */
export const roleTitles: Readonly<Record<Role, string>> = {
  number: 'numbers',
  ratio: 'ratios',
  date: 'dates',
  year: 'years',
  code: 'codes',
  text: 'texts',
}

/** The same, as a list to choose from. */
export const roleChoices = ROLES.map((id) => ({ id, title: roleTitles[id] }))

/** What is said where a file or a text could not be read. */
export const reading = {
  cancelled: 'Reading was cancelled.',
  failed: 'This file could not be read. It may need more memory than the browser has.',
  tooLong: (seconds: Told) =>
    `Reading took over ${seconds} seconds and was ended. Import a part of the table.`,
}

/** What is said by the import, part by part: a translation needs nothing else here. */
export const importDialog = {
  dayComesFirst: 'the day comes first',
  monthComesFirst: 'the month comes first',
  pastedTable: 'Pasted table',
  bringInData: 'Bring in data',
  pasteTableDropFile: 'Paste a table, drop a file here, or',
  chooseOne: 'choose one',
  part: 'Table',
  chooseFile: 'Choose a file',
  formsOfFiles: ': CSV, JSON, HTML, an OpenDocument spreadsheet or Parquet.',
  name: 'Name',
  firstLines: (length: Told) => `The first lines of ${length} characters.`,
  reading: 'Reading …',
  giveUp: 'Cancel reading',
  bringingIn: 'Bringing in …',
  delimiters: { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' } as Readonly<
    Record<string, string>
  >,
  rowsPartedByColumns: (rowCount: Told, delimiter: Told, numbers: Told, length: Told) =>
    `${rowCount} rows parted by ${delimiter}, ${numbers} of ${length} columns are numbers.`,
  roleOf: (name: Told) => `What ${name} holds`,
  markOf: (name: Told) => `Decimal mark in ${name}`,
  pointIsDecimal: 'a point begins the decimals',
  commaIsDecimal: 'a comma begins the decimals',
  hoursAndMinutes: 'hours and minutes',
  minutesAndSeconds: 'minutes and seconds',
  durationOf: (name: Told) => `How to read the durations in ${name}`,
  onlyYouKnow: (roles: readonly string[]) =>
    `Read as ${roles[0]}; only you know whether they are ${roles.slice(1).join(' or ')}.`,
  twoWays: (cells: readonly string[]) =>
    cells.length > 0 ? `${cells.slice(0, 3).join(', ')} can be read in two ways:` : 'As you say:',
  otherUnits: (units: readonly string[]) =>
    `Cells in ${units.join(', ')} are kept as missing: they cannot be added to the others.`,
  isRead: (cell: Told, value: Told) => `“${cell}” is ${value}`,
  where: 'Where the table goes',
  asNewStudy: 'a new study',
  intoThisOne: 'into this one',
  dates: 'Dates:',
  doesDayOrMonth: 'does day or month come first?',
  orderDatesIn: (name: Told) => `Order of the dates in ${name}`,
  missing: (missing: Told) => `; ${missing} missing`,
  rowKeptAsMissing: (row: Told, text: Told) => `row ${row}: “${text}” is kept as missing`,
  andMore: (length: Told) => `and ${length} more`,
  noColumnHoldsNumbers: 'No column holds numbers, so there would be nothing to write.',
  cancel: 'Cancel',
  bringIn: 'Bring in',
}
