// npm run mutate -- FOLDER [--seed N] [--count N]: how far the tests of a folder can be trusted.
// Puts one fault after another into the folder's code, in a copy of the tree, and runs on each the
// tests of the folder; then those of all that uses the file; then the compiler. A fault that none
// of them notices is printed with its line; a tenth may survive.
import { spawnSync } from 'node:child_process'
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, join, relative } from 'node:path'
import { parseArgs } from 'node:util'
import ts from 'typescript'
import { environment, filesUnder, install, root } from './lib/prepare.mjs'
import { seeded } from './lib/seeded.mjs'

const MOST_SURVIVORS = 0.1
/** How often longer than the sound code a run may take before it counts as stuck. */
const PATIENCE = 5
/** How long tests of all that uses a file may take, in milliseconds. */
const MOST_RELATED = 600_000

const OTHER_WAY = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
}

/** A whole number that is not this one; as large a number as before, so that loops end. */
const otherNumber = (text) => {
  const isBig = text.endsWith('n')
  const value = Number(text.replace(/n$|_/g, ''))
  return `${value + 1}${isBig ? 'n' : ''}`
}

/** Every place where one token can be put wrong: `{ start, end, becomes }`, offsets in the text. */
function faultsIn(text) {
  const source = ts.createSourceFile('x.ts', text, ts.ScriptTarget.Latest, true)
  const faults = []
  const replace = (node, becomes) =>
    faults.push({ start: node.getStart(source), end: node.getEnd(), becomes })
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node))
      return
    if (ts.isNumericLiteral(node) || node.kind === ts.SyntaxKind.BigIntLiteral)
      replace(node, otherNumber(node.getText(source)))
    if (ts.isBinaryExpression(node)) {
      const operator = node.operatorToken
      const other = OTHER_WAY[operator.getText(source)]
      if (other) replace(operator, other)
    }
    if (ts.isIfStatement(node)) replace(node.expression, `!(${node.expression.getText(source)})`)
    if (ts.isConditionalExpression(node))
      replace(node.condition, `!(${node.condition.getText(source)})`)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return faults
}

/** The code of a folder: its tests and what these use are left out. */
const codeUnder = (folder) =>
  [...filesUnder(folder)].filter(
    (path) => /\.ts$/.test(path) && !/\.test\.ts$/.test(path) && !/[\\/]testing[\\/]/.test(path),
  )

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    seed: { type: 'string', default: '18' },
    count: { type: 'string', default: '30' },
  },
})
const folder = positionals[0]
if (!folder) {
  console.error('Say whose tests to try: npm run mutate -- core/label')
  process.exit(1)
}
install()

const copy = mkdtempSync(join(tmpdir(), 'ivory-abacus-faults-'))
const LEFT = /^(node_modules|\.git|\.nuxt|\.output|dist|data|coverage)$/
for (const name of readdirSync(root))
  if (!LEFT.test(name)) cpSync(join(root, name), join(copy, name), { recursive: true })
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
const clean = () => rmSync(copy, { recursive: true, force: true })
process.on('exit', clean)
process.on('SIGINT', () => process.exit(130))

const bin = (name) => join('node_modules', '.bin', name)
const JEST = ['--selectProjects', 'unit', '--bail', '--passWithNoTests']
/** Whether a command of the tree ends well; null where it does not end in time. */
function succeeds(name, args, timeout) {
  const { status, error } = spawnSync(bin(name), args, {
    cwd: copy,
    stdio: 'ignore',
    env: environment,
    timeout,
  })
  return error?.code === 'ETIMEDOUT' ? null : status === 0
}
const passes = (paths, timeout) => succeeds('jest', [...JEST, '--', ...paths], timeout)

const began = Date.now()
if (!passes([`${folder}/`], undefined)) {
  console.error(`The tests of ${folder} fail as they stand: mend them first.`)
  process.exit(1)
}
const timeout = (Date.now() - began) * PATIENCE

const all = codeUnder(join(copy, folder)).flatMap((path) => {
  const text = readFileSync(path, 'utf8')
  return faultsIn(text).map((fault) => ({ ...fault, path, text }))
})
const random = seeded(Number(values.seed))
const chosen = []
while (chosen.length < Number(values.count) && all.length > 0)
  chosen.push(...all.splice(Math.floor(random() * all.length), 1))

/** Who may notice a fault, the soonest done first; each says whether all is well. */
const WATCHERS = {
  'its own test': (path) => passes([relative(copy, path.replace(/\.ts$/, '.test.ts'))], timeout),
  'tests of the folder': () => passes([`${folder}/`], timeout),
  'tests of what uses it': (path) =>
    succeeds('jest', [...JEST, '--findRelatedTests', path], MOST_RELATED),
  'the compiler': () => succeeds('tsc', ['-p', 'tsconfig.core.json', '--noEmit']),
}
const counts = new Map([...Object.keys(WATCHERS), 'nobody'].map((name) => [name, 0]))
for (const [at, { path, text, start, end, becomes }] of chosen.entries()) {
  writeFileSync(path, text.slice(0, start) + becomes + text.slice(end))
  const [by] = Object.entries(WATCHERS).find(([, isWell]) => !isWell(path)) ?? ['nobody']
  writeFileSync(path, text)
  counts.set(by, counts.get(by) + 1)
  const line = text.slice(0, start).split('\n').length
  const place = `${relative(copy, path)}:${line}`
  const change = `${text.slice(start, end)} became ${becomes}`
  const verdict = by === 'nobody' ? 'SURVIVED' : `noticed by ${by}:`
  console.log(`${at + 1}/${chosen.length} ${verdict} ${place} ${change}`)
}
console.log(Array.from(counts, ([by, count]) => `${by} ${count}`).join(', '))
const survivors = counts.get('nobody')
const share = survivors / (chosen.length || 1)
console.log(`${survivors} of ${chosen.length} faults in ${basename(folder)} went unnoticed`)
process.exit(share < MOST_SURVIVORS ? 0 : 1)
