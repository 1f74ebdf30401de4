import { plural } from '../speak'

/** All texts of the list of studies. */
export const studies = {
  studyRow: {
    newName: 'New name',
    noData: 'no data yet',
    rows: plural('count', '{$names :list}: 1 row', '{$names :list}: {$count} rows'),
    renameButton: 'Rename',
    changed: 'changed {$when}, revision {$revision}',
    renameLabel: 'Rename {$name}',
    rename: 'rename',
    copyLabel: 'Copy {$name}',
    copy: 'copy',
    saveLabel: 'Save to a file: {$name}',
    save: 'save to a file',
    removeLabel: 'Delete {$name}',
    remove: 'delete',
  },
  studyList: {
    notAStudy:
      '{$name} is not a study, because it is not JSON. Choose a file that was saved here, such as osprind.study.json.',
    untitled: 'Untitled study',
  },
  studiesPage: {
    tab: 'Studies · Ivory Abacus',
    title: 'Studies',
    loading: 'Loading the studies…',
    none: 'No studies yet. Create one above or open one from a file.',
    newName: 'Name of a new study',
    untitled: 'Untitled study',
    create: 'Create',
    open: 'Open a file',
    dropHint: 'You can drop study files and tables anywhere on this page.',
    proofread: 'Proofread a finished chart or table',
    proofreadHelp:
      'Drop an SVG or HTML file from any program and see how readers will read its numbers.',
    openProofread: 'Proofread',
    openLabel: 'Open a study or a table from a file',
  },
  studyBin: {
    title: 'Deleted',
    stays: 'Deleted studies stay here for 30 days.',
    deleted: 'deleted {$when}',
    restore: 'restore',
    restoreLabel: 'Restore {$name}',
  },
  studyBackups: {
    title: plural('count', '1 backup', '{$count} backups'),
    help: 'Copies of all studies: one for each of the last seven days, and one before every upgrade.',
    size: '{$kilobytes} KB',
    restore: 'restore all studies from this',
    confirm: 'All studies return to this state. The current ones are kept in a separate file.',
    confirmRestore: 'restore',
    cancel: 'cancel',
    restored: 'The studies are restored. The previous ones are in {$file}.',
  },
} as const
