import { load } from '../../../core/label/testing/platform'
import { regionsBy } from '../../../core/label/needs'
import type { Readers } from '../../../core/proof/findings'
import { readersFor } from '../readers'
import { readWork, type ReadFile } from '../file'

const kept = new Map<string, Readers>()
/** Who reads a work of a language, with the tables of their regions. */
export const readersOf =
  (...declared: readonly string[]) =>
  (language: string): Readers => {
    const key = `${language} ${declared.join(' ')}`
    const found =
      kept.get(key) ?? readersFor(declared, language, (tag) => regionsBy({ locale: tag }, load))
    kept.set(key, found)
    return found
  }

/** A finished work, read from its text. */
export const readText = (text: string, ...declared: readonly string[]): ReadFile =>
  readWork(new TextEncoder().encode(text), readersOf(...declared))
/** The checks that found something graver than a note. */
export const graveIn = (work: ReadFile): string[] =>
  work.findings.filter(({ severity }) => severity !== 'note').map(({ check }) => check)
