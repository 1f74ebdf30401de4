import { createInterface } from 'node:readline'
import { text } from 'node:stream/consumers'
import { Command as Program, Option } from 'commander'
import { terminalLine } from '../shared/escape'
import { FILE_FORM_IDS, FORMS } from '../shared/import/endings'
import { version } from '../package.json'
import { EXPORT_IDS } from '../shared/exports'
import type { CommandOptions } from './command'
import { commands, labelLines } from './commands'
import { type Asked as ExportAsked, exportFile, verifyFile } from './export'
import { InputError, isInputError, readJson } from './input'
import { inspectFile } from './inspect'
import { labelTable } from './labelTable'
import { checkStudy, FAIL_ON, type FailOn } from './study'

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

/** Runs an action; input that cannot be used is told in one line. */
async function told(action: () => Promise<void> | void): Promise<void> {
  try {
    await action()
  } catch (error) {
    if (!isInputError(error)) throw error
    refuse(error.message)
  }
}
const print = (report: string) => void process.stdout.write(report)

const program = new Program('ivory-abacus')
  .description('Writes numbers as labels and reads labels back. JSON on standard input and output.')
  .version(version)
  .exitOverride((error) => process.exit(error.exitCode === 0 ? 0 : BAD_INPUT))
  .configureOutput({
    outputError: (message, write) => write(`ivory-abacus: ${message.replace(/^error: /, '')}`),
  })
  .usage('[options] [command]')
  .argument('[command]')
  .action((unknown?: string) =>
    refuse(
      `${unknown === undefined ? 'name a command' : `unknown command “${unknown}”`}; ivory-abacus --help lists them`,
    ),
  )

/** Commands of JSON in and out; what more some of them can is in `more`. */
const more: Record<string, (own: Program) => void> = {
  label(own) {
    own
      .option('--parts', 'add the parts of each label')
      .option('--spoken', 'add what a screen reader should say')
      .option('--lines', 'a value a line in, a label a line out')
      .option('--csv <file>', 'a table: it comes out with a column of labels')
      .option('--column <name>', 'with --csv: the column whose numbers are written')
      .option('--style <file>', 'with --csv: a file with the style')
      .addHelpText(
        'after',
        example(
          `echo '{"style": {"notation": "scaled"}, "values": [1500]}' | ivory-abacus label`,
          'ivory-abacus label --csv in.csv --column revenue --style style.json > out.csv',
        ),
      )
  },
  check(own) {
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
      .option('--data <file>', 'new rows for the study: a table with its columns')
      .option('--width <px>', 'how wide the page of a study is; as at a desk otherwise')
      .addOption(
        new Option('--fail-on <severity>', 'the least finding that ends with 1')
          .choices(FAIL_ON)
          .default('error'),
      )
      .addHelpText(
        'after',
        example('ivory-abacus check study.json --data new.csv --fail-on warning'),
      )
  },
}
/** Examples below a command's help. */
function example(...lines: string[]): string {
  return `\nExamples:\n${lines.map((line) => `  ${line}`).join('\n')}`
}

interface Options extends CommandOptions {
  readonly lines?: boolean
  readonly format: string
  readonly data?: string
  readonly failOn: FailOn
  readonly width?: string
  readonly csv?: string
  readonly column?: string
  readonly style?: string
}
/** Writes a table with its labels. @throws InputError where the table alone is given */
function writeTable({ csv, column, style }: Options): Promise<void> {
  if (column === undefined || style === undefined)
    throw new InputError('label --csv takes --column NAME and --style FILE too')
  return labelTable(csv!, { column, style }, print)
}

for (const [name, command] of Object.entries(commands)) {
  const own = program.command(name).description(command.summary)
  more[name]?.(own)
  own.action((...given: unknown[]) =>
    told(async () => {
      // Commander gives arguments first, then the options, then itself.
      const [file, options] = (name === 'check' ? given : [undefined, ...given]) as [
        string | undefined,
        Options,
      ]
      if (file !== undefined) {
        const { report, isBad } = await checkStudy(file, options)
        print(report)
        if (isBad) process.exitCode = FOUND_ERRORS
        return
      }
      if (options.data !== undefined)
        throw new InputError('--data takes a study too: check FILE --data NEW')
      if (options.csv !== undefined) return await writeTable(options)
      if (options.lines) return await writeLines()
      const answer = command.run(readJson(await text(process.stdin)), options)
      print(`${JSON.stringify(answer)}\n`)
      if (command.isBad?.(answer)) process.exitCode = FOUND_ERRORS
    }),
  )
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
  .addHelpText('after', example('ivory-abacus inspect harvest.csv'))
  .action((file: string, { as }: { as?: string }) =>
    told(async () => print(`${JSON.stringify(await inspectFile(file, as))}\n`)),
  )
program
  .command('export')
  .description('what a study decided, as code, data or a table, proved on its values')
  .argument('<file>', 'a study, saved to a file')
  .addOption(new Option('--as <form>', 'the form').choices(EXPORT_IDS).default('module'))
  .option('--quantity <name>', 'its title or its column; that which the study shows otherwise')
  .option('--surface <surface>', 'axis, marks, table …; all surfaces otherwise')
  .option('--out <folder>', 'where the files are written; standard output otherwise')
  .option('--verify <path>', 'whether that file is what the study gives now; ends with 1 where not')
  .addHelpText(
    'after',
    example(
      'ivory-abacus export study.json --as module --quantity revenue --surface axis --out src',
      'ivory-abacus export study.json --as csv --verify labels.csv',
    ),
  )
  .action(
    (file: string, { out, verify, ...asked }: ExportAsked & { out?: string; verify?: string }) =>
      told(async () => {
        if (verify === undefined) return print(await exportFile(file, asked, out))
        const { report, differs } = await verifyFile(file, asked, verify)
        print(report)
        if (differs) process.exitCode = FOUND_ERRORS
      }),
  )
await program.parseAsync()
