// npm start: installs what is missing, builds when the build is stale, serves, prints the address.
import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { createServer } from 'node:net'
import { join, resolve } from 'node:path'
import { build, environment, install, root } from './lib/prepare.mjs'

const HOST = process.env.HOST ?? '127.0.0.1'
const PORT = Number(process.env.PORT ?? 4317)
const data = resolve(process.env.IVORY_ABACUS_DATA ?? join(root, 'data'))
const READY_WITHIN = 30_000
/** Where others than this machine can reach the server, they must know this. */
const token = ['127.0.0.1', 'localhost', '::1'].includes(HOST)
  ? ''
  : process.env.IVORY_ABACUS_TOKEN || randomBytes(18).toString('base64url')

if (!Number.isInteger(PORT) || PORT < 1 || PORT > 65535) {
  console.error(`PORT is ${process.env.PORT}; it takes a number from 1 to 65535.`)
  process.exit(1)
}

const portIsFree = () =>
  new Promise((answer) => {
    const probe = createServer()
      .once('error', () => answer(false))
      .once('listening', () => probe.close(() => answer(true)))
    probe.listen(PORT, HOST)
  })

/** Answers once the server does. */
async function ready() {
  for (const end = Date.now() + READY_WITHIN; Date.now() < end;) {
    const answer = await fetch(`http://${HOST}:${PORT}/api/studies`, {
      headers: { host: `127.0.0.1:${PORT}`, cookie: `ivory-abacus=${token}` },
    }).catch(() => null)
    if (answer?.ok) return true
    await new Promise((next) => setTimeout(next, 50))
  }
  return false
}

install()
build()
if (!(await portIsFree())) {
  console.error(
    `Port ${PORT} is taken. Stop what uses it, or choose another: PORT=${PORT + 1} npm start`,
  )
  process.exit(1)
}
const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
  cwd: root,
  stdio: ['ignore', 'ignore', 'inherit'],
  env: {
    ...environment,
    NITRO_HOST: HOST,
    NITRO_PORT: String(PORT),
    HOST,
    PORT: String(PORT),
    IVORY_ABACUS_DATA: data,
    IVORY_ABACUS_TOKEN: token,
    ...(process.argv.includes('--verbose') ? { IVORY_ABACUS_VERBOSE: '1' } : {}),
  },
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
if (await ready())
  console.log(
    `Ivory Abacus is at http://${HOST}:${PORT}${token && `/?token=${token}`} (its data are in ${data}; Ctrl+C ends it)`,
  )
else {
  console.error('The server did not answer within 30 seconds.')
  server.kill()
  process.exitCode = 1
}
