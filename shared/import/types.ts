import type { Style } from '../../core/style/fields'
import type { ColumnReason } from '../study/columnReason'
import type { Role } from '../../core/data/roles'
import type { DurationCell } from './durations'
import type { Written } from './written'

export interface UnreadCell {
  /** The line of data, from 1, below the header. */
  readonly row: number
  readonly text: string
}
/** A question that only the owner of a table can answer: what it is about, and the answers. */
export interface Ask {
  readonly about: 'role' | 'mark' | 'unit' | 'duration'
  readonly choices: readonly string[]
  /** The cells that leave it open. */
  readonly cells: readonly string[]
}

/** How a column was read. */
export interface Reading {
  readonly role: Role
  /** How cells that are written as labels are read, in words. */
  readonly rule?: string
  readonly unit?: NonNullable<Style['unit']>
  /** The power of ten that the cells are recorded in. */
  readonly recorded?: number
  /** How its file writes the numbers. */
  readonly style?: Style
  readonly asks?: readonly Ask[]
}

export interface Sample {
  readonly text: string
  readonly value: string
}

export interface ImportedColumn extends Partial<Reading> {
  readonly name: string
  readonly kind: 'number' | 'text'
  /** Why it is taken for that. */
  readonly reason: ColumnReason
  /**
   * The numbers of a numeric column where doubles keep every digit, NaN where missing or unread;
   * otherwise null.
   */
  readonly doubles: Float64Array | null
  /**
   * Decimal text in a numeric column, null where missing or unread; the cell itself in a text
   * column.
   */
  readonly cells: () => (string | null)[]
  /** The last of the cells, where it is a name. */
  readonly last?: string | null
  /** Some cells as they stand, and as they were read. */
  readonly sample?: readonly Sample[]
  /** Cells of a numeric column that are no number. */
  readonly unread: readonly UnreadCell[]
  readonly missing: number
}

/**
 * How a column was read, as it is kept; undefined where nobody read it.
 *
 * @example readingOf(column)!.role // 'year'
 */
export const readingOf = ({
  role,
  rule,
  unit,
  recorded,
  style,
  asks,
}: Partial<Reading>): Reading | undefined => role && { role, rule, unit, recorded, style, asks }

/** What a cell is that is no plain number. */
export interface Looked {
  readonly text: string
  readonly isMissing: boolean
  /** Plain decimal text, or null. */
  readonly read: string | null
  /** What it is where it is written as a label. */
  readonly written: Written | null
  /** What it is where it is a length of time. */
  readonly duration: DurationCell | null
  readonly vote: number
}
/** The cells of a column, those apart that are no plain numbers. */
export interface Cells {
  readonly length: number
  /** The plain numbers; NaN elsewhere. */
  readonly doubles: Float64Array
  /** Nothing where a plain number stands. */
  readonly texts: readonly (Looked | undefined)[]
  /** Hands out the cells that are no plain numbers, with their places. */
  eachOther(take: (looked: Looked, at: number) => void): void
  /** Cells whose mark could part decimals or groups; none where other cells tell. */
  readonly unclear: readonly string[]
}
