import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './program'

export function run(command: string, input: unknown, ...options: string[]) {
  const text = typeof input === 'string' ? input : JSON.stringify(input)
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(root, 'dist/cli/ivory-abacus.mjs'), command, ...options],
    { input: text, encoding: 'utf8' },
  )
  return { status, stderr, output: stdout ? (JSON.parse(stdout) as unknown) : null }
}
