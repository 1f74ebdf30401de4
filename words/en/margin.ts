import { plural } from '../speak'

/** All texts of the margin. */
export const margin = {
  findingCard: {
    error: 'Error',
    warning: 'Warning',
    note: 'Note',
    onAxis: 'on the axis of {$title}',
    dismiss: 'Dismiss',
    reason: 'Why is this fine?',
    dismissWithReason: 'Dismiss',
    cancel: 'Cancel',
    showQuantity: 'Show {$title}',
    fixOn: '{$title}: {$surfaces :list}',
    elsewhere: 'What it says {$surfaces}',
    alsoFixes: '{$count :count} more with the same cause: {$titles}',
  },
  findingMarks: {
    errors: plural('count', '1 error', '{$count} errors'),
    warnings: plural('count', '1 warning', '{$count} warnings'),
    notes: plural('count', '1 note', '{$count} notes'),
    title: 'Findings',
    checkFailed: 'The labels could not be checked: {$trouble}',
    stopped: 'The check was stopped.',
    checkAgain: 'Check again',
    readingLabels: 'Reading labels…',
    progress: 'Progress of the check',
    stop: 'Stop',
    readingAllLabels: 'Reading the labels…',
    nothingFound: 'No finding on the labels of this page.',
    onlyDismissed: 'No finding besides the dismissed ones.',
    dismissed: 'Dismissed findings',
    dismissedCount: plural('count', ', 1 dismissed: {$reason}', ', {$count} dismissed: {$reason}'),
    restore: 'Restore',
  },
  readersChoice: {
    label: 'Readers:',
    only: '{$region} only',
    title: 'Readers',
    several: '\\{0\\} languages',
  },
  fixes: {
    fixedOn: '{$quantity}: {$fix} {$surfaces}, for the finding “{$check}”',
    styleUnchanged: 'The style is unchanged',
  },
} as const
