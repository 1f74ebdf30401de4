import type { Told } from '~/composables/words'

/** What is said by the list of studies, part by part: a translation needs nothing else here. */
export const studyRow = {
  newName: 'New name',
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
  noStudyYetBegin: 'No study yet. Begin one below, or bring one in from its file.',
  removed: (name: Told) => `${name} is removed.`,
  bringBack: 'Bring it back',
  newStudy: 'A new study',
  untitledStudy: 'Untitled study',
  begin: 'Begin',
  orFromFile: 'or from a file',
  bringStudyInFrom: 'Bring a study in from its file',
}
