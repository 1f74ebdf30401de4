import { install, run, root } from './lib/prepare.mjs'
import { join } from 'node:path'
import { makeLocales } from './locales.mjs'

install()
makeLocales()
run(process.execPath, [join(root, 'scripts/bundle.mjs')])
run('npx', ['nuxt', 'dev', '--host', '127.0.0.1'])
