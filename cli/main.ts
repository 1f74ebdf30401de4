import { createInterface } from 'node:readline'
import type { Readable, Writable } from 'node:stream'
import { text } from 'node:stream/consumers'
import { Command as Program, CommanderError, Option } from 'commander'
import { version } from '../package.json'
import { EXPORT_IDS } from '../shared/exports'
import { ROWS_TAKEN, USUAL_WISHES } from '../shared/exports/wishes'
import { FILE_FORM_IDS, FORMS } from '../shared/import/endings'
import type { CommandOptions } from './command'
import { commands } from './commands'
import { completionFor, SHELLS, type Shell } from './completion'
import { examplesOf } from './examples'
import { type Asked as ExportAsked, exportFile } from './export'
import { InputError, isInputError, readJson } from './input'
import { inspectFile } from './inspect'
import { writeLines } from './lines'
import { labelTable } from './labelTable'
import { oneLine } from './oneLine'
import { PROOF_FORMATS, type ProofAsked, proofFiles } from './proof'
import { checkStudy, FAIL_ON, type FailOn } from './study'
import { verifyFile } from './verify'

const BAD_INPUT = 2
const FOUND_ERRORS = 1

/** Where a run reads from, and where it writes. */
export interface Streams {
  readonly input: Readable
  readonly output: Writable
  readonly errors: Writable
}
/** A run: its streams, and how it ends. */
interface Run extends Streams {
  status: number
}

/** One line on standard error, and the exit status of bad input. */
function refuse(run: Run, message: string): void {
  run.errors.write(oneLine(message))
  run.status = BAD_INPUT
}
/** Runs an action; input that cannot be used is told in one line. */
async function told(run: Run, action: () => Promise<void> | void): Promise<void> {
  try {
    await action()
  } catch (error) {
    if (!isInputError(error)) throw error
    refuse(run, error.message)
  }
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
  },
}

/** Writes a table with its labels. @throws InputError where the table alone is given */
function writeTable({ output }: Run, { csv, column, style }: Options): Promise<void> {
  if (column === undefined || style === undefined)
    throw new InputError('label --csv takes --column NAME and --style FILE too')
  return labelTable(csv!, { column, style }, (piece) => void output.write(piece))
}

function addJsonCommands(program: Program, run: Run): void {
  for (const [name, command] of Object.entries(commands)) {
    const own = program.command(name).description(command.summary)
    more[name]?.(own)
    own.action((...given: unknown[]) =>
      told(run, async () => {
        // Commander gives arguments first, then the options, then itself.
        const [file, options] = (name === 'check' ? given : [undefined, ...given]) as [
          string | undefined,
          Options,
        ]
        if (file !== undefined) {
          const { report, isBad } = await checkStudy(file, options)
          run.output.write(report)
          if (isBad) run.status = FOUND_ERRORS
          return
        }
        if (options.data !== undefined)
          throw new InputError('--data takes a study too: check FILE --data NEW')
        if (options.csv !== undefined) return await writeTable(run, options)
        if (options.lines)
          return await writeLines(
            createInterface({ input: run.input, crlfDelay: Infinity }),
            run.output,
          )
        const answer = command.run(readJson(await text(run.input)), options)
        run.output.write(`${JSON.stringify(answer)}\n`)
        if (command.isBad?.(answer)) run.status = FOUND_ERRORS
      }),
    )
  }
}

function addInspect(program: Program, run: Run): void {
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
    .action((file: string, { as }: { as?: string }) =>
      told(
        run,
        async () => void run.output.write(`${JSON.stringify(await inspectFile(file, as))}\n`),
      ),
    )
}

