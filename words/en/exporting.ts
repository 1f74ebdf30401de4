import { plural } from '../speak'

/** All texts of the dialog Export. */
export const exporting = {
  picture: {
    title: 'the chart as a picture (SVG)',
    help: 'The chart as on the page, with its texts, legend and callouts. Text stays text, and each label keeps its number.',
    verified: 'The picture was read in again',
    unreadable: 'The picture could not be read in again, so nothing was exported.',
    differs: 'The picture differs from the page, so nothing was exported.',
  },
  study: {
    title: 'the whole study as one file',
    help: 'All styles, decisions and data. “ivory-abacus check” reports its findings in continuous integration, as text, JSON or SARIF.',
    verified: 'The file was read in again',
  },
  exportDialog: {
    allVerified: '{$how}: all {$values} values are written as on the desk.',
    someVerified: '{$how}: {$equal} of {$values} values are written as on the desk.',
    copyRefused: 'The browser does not allow copying here. Download the file instead.',
    title: 'Export: {$quantity}',
    formatLabel: 'As',
    format: 'Format',
    from: ', from',
    surface: 'Surface',
    rows: 'Rows to export',
    takenRows: {
      shown: 'the rows shown',
      all: 'all rows',
    },
    of: 'Of',
    missingUnit: 'A label without its unit',
    missingUnitIs: {
      error: 'is an error',
      text: 'has its number and this text:',
    },
    missingUnitText: 'Text in place of the unit',
    missingUnitDefault: 'unit unknown',
    openFindings: plural('count', '1 open finding', '{$count} open findings'),
    moreFindings: 'and {$count :count} more in the margin',
    verifying: 'Writing the file and verifying every value…',
    value: 'value',
    onDesk: 'on the desk',
    inFile: 'in the file',
    preview: 'Preview',
    copied: 'Copied',
    copy: 'Copy',
    download: 'Download {$name}',
  },
} as const
