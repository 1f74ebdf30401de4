import type { Told } from '~/composables/words'

/** What is said by the margin, part by part: a translation needs nothing else here. */
export const findingCard = {
  error: 'Error',
  warning: 'Warning',
  note: 'Note',
  onAxis: (title: Told) => `on the axis of ${title}`,
  leave: 'leave it',
  whyMayStand: 'Why may it stand?',
  leaveLabel: 'Leave it',
  cancel: 'Cancel',
  show: (title: Told) => `Show ${title}`,
  fixOn: (title: Told, surfaces: readonly string[]) => `${title}: ${surfaces.join(', ')}`,
  saidElsewhere: (surfaces: Told) => `what it says ${surfaces}`,
  mendsMore: (length: Told, alsoTitles: Told) => `mends ${length} more: ${alsoTitles}`,
}
export const findingMarks = {
  tally: (count: Told, what: Told) => `${count} ${what}`,
  error: ['error', 'errors'],
  warning: ['warning', 'warnings'],
  note: ['note', 'notes'],
  whatReaderWouldGet: 'What a reader would get wrong',
  labelsCouldNotBe: (trouble: Told) => `The labels could not be checked: ${trouble}`,
  checkWasStopped: 'The check was stopped.',
  checkAgain: 'Check again',
  readingBack: 'Reading back…',
  howMuchChecked: 'How much is checked',
  stop: 'stop',
  readingLabelsBack: 'Reading the labels back…',
  everyLabelReadsBack: 'Every label reads back as its number.',
  nothingButWhatWas: 'Nothing but what was left with a reason.',
  leftWithReason: 'Left with a reason',
  left: (length: Told, reason: Told) => `, ${length} left: ${reason}`,
  takeBack: 'take back',
}
export const readersChoice = {
  forReaders: 'For readers of',
  alone: (regionName: Told) => `${regionName} alone`,
  readers: 'Readers',
  languages: '{0} languages',
}
export const fixes = {
  onSince: (title: Told, title2: Told, surfaces: Told, check: Told) =>
    `${title}: ${title2} on ${surfaces}, since ${check}`,
  styleStays: 'The style stays',
}
