import { mkdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import pino from 'pino'

const FOLDER = 'logs'
const NAME = 'ivory-abacus.log'
/** A file is kept to this many bytes; beside it are kept as many older ones. */
export const LARGEST_LOG = 5_000_000
const OLDER = 3
/** How many lines pass between two looks at how large the file is. */
const LOOKED_AT_EACH = 200

/** Moves a log that is full behind the older ones, the oldest of which goes. */
function turnOver(path: string): void {
  rmSync(`${path}.${OLDER}`, { force: true })
  for (let at = OLDER - 1; at >= 0; at--) {
    const from = at === 0 ? path : `${path}.${at}`
    if (statSync(from, { throwIfNoEntry: false })) renameSync(from, `${path}.${at + 1}`)
  }
}
const isFull = (path: string): boolean =>
  (statSync(path, { throwIfNoEntry: false })?.size ?? 0) >= LARGEST_LOG

/** A stream into a file that begins anew where it is full. */
function rotating(path: string) {
  if (isFull(path)) turnOver(path)
  // A disk that takes nothing stops no answer.
  const file = pino.destination({ dest: path, sync: true }).on('error', () => undefined)
  let lines = 0
  return {
    write(line: string) {
      lines = (lines + 1) % LOOKED_AT_EACH
      if (lines === 0 && isFull(path)) {
        turnOver(path)
        file.reopen()
      }
      file.write(line)
    },
  }
}

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
      ? pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, pino.multistream(streams))
      : silent
  return log
}
