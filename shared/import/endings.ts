/**
 * The forms of files that tables come in, by their ids, with the endings of their names: apart from
 * what reads them, which is loaded when a file is there.
 */
export const FORMS = {
  csv: { title: 'CSV', endings: ['csv', 'txt'] },
  tsv: { title: 'TSV', endings: ['tsv', 'tab'] },
  json: { title: 'JSON', endings: ['json'] },
  jsonl: { title: 'JSON Lines', endings: ['jsonl', 'ndjson'] },
  html: { title: 'HTML table', endings: ['html', 'htm', 'xhtml'] },
  ods: { title: 'OpenDocument spreadsheet', endings: ['ods', 'fods'] },
  parquet: { title: 'Parquet', endings: ['parquet', 'pq'] },
} as const
export type FileFormId = keyof typeof FORMS
export const FILE_FORM_IDS = Object.keys(FORMS) as FileFormId[]

/** Endings of all names of files with tables, each with its dot. */
export const FILE_ENDINGS: readonly string[] = Object.values(FORMS).flatMap(({ endings }) =>
  endings.map((one) => `.${one}`),
)

/**
 * The name of a file without its ending, where that is one of a table's.
 *
 * @example stemOf('harvest.csv') // 'harvest'
 */
export function stemOf(name: string): string {
  const ending = FILE_ENDINGS.find((one) => name.toLowerCase().endsWith(one))
  return ending ? name.slice(0, -ending.length) : name
}
