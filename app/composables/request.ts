import { FetchError, ofetch } from 'ofetch'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.requests

/** A request that the server could not meet, with what it said. */
export class ProblemError extends Error {
  override name = 'ProblemError'
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown>,
  ) {
    super(message)
  }
}

/** What a problem document says, also where bytes were asked for; nothing where it is none. */
function saidIn(data: unknown): Record<string, unknown> {
  if (!(data instanceof ArrayBuffer)) return (data ?? {}) as Record<string, unknown>
  try {
    return JSON.parse(new TextDecoder().decode(data))
  } catch {
    return {}
  }
}

/**
 * What went wrong, in words that can be shown: those of the server's problem document (RFC 9457)
 * where it sent one.
 */
function problemOf(error: unknown): ProblemError {
  if (!(error instanceof FetchError) || !error.response)
    return new ProblemError(0, words.unreachable, {})
  const { status } = error.response
  const body = saidIn(error.data)
  const { detail } = body
  return new ProblemError(
    status,
    typeof detail === 'string' ? detail : words.failed({ status }),
    body,
  )
}

/**
 * What a request is called, so that it is told from all others; also where the page came over an
 * insecure address.
 */
export const newKey = (): string => crypto.getRandomValues(new Uint32Array(4)).join('-')

/**
 * Asks the server; its problem documents become errors whose message can be shown.
 *
 * @throws ProblemError
 */
export async function request<Answer>(
  path: string,
  body?: object,
  method = body === undefined ? 'GET' : 'POST',
): Promise<Answer> {
  try {
    // A save that failed is tried again by whoever knows what else has changed since.
    // The server takes changes as JSON alone, those without a body among them.
    const headers = method === 'GET' ? undefined : { 'content-type': 'application/json' }
    return (await ofetch(path, { method, body, headers, retry: 0 })) as Answer
  } catch (error) {
    throw problemOf(error)
  }
}

/** An answer as the text that was sent. @throws ProblemError */
export const requestText = async (path: string): Promise<string> =>
  new TextDecoder().decode(await requestBytes(path))

/** The bytes of an answer. @throws ProblemError */
export async function requestBytes(path: string): Promise<Uint8Array> {
  try {
    return new Uint8Array(await ofetch(path, { responseType: 'arrayBuffer', retry: 0 }))
  } catch (error) {
    throw problemOf(error)
  }
}
