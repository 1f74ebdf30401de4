/** All texts of exchange rates and rows in several units. */
export const rates = {
  ratesDialog: {
    title: 'Exchange rates',
    how: 'Write one rate a line, or paste a table with the columns currency, rate and base.',
    example: '1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury',
    rates: 'Rates',
    open: 'Open a CSV file',
    line: 'Line {$line}: {$problem}',
    missing: 'No rate leads from {$currencies} to {$base} yet.',
    complete: 'All rows can be shown in {$base}.',
    save: 'Save rates',
    cancel: 'Cancel',
    saved: 'Set the exchange rates',
    removed: 'Remove the exchange rates',
  },
  ratesNote: {
    rates: 'Rates:',
    edit: 'Edit rates',
  },
  unitsOffer: {
    currencies: 'These amounts are in {$count :count} currencies: {$units :list}.',
    measures: 'These numbers are in {$count :count} units: {$units :list}.',
    noScale: 'They have no common scale yet, so no chart is drawn.',
    enter: 'Enter exchange rates',
    panels: 'Draw a panel for each unit',
    drawPanels: 'Draw a panel for each {$column}',
    orShow: 'Or show only the rows in',
    unitRows: '{$unit}, {$rows}',
    oneRow: '1 row',
    rows: '{$count :count} rows',
    showOnly: 'Show only the rows in {$unit}',
  },
} as const
