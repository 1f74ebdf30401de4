import type { Told } from '~/composables/words'

/** All texts about exchange rates and rows in several units. */
export const ratesDialog = {
  title: 'Exchange rates',
  how: 'Write one rate a line, or paste a table with the columns currency, rate and base.',
  example: '1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury',
  rates: 'Rates',
  open: 'Open a CSV file',
  line: (line: Told, says: Told) => `Line ${line}: ${says}`,
  lacks: (currencies: Told, base: Told) => `No rate leads from ${currencies} to ${base} yet.`,
  enough: (base: Told) => `All rows can be shown in ${base}.`,
  save: 'Save rates',
  cancel: 'Cancel',
  saved: 'Set the exchange rates',
  removed: 'Remove the exchange rates',
  stays: 'The rates stay as they were',
}
export const ratesNote = {
  rates: 'Rates:',
  edit: 'Edit rates',
}
export const unitsOffer = {
  currencies: (count: Told, units: Told) => `These amounts are in ${count} currencies: ${units}.`,
  measures: (count: Told, units: Told) => `These numbers are in ${count} units: ${units}.`,
  noScale: 'They have no common scale yet, so no chart is drawn.',
  enter: 'Enter exchange rates',
  panels: 'Draw a panel for each unit',
  drawPanels: (column: Told) => `Draw a panel for each ${column}`,
  orShow: 'Or show only the rows in',
  rows: (unit: Told, rows: Told) => `${unit}, ${rows}`,
  row: '1 row',
  rowsOf: (count: Told) => `${count} rows`,
  showOnly: (unit: Told) => `Show only the rows in ${unit}`,
}
