import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { Worker } from 'node:worker_threads'
import type { Row, Value } from '../../core/label/types'
import type { NumberOptions } from '../../core/notations/types'
import { ExportError } from './prove'
import type { AskedOf, CodeFile } from './types'

const TIME_LIMIT = 60_000
/** Memory that an exported program may take, in MB. */
const MOST_MEMORY = { maxOldGenerationSizeMb: 1024 }

/**
 * Runs in the worker: the module is imported as any other program would, and asked for its labels.
 */
const RUN_MODULE = `
const { parentPort, workerData } = require('node:worker_threads')
import('data:text/javascript,' + encodeURIComponent(workerData.module))
  .then(({ labels }) => parentPort.postMessage(labels(workerData.values, workerData.rows)))`
/** The platform's own format, as the program that takes the options would make it. */
const RUN_OPTIONS = `
const { parentPort, workerData } = require('node:worker_threads')
const { format } = new Intl.NumberFormat(workerData.locale, workerData.options)
parentPort.postMessage(workerData.values.map((value) => format(value)))`

/** Each module of a package is imported from its folder. */
const RUN_PACKAGE = `
const { parentPort, workerData } = require('node:worker_threads')
Promise.all(workerData.map(({ file, values, rows, areAlone }) => import(file).then(({ label, labels }) =>
  areAlone ? values.map((value, at) => label(value, rows[at])) : labels(values, rows))))
  .then((all) => parentPort.postMessage(all))`

/** What a program answers in a worker of its own. */
function answerOf<Answer = string[]>(
  program: string,
  name: string,
  workerData: unknown,
): Promise<Answer> {
  return new Promise((done, fail) => {
    const worker = new Worker(program, {
      eval: true,
      workerData,
      resourceLimits: MOST_MEMORY,
      execArgv: [],
    })
    const timer = setTimeout(
      () =>
        end(() =>
          fail(
            new ExportError(
              `The ${name} took over a minute to write the labels; nothing was exported.`,
            ),
          ),
        ),
      TIME_LIMIT,
    )
    const end = (then: () => void) => {
      clearTimeout(timer)
      void worker.terminate()
      then()
    }
    worker.once('message', (answer: Answer) => end(() => done(answer)))
    worker.once('error', (error) =>
      end(() => fail(new ExportError(`The ${name} does not run: ${error.message}`))),
    )
  })
}

/**
 * The labels that an exported module writes, by running it apart from this program.
 *
 * @param module its text
 * @throws ExportError when it fails or takes over a minute
 */
export const labelsByModule = (
  module: string,
  values: readonly Value[],
  rows?: readonly Row[],
): Promise<string[]> => answerOf(RUN_MODULE, 'module', { module, values, rows })

/**
 * The labels that each module of a package writes, in a folder of its own.
 *
 * @throws ExportError when one fails or all take over a minute
 */
export async function labelsByPackage(
  files: readonly CodeFile[],
  asked: readonly AskedOf[],
): Promise<string[][]> {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-abacus-package-'))
  try {
    for (const { name, text } of files) {
      mkdirSync(dirname(join(folder, name)), { recursive: true })
      writeFileSync(join(folder, name), text)
    }
    const given = asked.map((one) => ({
      ...one,
      file: pathToFileURL(join(folder, one.file)).href,
    }))
    return await answerOf<string[][]>(RUN_PACKAGE, 'package', given)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/**
 * The labels that the platform's number format writes.
 *
 * @param values decimal text
 * @throws ExportError when it takes no such options
 */
export const labelsByOptions = (
  locale: string,
  options: NumberOptions,
  values: readonly string[],
): Promise<string[]> => answerOf(RUN_OPTIONS, 'format', { locale, options, values })

/** The engine that runs them, by its name. */
export const engine = `Node ${process.versions.node}`