function addExport(program: Program, run: Run): void {
  program
    .command('export')
    .description('what a study decided, as code, data or a table, proved on its values')
    .argument('<file>', 'a study, saved to a file')
    .addOption(new Option('--as <form>', 'the form').choices(EXPORT_IDS).default('module'))
    .option('--quantity <name>', 'its title or its column; that which the study shows otherwise')
    .option('--surface <surface>', 'axis, marks, table …; all surfaces otherwise')
    .addOption(
      new Option('--rows <rows>', 'of a filtered quantity those that are shown, or all')
        .choices(ROWS_TAKEN)
        .default(USUAL_WISHES.rows),
    )
    .option(
      '--lacking <text>',
      'stands for the unit where a label lacks the row that names it; an error otherwise',
    )
    .option('--out <folder>', 'where the files are written; standard output otherwise')
    .option(
      '--verify <path>',
      'whether that file is what the study gives now; ends with 1 where not',
    )
    .action(
      (file: string, { out, verify, ...asked }: ExportAsked & { out?: string; verify?: string }) =>
        told(run, async () => {
          if (verify === undefined) {
            run.output.write(await exportFile(file, asked, out))
            return
          }
          const { report, differs } = await verifyFile(file, asked, verify)
          run.output.write(report)
          if (differs) run.status = FOUND_ERRORS
        }),
    )
}

function addProof(program: Program, run: Run): void {
  program
    .command('proof')
    .description(
      'read finished charts (SVG) and tables (HTML), whatever made them, and say what is wrong with their numbers',
    )
    .argument('<files...>', 'SVG or HTML files')
    .addOption(new Option('--format <format>', 'the report').choices(PROOF_FORMATS).default('text'))
    .option('--readers <regions>', 'whose people read it: de,en-GB')
    .addOption(
      new Option('--fail-on <severity>', 'the least finding that ends with 1')
        .choices(FAIL_ON)
        .default('error'),
    )
    .option('--style <file>', 'a style in which labels are written anew')
    .option('--out <path>', 'with --style: where the file is written; a folder for several')
    .option('--axis <side>', 'with --style: left, right, top or bottom; marks for data labels')
    .option('--column <name>', 'with --style: the column of a table')
    .action((files: string[], asked: ProofAsked) =>
      told(run, () => {
        const { report, isBad } = proofFiles(files, asked)
        run.output.write(report)
        if (isBad) run.status = FOUND_ERRORS
      }),
    )
}

function addCompletion(program: Program, run: Run): void {
  program
    .command('completion')
    .description('a script that completes this command in a shell')
    .addArgument(new Program().createArgument('<shell>', 'the shell').choices(SHELLS))
    .action((shell: Shell) => void run.output.write(completionFor(shell, program)))
}

/** Every command, with its examples, that writes to the streams of a run. */
function commandLine(run: Run): Program {
  const program = new Program('ivory-abacus')
    .description(
      'Writes numbers as labels and reads labels back. JSON on standard input and output; where a file is taken, - is standard input.',
    )
    .version(version)
    .exitOverride()
    .configureOutput({
      writeOut: (said) => void run.output.write(said),
      writeErr: (said) => void run.errors.write(said),
      outputError: (message, write) => write(`ivory-abacus: ${message.replace(/^error: /, '')}`),
    })
    .usage('[options] [command]')
    .argument('[command]')
    .action((unknown?: string) =>
      refuse(
        run,
        `${unknown === undefined ? 'name a command' : `unknown command “${unknown}”`}; ivory-abacus --help lists them`,
      ),
    )
  addJsonCommands(program, run)
  addInspect(program, run)
  addExport(program, run)
  addProof(program, run)
  addCompletion(program, run)
  for (const own of program.commands) own.addHelpText('after', examplesOf(own.name()))
  return program
}

/**
 * Runs the command line.
 *
 * @param given what stands behind the command's name
 * @returns the exit status: 0, 1 where something was found that is wrong, 2 for bad input
 * @throws Error for what is wrong in the program itself
 * @example await main(['rungs'], { input, output, errors }) // 0
 */
export async function main(given: readonly string[], streams: Streams): Promise<number> {
  const run: Run = { ...streams, status: 0 }
  try {
    await commandLine(run).parseAsync(given, { from: 'user' })
  } catch (error) {
    if (!(error instanceof CommanderError)) throw error
    return error.exitCode === 0 ? 0 : BAD_INPUT
  }
  return run.status
}
