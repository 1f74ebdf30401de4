/** All texts of the history: names of changes, and why some are refused. */
export const stores = {
  levelEdits: {
    styleUnchanged: 'The style is unchanged',
    clear: 'Clear {$fields}, {$where}',
    moveTo: 'Move {$fields} from {$from} to {$to}',
  },
  commands: {
    quantityUnchanged: 'The quantity is unchanged: {$reason}',
    unchanged: '{$what}: {$reason}',
    oneRegion: 'one region',
    setReaders: 'Readers: {$regions}',
    readersUnchanged: 'The choice of readers is unchanged',
    showQuantity: 'Show another quantity',
    dismiss: 'Dismiss: {$reason}',
    restore: 'Restore a dismissed finding',
  },
  saving: {
    conflict:
      'The study was changed in another tab. First choose “Use the other version” or “Keep mine” at the top.',
  },
  study: {
    changedElsewhere: 'Changed elsewhere',
  },
  steps: {
    undo: 'Undo',
    undoSteps: 'Undo {$count} steps',
    redo: 'Redo',
  },
  data: {
    imported: 'Import {$name}',
    added: 'Add {$name}',
    setRole: 'Treat {$name} as {$role}',
  },
  stylebook: {
    styleUnchanged: 'The style is unchanged',
    use: 'Use {$name}, version {$version} of the stylebook, {$where}',
    stopUsing: 'Stop using the stylebook {$where}',
  },
} as const
