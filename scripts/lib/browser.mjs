// A built server and a browser for scripts that look at the program.
import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from 'playwright-core'
import { build, environment, findChromium, install, root } from './prepare.mjs'

const freePort = () => new Promise((answer) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port } = probe.address()
    probe.close(() => answer(port))
  })
})

/** Runs a function with a browser and the address of a server on a fresh demo. */
export async function withProgram(use) {
  install()
  build()
  const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  const port = await freePort()
  const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'], env: { ...environment, NITRO_HOST: '127.0.0.1', NITRO_PORT: String(port), IVORY_ABACUS_DATA: data },
  })
  process.once('exit', () => server.kill())
  const browser = await chromium.launch({
    executablePath: findChromium(), args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  })
  try {
    const url = `http://127.0.0.1:${port}`
    while (!(await fetch(url).catch(() => null))?.ok) await new Promise((next) => setTimeout(next, 50))
    await use({ browser, url })
  } finally {
    await browser.close()
    server.kill()
    rmSync(data, { recursive: true, force: true })
  }
}
