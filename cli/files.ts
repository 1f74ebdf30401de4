import { readFileSync } from 'node:fs'
import { InputError } from './input'

/** The bytes of a file. @throws InputError for one that cannot be read */
export function fileBytes(path: string): Uint8Array {
  try {
    return readFileSync(path)
  } catch (error) {
    throw new InputError(
      `${path} cannot be read: ${(error as NodeJS.ErrnoException).code ?? (error as Error).message}`,
    )
  }
}
/** The text of a file. @throws InputError for one that cannot be read */
export const fileText = (path: string): string => new TextDecoder().decode(fileBytes(path))
