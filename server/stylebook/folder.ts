import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { join, resolve } from 'node:path'
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

function entryIn(path: string, name: string): BookEntry {
  if (statSync(path).size > MOST_BYTES)
    throw new Error(`it is longer than the ${MOST_BYTES} bytes of a style`)
  const content: unknown = JSON.parse(readFileSync(path, 'utf8').replace(/^\uFEFF/, ''))
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
        .slice(0, MOST_FILES)
      for (const file of files) {
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
      // A reader never meets half a file.
      const draft = join(folder, `.${name}.draft`)
      writeFileSync(draft, text)
      renameSync(draft, pathOf(name))
    },
    remove(name) {
      if (!existsSync(pathOf(name))) return false
      rmSync(pathOf(name))
      return true
    },
  }
}
