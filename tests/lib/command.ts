import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './program'

/** Runs the built command. @returns how it ended, and what it said */
export function runCommand(given: readonly string[], input?: string) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(root, 'dist/cli/ivory-abacus.mjs'), ...given],
    { input, encoding: 'utf8' },
  )
  return { status, stdout, stderr }
}

/** Runs a command of JSON in and out. */
export function run(command: string, input: unknown, ...options: string[]) {
  const text = typeof input === 'string' ? input : JSON.stringify(input)
  const { status, stdout, stderr } = runCommand([command, ...options], text)
  return { status, stderr, output: stdout ? (JSON.parse(stdout) as unknown) : null }
}
