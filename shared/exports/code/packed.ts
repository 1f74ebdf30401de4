import type { Written } from '../written'

/** A module of the package. */
export interface Packed {
  readonly written: Written
  /** What it is imported by, behind the name of the package: `revenue` or `revenue/axis`. */
  readonly path: string
}
