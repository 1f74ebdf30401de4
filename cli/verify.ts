import Papa from 'papaparse'
import { amountOf, isFiniteAmount } from '../core/label/value'
import type { ExportId } from '../shared/exports'
import { unpacked } from '../shared/exports/archive'
import { pathsOf } from '../shared/exports/forms/package'
import { marksOf } from '../shared/exports/forms/sheet'
import { shownBy } from '../shared/exports/sheet/shown'
import { unzipped } from '../shared/exports/sheet/zip'
import { ExportError } from '../shared/exports/prove'
import { withoutHeader } from '../shared/exports/provenance'
import { labelsByModule, labelsByPackage } from '../shared/exports/run'
import type { Written } from '../shared/exports/written'
import { type Asked, bytesOf, madeOf } from './export'
import { fileBytes } from './files'

/** The labels that a file of a form has, for each of what is written now; where it has some. */
const labelsIn: Partial<
  Record<ExportId, (bytes: Uint8Array, written: readonly Written[]) => Promise<string[][]>>
> = {
  module: async (bytes, [written]) => [
    await labelsByModule(textOf(bytes), written!.values, written!.rows),
  ],
  csv: (bytes) =>
    Promise.resolve([
      Papa.parse<string[]>(textOf(bytes), { skipEmptyLines: true })
        .data.slice(1)
        .map((row) => row.at(-2) ?? ''),
    ]),
  ods: (bytes, [written]) => {
    const labels = shownBy(unzipped(bytes), marksOf(written!)).cells.map(({ label }) => label)
    const each = labels[Symbol.iterator]()
    return Promise.resolve([
      written!.values.map((value, at) =>
        isFiniteAmount(amountOf(value)) ? (each.next().value ?? '') : written!.labels[at]!,
      ),
    ])
  },
  async package(bytes, written) {
    const files = unpacked(bytes)
    const paths = pathsOf(written)
    const asked = written.map(({ values, rows }, at) => ({
      file: `${paths[at]!}.mjs`,
      values,
      rows,
    }))
    const has = (file: string) => files.some(({ name }) => name === file)
    const found = await labelsByPackage(
      files,
      asked.filter(({ file }) => has(file)),
    )
    const each = found[Symbol.iterator]()
    return asked.map(({ file }) => (has(file) ? (each.next().value as string[]) : []))
  },
}
const textOf = (bytes: Uint8Array): string => new TextDecoder().decode(bytes)

/** Where data and pictures say what they come from. */
const SAYS = /^ {2}"says": .*\n|<metadata>.*?<\/metadata>/m
/** What decides whether two files say the same: where they were made from, and when, does not. */
function saysOf(bytes: Uint8Array, as: ExportId): string {
  // What it was made from, and by which version, is told in its metadata.
  if (as === 'ods') return JSON.stringify(unzipped(bytes).filter(({ name }) => name !== 'meta.xml'))
  if (as !== 'package') return withoutHeader(textOf(bytes)).replace(SAYS, '')
  return JSON.stringify(
    unpacked(bytes)
      .filter(({ name }) => name.endsWith('.mjs'))
      .map(({ name, text }) => [name, withoutHeader(text)]),
  )
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
  const bytes = fileBytes(against)
  const differs = (what: string) => ({ report: `${against} differs${what}\n`, differs: true })
  let labels: string[][] | undefined
  try {
    const says = saysOf(bytes, asked.as)
    if (made.files.some((file) => saysOf(bytesOf(file), asked.as) === says))
      return { report: `${against} is what ${path} gives now.\n`, differs: false }
    labels = await labelsIn[asked.as]?.(bytes, written)
  } catch (error) {
    if (!(error instanceof ExportError)) throw error
    return differs(`: ${error.message}`)
  }
  const differing = written.flatMap(({ quantity, level, labels: now }, place) =>
    now.flatMap((label, at) =>
      labels === undefined || labels[place]?.[at] === label
        ? []
        : [
            `  ${written.length > 1 ? `${quantity.title}, ${level}, ` : ''}row ${at + 1}: “${labels[place]?.[at] ?? ''}” there, “${label}” now`,
          ],
    ),
  )
  const more = differing.length - MOST_LISTED
  return differs(
    [
      ` from what ${path} gives now${labels && differing.length === 0 ? ', in no label' : ''}.`,
      ...differing.slice(0, MOST_LISTED),
      ...(more > 0 ? [`  and ${more} more`] : []),
    ].join('\n'),
  )
}
