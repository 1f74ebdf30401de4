import type { Writable } from 'node:stream'
import { labelLines } from './commands'

/**
 * Lines are gathered before they are written, since a write for each would take most of the time.
 */
const GATHERED = 1 << 16

/**
 * Writes a label a line for a value a line.
 *
 * @throws InputError naming the line; the labels of those before it are written
 */
export async function writeLines(lines: AsyncIterable<string>, output: Writable): Promise<void> {
  let waiting = ''
  try {
    for await (const line of labelLines(lines)) {
      waiting += `${line}\n`
      if (waiting.length < GATHERED) continue
      if (!output.write(waiting)) await new Promise((drained) => output.once('drain', drained))
      waiting = ''
    }
  } finally {
    // What was written before a bad line is not lost.
    output.write(waiting)
  }
}
