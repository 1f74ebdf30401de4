import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { InputError } from './input'

const whyNot = (error: unknown): string =>
  (error as NodeJS.ErrnoException).code ?? (error as Error).message

/** What stands for standard input where a file is taken. */
const STANDARD_INPUT = '-'

/**
 * The bytes of a file, or of standard input.
 *
 * @throws InputError for one that cannot be read
 */
export function fileBytes(path: string): Uint8Array {
  try {
    return readFileSync(path === STANDARD_INPUT ? process.stdin.fd : path)
  } catch (error) {
    throw new InputError(`${path} cannot be read: ${whyNot(error)}`)
  }
}
/** The text of a file. @throws InputError for one that cannot be read */
export const fileText = (path: string): string => new TextDecoder().decode(fileBytes(path))

/** Writes a file, and the folder that it is to lie in. @throws InputError where that cannot be */
export function writeBytes(path: string, bytes: Uint8Array): void {
  try {
    mkdirSync(dirname(path), { recursive: true })
    writeFileSync(path, bytes)
  } catch (error) {
    throw new InputError(`${path} cannot be written: ${whyNot(error)}`)
  }
}
