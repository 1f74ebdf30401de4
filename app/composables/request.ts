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

/**
 * Asks the server; its problem documents become errors whose message can be shown.
 *
 * @throws ProblemError
 */
export async function request<Answer>(
  path: string,
  body?: unknown,
  method = body === undefined ? 'GET' : 'POST',
): Promise<Answer> {
  const response = await send(path, body, method)
  return (await response.json()) as Answer
}

/** The bytes of an answer, and whether they are JSON text. */
export async function requestBytes(path: string): Promise<{ bytes: ArrayBuffer; isJson: boolean }> {
  const response = await send(path, undefined, 'GET')
  return {
    bytes: await response.arrayBuffer(),
    isJson: response.headers.get('content-type')?.includes('json') ?? false,
  }
}

async function send(path: string, body: unknown, method: string): Promise<Response> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    })
  } catch {
    throw new ProblemError(
      0,
      'The server cannot be reached. Is it still running? Start it again with npm start.',
      {},
    )
  }
  if (response.ok) return response
  const problem = (await response.json().catch(() => ({}))) as Record<string, unknown>
  throw new ProblemError(
    response.status,
    typeof problem.detail === 'string' ? problem.detail : `The server answered ${response.status}.`,
    problem,
  )
}
