import Papa from 'papaparse'
import { amountOf, isFiniteAmount } from '../core/label/value'
import type { ExportId } from '../shared/exports'
import { unpacked } from '../shared/exports/archive'
import { moduleWithDataOf, packedModulesWithDataOf } from '../shared/exports/code/reading'
import { pathsOf } from '../shared/exports/forms/package'
import { marksOf } from '../shared/exports/forms/sheet'
import { shownBy } from '../shared/exports/sheet/shown'
import { unzipped } from '../shared/exports/sheet/zip'
import { ExportError } from '../shared/exports/prove'
import { withoutHeader } from '../shared/exports/provenance'
import { labelsByModule, labelsByPackage } from '../shared/exports/run'
import type { Written } from '../shared/exports/written'
import { type Asked, bytesOf, madeOf, runtime } from './export'
import { fileBytes } from './files'

const textOf = (bytes: Uint8Array): string => new TextDecoder().decode(bytes)

const OTHER_CODE =
  'it holds code that this version of Ivory Abacus does not write. That code was not run, so its labels were not compared'
/** A module put together from a file's data and this program's own code. @throws ExportError */
function ownModule(module: string | null | undefined): string {
  if (module == null) throw new ExportError(OTHER_CODE)
  return module
}

/** The labels that a file of a form has, for each of what is written now; where it has some. */
const labelsIn: Partial<
  Record<ExportId, (bytes: Uint8Array, written: readonly Written[]) => Promise<string[][]>>
> = {
  async module(bytes, [written]) {
    const module = ownModule(await moduleWithDataOf(textOf(bytes), runtime))
    return [await labelsByModule(module, written!.values, written!.rows)]
  },
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
    const paths = pathsOf(written).map((path) => `${path}.mjs`)
    const own = paths.filter((path) => files.some(({ name }) => name === path))
    const modules = await packedModulesWithDataOf(files, own, runtime)
    const labels = await labelsByPackage(
      own.map((name, at) => ({ name, text: ownModule(modules[at]) })),
      own.map((file) => {
        const { values, rows } = written[paths.indexOf(file)]!
        return { file, values, rows }
      }),
    )
    return paths.map((path) => labels[own.indexOf(path)] ?? [])
  },
}

/** Where data and pictures say what they come from. */
const SAYS = /^ {2}"says": .*\n|<metadata>.*?<\/metadata>/m
/** Where a package says of what it was made, and how. */
const MANIFEST = 'package.json'
function manifestSays(text: string): string {
  try {
    const { description: _, ivoryAbacus: __, ...rest } = JSON.parse(text) as Record<string, unknown>
    return JSON.stringify(rest)
  } catch {
    return text
  }
}
/** What decides whether two files say the same: what they were made from, and when, does not. */
function saysOf(bytes: Uint8Array, as: ExportId): string {
  // What it was made from, and by which version, is told in its metadata.
  if (as === 'ods') return JSON.stringify(unzipped(bytes).filter(({ name }) => name !== 'meta.xml'))
  if (as !== 'package') return withoutHeader(textOf(bytes)).replace(SAYS, '')
  return JSON.stringify(
    unpacked(bytes)
      .filter(({ name }) => name !== 'README.md')
      .map(({ name, text }) => [
        name,
        name === MANIFEST ? manifestSays(text) : withoutHeader(text).replace(SAYS, ''),
      ]),
  )
}

const MOST_LISTED = 20
/** The labels that differ, a line each. */
function differingLines(
  written: readonly Written[],
  labels: readonly (readonly string[])[] | undefined,
): string[] {
  return written.flatMap(({ quantity, level, labels: now }, place) =>
    now.flatMap((label, at) => {
      const there = labels?.[place]?.[at]
      if (there === label) return []
      const where = written.length > 1 ? `${quantity.title}, ${level}, ` : ''
      return [`  ${where}row ${at + 1}: “${there ?? ''}” there, “${label}” now`]
    }),
  )
}

/** The lines that say how a file differs from what its study gives now; null if it does not. */
async function differenceOf(
  path: string,
  asked: Asked,
  bytes: Uint8Array,
): Promise<readonly string[] | null> {
  // What is no such file at all is told before the long work is done.
  const says = saysOf(bytes, asked.as)
  const { made, written } = await madeOf(path, asked)
  if (made.files.some((file) => saysOf(bytesOf(file), asked.as) === says)) return null
  const labels = await labelsIn[asked.as]?.(bytes, written)
  const differing = differingLines(written, labels)
  const more = differing.length - MOST_LISTED
  return [
    ` from what ${path} gives now${labels && differing.length === 0 ? ', but in no label' : ''}.`,
    ...differing.slice(0, MOST_LISTED),
    ...(more > 0 ? [`  and ${more} more`] : []),
  ]
}

/**
 * Whether a file is what its study gives now. No code of the file is run: its text is compared, and
 * its labels are made from its data.
 *
 * @returns what to say, and whether it differs
 * @throws InputError for a file that is not there
 */
export async function verifyFile(
  path: string,
  asked: Asked,
  against: string,
): Promise<{ report: string; differs: boolean }> {
  const differs = (what: string) => ({ report: `${against} differs${what}\n`, differs: true })
  try {
    const difference = await differenceOf(path, asked, fileBytes(against))
    return difference === null
      ? { report: `${against} is what ${path} gives now.\n`, differs: false }
      : differs(difference.join('\n'))
  } catch (error) {
    if (!(error instanceof ExportError)) throw error
    return differs(`: ${error.message}.`)
  }
}
