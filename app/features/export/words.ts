import type { Told } from '~/composables/words'

/** What is said by taking away, part by part: a translation needs nothing else here. */
export const exportDialog = {
  allValuesWrittenAs: (how: Told, values: Told) =>
    `${how}: all ${values} values are written as on the desk.`,
  valuesWrittenAsOn: (how: Told, equal: Told, values: Told) =>
    `${how}: ${equal} of ${values} values are written as on the desk.`,
  browserLetsNothingBe: 'The browser lets nothing be copied here; download it.',
  takeAway: (title: Told) => `Take away: ${title}`,
  asLabel: 'As',
  takenAwayAs: 'Taken away as',
  asWritten: ', as it is written',
  surface: 'Surface',
  rowsTaken: 'Rows taken along',
  takenRows: { shown: 'the rows that are shown', all: 'all rows' },
  ofRows: 'Of',
  lackingIs: 'A label without its row',
  lacking: { error: 'is an error', text: 'has its number and this text:' },
  lackingText: 'Text in place of the unit',
  lackingStands: 'unit unknown',
  stand: (count: number) => (count === 1 ? '1 finding stands' : `${count} findings stand`),
  more: (count: number) => `and ${count} more, in the margin`,
  makingAndProvingOn: 'Making it and proving it on every value…',
  value: 'value',
  onDesk: 'on the desk',
  there: 'there',
  preview: 'Preview',
  copied: 'Copied',
  copy: 'Copy',
  download: (name: Told) => `Download ${name}`,
}
