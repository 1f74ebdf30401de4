import type { Told } from '~/composables/words'

/** What is said where finished works are proofed: a translation needs nothing else here. */
export const proofPage = {
  title: 'Proof · Ivory Abacus',
  proof: 'Proof',
  studies: 'All studies',
  chooseFile: 'Choose a file',
  anotherFile: 'Another file',
  dropHere: 'Drop a finished chart or table here',
  whatItDoes:
    'An SVG from any program, or an HTML page with tables. Its labels are read back into numbers and held against where they stand: you see what a reader will think, and write the labels anew in the same file.',
  stays: 'The file stays on this machine. Nothing in it is run or loaded.',
  tryOne: 'Try it with a chart of the cooperative',
  reading: (name: Told) => `Reading ${name}…`,
  notRead: (name: Told) => `${name} was not read`,
  save: 'Save the file',
  undo: 'Take back',
  makeStudy: 'Make a study of its numbers',
  readers: 'Read by people of',
  anyReaders: 'any region',
  changed: (count: Told) => `${count} written anew`,
}
export const proofFindings = {
  nothing: 'Nothing is wrong with its numbers',
  asFarAs: (count: Told) => `${count} labels were read back, and each says what it stands for.`,
  found: (count: number) => (count === 1 ? 'One finding' : `${count} findings`),
  also: (titles: Told) => `Also, of the same cause: ${titles}`,
  where: (line: Told, column: Told) => `line ${line}, column ${column}`,
  take: 'Write them anew',
  errors: 'error',
  warning: 'warning',
  note: 'note',
}
export const proofParts = {
  parts: 'What was read',
  labels: (count: Told) => `${count} labels`,
  scale: {
    linear: 'even',
    log: 'logarithmic',
    symlog: 'logarithmic about zero',
    multiple: 'in π',
    power: 'by a power',
  },
  step: (step: Told) => `step ${step}`,
  reads: 'label',
  said: 'reads as',
  place: 'its place',
  otherwise: (reader: Told, first: Told) =>
    `A reader of ${reader} takes the same labels for other numbers (${first} …), which fits as well.`,
}
export const proofMend = {
  style: 'How these labels are written',
  subject: (part: Told) => `the ${part}`,
  apply: 'Write them into the file',
  cancel: 'Leave them as they are',
  was: 'now',
  will: 'then',
  suggestions: 'Other ways',
  same: 'Every label is as it was.',
  none: 'No number stands on these labels.',
  left: (part: Told, count: number) =>
    count === 0
      ? `With these labels nothing is found on the ${part} any more.`
      : `With these labels ${count === 1 ? 'one finding is' : `${count} findings are`} left on the ${part}.`,
}
