import type { Style } from '../../../core/style/fields'
import type { FileFormId } from '../endings'

/** A table as delimited text, and where a file holds several, which one it is. */
export interface Tabular {
  /** Cells parted by commas, or the text as it is. */
  readonly text: string
  /** The names of the tables or sheets that can be chosen; empty where there is one. */
  readonly parts: readonly string[]
  /** The place of the one that was read. */
  readonly part: number
  /** How its numbers are written there, by the place of their column, where that can be said. */
  readonly styles?: readonly (Style | null)[]
}

/** A form of file that tables come in. To add one, add its file and a line in the index. */
export interface FileForm {
  readonly id: FileFormId
  /** Whether a file is of this form by its first bytes, whatever it is called. */
  readonly begins?: (bytes: Uint8Array) => boolean
  /**
   * @param part the place of the table or sheet that is wanted; the first with cells where it is
   *   not given
   * @throws ImportError for a file that is broken, or no table
   */
  readonly read: (bytes: Uint8Array, part?: number) => Promise<Tabular>
}
