import { readFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { type Surface, SURFACES } from '../core/surfaces'
import type { ExportId } from '../shared/exports'
import type { ExportFile } from '../shared/exports/export'
import { type Made, makeExport } from '../shared/exports/make'
import { ExportError } from '../shared/exports/prove'
import { LONGEST_LACKING, type RowsTaken } from '../shared/exports/wishes'
import type { Level } from '../shared/quantities'
import { terminalLine } from '../shared/escape'
import { byName } from './byName'
import { writeBytes } from './files'
import { InputError } from './input'
import { tablesFor } from './locales'
import { readStudy, type ReadStudy } from './studyFile'

/** A file of the runtime that stands beside this program. */
export const runtime = async (name: string): Promise<string> =>
  readFileSync(new URL(`../runtime/${name}`, import.meta.url), 'utf8')

/** What of a study is wanted. */
export interface Asked {
  readonly as: ExportId
  /**
   * The title, the column or the id of a quantity; that which the study shows where none is given.
   */
  readonly quantity?: string
  readonly surface?: string
  /** Which rows of a filtered quantity. */
  readonly rows: RowsTaken
  /** What stands in the place of the unit where a label lacks the row that names it. */
  readonly lacking?: string
}

/** The quantity that is asked for. @throws InputError listing what there is */
function quantityIn({ document, path }: ReadStudy, wanted: string | undefined) {
  const { quantities, shown } = document
  const found =
    wanted === undefined
      ? (quantities.find(({ id }) => id === shown) ?? quantities[0])
      : byName(quantities, wanted, ({ id, title, column }) => [title, column, id])
  if (found) return found
  throw new InputError(
    wanted === undefined
      ? `${path}: the study has no quantity`
      : `--quantity: there is no “${wanted}” in ${path}; it has ${quantities.map(({ title }) => `“${title}”`).join(', ')}`,
  )
}
function levelOf(surface: string | undefined): Level {
  if (surface === undefined) return 'quantity'
  if ((SURFACES as readonly string[]).includes(surface)) return surface as Surface
  throw new InputError(`--surface takes ${SURFACES.join(', ')}; it was ${surface}`)
}

/** What is written, and the form that it is made into. @throws InputError */
export async function madeOf(
  path: string,
  { as, quantity: wanted, surface, rows, lacking }: Asked,
): Promise<Made> {
  if (lacking !== undefined && (lacking === '' || lacking.length > LONGEST_LACKING))
    throw new InputError(`--lacking takes 1 to ${LONGEST_LACKING} characters`)
  const study = readStudy(path)
  const { document, datasets, cellsOf } = study
  const quantity = quantityIn(study, wanted)
  const level = levelOf(surface)
  try {
    return await makeExport(as, {
      ...{ document, datasets, cellsOf, quantity, level },
      regionsFor: tablesFor,
      runtime,
      wishes: { rows, lacking: lacking ?? null },
      from: { study: document.name, file: basename(path) },
    })
  } catch (error) {
    if (error instanceof ExportError) throw new InputError(`${path}: ${error.message}`)
    throw error
  }
}

/** A file as it is written. */
export const bytesOf = ({ text, encoding }: ExportFile): Buffer =>
  Buffer.from(text, encoding ?? 'utf8')

/**
 * Makes a form of a study's decision. The first file goes to standard output where no place is
 * given.
 *
 * @param out the folder that the files are written to
 * @returns the text for standard output: the form, or what was written and how it was proved
 * @throws InputError for what the study does not have
 */
export async function exportFile(path: string, asked: Asked, out?: string): Promise<string> {
  const { made } = await madeOf(path, asked)
  const [first] = made.files
  if (out === undefined) {
    if (first.encoding === undefined) return first.text
    throw new InputError(`--as ${asked.as} makes an archive; --out FOLDER says where it is written`)
  }
  const { proof, notes, findings = [] } = made
  for (const file of made.files) writeBytes(join(out, file.name), bytesOf(file))
  return `${[
    ...made.files.map(({ name }) => `${join(out, name)}`),
    `${proof.how} on ${proof.values} values; ${proof.equal} labels are those of the desk.`,
    ...notes,
    ...(findings.length > 0 ? ['Findings that stand:'] : []),
    ...findings.map((one) =>
      terminalLine(`  ${one.severity}: ${one.quantity}, ${one.surface}: ${one.message}`),
    ),
  ].join('\n')}\n`
}
