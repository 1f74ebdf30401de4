// npm test: installs what is missing, finds a browser, builds, then lint, types, Jest and browser
// journeys.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { availableParallelism, tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, environment, findChromium, install, ran, run } from './lib/prepare.mjs'

install()
const chromium = findChromium()
build()

/** Some tests try a part of what they can on each run, and all of it when asked to. */
const tests = process.argv.includes('--exhaustive') ? 'exhaustive' : 'usual'

let passed = 0
let failed = 0
const count = (name, good) => {
  good ? passed++ : failed++
  console.log(`${good ? 'passed' : 'FAILED'}: ${name}`)
}
const [lint, types] = await Promise.all(
  ['lint', 'typecheck'].map((script) => ran('npm', ['run', '--silent', script])),
)
count('lint', lint)
count('types', types)

const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-report-'))
const report = join(folder, 'report.json')
/** Browser tests wait about a third of their time, so more files run than there are processors. */
const WORKERS = Math.ceil(1.5 * availableParallelism())
const clean = run('npx', ['jest', `--maxWorkers=${WORKERS}`, '--json', `--outputFile=${report}`], {
  mayFail: true,
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...environment, CHROMIUM: chromium, IVORY_ABACUS_TESTS: tests },
})
try {
  const { numPassedTests, numFailedTests, numFailedTestSuites, numRuntimeErrorTestSuites } =
    JSON.parse(readFileSync(report, 'utf8'))
  passed += numPassedTests
  failed += numFailedTests + numRuntimeErrorTestSuites
  if (!clean && numFailedTests + numFailedTestSuites === 0) failed++
} catch {
  console.error('Jest left no report.')
  failed++
}
rmSync(folder, { recursive: true, force: true })
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
