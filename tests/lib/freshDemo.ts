import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { removeFolder, startProgram } from './program'

/**
 * Starts the built server once on an empty folder, so it makes the demo there, and stops it again.
 * Tests that need a fresh demo copy that folder, which is much faster than making it.
 */
export default async function makeFreshDemo(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-demo-'))
  await (await startProgram(folder)).stop()
  process.env.IVORY_ABACUS_FRESH_DEMO = folder
}

/** Removes that folder after all tests. */
export const removeFreshDemo = (): void => removeFolder(process.env.IVORY_ABACUS_FRESH_DEMO!)
