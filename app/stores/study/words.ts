import type { Told } from '~/composables/words'

/**
 * What is said by the stores, in names of steps and refusals, part by part: a translation needs
 * nothing else here.
 */
export const levelEdits = {
  styleStays: 'The style stays',
  takeBack: (fields: Told, levelWord: Told) => `Take back ${fields}, ${levelWord}`,
  giveTo: (fields: Told, levelName: Told, levelName2: Told) =>
    `Give ${fields} of ${levelName} to ${levelName2}`,
}
export const commands = {
  quantityStaysAsWas: (message: Told) => `The quantity stays as it was: ${message}`,
  asWas: (stays: Told, message: Told) => `${stays} as it was: ${message}`,
  oneRegion: 'one region',
  readers: (locales: Told) => `Readers: ${locales}`,
  choiceReadersStays: 'The choice of readers stays',
  showAnotherQuantity: 'Show another quantity',
  leave: (reason: Told) => `Leave it: ${reason}`,
  takeBackWhatWas: 'Take back what was left',
}
export const saving = {
  studyWasChangedIn:
    'The study was changed in another tab. Choose “Take theirs” or “Keep mine” first, at the top.',
}
export const study = {
  changedElsewhere: 'Changed elsewhere',
}
export const steps = {
  undo: 'Undo',
  undoSteps: (count: Told) => `Undo ${count} steps`,
  redo: 'Redo',
}

export const data = {
  bringIn: (name: Told) => `Bring in ${name}`,
  make: (name: Told) => `Make ${name}`,
  takeFor: (name: Told, role: Told) => `Take ${name} for ${role}`,
}

export const stylebook = {
  styleStays: 'The style stays',
  take: (name: Told, version: Told, where: Told) =>
    `Take ${name}, version ${version} of the stylebook, ${where}`,
  letGo: (where: Told) => `Take nothing from the stylebook, ${where}`,
}
