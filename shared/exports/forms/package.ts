import { SURFACES } from '../../../core/surfaces'
import { version } from '../../../package.json'
import { fileStem } from '../../names'
import type { Level } from '../../quantities'
import { declarationsOf } from '../code/declarations'
import type { Packed } from '../code/packed'
import { linesToPaste, readmeOf } from '../code/readme'
import type { Source } from '../code/slim'
import { constantsOf, exportsOf, RUNTIME, runtimeImport, sourceOf } from '../code/source'
import { jsonText } from '../json'
import { askedOf, messageFiles, messagesOf, type PackedMessage, saidWith } from '../code/messages'
import { ExportError } from '../prove'
import { codeHeader, madeBy, type Provenance, renewal } from '../provenance'
import { runtimeFor } from '../runtime'
import type { CodeFile, StudyForm, Tools } from '../types'
import { rowsSaid, type Written } from '../written'

/** Levels that have a module: the quantity itself, and each place where it is written. */
export const PACKED: readonly Level[] = ['quantity', ...SURFACES]
/** Characters of a name in the package: what an archive has room for. */
const LONGEST = 40

/** Files that every package has. */
const MESSAGES = 'messages'
const OWN_NAMES = ['runtime', MESSAGES, 'package', 'readme']
/** Names that no two quantities share. */
function stemsOf(all: readonly Written[]): ReadonlyMap<string, string> {
  const stems = new Map<string, string>()
  const taken = new Set(OWN_NAMES)
  for (const { quantity } of all) {
    if (stems.has(quantity.id)) continue
    const wanted = fileStem(quantity.title, 'quantity').slice(0, LONGEST)
    let stem = wanted
    for (let at = 2; taken.has(stem); at++) stem = `${wanted}-${at}`
    taken.add(stem)
    stems.set(quantity.id, stem)
  }
  return stems
}

/** What each module is called in the package, without its ending. */
export function pathsOf(all: readonly Written[]): string[] {
  const stems = stemsOf(all)
  return all.map(({ quantity, level }) =>
    level === 'quantity' ? stems.get(quantity.id)! : `${stems.get(quantity.id)!}/${level}`,
  )
}

/** What the package says of itself (package.json, as npm reads it). */
function manifest(name: string, from: Provenance, paths: readonly string[]): string {
  const entry = (path: string) => [
    `./${path}`,
    { types: `./${path}.d.mts`, default: `./${path}.mjs` },
  ]
  return jsonText({
    name,
    version: '1.0.0',
    description: `How the numbers of the study “${from.study}” are written. ${madeBy(from)}`,
    type: 'module',
    sideEffects: false,
    exports: Object.fromEntries([
      ...paths.map(entry),
      ...paths.flatMap((path) => (path === MESSAGES ? [[`./${path}.json`, `./${path}.json`]] : [])),
      ['./package.json', './package.json'],
    ]),
    ivoryAbacus: {
      ...{ study: from.study, revision: from.revision, version },
      again: renewal(from, 'package'),
    },
  })
}

/** The code and the types of each module. */
const modulesOf = (packed: readonly Packed[], sources: readonly Source[], from: Provenance) =>
  packed.flatMap(({ written, path }, at) => {
    const { quantity, level } = written
    const of = { quantity: quantity.title, level, rows: rowsSaid(written) }
    const header = codeHeader(from, 'module', of)
    const code = [
      header,
      runtimeImport(path),
      constantsOf(sources[at]!),
      exportsOf(written, sources[at]!, (maker) => maker),
    ].join('')
    return [
      { name: `${path}.mjs`, text: code },
      { name: `${path}.d.mts`, text: header + declarationsOf(written, sources[at]!) },
    ]
  })

/**
 * Runs a package, and compares its labels and messages with those of the desk.
 *
 * @returns how many labels it was asked for
 * @throws ExportError naming the first that differs
 */
async function proved(
  packed: readonly Packed[],
  messages: readonly PackedMessage[],
  files: readonly CodeFile[],
  { labelsByPackage }: Tools,
): Promise<number> {
  const asked = packed.map(({ written: { values, rows }, path }) => ({
    ...{ file: `${path}.mjs`, values, rows },
  }))
  const answers = await labelsByPackage(files, [...asked, ...messages.map(askedOf)])
  packed.forEach(({ written: { labels, values }, path }, at) => {
    const differs = labels.findIndex((label, place) => label !== answers[at]![place])
    if (differs >= 0)
      throw new ExportError(
        `The package writes ${JSON.stringify(answers[at]![differs])} by ${path} where the desk writes ${JSON.stringify(labels[differs])} (of ${String(values[differs])}); nothing was exported.`,
      )
  })
  messages.forEach((message, at) => {
    const said = saidWith(message, answers[packed.length + at]!)
    if (said !== message.text)
      throw new ExportError(
        `The message ${message.path} says ${JSON.stringify(said)} where the desk says ${JSON.stringify(message.text)}; nothing was exported.`,
      )
  })
  return answers.reduce((sum, { length }) => sum + length, 0)
}

/** Every quantity on every surface as a package that npm installs: one runtime, a module each. */
const makeAll: StudyForm['makeAll'] = async (all, tools, from, shown) => {
  const paths = pathsOf(all)
  const packed = all.map((written, at): Packed => ({ written, path: paths[at]! }))
  if (packed.length === 0) throw new ExportError('The study has no quantity to write.')
  const sources = packed.map(({ written }) => sourceOf(written))
  const name = `${fileStem(from.study, 'study').slice(0, LONGEST)}-labels`
  const { messages, unsaid } = messagesOf(packed)
  const files = [
    {
      name: 'package.json',
      text: manifest(name, from, [...paths, ...(messages.length > 0 ? [MESSAGES] : [])]),
    },
    { name: 'README.md', text: readmeOf(name, from, packed, messages) },
    { name: RUNTIME, text: await tools.runtime(runtimeFor(sources)) },
    ...modulesOf(packed, sources, from),
    ...messageFiles(messages, from),
  ]
  const count = await proved(packed, messages, files, tools)
  return {
    files: [
      {
        name: `${name}-1.0.0.tgz`,
        type: 'application/gzip',
        text: tools.archive(files.map((file) => ({ ...file, name: `package/${file.name}` }))),
        encoding: 'base64',
      },
    ],
    shown: linesToPaste(
      name,
      packed.filter(({ written }) => written.quantity.id === shown),
    ),
    proof: { how: 'The package was run', values: count, equal: count, differs: [] },
    notes: unsaid.map(
      (path) => `MessageFormat 2 cannot say the message ${path} as the desk does; it is left out.`,
    ),
  }
}

/** The whole study as a package. */
export const packageForm: StudyForm = {
  id: 'package',
  title: 'a package for JavaScript, of the whole study',
  says: 'npm installs it, offline too: a module for each quantity and surface on one small runtime, with types. Its README has the lines for your chart.',
  isCode: true,
  isOfLevel: false,
  isOfStudy: true,
  makeAll,
}
