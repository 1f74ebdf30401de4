import { text } from 'node:stream/consumers'
import { Command as Program } from 'commander'
import { type CommandOptions, commands } from './commands'
import { isInputError, readJson } from './input'

const BAD_INPUT = 2

/** One line on standard error, and the exit status of bad input. */
function refuse(message: string): void {
  process.stderr.write(`ivory-abacus: ${message.replace(/\s+/g, ' ').trim()}\n`)
  process.exitCode = BAD_INPUT
}

const program = new Program('ivory-abacus')
  .description('Writes numbers as labels and reads labels back. JSON on standard input and output.')
  .exitOverride((error) => process.exit(error.exitCode === 0 ? 0 : BAD_INPUT))
  .configureOutput({ outputError: (message, write) => write(`ivory-abacus: ${message.replace(/^error: /, '')}`) })

for (const [name, command] of Object.entries(commands)) {
  const own = program.command(name).description(command.summary)
  if (name === 'label') own.option('--parts', 'add the parts of each label')
  own.action(async (options: CommandOptions) => {
    try {
      const answer = command.run(readJson(await text(process.stdin)), options)
      process.stdout.write(`${JSON.stringify(answer)}\n`)
    } catch (error) {
      if (!isInputError(error)) throw error
      refuse(error.message)
    }
  })
}
await program.parseAsync()
