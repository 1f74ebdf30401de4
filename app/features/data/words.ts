import type { Told } from '~/composables/words'

/** What is said by the import, part by part: a translation needs nothing else here. */
export const importDialog = {
  dayComesFirst: 'the day comes first',
  monthComesFirst: 'the month comes first',
  pastedTable: 'Pasted table',
  bringInData: 'Bring in data',
  pasteTableDropFile: 'Paste a table, drop a file here, or',
  chooseOne: 'choose one',
  chooseFile: 'Choose a file',
  commasSemicolonsAndTabs: '. Commas, semicolons and tabs are all fine.',
  name: 'Name',
  rowsPartedByColumns: (rowCount: Told, delimiter: Told, numbers: Told, length: Told) =>
    `${rowCount} rows parted by ${delimiter}, ${numbers} of ${length} columns are numbers.`,
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
