import { plural } from '../speak'

/** All texts of the screen Ladders. */
export const ladders = {
  problems: {
    nameLength: 'The {$field} of the rung at 10^{$power} needs 1 to 40 characters.',
    other: '{$problem}.',
  },
  knownNames: {
    title: 'Known for another power',
    message: 'Most readers know {$names}.',
    name: '{$names :list quote=always} for {$known}, here {$here}',
  },
  ladderColumn: {
    remove: 'Remove {$symbol}',
    move: 'Move {$symbol}, at 10 to the {$power}',
    help: '10{$power}: drag it or use the arrow keys',
    symbolOf: 'Symbol of 10 to the {$power}',
    wordOf: 'Word for 10 to the {$power}',
    removeSymbol: 'Remove {$symbol}',
    removeRung: 'Remove this rung',
    inUse: plural(
      'count',
      '{$users} has labels fixed on {$symbol}.',
      '{$users} have labels fixed on {$symbol}.',
    ),
    removeAnyway: 'remove it; each label finds its own rung',
    keep: 'keep it',
    notSaved: '{$problem} Nothing is saved until you correct it.',
  },
  ladderHead: {
    name: 'name',
    nameOf: 'Name of the ladder {$title}',
    use: 'use',
    addRung: 'add a rung',
    copy: 'copy',
    remove: 'delete',
    usedBy: plural('count', '{$users} uses it.', '{$users} use it.'),
    removeAnyway: 'delete it anyway',
    keep: 'keep it',
  },
  ladderDraft: {
    moved: 'Move {$symbol} from 10^{$from} to 10^{$to}',
    added: 'Add a rung at 10^{$power}',
  },
  laddersPage: {
    copyName: 'my {$title}',
    copyLadder: 'Copy the ladder {$title}',
    renamed: 'Rename a ladder to {$name}',
    nameTaken: 'Another ladder has this name.',
    nameLength: 'Use up to 80 characters.',
    removed: 'Delete the ladder {$title}',
    use: '{$quantity}: use the ladder {$title}',
    missingGlyphs:
      'This device has no font for some names. They appear as Unicode numbers, such as U+4E07.',
    moreRight: 'more on the right →',
    intro: 'Names of powers of ten, drawn to scale.',
    inUse: 'are the rungs in use',
    copyHint: 'now. Copy a ladder to make your own.',
    title: 'Ladders',
  },
} as const
