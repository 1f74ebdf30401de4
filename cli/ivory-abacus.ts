import { main } from './main'
import { oneLine } from './oneLine'

const FAILED = 2

/** Ends with one line that says why. Set IVORY_ABACUS_VERBOSE to see where it happened too. */
function end(error: unknown, what: string): never {
  const { message, stack } = error instanceof Error ? error : new Error(String(error))
  process.stderr.write(oneLine(`${what}: ${message}`))
  if (process.env.IVORY_ABACUS_VERBOSE) process.stderr.write(`${stack ?? ''}\n`)
  process.exit(FAILED)
}

/** Whoever reads may stop before the end, as `head` does: that is no failure. */
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0)
  end(error, 'the output cannot be written')
})
// Where nobody hears what is wrong, the status alone says it.
process.stderr.on('error', () => process.exit(FAILED))

try {
  process.exitCode = await main(process.argv.slice(2), {
    input: process.stdin,
    output: process.stdout,
    errors: process.stderr,
  })
} catch (error) {
  end(error, 'something failed that should not')
}
