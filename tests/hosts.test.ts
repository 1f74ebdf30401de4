import { type ChildProcess, spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { networkInterfaces, tmpdir } from 'node:os'
import { join } from 'node:path'
import { freePort, removeFolder, root } from './lib/program'

const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? [])
const lan = addresses.find(({ internal, family }) => !internal && family === 'IPv4')?.address
const hasIpv6 = addresses.some(({ address }) => address === '::1')

/** The addresses that the output names, their tokens included. */
const addressesIn = (output: string): string[] => output.match(/http:\/\/[^\s)]+/g) ?? []

/** Runs `npm start`'s script on a host until it has printed where it answers. */
async function startOn(host: string, data: string) {
  const started: ChildProcess = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
    env: { ...process.env, HOST: host, PORT: String(await freePort()), IVORY_ABACUS_DATA: data },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let output = ''
  for (const stream of [started.stdout!, started.stderr!])
    stream.on('data', (text: Buffer) => void (output += text.toString()))
  const ended = new Promise<number | null>((done) => started.once('exit', done))
  while (addressesIn(output).length === 0 && started.exitCode === null)
    await new Promise((next) => setTimeout(next, 50))
  // All addresses come in one go, but perhaps in two pieces.
  await new Promise((next) => setTimeout(next, 200))
  return { started, ended, output: () => output }
}

/** Opens an address as a browser does: the token is exchanged for a cookie. */
async function open(address: string): Promise<number> {
  const welcome = await fetch(address, { redirect: 'manual' })
  const cookie = welcome.headers.get('set-cookie')?.split(';')[0] ?? ''
  const { origin } = new URL(address)
  return (await fetch(`${origin}/api/studies`, { headers: { cookie } })).status
}

const hosts = [
  '127.0.0.1',
  '127.0.0.2',
  '0.0.0.0',
  ...(hasIpv6 ? ['::1', '::'] : []),
  ...(lan ? [lan] : []),
]

test.each(hosts)('npm start on %s prints addresses that answer', async (host) => {
  const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-host-'))
  const { started, ended, output } = await startOn(host, data)
  try {
    const found = addressesIn(output())
    const tokens = found.filter((address) => address.includes('?token='))
    expect({ output: output(), found: found.length > 0 }).toMatchObject({ found: true })
    expect(tokens).toHaveLength(host === '127.0.0.1' ? 0 : found.length)
    for (const address of found)
      expect({ address, status: await open(address) }).toEqual({ address, status: 200 })
    if (tokens[0]) {
      const { origin } = new URL(tokens[0])
      expect((await fetch(`${origin}/api/studies`)).status).toBe(401)
    }
  } finally {
    started.kill()
    await ended
    removeFolder(data)
  }
})

test('a host that is no address of this machine is refused with what to do', async () => {
  const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-host-'))
  const { ended, output } = await startOn('198.51.100.7', data)
  expect(await ended).toBe(1)
  expect(output()).toContain('no address of this machine')
  removeFolder(data)
})

test('the server ends when npm start is killed', async () => {
  const data = mkdtempSync(join(tmpdir(), 'ivory-abacus-host-'))
  const { started, ended, output } = await startOn('127.0.0.1', data)
  const [address] = addressesIn(output())
  started.kill('SIGKILL')
  await ended
  const answers = async () =>
    await fetch(`${address!}/api/health`).then(
      () => true,
      () => false,
    )
  while (await answers()) await new Promise((next) => setTimeout(next, 50))
  expect(await answers()).toBe(false)
  removeFolder(data)
})
