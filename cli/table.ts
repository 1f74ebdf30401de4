import { basename } from 'node:path'
import { ImportError } from '../shared/import/error'
import { readFile } from '../shared/import/files'
import { type ImportedTable, readTable, type Said } from '../shared/import/table'
import { fileBytes } from './files'
import { InputError } from './input'

/** A table's file: its text, and what is read of it. */
export interface TableFile {
  readonly text: string
  /** @throws InputError for what is no table */
  read(said?: Said): ImportedTable
}

/**
 * Opens a table in any of the forms that import takes.
 *
 * @param as the form of the file, where its name and its first bytes do not tell it
 * @throws InputError for a file that cannot be read, or is no table
 * @example (await tableFile('harvest.csv')).read().rowCount // 144
 */
export async function tableFile(path: string, as?: string): Promise<TableFile> {
  const told = (error: unknown): unknown =>
    error instanceof ImportError ? new InputError(`${path}: ${error.message}`) : error
  try {
    const { text, styles } = await readFile({ bytes: fileBytes(path), name: basename(path), as })
    return {
      text,
      read(said) {
        try {
          return readTable(text, { styles, ...said })
        } catch (error) {
          throw told(error)
        }
      },
    }
  } catch (error) {
    throw told(error)
  }
}
