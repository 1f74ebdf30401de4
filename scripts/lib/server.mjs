// A built server on a data folder of its own, for scripts.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { environment, root } from './prepare.mjs'

const freePort = () =>
  new Promise((answer) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => answer(port))
    })
  })

/** A folder for a server's data, which is gone when the script ends. */
export function dataFolder() {
  const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  process.once('exit', () => rmSync(data, { recursive: true, force: true }))
  return data
}

/** Starts a server; it has answered when this does. */
export async function startServer(data = dataFolder()) {
  const port = await freePort()
  const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...environment,
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      IVORY_ABACUS_DATA: data,
    },
  })
  const kill = () => server.kill()
  process.once('exit', kill)
  const url = `http://127.0.0.1:${port}`
  while (!(await fetch(`${url}/api/studies`).catch(() => null))?.ok) {
    if (server.exitCode !== null) throw new Error('the server has ended')
    await new Promise((next) => setTimeout(next, 10))
  }
  const stop = () =>
    new Promise((done) => {
      process.off('exit', kill)
      server.once('exit', done)
      kill()
    })
  return { url, stop }
}
