import {
  defineEventHandler,
  getQuery,
  getResponseStatus,
  getRouterParam,
  type H3Event,
  readRawBody,
  setResponseHeader,
  setResponseStatus,
} from 'h3'
import type { z } from 'zod'
import { StyleError } from '../../core/error'
import { ImportError } from '../../shared/import/error'
import { issueText } from '../../shared/issues'
import type { Db } from '../db/database'
import { storageTrouble } from '../db/trouble'
import { ExportError } from '../../shared/exports/prove'
import { ColumnError } from '../study/derivedColumn'
import { tellOf } from '../study/news'
import { ConflictError } from '../study/studies'
import { connection, connectionForChange } from './connection'
import { parseBody } from './json'
import { logger } from './log'
import { shortened } from './shortened'
import { type Problem, problemBody, PROBLEM_TYPE, RequestError } from './problems'

export const notFound = (what: string): RequestError =>
  new RequestError(
    404,
    'Not found',
    `There is no ${what}; it may have been removed. Reload the page.`,
  )

/** Errors that say what to do, and the status each is answered with. */
const known = [
  { type: ConflictError, status: 409, title: 'Changed elsewhere' },
  { type: ImportError, status: 422, title: 'Not a table' },
  { type: StyleError, status: 422, title: 'Not a style' },
  { type: ColumnError, status: 422, title: 'Not a column' },
  { type: ExportError, status: 500, title: 'Not proved' },
] as const

function problemOf(error: unknown): Problem {
  if (error instanceof RequestError)
    return { status: error.status, title: error.title, detail: error.message }
  const trouble = storageTrouble(error)
  if (trouble) return { status: trouble.status, title: 'Not kept', detail: trouble.message }
  const found = known.find(({ type }) => error instanceof type)
  if (found) return { status: found.status, title: found.title, detail: (error as Error).message }
  logger().error({ err: error }, 'failed')
  console.error(shortened(error instanceof Error ? (error.stack ?? error.message) : String(error)))
  return {
    status: 500,
    title: 'Server error',
    detail: 'Something failed on the server; nothing was changed. Its log says more.',
  }
}

/** From here on an answer is a refusal. */
const FAILED = 400

/** A route's handler with the database at hand; errors become problem documents (RFC 9457). */
export const route = <Answer>(handler: (event: H3Event, db: Db) => Answer | Promise<Answer>) =>
  defineEventHandler(async (event) => {
    const isChange = event.method !== 'GET' && event.method !== 'HEAD'
    const began = performance.now()
    const note = (status: number) => {
      const { method } = event
      const path = event.path.split('?')[0]
      const ms = Math.round(performance.now() - began)
      if (isChange || status >= FAILED) logger().info({ method, path, status, ms }, 'answered')
    }
    try {
      const answer = await handler(event, await (isChange ? connectionForChange() : connection()))
      if (isChange) tellOf(event.path)
      note(getResponseStatus(event))
      return answer
    } catch (error) {
      const problem = problemOf(error)
      note(problem.status)
      setResponseStatus(event, problem.status)
      setResponseHeader(event, 'content-type', PROBLEM_TYPE)
      return {
        ...problemBody(problem),
        ...(error instanceof ConflictError ? { current: error.current } : {}),
      }
    }
  })

/**
 * What an address asks for behind its question mark.
 *
 * @param takes what it takes, in words
 * @throws RequestError where it is something else
 */
export function queryOf<Schema extends z.ZodType>(
  event: H3Event,
  schema: Schema,
  takes: string,
): z.infer<Schema> {
  const result = schema.safeParse(getQuery(event))
  if (result.success) return result.data
  throw new RequestError(400, 'Bad request', `The address takes ${takes}.`)
}

/** A parameter of the route's path. */
export function parameter(event: H3Event, name: string): string {
  const value = getRouterParam(event, name, { decode: true })
  if (!value) throw new RequestError(400, 'Bad request', `The address lacks its ${name}.`)
  return value
}

/** Ends when whoever sent a request has gone before it was answered. */
export function senderGone(event: H3Event): AbortSignal {
  const gone = new AbortController()
  const { res } = event.node
  res.once('close', () => {
    if (!res.writableFinished) gone.abort()
  })
  return gone.signal
}

/** The request's body, checked. */
export async function bodyOf<Schema extends z.ZodType>(
  event: H3Event,
  schema: Schema,
): Promise<z.infer<Schema>> {
  const body = parseBody((await readRawBody(event)) ?? '')
  const result = schema.safeParse(body)
  if (result.success) return result.data
  throw new RequestError(422, 'Bad request', issueText(result.error, body))
}
