import { basename, join } from 'node:path'
import { RANK } from '../core/checks/causes'
import { compare } from '../core/decimal/arithmetic'
import { toText } from '../core/decimal/decimal'
import { whereResolved } from '../core/error'
import { styleSchema } from '../core/style/parse'
import type { Style } from '../core/style/fields'
import { onLine, terminalLine } from '../shared/escape'
import { type ReadFile, readWork } from '../shared/proof/file'
import { mended, type Part, relabelled, valuesOf } from '../shared/proof/mend'
import { namedPart, partsOf, partWords, styleFor } from '../shared/proof/parts'
import { readersFor } from '../shared/proof/readers'
import { proofSarif } from '../shared/proof/sarif'
import { type ToldFile, toldFile } from '../shared/proof/told'
import { ProofError } from '../shared/proof/xml'
import { fileBytes, fileText, writeBytes } from './files'
import { check, InputError, readJson } from './input'
import { tablesFor } from './locales'
import type { FailOn } from './study'

export const PROOF_FORMATS = ['text', 'json', 'sarif'] as const

/** How a proof is wanted. */
export interface ProofAsked {
  readonly format: (typeof PROOF_FORMATS)[number]
  /** Regions whose people read it, parted by commas. */
  readonly readers?: string
  readonly failOn: FailOn
  readonly style?: string
  readonly out?: string
  readonly axis?: string
  readonly column?: string
}

/** @throws InputError naming the region that there is none of */
function declaredIn(readers: string | undefined): string[] {
  const tags = (readers ?? '').split(',').map((tag) => tag.trim())
  return tags.filter(Boolean).map((tag) => {
    if (whereResolved(() => tablesFor({ locale: tag })) === null)
      throw new InputError(`--readers: there is no region ${tag}; it takes tags such as de,en-GB`)
    return tag
  })
}

/** What is made of a file. @throws InputError naming it, where proof says what is wrong with it */
function about<Made>(path: string, make: () => Made): Made {
  try {
    return make()
  } catch (error) {
    if (error instanceof ProofError) throw new InputError(`${path}: ${error.message}`)
    throw error
  }
}
const readFrom = (path: string, bytes: Uint8Array, declared: readonly string[]): ReadFile =>
  about(path, () =>
    readWork(bytes, (language) =>
      readersFor(declared, language, (tag) => tablesFor({ locale: tag })),
    ),
  )

/** The part that is to be written anew. @throws InputError where none or several could be */
function partAsked(path: string, work: ReadFile, { axis, column }: ProofAsked): Part {
  const parts = partsOf(work)
  const names = parts.map(partWords).join(', ')
  if (parts.length === 0) throw new InputError(`${path}: ${work.unread ?? 'it has no labels'}`)
  const asked = axis ?? column
  if (asked === undefined && parts.length > 1)
    throw new InputError(`${path} has ${names}: --axis or --column says which is written anew`)
  const found = asked === undefined ? parts[0] : namedPart(parts, { axis, column })
  if (!found) throw new InputError(`${path} has no ${asked}; it has ${names}`)
  return found
}

/** Whether labels written anew are read as the same numbers: each within its last place. */
function refuseChanged(path: string, before: Part, after: Part | undefined): void {
  const [old, now] = [valuesOf(before), after ? valuesOf(after) : []]
  const at = old.findIndex((value, i) => !now[i] || compare(value, now[i]) !== 0)
  if (at < 0 && old.length === now.length) return
  const said = now[at] ? `reads as ${toText(now[at])}` : 'can no longer be read'
  throw new InputError(
    `${path} is not written: in this style the label of ${toText(old[Math.max(0, at)]!)} ${said}`,
  )
}

/** Writes a file with a part of it in another style. */
function mend(
  path: string,
  out: string,
  work: ReadFile,
  style: Style,
  asked: ProofAsked,
  declared: readonly string[],
): ReadFile {
  const part = partAsked(path, work, asked)
  const own = styleFor(part, style)
  const labels = relabelled(part, own, tablesFor(own))
  const text = about(path, () => mended(work, part, labels))
  const bytes = new TextEncoder().encode(text)
  const again = readFrom(path, bytes, declared)
  const same = partsOf(again).find((one) => partWords(one) === partWords(part))
  refuseChanged(path, part, same)
  writeBytes(out, bytes)
  return again
}

/** A file's proof as lines of text. */
function asText({ file, axes, columns, marks, unread, findings }: ToldFile): string {
  const lines = findings.flatMap(({ severity, check: id, message, about, at, fixes }) => [
    `${file}:${at[0] ? `${at[0].line}:${at[0].column}:` : ''} ${severity} ${id}: ${about}: ${message}`,
    ...fixes.map(({ title }) => `  - ${title}`),
  ])
  const read = [
    ...axes.map(
      ({ side, scale, step, ticks }) =>
        `${side} axis, ${scale}${step ? `, step ${step}` : ''}: ${ticks.length} labels`,
    ),
    ...columns.map(({ name, cells }) => `column “${name}”: ${cells.length} numbers`),
    ...(marks.length > 0 ? [`${marks.length} data labels`] : []),
  ]
  const head = unread === undefined ? read.join('; ') : `not read: ${unread}`
  return [`${file}: ${head}`, ...lines].map((line) => terminalLine(onLine(line))).join('\n')
}

/**
 * Proofs finished charts and tables, and writes one anew where a style is given.
 *
 * @returns the report, and whether something as grave as wanted was found
 * @throws InputError for a file that cannot be read, or written anew
 */
export function proofFiles(
  paths: readonly string[],
  asked: ProofAsked,
): { report: string; isBad: boolean } {
  const declared = declaredIn(asked.readers)
  if ((asked.style === undefined) !== (asked.out === undefined))
    throw new InputError('--style and --out belong together: what to write, and where')
  const style =
    asked.style === undefined
      ? null
      : check(styleSchema, readJson(fileText(asked.style), asked.style), asked.style)
  const works = paths.map((path) => {
    const work = readFrom(path, fileBytes(path), declared)
    if (!style) return { path, work }
    const out = paths.length > 1 ? join(asked.out!, basename(path)) : asked.out!
    return { path: out, work: mend(path, out, work, style, asked, declared) }
  })
  const files = works.map(({ path, work }) => toldFile(path, work))
  const isBad = files.some(({ findings }) =>
    findings.some(({ severity }) => RANK[severity] >= RANK[asked.failOn]),
  )
  const report = {
    text: () => `${files.map(asText).join('\n')}\n`,
    json: () => `${JSON.stringify({ files })}\n`,
    sarif: () =>
      proofSarif(
        works.map(({ path, work }) => ({ file: path, work })),
        isBad,
      ),
  }[asked.format]()
  return { report, isBad }
}
