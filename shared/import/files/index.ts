import { type FileFormId, FORMS } from '../endings'
import { ImportError } from '../error'
import { html } from './html'
import { ods } from './ods'
import { parquet } from './parquet'
import { csv, json, jsonl, tsv } from './text'
import type { FileForm, Tabular } from './types'

/** What reads each form of file. To add one, add its file, a line here, and its endings. */
const readers: Readonly<Record<FileFormId, FileForm>> = {
  csv,
  tsv,
  json,
  jsonl,
  html,
  ods,
  parquet,
}

/** The form of a file: what is said, what its first bytes tell, or what it is called. */
function formOf(bytes: Uint8Array, name: string, as: string | undefined): FileForm {
  const forms = Object.values(readers)
  if (as !== undefined) {
    const said = forms.find(({ id }) => id === as)
    if (said) return said
    throw new ImportError(`There is no form ${as}; there is ${Object.keys(readers).join(', ')}.`)
  }
  const ending = name.toLowerCase().split('.').at(-1) ?? ''
  return (
    forms.find(({ begins }) => begins?.(bytes)) ??
    forms.find(({ id }) => (FORMS[id].endings as readonly string[]).includes(ending)) ??
    csv
  )
}

/**
 * The table of a file as delimited text.
 *
 * @param file its bytes and its name; its form where that is said, and which of its tables is
 *   wanted
 * @throws ImportError for a file that is broken or no table
 * @example (await readFile({ bytes, name: 'harvest.ods' })).text // 'site,kg\nHolm,4'
 */
export function readFile(file: {
  readonly bytes: Uint8Array
  readonly name: string
  readonly as?: string
  readonly part?: number
}): Promise<Tabular> {
  return formOf(file.bytes, file.name, file.as).read(file.bytes, file.part)
}
