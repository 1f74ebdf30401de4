import { mkdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import pino from 'pino'
import { shortened } from './shortened'

const FOLDER = 'logs'
const NAME = 'ivory-abacus.log'
/** A file is kept to this many bytes; beside it are kept as many older ones. */
export const LARGEST_LOG = 5_000_000
const OLDER = 3

/** Moves a log that is full behind the older ones, the oldest of which goes. */
function turnOver(path: string): void {
  rmSync(`${path}.${OLDER}`, { force: true })
  for (let at = OLDER - 1; at >= 0; at--) {
    const from = at === 0 ? path : `${path}.${at}`
    if (statSync(from, { throwIfNoEntry: false })) renameSync(from, `${path}.${at + 1}`)
  }
}
const sizeOf = (path: string): number => statSync(path, { throwIfNoEntry: false })?.size ?? 0

/** Bytes of a line: a longer one is told by its time and its beginning. */
const LONGEST_LINE = 64 * 1024
/** A line that is too long, as a line that says so. */
function shortLine(line: string): string {
  if (line.length <= LONGEST_LINE) return line
  const begins = line.slice(0, LONGEST_LINE / 2)
  return `${JSON.stringify({ time: new Date().toISOString(), msg: 'a line was too long', begins })}\n`
}

/** A stream into a file that begins anew where it would grow beyond its size. */
function rotating(path: string) {
  let size = sizeOf(path)
  // A disk that takes nothing stops no answer.
  const file = pino.destination({ dest: path, sync: true }).on('error', () => undefined)
  return {
    write(given: string) {
      const line = shortLine(given)
      const bytes = Buffer.byteLength(line)
      if (size > 0 && size + bytes > LARGEST_LOG) {
        turnOver(path)
        file.reopen()
        size = 0
      }
      size += bytes
      file.write(line)
    },
  }
}

/** An error as it is logged. */
const shortError = ({ name, message, stack }: Error) => ({
  type: name,
  message: shortened(message),
  stack: shortened(stack ?? ''),
})

/** The log's file in a data folder; none where nothing can be written there. */
function fileIn(folder: string) {
  try {
    mkdirSync(join(folder, FOLDER), { recursive: true })
    return [rotating(join(folder, FOLDER, NAME))]
  } catch {
    return []
  }
}

/** A line for people: when, what, and what belongs to it. */
const forPeople = {
  write(line: string) {
    const { time, level: _, msg, ...rest } = JSON.parse(line) as Record<string, unknown>
    const told = Object.entries(rest).map(([key, value]) => `${key}=${JSON.stringify(value)}`)
    console.error([time, msg, ...told].join(' '))
  },
}

const silent = pino({ enabled: false })
let log = silent
/** What happens on this server: nothing until its folder is known. */
export const logger = (): pino.Logger => log

/**
 * Begins the log of a data folder: JSON lines in `logs/ivory-abacus.log`, of which 5 MB and three
 * older files are kept; for people too with IVORY_ABACUS_VERBOSE.
 *
 * @param folder of the data; where nothing can be written there, only people are told
 * @example beginLog('data').info({ port: 4317 }, 'started')
 */
export function beginLog(folder: string): pino.Logger {
  const streams = [...(process.env.IVORY_ABACUS_VERBOSE ? [forPeople] : []), ...fileIn(folder)].map(
    (stream) => ({ stream }),
  )
  log =
    streams.length > 0
      ? pino(
          {
            base: null,
            timestamp: pino.stdTimeFunctions.isoTime,
            serializers: { err: shortError },
          },
          pino.multistream(streams),
        )
      : silent
  return log
}
