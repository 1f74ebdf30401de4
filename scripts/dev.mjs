import { install, run, root } from './lib/prepare.mjs'
import { join } from 'node:path'

install()
run(process.execPath, [join(root, 'scripts/bundle.mjs')])
run('npx', ['nuxt', 'dev', '--host', '127.0.0.1'])
