import {
  getCookie,
  getQuery,
  type H3Event,
  send,
  sendRedirect,
  setCookie,
  setResponseHeader,
  setResponseHeaders,
  setResponseStatus,
} from 'h3'
import { createHash, randomBytes, timingSafeEqual } from 'node:crypto'
import { defineNitroPlugin } from 'nitropack/runtime'
import { listeningHost, needsToken } from '../http/listening'
import { refusalOf } from '../http/requestGuard'
import { type Problem, problemBody, PROBLEM_TYPE } from '../http/problems'

const LOCAL_HOSTS = ['127.0.0.1', 'localhost', '[::1]']
const COOKIE = 'ivory-abacus'

/** Names under which this server answers; IVORY_ABACUS_HOSTS adds more, parted by commas. */
const hosts = new Set([
  ...LOCAL_HOSTS,
  ...(process.env.IVORY_ABACUS_HOSTS ?? '')
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter(Boolean),
])
/** What callers must know where others than this machine can reach the server. */
const token =
  process.env.IVORY_ABACUS_TOKEN ||
  (needsToken(listeningHost()) ? randomBytes(18).toString('base64url') : null)
if (token !== null && !process.env.IVORY_ABACUS_TOKEN)
  console.error(`Others can reach this server: open its address with ?token=${token}`)

/** Whether a caller's token is the server's; it takes as long for any wrong token. */
function isToken(given: unknown): boolean {
  if (typeof given !== 'string' || token === null) return false
  const digest = (text: string) => createHash('sha256').update(text).digest()
  return timingSafeEqual(digest(given), digest(token))
}

const HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-resource-policy': 'same-origin',
  // Pages with scripts say their own.
  'content-security-policy':
    "default-src 'none'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; font-src 'self'; script-src 'self'; connect-src 'self'; worker-src 'self'; base-uri 'self'; form-action 'none'; frame-ancestors 'none'",
}

/** Answers with a problem document. */
function refuse(event: H3Event, problem: Problem): Promise<void> {
  setResponseStatus(event, problem.status)
  setResponseHeader(event, 'content-type', PROBLEM_TYPE)
  return send(event, JSON.stringify(problemBody(problem)))
}

/** Who knows the token gets a cookie, and goes on without it in the address. */
function welcome(event: H3Event, path: string): Promise<void> {
  setCookie(event, COOKIE, token!, { httpOnly: true, sameSite: 'strict', path: '/' })
  return sendRedirect(event, path)
}

/** Looks at every request before anything else does, files among them. */
export default defineNitroPlugin((nitro) => {
  const { handler } = nitro.h3App
  nitro.h3App.handler = Object.assign((event: H3Event) => {
    setResponseHeaders(event, HEADERS)
    const [path = '/'] = event.path.split('?')
    const { headers } = event.node.req
    const caller = {
      method: event.method,
      target: event.path,
      localAddress: event.node.req.socket.localAddress,
      header: (name: string) => headers[name]?.toString(),
    }
    const refused = refusalOf(caller, { hosts })
    if (refused) return refuse(event, refused)
    if (token !== null && !isToken(getCookie(event, COOKIE))) {
      if (isToken(getQuery(event).token)) return welcome(event, path)
      return refuse(event, {
        status: 401,
        title: 'Not known',
        detail: 'Open the address that was printed when the server started; it has its token.',
      })
    }
    return handler(event)
  }, handler)
  nitro.hooks.hook('render:response', (response) => {
    delete response.headers?.['x-powered-by']
  })
})
