// What every command needs first: packages, a build that is not stale, a browser for tests.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync, mkdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { makeLocales } from '../locales.mjs'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..')
export const environment = { ...process.env, NUXT_TELEMETRY_DISABLED: '1' }

/** Runs a command to its end; ends this process when it fails and `mayFail` is not set. */
export function run(command, args, { mayFail = false, ...options } = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: environment,
    ...options,
  })
  if (status === 0) return true
  if (mayFail) return false
  console.error(`${command} ${args.join(' ')} failed${error ? `: ${error.message}` : ''}`)
  process.exit(1)
}

/** Runs a command without blocking others, and resolves to whether it succeeded. */
export const ran = (command, args) =>
  new Promise((tell) => {
    const started = spawn(command, args, { cwd: root, stdio: 'inherit', env: environment })
    started.on('error', () => tell(false))
    started.on('exit', (status) => tell(status === 0))
  })

const digest = (text) => createHash('sha256').update(text).digest('hex')
const stampFile = join(root, 'node_modules', '.ivory-abacus-installed')

/** Installs the packages of the lock file where they are absent or of another lock file. */
export function install() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Node ${process.versions.node} is too old: this needs Node 20.19 or later.`)
    process.exit(1)
  }
  const wanted = digest(readFileSync(join(root, 'package-lock.json')))
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === wanted) return
  console.log('Installing packages; this takes a few minutes the first time …')
  run('npm', ['ci', '--no-fund', '--no-audit', '--loglevel', 'error'])
  writeFileSync(stampFile, wanted)
}

const SOURCES = [
  'app',
  'core',
  'server',
  'shared',
  'cli',
  'words',
  'demo',
  'public',
  'scripts/bundle.mjs',
  'scripts/lib/runtime.mjs',
  'scripts/lib/guide.mjs',
  'docs/guide',
  'docs/screenshots',
  'scripts/locales.mjs',
  'scripts/lib/prepare.mjs',
  'nuxt.config.ts',
  'package-lock.json',
]
const buildStamp = join(root, '.output', 'built-from')
const bundleStamp = join(root, 'dist', 'built-from')

/** The files of a folder, in the order of their names; what is fetched or generated is left out. */
export function* filesUnder(path) {
  if (!statSync(path).isDirectory()) return yield path
  for (const name of readdirSync(path).sort())
    if (!/^(large|generated|guide)$/.test(name)) yield* filesUnder(join(path, name))
}

function sourcesDigest() {
  const hash = createHash('sha256')
  for (const source of SOURCES)
    for (const file of filesUnder(join(root, source))) {
      if (/\.test\.ts$/.test(file)) continue
      hash.update(file.slice(root.length)).update(readFileSync(file))
    }
  return hash.digest('hex')
}

/**
 * Bundles the command and what the server runs in processes of its own, unless the bundles are made
 * of these sources already: somebody may be running them.
 */
export function bundle({ force = false, wanted = sourcesDigest() } = {}) {
  if (!force && existsSync(bundleStamp) && readFileSync(bundleStamp, 'utf8') === wanted) return
  run(process.execPath, ['scripts/bundle.mjs'])
  writeFileSync(bundleStamp, wanted)
}

/** Builds the program when its sources are not those of the last build. */
export function build({ force = false } = {}) {
  makeLocales()
  const wanted = sourcesDigest()
  if (!force && existsSync(buildStamp) && readFileSync(buildStamp, 'utf8') === wanted) return
  console.log('Building; this takes about a minute …')
  bundle({ force, wanted })
  run('npx', ['nuxt', 'build', '--logLevel', 'silent'])
  mkdirSync(dirname(buildStamp), { recursive: true })
  writeFileSync(buildStamp, wanted)
}

const BROWSERS = [
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
  '/usr/bin/google-chrome-stable',
]

/** Where Chromium is; installs Debian's where it can. */
export function findChromium() {
  const found = () => [process.env.CHROMIUM, ...BROWSERS].find((path) => path && existsSync(path))
  if (!found() && existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    console.log('Installing Chromium …')
    run('sh', ['-c', 'apt-get update -qq && apt-get install -y -qq chromium > /dev/null'], {
      mayFail: true,
    })
  }
  const path = found()
  if (!path) {
    console.error(
      'Chromium is needed for the browser tests: install it (on Debian: apt-get install chromium), or set CHROMIUM to its path.',
    )
    process.exit(1)
  }
  return path
}
