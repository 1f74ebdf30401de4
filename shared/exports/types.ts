import type { Row, Value } from '../../core/label/types'
import type { NumberOptions } from '../../core/notations/types'
import type { PageValues } from '../page/values'
import type { Quantity } from '../study/quantity'
import type { Export } from './export'
import type { Provenance } from './provenance'
import type { ReadRuntime } from './runtime'
import type { Written } from './written'

/** A file of a package. */
export interface CodeFile {
  readonly name: string
  readonly text: string
}
/** What a module of a package is asked to write. */
export interface AskedOf {
  readonly file: string
  readonly values: readonly Value[]
  readonly rows?: readonly Row[]
  /** Whether each stands by itself, and not in a list of which only the first may say its unit. */
  readonly areAlone?: boolean
}
/** What an export is made and proved with. */
export interface Tools {
  readonly runtime: ReadRuntime
  /** The labels that a module writes, run apart from this program. */
  labelsByModule(module: string, values: readonly Value[], rows?: readonly Row[]): Promise<string[]>
  /** The labels that each module of a package writes, run apart from this program. */
  labelsByPackage(files: readonly CodeFile[], asked: readonly AskedOf[]): Promise<string[][]>
  /** Files as one archive, in base64 (tar and gzip): the same files give the same bytes. */
  archive(files: readonly CodeFile[]): string
  /** The same as a zip, whose first file says what it is; and the files of one. */
  zip(files: readonly CodeFile[]): string
  unzip(bytes: Uint8Array): CodeFile[]
  /** The labels that the platform's number format writes of decimal text. */
  labelsByOptions(
    locale: string,
    options: NumberOptions,
    values: readonly string[],
  ): Promise<string[]>
  /** The engine that runs them. */
  readonly engine: string
}

/** What is known of a form before anything is made. */
export interface ExportTitle {
  readonly id: string
  readonly title: string
  /** What it is good for. */
  readonly says: string
  /** Whether it is of one level of a quantity; else of the page or the study. */
  readonly isOfLevel: boolean
  /** Whether it is of the whole study. */
  readonly isOfStudy?: true
  /** Whether it lists labels, so that those that were moved to add up stand there as on the page. */
  readonly isList?: true
  /** Whether it is code, which may be asked for a label without its row. */
  readonly isCode?: true
  /** How its file is used, where that tells more than its text. */
  usage?(file: string, example: { readonly value: string; readonly label: string }): string
}
/** A form in which a decision is handed over. To add one, add its file and a line in the index. */
export interface ExportForm extends ExportTitle {
  /**
   * Makes the files and proves them.
   *
   * @throws ExportError saying why nothing is given out
   */
  make(written: Written, tools: Tools, from: Provenance): Promise<Export> | Export
}
/** A form in which the page of a quantity is handed over. */
export interface PageForm extends ExportTitle {
  readonly isOfLevel: false
  /** @throws ExportError saying why nothing is given out */
  makePage(page: Readonly<PageValues>, from: Provenance, quantity: Quantity): Export
}
/** A form in which all of a study is handed over. */
export interface StudyForm extends ExportTitle {
  readonly isOfLevel: false
  /**
   * The same of each quantity on each surface that shows it.
   *
   * @param shown the id of the quantity that is shown how to use it
   * @throws ExportError saying why nothing is given out
   */
  makeAll(all: readonly Written[], tools: Tools, from: Provenance, shown: string): Promise<Export>
}
