import { withoutHeader } from '../provenance'
import { type ReadRuntime, runtimeFor } from '../runtime'
import type { CodeFile } from '../types'
import { type Constants, readConstants } from './constants'
import { type Instead, insteadFrom, json } from './instead'
import type { Source } from './slim'
import { embedded, functionsOf, type Maker, RUNTIME, runtimeImport } from './source'

const TEXT = String.raw`"(?:[^"\\\n]|\\.)*"`
const NUMBER = String.raw`-?(?:\d[\d.]*(?:e[+-]?\d+)?|Infinity)`
const LIST = String.raw`\[[^\n]*\]`
/** Lines of `exportsOf` that hold what the module knows of the study. */
const KNOWLEDGE = [
  `export const domain = \\[${NUMBER}, ${NUMBER}\\];`,
  `export const isOutside = \\(value\\) => value != null && value !== '' && \\(value < ${NUMBER} \\|\\| value > ${NUMBER}\\);`,
  `export const labelRow = \\(row\\) => label\\(row\\[${TEXT}\\], row\\);`,
  `export const ticksFor = /\\* @__PURE__ \\*/ \\w+\\(plan(?:, ladder)?\\);`,
].map((line) => new RegExp(`^${line}$`))
/** Lines of data: JSON behind a name. */
const DATA = new RegExp(`^export const (?:ticks|tickValues) = (${LIST});$`)

/** What a module's functions were made from, besides its constants. */
interface Choices {
  readonly instead: Instead
  readonly lacking: string | null
}
const FIRST_CALL = new RegExp(`\\(plan(?:, doubles|, undefined)?(?:, (${TEXT}))?\\);$`)
/** What stands in place of labels and of a unit, as a module says it. */
function choicesIn(lines: readonly string[]): Choices | null {
  const instead = insteadFrom(lines)
  const text = FIRST_CALL.exec(lines[0] ?? '')?.[1]
  const lacking = text === undefined ? null : json(text)
  return instead && (lacking === null || typeof lacking === 'string') ? { instead, lacking } : null
}

const sourceFrom = (constants: Constants, lacking: string | null): Source => ({
  ...{ doubles: null, ladder: null },
  ...constants,
  lacking,
})

/**
 * What the functions at the end of a module were made from; null if any line of them is not what
 * this program writes for these constants.
 */
function ownChoices(
  tail: string,
  constants: Constants,
  nameOf: (maker: Maker) => string,
): Choices | null {
  const lines = tail.replace(/\n$/, '').split('\n')
  const choices = choicesIn(lines)
  if (!choices) return null
  const functions = functionsOf(sourceFrom(constants, choices.lacking), nameOf, choices.instead)
  const isKnown = (line: string) =>
    KNOWLEDGE.some((pattern) => pattern.test(line)) || json(DATA.exec(line)?.[1]) !== undefined
  const isOwn =
    functions.every((line, at) => lines[at] === line) &&
    lines.slice(functions.length).every(isKnown)
  return isOwn ? choices : null
}

/** A module with the data of a file, and with this program's own runtime and functions. */
function rebuilt(
  data: string,
  own: string,
  source: Source,
  nameOf: (maker: Maker) => string,
  instead: Instead,
): string {
  return `${data}${own}${functionsOf(source, nameOf, instead).join('\n')}\n`
}

/**
 * A module by itself that writes the labels of a file's data, without any of the file's code: the
 * file gives its constants, and this program's own runtime and functions stand behind them.
 *
 * @param text an exported module, from wherever
 * @param runtime reads the runtime of this program
 * @returns null if the file holds any code that this program does not write
 */
export async function moduleWithDataOf(text: string, runtime: ReadRuntime): Promise<string | null> {
  const read = readConstants(withoutHeader(text))
  if (!read) return null
  const { constants, rest } = read
  const { text: own, nameOf } = embedded(await runtime(runtimeFor([sourceFrom(constants, null)])))
  const choices = rest.startsWith(own)
    ? ownChoices(rest.slice(own.length), constants, nameOf)
    : null
  if (!choices) return null
  return rebuilt(read.text, own, sourceFrom(constants, choices.lacking), nameOf, choices.instead)
}

/**
 * The same for the modules of a package, which share a runtime in a file of its own.
 *
 * @param paths the files of the modules in the package
 * @returns a module for each path; null where the package holds code that this program does not write
 */
export async function packedModulesWithDataOf(
  files: readonly CodeFile[],
  paths: readonly string[],
  runtime: ReadRuntime,
): Promise<(string | null)[]> {
  const textOf = (wanted: string) => files.find(({ name }) => name === wanted)?.text
  const read = paths.map((path) => {
    const body = withoutHeader(textOf(path) ?? '')
    const line = runtimeImport(path)
    return body.startsWith(line) ? readConstants(body.slice(line.length)) : null
  })
  const sources = read.flatMap((one) => (one ? [sourceFrom(one.constants, null)] : []))
  const shared = await runtime(runtimeFor(sources))
  if (textOf(RUNTIME) !== shared) return paths.map(() => null)
  const { text: own, nameOf } = embedded(shared)
  return read.map((one) => {
    const choices = one && ownChoices(one.rest, one.constants, (maker) => maker)
    if (!one || !choices) return null
    return rebuilt(
      one.text,
      own,
      sourceFrom(one.constants, choices.lacking),
      nameOf,
      choices.instead,
    )
  })
}
