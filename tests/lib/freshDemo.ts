import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { removeFolder, startProgram } from './program'

/**
 * Starts the built server once on an empty folder before all tests, and ends it again: what it made
 * there is what each test that asks for a fresh demo gets a copy of. To make the demo takes seconds,
 * to copy it none.
 */
export default async function makeFreshDemo(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-demo-'))
  await (await startProgram(folder)).stop()
  process.env.IVORY_ABACUS_FRESH_DEMO = folder
}

/** Removes the folder again after all tests. */
export const removeFreshDemo = (): void => removeFolder(process.env.IVORY_ABACUS_FRESH_DEMO!)
