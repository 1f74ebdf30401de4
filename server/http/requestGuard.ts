import { hostOfConnection } from './listening'
import type { Problem } from './problems'
import { largestBodyAt, methodsAt } from './paths'
import { requestPath } from './requestPath'

/** What the guard needs to know of a request. */
export interface Caller {
  readonly method: string
  /** The request target as the client sent it, query included. */
  readonly target: string
  /** The address of this machine that the connection came in on, where that is known. */
  readonly localAddress?: string | undefined
  header(name: string): string | undefined
}
/** Which names the server answers to, besides the address that a connection came in on. */
export interface HostPolicy {
  readonly hosts: ReadonlySet<string>
}

/** A request whose path is in normal form. */
interface Request extends Caller {
  readonly path: string
}
/** One rule: why it refuses a request, or null. */
type Guard = (request: Request, policy: HostPolicy) => Problem | null

const problem = (status: number, title: string, detail: string): Problem => ({
  status,
  title,
  detail,
})

/** A host without its port, in lower case. @example hostName('[::1]:4317') // '[::1]' */
const hostName = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()

/**
 * A page that points its own name at this machine would otherwise read it as its own origin. An
 * address cannot be pointed anywhere, so the address of the connection itself is a good host.
 */
const checkHost: Guard = ({ header, localAddress }, { hosts }) => {
  const host = hostName(header('host') ?? '')
  const isAddressed = localAddress !== undefined && host === hostOfConnection(localAddress)
  return isAddressed || hosts.has(host)
    ? null
    : problem(
        421,
        'Misdirected request',
        'This server answers only to its own name and address. Set IVORY_ABACUS_HOSTS to add others.',
      )
}

/** Pages of other origins, other ports of this machine included, neither read nor write here. */
const checkOrigin: Guard = ({ header }) => {
  const from = header('origin')
  const site = header('sec-fetch-site')
  const isOwn = from === undefined || from.replace(/^https?:\/\//, '') === header('host')
  const isNear = site === undefined || site === 'same-origin' || site === 'none'
  return isOwn && isNear
    ? null
    : problem(403, 'Refused', 'The request comes from another site or another port.')
}
/** Links on other sites may lead here; scripts on other sites may not read from here. */
const checkOriginOfReading: Guard = (request, policy) =>
  request.header('sec-fetch-mode') === 'navigate' ? null : checkOrigin(request, policy)

const checkRoute: Guard = ({ path, method }) => {
  const methods = methodsAt(path)
  if (methods.length === 0)
    return problem(404, 'Not found', `There is no ${path} here. The guide lists what there is.`)
  const isKnown = methods.includes(method) || (method === 'HEAD' && methods.includes('GET'))
  return isKnown
    ? null
    : problem(405, 'Wrong method', `${path} takes ${methods.join(' and ')}, not ${method}.`)
}

const checkContentType: Guard = ({ header }) =>
  /^application\/json\b/i.test(header('content-type') ?? '')
    ? null
    : problem(415, 'Wrong content type', 'Send changes as application/json.')

const MEBIBYTE = 2 ** 20
const checkSize: Guard = ({ header, path, method }) => {
  const length = header('content-length')
  if (length === undefined)
    return header('transfer-encoding') === undefined
      ? null
      : problem(411, 'Length required', 'Send a content-length that says how long the body is.')
  const most = largestBodyAt(path, method)
  return Number(length) <= most
    ? null
    : problem(
        413,
        'Too large',
        `The body has ${Math.ceil(Number(length) / MEBIBYTE)} MB; this path takes at most ${most / MEBIBYTE} MB.`,
      )
}

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])
const isOfApi = (path: string): boolean => path === '/api' || path.startsWith('/api/')

/** Reading a page or a file is exempt from all but the host check; nothing else is. */
function guardsFor({ path, method }: Request): readonly Guard[] {
  if (!READING.has(method)) return [checkHost, checkOrigin, checkRoute, checkContentType, checkSize]
  return isOfApi(path) ? [checkHost, checkOriginOfReading, checkRoute] : [checkHost]
}

/**
 * Why a request is refused before anything of it is read; null if it may come in. It judges the
 * very path that the router matches: a path in any other spelling is refused.
 *
 * @example refusalOf({ method: 'POST', target: '/api/studies', header: () => undefined }, policy)!.status // 421
 */
export function refusalOf(caller: Caller, policy: HostPolicy): Problem | null {
  const path = requestPath(caller.target)
  if (path === null)
    return problem(
      400,
      'Bad address',
      'The address is not in its normal form. Write it without empty or dot segments, and encode only what must be encoded.',
    )
  const request = { ...caller, path }
  for (const guard of guardsFor(request)) {
    const refused = guard(request, policy)
    if (refused) return refused
  }
  return null
}
