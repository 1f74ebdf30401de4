import type { Severity } from '../../core/checks/types'
import type { Surface } from '../../core/surfaces'

/** A file that is handed over. */
export interface ExportFile {
  readonly name: string
  /** Its media type. */
  readonly type: string
  readonly text: string
  /** How the text stands for bytes, where it does. */
  readonly encoding?: 'base64'
}
/**
 * How an export was proved, on how many values, and where it writes otherwise: the first of them.
 */
export interface ExportProof {
  readonly how: string
  readonly values: number
  readonly equal: number
  readonly differs: readonly {
    readonly value: string
    readonly label: string
    readonly other: string
  }[]
}
/** A finding that stands when something is taken away. */
export interface Standing {
  readonly severity: Severity
  readonly quantity: string
  readonly surface: Surface
  readonly message: string
}
/** An export, proved on the study's values before it is given out. */
export interface Export {
  /** What tells how it is used, where its text does not. */
  readonly shown?: string
  /** The first is what was asked for; others go with it. */
  readonly files: readonly [ExportFile, ...ExportFile[]]
  readonly proof: ExportProof
  /** What is to be known before it is used. */
  readonly notes: readonly string[]
  /** Errors and warnings that stand, where checks look at what is taken away. */
  readonly findings?: readonly Standing[]
}
