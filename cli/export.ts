import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import Papa from 'papaparse'
import { type Surface, SURFACES } from '../core/checks/types'
import type { ExportId } from '../shared/exports'
import { makeExport } from '../shared/exports/make'
import { ExportError } from '../shared/exports/prove'
import { labelsByModule } from '../shared/exports/run'
import type { Written } from '../shared/exports/written'
import type { Level } from '../shared/quantities'
import { byName } from './byName'
import { fileText, writeText } from './files'
import { InputError } from './input'
import { tablesFor } from './locales'
import { readStudy, type ReadStudy } from './studyFile'

const runtime = async (name: string): Promise<string> =>
  readFileSync(new URL(`../runtime/${name}`, import.meta.url), 'utf8')

/** What of a study is wanted. */
export interface Asked {
  readonly as: ExportId
  /**
   * The title, the column or the id of a quantity; that which the study shows where none is given.
   */
  readonly quantity?: string
  readonly surface?: string
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

/** What is written, and the form that it is made into. */
async function madeOf(path: string, { as, quantity: wanted, surface }: Asked) {
  const study = readStudy(path)
  const { document, datasets, cellsOf } = study
  const quantity = quantityIn(study, wanted)
  const level = levelOf(surface)
  try {
    return await makeExport(as, {
      ...{ document, datasets, cellsOf, quantity, level },
      regionsFor: tablesFor,
      runtime,
    })
  } catch (error) {
    if (error instanceof ExportError) throw new InputError(`${path}: ${error.message}`)
    throw error
  }
}

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
  if (out === undefined) return first.text
  const { proof, notes } = made
  for (const { name, text } of made.files) writeText(join(out, name), text)
  return `${[
    ...made.files.map(({ name }) => `${join(out, name)}`),
    `${proof.how} on ${proof.values} values; ${proof.equal} labels are those of the desk.`,
    ...notes,
  ].join('\n')}\n`
}

/** The labels that a file of a form has, where it has some. */
const labelsIn: Partial<
  Record<ExportId, (text: string, written: Written) => Promise<string[]> | string[]>
> = {
  module: (text, { values, rows }) => labelsByModule(text, values, rows),
  csv: (text) =>
    Papa.parse<string[]>(text, { skipEmptyLines: true })
      .data.slice(1)
      .map((row) => row.at(-2) ?? ''),
}
const MOST_LISTED = 20

/**
 * Whether a file is what its study gives now.
 *
 * @returns what to say, and whether it differs
 * @throws InputError for a file that is not there
 */
export async function verifyFile(
  path: string,
  asked: Asked,
  against: string,
): Promise<{ report: string; differs: boolean }> {
  const { made, written } = await madeOf(path, asked)
  const text = fileText(against)
  if (made.files.some((file) => file.text === text))
    return { report: `${against} is what ${path} gives now.\n`, differs: false }
  let labels: string[] | undefined
  try {
    labels = await labelsIn[asked.as]?.(text, written)
  } catch (error) {
    if (!(error instanceof ExportError)) throw error
    return { report: `${against} differs: ${error.message}\n`, differs: true }
  }
  const differing = written.labels.flatMap((label, at) =>
    labels === undefined || labels[at] === label
      ? []
      : [`  row ${at + 1}: “${labels[at] ?? ''}” there, “${label}” now`],
  )
  const more = differing.length - MOST_LISTED
  const lines = [
    `${against} differs from what ${path} gives now${labels && differing.length === 0 ? ', in no label' : ''}.`,
    ...differing.slice(0, MOST_LISTED),
    ...(more > 0 ? [`  and ${more} more`] : []),
  ]
  return { report: `${lines.join('\n')}\n`, differs: true }
}
