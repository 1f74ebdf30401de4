// Does one task in a process of its own: the server goes on whatever becomes of it.
import { readSync, writeSync } from 'node:fs'
import { deserialize } from 'node:v8'
import { FROM_SERVER, TO_SERVER } from './channel'
import { framed, HEAD } from './frames'
import type { Answer, Said, Start } from './messages'
import { type Question, type Questions, type Server, tasks } from './tasks'

function read(length: number): Buffer {
  const bytes = Buffer.alloc(length)
  for (let at = 0; at < length;) {
    const count = readSync(FROM_SERVER, bytes, at, length - at, null)
    // Nobody waits for the answer any more.
    if (count === 0) process.exit(1)
    at += count
  }
  return bytes
}
/** Waits for the next message of the server. */
const hear = (): unknown => deserialize(read(read(HEAD).readUInt32LE()))

function say(said: Said): void {
  for (const bytes of framed(said))
    for (let at = 0; at < bytes.length;) at += writeSync(TO_SERVER, bytes, at)
}

const server: Server = {
  // The core asks for tables and cells in the middle of its work, and waits for nothing: so the
  // process stands still until the server has answered.
  ask<Name extends Question>(question: Name, asks: Questions[Name]['asks']) {
    say({ question, asks })
    const answer = hear() as Answer
    if ('trouble' in answer) throw new Error(answer.trouble)
    return answer.gets as Questions[Name]['gets']
  },
  tell: (done) => say({ done }),
}

/** Characters of a stack that are told: it may quote a whole program. */
const MOST_TOLD = 2000
async function work(): Promise<void> {
  const { task, given } = hear() as Start
  try {
    say({ made: await (tasks[task] as (given: unknown, server: Server) => unknown)(given, server) })
  } catch (error) {
    const { name, message, stack } = error as Error
    const trouble = name === 'Error' ? String(stack) : message
    say({ kind: name, trouble: trouble.slice(0, MOST_TOLD) })
  }
  process.exit(0)
}
void work()
