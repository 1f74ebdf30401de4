import { createInterface } from 'node:readline'
import { text } from 'node:stream/consumers'
import { Command as Program, Option } from 'commander'
import { terminalLine } from '../shared/escape'
import { FILE_FORM_IDS, FORMS } from '../shared/import/endings'
import type { CommandOptions } from './command'
import { commands, labelLines } from './commands'
import { isInputError, readJson } from './input'
import { inspectFile } from './inspect'
import { checkStudy } from './study'

const BAD_INPUT = 2
const FOUND_ERRORS = 1

/** Characters of a message: what it quotes may be of any length. */
const MOST_SAID = 1000
/** One line on standard error, and the exit status of bad input. */
function refuse(message: string): void {
  const line = terminalLine(message.replace(/\s+/g, ' ').trim().slice(0, MOST_SAID))
  process.stderr.write(`ivory-abacus: ${line}\n`)
  process.exitCode = BAD_INPUT
}

/**
 * Lines are gathered before they are written, since a write for each would take most of the time.
 */
const GATHERED = 1 << 16

async function writeLines(): Promise<void> {
  let waiting = ''
  try {
    for await (const line of labelLines(
      createInterface({ input: process.stdin, crlfDelay: Infinity }),
    )) {
      waiting += `${line}\n`
      if (waiting.length < GATHERED) continue
      if (!process.stdout.write(waiting))
        await new Promise((drained) => process.stdout.once('drain', drained))
      waiting = ''
    }
  } finally {
    // What was written before a bad line is not lost.
    process.stdout.write(waiting)
  }
}
/** Whoever reads may stop before the end, as `head` does: that is no failure. */
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0)
  throw error
})

const program = new Program('ivory-abacus')
  .description('Writes numbers as labels and reads labels back. JSON on standard input and output.')
  .exitOverride((error) => process.exit(error.exitCode === 0 ? 0 : BAD_INPUT))
  .configureOutput({
    outputError: (message, write) => write(`ivory-abacus: ${message.replace(/^error: /, '')}`),
  })

for (const [name, command] of Object.entries(commands)) {
  const own = program.command(name).description(command.summary)
  if (name === 'label')
    own
      .option('--parts', 'add the parts of each label')
      .option('--spoken', 'add what a screen reader should say')
      .option('--lines', 'a value a line in, a label a line out')
  if (name === 'check')
    own
      .argument(
        '[file]',
        'a study, saved to a file; without it {"style", "values", "surface"} on standard input',
      )
      .option(
        '--format <format>',
        'how the findings of a file are reported: text, json or sarif',
        'text',
      )
  own.action(async (...given: unknown[]) => {
    // Commander gives arguments first, then the options, then itself.
    const [file, options] = (name === 'check' ? given : [undefined, ...given]) as [
      string | undefined,
      CommandOptions & { lines?: boolean; format?: string },
    ]
    try {
      if (file !== undefined) {
        const { report, isBad } = checkStudy(file, options.format!)
        process.stdout.write(report)
        if (isBad) process.exitCode = FOUND_ERRORS
        return
      }
      if (options.lines) return await writeLines()
      const answer = command.run(readJson(await text(process.stdin)), options)
      process.stdout.write(`${JSON.stringify(answer)}\n`)
      if (command.isBad?.(answer)) process.exitCode = FOUND_ERRORS
    } catch (error) {
      if (!isInputError(error)) throw error
      refuse(error.message)
    }
  })
}
program
  .command('inspect')
  .description('what import would make of a table: roles, rules, start styles, findings')
  .argument(
    '<file>',
    `a table: ${Object.values(FORMS)
      .map(({ title }) => title)
      .join(', ')}`,
  )
  .addOption(
    new Option('--as <form>', 'the form of the file, where its name does not tell it').choices(
      FILE_FORM_IDS,
    ),
  )
  .action(async (file: string, { as }: { as?: string }) => {
    try {
      process.stdout.write(`${JSON.stringify(await inspectFile(file, as))}\n`)
    } catch (error) {
      if (!isInputError(error)) throw error
      refuse(error.message)
    }
  })
await program.parseAsync()
