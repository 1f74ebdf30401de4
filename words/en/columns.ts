import { plural } from '../speak'

/** Why a column of a table is read as what it is. */
export const columns = {
  reasons: {
    empty: 'Text: every cell is empty',
    leadingZeros: 'Codes: numbers that start with zero',
    noNumber: 'Text: no cell is a number',
    text: 'Text',
    codeHeader: 'Codes: the header says so',
    yearHeader: 'Years: the header says so',
    ratioHeader: 'Ratios: the header says so',
    months: 'Dates: months or quarters',
    lettersAndDigits: 'Codes: letters with digits',
    fewNumbers: 'Text: only {$numbers :count} of {$filled :count} cells are numbers',
    codeDigits: 'Codes: all have {$width} digits, more than an amount has',
    years: 'Years: they run from {$from} to {$to}',
    maybeYears: 'Numbers: they could be years, from {$from} to {$to}',
    maybeCodes: 'Numbers: all differ and have {$width} digits, as codes do',
    role: 'You chose: {$role}',
    derived: 'Calculated: {$how}',
    earlier: '{$text}',
  },
  numbers: {
    one: '{$role}: its only cell is a number{$rule}',
    all: '{$role}: all {$filled :count} cells are numbers{$rule}',
    some: '{$role}: {$numbers :count} of {$filled :count} cells are numbers{$rule}; {$unread :count} cannot be read ({$rows})',
  },
  readAs: ', read {$rule}',
  numbersRole: { number: 'Numbers', ratio: 'Ratios', year: 'Years' },
  rows: plural('count', 'row {$rows}', 'rows {$rows}'),
  rowsAndMore: 'rows {$rows} and {$more} more',
  dates: {
    iso: 'Dates: year, month, day',
    dmy: 'Dates: day, month, year',
    mdy: 'Dates: month, day, year',
    unclear: 'Dates: it is unclear whether the day or the month comes first',
  },
} as const
