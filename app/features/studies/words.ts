import type { Told } from '~/composables/words'

/** What is said by the list of studies, part by part: a translation needs nothing else here. */
export const studyRow = {
  newName: 'New name',
  noData: 'no data yet',
  data: (names: Told, rows: Told, isOne: boolean) => `${names}: ${rows} ${isOne ? 'row' : 'rows'}`,
  rename: 'Rename',
  changedRevision: (when: Told, revision: Told) => `changed ${when}, revision ${revision}`,
  renameName: (name: Told) => `Rename ${name}`,
  phraseRename: 'rename',
  copy: (name: Told) => `Copy ${name}`,
  phraseCopy: 'copy',
  saveToFile: (name: Told) => `save to a file: ${name}`,
  saveToAFile: 'save to a file',
  remove: (name: Told) => `Remove ${name}`,
  phraseRemove: 'remove',
}
export const studyList = {
  noStudyNotJson: (name: Told) =>
    `${name} is no study: it is not JSON. Choose a file that was saved here, such as osprind.study.json.`,
  untitledStudy: 'Untitled study',
}
export const studiesPage = {
  studiesIvoryAbacus: 'Studies · Ivory Abacus',
  studies: 'Studies',
  fetchingStudies: 'Fetching the studies…',
  noStudyYetBegin: 'No study yet. Begin one above, or bring one in from its file.',
  newStudy: 'A new study',
  untitledStudy: 'Untitled study',
  begin: 'Begin',
  fromFile: 'From a file',
  drop: 'Files of studies and tables can be dropped anywhere here.',
  proof: 'Proof a finished chart or table',
  proofSays:
    'An SVG or HTML page from any program: drop it anywhere, and see what a reader will think of its numbers.',
  openProof: 'Open proof',
  bringStudyInFrom: 'Bring a study in from its file, or begin one with a table',
}
export const studyBin = {
  bin: 'Removed',
  stays: 'A study stays here for 30 days after it was removed.',
  removed: (when: Told) => `removed ${when}`,
  bringBack: 'bring it back',
  bringBackName: (name: Told) => `Bring ${name} back`,
}
export const studyBackups = {
  backups: (count: number) => (count === 1 ? 'One backup' : `${count} backups`),
  says: 'All studies as they were: one of each of the last seven days, and one before every upgrade.',
  size: (kilobytes: Told) => `${kilobytes} KB`,
  bringAllBack: 'bring all studies back to this',
  sure: 'All studies become as they were then; those of now are kept in a file beside.',
  bringBack: 'bring them back',
  cancel: 'cancel',
  restored: (aside: Told) => `The studies are back. Those that stood before are in ${aside}.`,
}
