// npm start: installs what is missing, builds when the build is stale, serves, prints the address.
import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { createServer } from 'node:net'
import { join, resolve } from 'node:path'
import { addressesOf, needsToken } from './lib/addresses.mjs'
import { build, environment, install, root } from './lib/prepare.mjs'

const HOST = (process.env.HOST || '127.0.0.1').replace(/^\[|\]$/g, '')
const PORT = Number(process.env.PORT ?? 4317)
const data = resolve(process.env.IVORY_ABACUS_DATA ?? join(root, 'data'))
const READY_WITHIN = 30_000
const token = needsToken(HOST)
  ? process.env.IVORY_ABACUS_TOKEN || randomBytes(18).toString('base64url')
  : ''

function refuse(message) {
  console.error(message)
  process.exit(1)
}

/** What to do when the system does not let this program listen, by the code of its error. */
const CANNOT_LISTEN = {
  EADDRINUSE: `Port ${PORT} is in use. Stop the program that uses it, or choose another port: PORT=${PORT + 1} npm start`,
  EACCES: `This user may not listen on port ${PORT}. Choose a port from 1024 up: PORT=4317 npm start`,
  EADDRNOTAVAIL: `HOST is ${HOST}, which is no address of this machine. Set HOST to one of its addresses, or to 0.0.0.0 for all of them.`,
  ENOTFOUND: `HOST is ${HOST}, which names no machine. Set HOST to an address of this machine, or to 0.0.0.0 for all of them.`,
}

/** Why this program cannot listen where it is told to; null if it can. */
const whyNot = () =>
  new Promise((answer) => {
    const probe = createServer()
      .once('error', ({ code, message }) => answer(CANNOT_LISTEN[code] ?? message))
      .once('listening', () => probe.close(() => answer(null)))
    probe.listen(PORT, HOST)
  })

/** Waits until the server answers; says whether it did. */
async function answers(address, server) {
  const headers = { cookie: `ivory-abacus=${token}` }
  for (const end = Date.now() + READY_WITHIN; Date.now() < end && server.exitCode === null;) {
    const answer = await fetch(`${address}/api/studies`, { headers }).catch(() => null)
    if (answer?.ok) return true
    await new Promise((next) => setTimeout(next, 50))
  }
  return false
}

if (!Number.isInteger(PORT) || PORT < 1 || PORT > 65535)
  refuse(`PORT is ${process.env.PORT}; it takes a number from 1 to 65535.`)
install()
build()
const trouble = await whyNot()
if (trouble) refuse(trouble)

const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
  cwd: root,
  // The server ends when its input does: also where this program is killed and cannot tell it.
  stdio: ['pipe', 'ignore', 'inherit'],
  env: {
    ...environment,
    IVORY_ABACUS_ENDS_WITH_INPUT: '1',
    NITRO_HOST: HOST,
    NITRO_PORT: String(PORT),
    HOST,
    PORT: String(PORT),
    IVORY_ABACUS_DATA: data,
    IVORY_ABACUS_TOKEN: token,
    ...(process.argv.includes('--verbose') ? { IVORY_ABACUS_VERBOSE: '1' } : {}),
  },
})
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => server.kill(signal === 'SIGHUP' ? 'SIGTERM' : signal))
server.on('exit', (code) => process.exit(code ?? 0))
const [own, ...others] = addressesOf(HOST, PORT)
const opened = (address) => `${address}${token && `/?token=${token}`}`
if (await answers(own, server)) {
  console.log(`Ivory Abacus is at ${opened(own)} (its data are in ${data}; Ctrl+C ends it)`)
  if (others.length > 0) console.log('From other machines, open one of these:')
  for (const address of others) console.log(`  ${opened(address)}`)
} else if (server.exitCode === null) {
  console.error('The server did not answer within 30 seconds.')
  server.kill()
  process.exitCode = 1
}
