import { build, install } from './lib/prepare.mjs'

install()
build({ force: true })
