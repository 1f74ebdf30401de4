import type { Told } from '~/composables/words'

/**
 * What is said by the frame around the screens, part by part: a translation needs nothing else
 * here.
 */
export const wholeApp = {
  somethingOnPageFailed: (last: Told) =>
    `Something on this page failed, and it may show what is no longer so: ${last}. What is saved stays as it is; reload the page to go on.`,
  reload: 'Reload',
  goOn: 'Go on',
}
export const errorPage = {
  thereNoSuchPage: 'There is no such page',
  pageFailed: 'This page failed',
  ivoryAbacus: (title: Told) => `${title} · Ivory Abacus`,
  addressLeadsNowhereMay:
    'The address leads nowhere: it may have been typed with a slip, or its study was removed.',
  whatWasSavedSafe:
    'What was saved is safe. Reload the page; if it fails again, open another study and come back.',
  reload: 'Reload',
  allStudies: 'All studies',
}
export const historyList = {
  history: 'History',
  whatWasDone: 'What was done',
  namedOnly: 'with a name alone',
  earlier: 'earlier ones',
  after: (what: Told) => `After “${what}”`,
  revision: (number: Told) => `revision ${number}`,
  page: (what: Told) => `The page after “${what}”`,
  nameIt: 'Give it a name',
  keepName: 'Keep the name',
  taken: ', taken away',
  namedStay:
    'Your last 200 changes are kept, and so is every change that you named or exported. ' +
    'Older changes are thinned to one an hour, and after a week to one a day.',
  goBack: 'Go back to this',
  asItIs: 'This is how it stands',
  wentBack: (to: Told) => `Go back to ${to}`,
}
export const keyMap = {
  help: 'Help',
  keys: 'Keys',
  guide: 'The guide',
  goesThroughWorkStep: 'goes through the work step by step; it has',
  everyFieldStyle: 'every field of a style',
  and: 'and',
  everyCheck: 'every check',
}
export const saveState = {
  saved: 'Saved',
  saving: 'Saving…',
  notSavedTryingAgain: 'Not saved, trying again',
  changedInAnotherTab: 'Changed in another tab',
  revision: (revision: Told) => `Revision ${revision}`,
  takeTheirs: 'Take theirs',
  keepMine: 'Keep mine',
}
export const topBar = {
  allStudies: 'All studies',
  chooseQuantity: 'Choose a quantity',
  quantityOnPage: 'Quantity on the page',
  screens: 'Screens',
  undo: 'Undo',
  undoCtrlZ: 'Undo (Ctrl Z)',
  redo: 'Redo',
  redoCtrlShiftZ: 'Redo (Ctrl Shift Z)',
  helpAndKeys: 'Help and keys (?)',
  help: 'Help',
  bringInData: 'Bring in data',
  takeAway: 'Take away',
}
export const indexPage = {
  openingDesk: 'Opening the desk…',
}
export const studyPage = {
  allStudies: 'All studies',
  noNumbersYet: 'No numbers yet',
  pasteTableOrDrop:
    'Paste a table or drop a file: every column of numbers becomes a quantity that you can write.',
  bringInData: 'Bring in data',
  openingStudy: 'Opening the study…',
}
