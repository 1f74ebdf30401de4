// Builds the package that is published into dist/package: the command, and the library with its
// types. Nothing of the application goes in.
import { execFileSync } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import { bundle, root } from './lib/prepare.mjs'

const to = (...path) => join(root, 'dist/package', ...path)
const own = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'))

bundle()
rmSync(to(), { recursive: true, force: true })
mkdirSync(to(), { recursive: true })
for (const folder of ['cli', 'tables', 'runtime'])
  cpSync(join(root, 'dist', folder), to(folder), { recursive: true })
cpSync(join(root, 'LICENSE'), to('LICENSE'))
cpSync(join(root, 'docs/library.md'), to('README.md'))

execFileSync(
  process.execPath,
  [
    join(root, 'node_modules/typescript/bin/tsc'),
    ...['cli/library.ts', '--declaration', '--emitDeclarationOnly', '--outDir', to('types')],
    ...['--target', 'es2022', '--lib', 'es2023', '--module', 'esnext'],
    ...['--moduleResolution', 'bundler'],
    ...['--strict', '--resolveJsonModule', '--skipLibCheck', '--types', 'node', '--rootDir', root],
  ],
  { cwd: root, stdio: 'inherit' },
)

/** Every file of types below a folder. */
const filesBelow = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile() && one.name.endsWith('.d.ts'))
    .map((one) => join(one.parentPath, one.name))
// Programs find modules by their whole names, which our own sources leave out.
for (const path of filesBelow(to('types'))) {
  const text = readFileSync(path, 'utf8').replace(
    /(from |import\()(['"])(\.[^'"]*)\2/g,
    (_, before, quote, name) => {
      const file = join(dirname(path), name)
      const whole = existsSync(`${file}.d.ts`) ? `${name}.js` : `${name}/index.js`
      return `${before}${quote}${whole}${quote}`
    },
  )
  writeFileSync(path, text)
}

writeFileSync(
  to('package.json'),
  `${JSON.stringify(
    {
      name: own.name,
      version: own.version,
      description: own.description,
      license: own.license,
      type: 'module',
      engines: own.engines,
      bin: { 'ivory-abacus': 'cli/ivory-abacus.mjs' },
      exports: {
        '.': { types: './types/cli/library.d.ts', default: './cli/library.mjs' },
        './package.json': './package.json',
      },
      // Types speak of its schemas; the code has what it needs of it.
      dependencies: { zod: own.dependencies.zod },
    },
    null,
    2,
  )}\n`,
)
