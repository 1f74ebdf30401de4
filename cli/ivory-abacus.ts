import { main } from './main'

/** Whoever reads may stop before the end, as `head` does: that is no failure. */
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0)
  throw error
})

process.exitCode = await main(process.argv.slice(2), {
  input: process.stdin,
  output: process.stdout,
  errors: process.stderr,
})
