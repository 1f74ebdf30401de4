// Does one task beside the server, so that nobody else waits for it.
import { type MessagePort, parentPort, receiveMessageOnPort, workerData } from 'node:worker_threads'
import { type Question, type Questions, type Server, type TaskName, tasks } from './tasks'

/** What a thread is started with. */
export interface Start {
  readonly task: TaskName
  readonly given: unknown
  /** Where answers arrive. */
  readonly answers: MessagePort
  /** One number, which rises with each answer. */
  readonly bell: Int32Array<SharedArrayBuffer>
}
/** What a thread says: how far it is, what it asks, what it made, or why it could not. */
export type Said =
  | { readonly done: number }
  | { readonly question: Question; readonly asks: unknown }
  | { readonly made: unknown }
  | { readonly trouble: string; readonly kind: string }
/** What it is answered. */
export type Answer = { readonly gets: unknown } | { readonly trouble: string }

const { task, given, answers, bell } = workerData as Start
const say = (said: Said, handedOver: ArrayBuffer[] = []) =>
  parentPort!.postMessage(said, handedOver)

let heard = 0
const server: Server = {
  // The core asks for tables and cells in the middle of its work, and waits for nothing: so the
  // thread stands still until the server has answered.
  ask<Name extends Question>(question: Name, asks: Questions[Name]['asks']) {
    say({ question, asks })
    Atomics.wait(bell, 0, heard++)
    const { message } = receiveMessageOnPort(answers) as { message: Answer }
    if ('trouble' in message) throw new Error(message.trouble)
    return message.gets as Questions[Name]['gets']
  },
  tell: (done) => say({ done }),
}

/** Bodies of columns are handed over, since copies of long ones take time and room. */
const buffersOf = (made: unknown): ArrayBuffer[] =>
  ((made as { columns?: readonly { body: Uint8Array }[] }).columns ?? []).map(
    ({ body }) => body.buffer as ArrayBuffer,
  )

async function work(): Promise<void> {
  try {
    const made = await (tasks[task] as (given: unknown, server: Server) => unknown)(given, server)
    say({ made }, buffersOf(made))
  } catch (error) {
    const { name, message, stack } = error as Error
    say({ kind: name, trouble: name === 'Error' ? String(stack) : message })
  }
}
void work()
