import { version } from '../../package.json'
import { words } from '../../words'
import { onLine } from '../escape'
import type { StatedRate } from '../../core/style/rates'
import { isSurface, type Level } from '../quantities'
import { ratesSaid } from '../rates/text'
import { USUAL_WISHES, type Wishes } from './wishes'

/** Where an export comes from. */
export interface Provenance {
  readonly study: string
  /** The revision of the study, where that is known: a study’s file does not say. */
  readonly revision?: number
  /** The file of the study, as it is called where the export is made again. */
  readonly file: string
  /** What amounts in other currencies were converted by. */
  readonly rates?: readonly StatedRate[]
  /** What was chosen beside the form. */
  readonly wishes?: Wishes
}

/** Where labels of a level stand, in words. */
export const levelWhere = (level: Level): string =>
  isSurface(level) ? words.surfaces.where[level] : words.levels.where.quantity

/** A word of a shell. */
const word = (text: string): string =>
  /^[\w./@-]+$/.test(text) ? text : `'${onLine(text).replaceAll("'", String.raw`'\''`)}'`

/** The command that makes a form again. */
export const renewal = (
  { file, wishes = USUAL_WISHES }: Provenance,
  as: string,
  of?: { readonly quantity: string; readonly level: Level },
): string =>
  [
    `ivory-abacus export ${word(file)} --as ${as}`,
    ...(of ? [`--quantity ${word(of.quantity)}`] : []),
    ...(of && isSurface(of.level) ? [`--surface ${of.level}`] : []),
    ...(wishes.rows === USUAL_WISHES.rows ? [] : [`--rows ${wishes.rows}`]),
    ...(wishes.lacking === null ? [] : [`--lacking ${word(wishes.lacking)}`]),
    '--out .',
  ].join(' ')

type Of = { readonly quantity: string; readonly level: Level; readonly rows?: string }
/** What an export is, where it comes from, and how it is made again, a sentence each. */
const linesOf = (from: Provenance, as: string, of: Of): string[] => [
  `How “${onLine(of.quantity)}” is written ${levelWhere(of.level)}.`,
  ...(of.rows ? [`Of ${onLine(of.rows)}.`] : []),
  madeBy(from),
  `Again: ${renewal(from, as, of)}`,
]
/** The same in one line, for what has room for a text. */
export const saidOf = (from: Provenance, as: string, of: Of): string =>
  linesOf(from, as, of).join(' ')

/** What made an export, of which revision and by which rates, in one line. */
export const madeBy = ({ study, revision, rates = [] }: Provenance): string =>
  [
    `Made by Ivory Abacus ${version} from the study “${onLine(study)}”${revision === undefined ? '' : `, revision ${revision}`}.`,
    ...(rates.length > 0 ? [`Exchange rates: ${onLine(ratesSaid(rates))}.`] : []),
  ].join(' ')

/** Lines as a comment of HTML, which nothing in them ends. */
export const commentOf = (lines: readonly string[]): string =>
  `<!-- ${onLine(lines.join(' ')).replace(/--(?=!?>)/g, '- -')} -->`

const HEADER = /^(?:(?:\/\/[^\n]*|<!-- .* -->)\n)+/
/** The lines that a module begins with: what it is, where it comes from, and how to make it again. */
export const codeHeader = (from: Provenance, as: string, of: Of): string =>
  linesOf(from, as, of)
    // A module may stand inline in a page, which would take this for the end of a script.
    .map((line) => `// ${line.replace(/<(?=[/!])/g, '< ')}\n`)
    .join('')
/** An export without that: what decides whether two exports say the same. */
export const withoutHeader = (text: string): string => text.replace(HEADER, '')
