import { type ChildProcess, spawn } from 'node:child_process'
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Browser, type BrowserContextOptions, chromium, type Page } from 'playwright-core'

export const root = join(__dirname, '..', '..')
const READY_WITHIN = 120_000

export const freePort = () =>
  new Promise<number>((answer) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => answer(port))
    })
  })

/** The built server on a data folder of its own. */
export interface Program {
  readonly url: string
  readonly data: string
  stop(signal?: NodeJS.Signals): Promise<void>
}

/** Copies the data folder that `freshDemo` made. */
function demoFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-'))
  cpSync(process.env.IVORY_ABACUS_FRESH_DEMO!, folder, { recursive: true })
  return folder
}

/**
 * @param data the folder to start on; by default a copy of a fresh demo
 * @param token what callers must know, where they must
 * @param env more of its environment
 */
export async function startProgram(
  data = demoFolder(),
  token = '',
  env: Readonly<Record<string, string>> = {},
): Promise<Program> {
  const port = await freePort()
  const began = Date.now()
  const server: ChildProcess = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
    env: {
      ...process.env,
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      IVORY_ABACUS_DATA: data,
      IVORY_ABACUS_TOKEN: token,
      ...env,
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  let said = ''
  server.stderr!.on('data', (text: Buffer) => {
    said += text.toString()
  })
  const ended = new Promise<void>((done) => server.once('exit', () => done()))
  const url = `http://127.0.0.1:${port}`
  for (;;) {
    const headers = { cookie: `ivory-abacus=${token}` }
    if ((await fetch(`${url}/api/studies`, { headers }).catch(() => null))?.ok) break
    if (server.exitCode !== null || Date.now() - began > READY_WITHIN)
      throw new Error(`the server does not answer: ${said}`)
    await new Promise((next) => setTimeout(next, 25))
  }
  return {
    url,
    data,
    async stop(signal = 'SIGTERM') {
      server.kill(signal)
      await ended
    },
  }
}

/**
 * Registers the start and the end of a server on a fresh demo with the test runner.
 * @returns an object that is filled before the first test
 */
export function withProgram(): Program {
  const program = {} as Program
  beforeAll(async () => void Object.assign(program, await startProgram()))
  afterAll(async () => {
    await program.stop()
    removeFolder(program.data)
  })
  return program
}

/** A server on a fresh demo and a page of a browser on it, for the length of a test file. */
export interface Desk {
  program: Program
  browser: Browser
  page: Page
}

/**
 * Registers the start and the end of a desk with the test runner.
 * @returns an object that is filled before the first test
 */
export function withDesk(options: BrowserContextOptions = {}): Desk {
  const desk = {} as Desk
  beforeAll(async () => {
    desk.program = await startProgram()
    desk.browser = await startBrowser()
    desk.page = await (
      await desk.browser.newContext({ viewport: { width: 1280, height: 800 }, ...options })
    ).newPage()
    desk.page.setDefaultTimeout(PATIENCE)
    if (SLOWER > 1)
      await desk.page
        .context()
        .newCDPSession(desk.page)
        .then((tools) => tools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER }))
    await desk.page.goto(desk.program.url)
  })
  afterAll(async () => {
    await desk.browser.close()
    await desk.program.stop()
    removeFolder(desk.program.data)
  })
  return desk
}

const [PATIENCE, PAUSE] = [60_000, 50]
/** How many times slower the page's processor is made: `SLOW_PAGE=6` finds tests that race. */
const SLOWER = Number(process.env.SLOW_PAGE ?? 1)
/**
 * Expects what is on the page to become equal to something, however long that takes within reason.
 */
export async function until<Seen>(look: () => Promise<Seen>, wanted: Seen): Promise<void> {
  const end = Date.now() + PATIENCE
  while (JSON.stringify(await look()) !== JSON.stringify(wanted) && Date.now() < end)
    await new Promise((next) => setTimeout(next, PAUSE))
  expect(await look()).toEqual(wanted)
}

/** Brings a pasted table in, and waits for its chart. */
export async function bringIn({ page }: Desk, table: string, column: string): Promise<void> {
  await page.getByRole('button', { name: 'Import' }).click()
  await page.getByLabel('Paste a table').fill(table)
  await page.getByLabel('this study').check()
  await page.getByRole('dialog').getByRole('button', { name: 'Import' }).click()
  await page.getByRole('img', { name: `Columns of ${column}` }).waitFor()
}

export const removeFolder = (folder: string): void =>
  rmSync(folder, { recursive: true, force: true })

/** Chromium as Debian installs it, without what would call home. */
export function startBrowser(): Promise<Browser> {
  const executablePath = [
    process.env.CHROMIUM,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
  ].find((path) => path && existsSync(path))
  if (!executablePath) throw new Error('Chromium is not installed; npm test says how')
  return chromium.launch({
    executablePath,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
}
