import { plural } from '../speak'

/** All texts of the screen Proofread. */
export const proofread = {
  proofPage: {
    tab: 'Proofread · Ivory Abacus',
    title: 'Proofread',
    studies: 'All studies',
    chooseFile: 'Choose a file',
    anotherFile: 'Another file',
    dropHere: 'Drop a finished chart or table here',
    intro:
      'Drop an SVG from any program or an HTML page with tables. Its labels are read and compared with their positions. You see what readers will think, and can correct the labels in the same file.',
    privacy: 'The file stays on this computer. Nothing in it is run or loaded.',
    example: 'Try it with an example chart',
    reading: 'Reading {$name}…',
    notRead: '{$name} could not be read',
    save: 'Save the file',
    undo: 'Undo',
    makeStudy: 'Create a study from its numbers',
    readers: 'Readers',
    anyReaders: 'any region',
  },
  proofFindings: {
    nothing: 'No findings on its numbers',
    labelsRead: '{$count :count} labels were read.',
    found: plural('count', '1 finding', '{$count} findings'),
    also: 'Also, with the same cause: {$titles}',
    place: 'line {$line}, column {$column}',
    fix: 'Correct the labels',
    error: 'error',
    warning: 'warning',
    note: 'note',
  },
  proofParts: {
    title: 'What was read',
    labels: '{$count :count} labels',
    scale: {
      linear: 'linear',
      log: 'logarithmic',
      symlog: 'symmetric logarithmic',
      multiple: 'in multiples of π',
      power: 'power scale',
    },
    step: 'step {$step}',
    label: 'label',
    reading: 'reads as',
    position: 'its position',
    ambiguous:
      'Readers in {$region} read other numbers from the same labels ({$first} …), which fit as well.',
  },
  proofMend: {
    style: 'Style of these labels',
    part: 'the {$part}',
    apply: 'Write to the file',
    cancel: 'Cancel',
    before: 'now',
    after: 'after',
    suggestions: 'Other styles',
    unchanged: 'All labels stay the same.',
    noNumbers: 'These labels hold no number.',
    remaining: `.input {$count :count}
.match $count
0 {{With these labels, the {$part} has no findings left.}}
one {{With these labels, the {$part} has 1 finding left.}}
* {{With these labels, the {$part} has {$count} findings left.}}`,
  },
} as const
