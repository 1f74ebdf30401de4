/** A refusal or a failure, as a problem document tells it (RFC 9457). */
export interface Problem {
  readonly status: number
  readonly title: string
  readonly detail: string
}

/** A request that cannot be met, with the status to answer. */
export class RequestError extends Error {
  override name = 'RequestError'
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
  ) {
    super(detail)
  }
}

export const PROBLEM_TYPE = 'application/problem+json'
/** A problem as the body of an answer. */
export const problemBody = (problem: Problem) => ({ type: 'about:blank', ...problem })
