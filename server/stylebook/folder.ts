import { fields } from '../../core/style/fields'
import {
  closeSync,
  constants,
  existsSync,
  fstatSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  realpathSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import type { z } from 'zod'
import { parseStyle } from '../../core/style/parse'
import { issueText } from '../../shared/issues'
import { ordered } from '../../shared/study/fileText'
import { type BookEntry, bookEntrySchema, bookName } from '../../shared/study/linked'
import type { Stylebook } from '../../shared/stylebook'
import type { Book } from './book'

const ENDING = '.json'
/** Bytes of a style, and files of a folder, beyond which nobody wrote them by hand. */
const [MOST_BYTES, MOST_FILES] = [2 ** 20, 2000]

/** What a file says: a style with its version, or a style alone, which is the first version. */
const fileSchema = bookEntrySchema.omit({ name: true })
const isVersioned = (content: unknown): boolean =>
  typeof content === 'object' && content !== null && Object.hasOwn(content, 'style')

function checked<Schema extends z.ZodType>(schema: Schema, content: unknown): z.infer<Schema> {
  const result = schema.safeParse(content)
  if (!result.success) throw new Error(issueText(result.error, content))
  return result.data
}

/** Opens a file without waiting for a FIFO and without following a link. */
const READING = constants.O_RDONLY | constants.O_NONBLOCK | constants.O_NOFOLLOW

/** Follows a link within the folder. @throws Error if it is broken or leads outside */
function placeOf(path: string): string {
  let place: string
  try {
    place = realpathSync(path)
  } catch {
    throw new Error('it links to a file that does not exist')
  }
  if (dirname(place) !== realpathSync(dirname(path)))
    throw new Error('it links to a file outside the folder, so it was not read')
  return place
}

/** Reads a file. @throws Error before reading, if it is not a file or longer than a style */
function textIn(path: string): string {
  const opened = openSync(placeOf(path), READING)
  try {
    const about = fstatSync(opened)
    if (!about.isFile()) throw new Error('it is not a file, so it was not read')
    if (about.size > MOST_BYTES)
      throw new Error(`it has ${about.size} bytes; a style has at most ${MOST_BYTES}`)
    return readFileSync(opened, 'utf8').replace(/^\uFEFF/, '')
  } finally {
    closeSync(opened)
  }
}

/** Parses a file that is meant as a style. The messages quote nothing of any other file. */
function contentOf(text: string): unknown {
  let content: unknown
  try {
    content = JSON.parse(text)
  } catch {
    throw new Error('it is not valid JSON')
  }
  const style = isVersioned(content) ? (content as { style: unknown }).style : content
  const names = typeof style === 'object' && style !== null ? Object.keys(style) : null
  const isStyle = names?.length === 0 || names?.some((name) => Object.hasOwn(fields, name))
  if (!isStyle || Array.isArray(style))
    throw new Error('it is not a style: none of its fields is known')
  return content
}

function entryIn(path: string, name: string): BookEntry {
  const content = contentOf(textIn(path))
  const own = isVersioned(content)
    ? checked(fileSchema, content)
    : { version: 1, style: parseStyle(content) }
  return { name: checked(bookName, name), ...own }
}

/**
 * A stylebook in a folder of JSON files, for a team that keeps it under version control: `NAME.json`
 * is `{"version": 2, "style": {…}}`, or a style alone.
 */
export function folderBook(given: string): Book {
  const folder = resolve(given)
  const pathOf = (name: string) => join(folder, `${name}${ENDING}`)
  return {
    read() {
      const found: { -readonly [Key in keyof Stylebook]: Stylebook[Key] } = {
        entries: [],
        troubles: [],
        folder,
      }
      if (!existsSync(folder)) return found
      const files = readdirSync(folder)
        .filter((file) => file.endsWith(ENDING))
        .sort()
      const more = files.length - MOST_FILES
      if (more > 0)
        found.troubles = [
          {
            file: files[MOST_FILES]!,
            message: `only the first ${MOST_FILES} files are read; ${more} are not`,
          },
        ]
      for (const file of files.slice(0, MOST_FILES)) {
        try {
          const entry = entryIn(join(folder, file), file.slice(0, -ENDING.length))
          found.entries = [...found.entries, entry]
        } catch (error) {
          found.troubles = [...found.troubles, { file, message: (error as Error).message }]
        }
      }
      return found
    },
    write({ name, version, style }) {
      mkdirSync(folder, { recursive: true })
      const text = `${JSON.stringify({ version, style: ordered(style) }, null, 2)}\n`
      // Readers never see half a file, and a link is replaced instead of followed.
      const draft = join(folder, `.${name}.draft`)
      rmSync(draft, { force: true })
      writeFileSync(draft, text, { flag: 'wx' })
      renameSync(draft, pathOf(name))
    },
    remove(name) {
      if (!existsSync(pathOf(name))) return false
      rmSync(pathOf(name))
      return true
    },
  }
}
