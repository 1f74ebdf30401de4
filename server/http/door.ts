import { LIMITS } from '../../shared/limits'
import type { Problem } from './problems'
import { methodsAt } from './paths'

/** What of a request tells whether it may come in. */
export interface Caller {
  readonly method: string
  /** Without what is asked behind a question mark. */
  readonly path: string
  header(name: string): string | undefined
}
/** Whom this server answers. */
export interface House {
  /** Names under which it answers. */
  readonly hosts: ReadonlySet<string>
}

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])
/** Paths that take whole tables and studies. */
const LARGE = /^\/api\/studies(?:\/file|\/[^/]+\/datasets)?$/

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()
const problem = (status: number, title: string, detail: string): Problem => ({
  status,
  title,
  detail,
})

type Look = (caller: Caller, house: House) => Problem | null

const host: Look = ({ header }, { hosts }) =>
  hosts.has(nameOf(header('host') ?? ''))
    ? null
    : problem(
        421,
        'Misdirected request',
        'This server answers only to its own name. IVORY_ABACUS_HOSTS adds others.',
      )

/** Pages of other origins, other ports of this machine among them, read and write nothing here. */
const origin: Look = ({ header }) => {
  const from = header('origin')
  const site = header('sec-fetch-site')
  const isOwn = from === undefined || from.replace(/^https?:\/\//, '') === header('host')
  const isNear = site === undefined || site === 'same-origin' || site === 'none'
  return isOwn && isNear
    ? null
    : problem(403, 'Refused', 'The request comes from another site or another port.')
}
/** A link elsewhere may lead here; nothing else may ask from there. */
const originOfReading: Look = (caller, house) =>
  caller.header('sec-fetch-mode') === 'navigate' ? null : origin(caller, house)

const known: Look = ({ path, method }) => {
  const methods = methodsAt(path)
  if (methods.length === 0)
    return problem(404, 'Not found', `There is no ${path} here; docs/guide names what there is.`)
  const isKnown = methods.includes(method) || (method === 'HEAD' && methods.includes('GET'))
  return isKnown
    ? null
    : problem(405, 'Wrong method', `${path} takes ${methods.join(' and ')}, not ${method}.`)
}

const type: Look = ({ header }) =>
  /^application\/json\b/i.test(header('content-type') ?? '')
    ? null
    : problem(415, 'Wrong content type', 'What changes something is sent as application/json.')

const size: Look = ({ header, path }) => {
  const length = header('content-length')
  if (length === undefined)
    return header('transfer-encoding') === undefined
      ? null
      : problem(411, 'Length required', 'Say how long the body is: send a content-length.')
  const most = LARGE.test(path) ? LIMITS.table : LIMITS.body
  return Number(length) <= most
    ? null
    : problem(
        413,
        'Too large',
        `The body has ${Math.ceil(Number(length) / 2 ** 20)} MB; at most ${most / 2 ** 20} MB are taken here.`,
      )
}

const looks = (caller: Caller): readonly Look[] => {
  if (!caller.path.startsWith('/api/')) return [host]
  return READING.has(caller.method)
    ? [host, originOfReading, known]
    : [host, origin, known, type, size]
}

/**
 * Why a request is refused before anything is read; null where it may come in.
 *
 * @example refusalOf({ method: 'POST', path: '/api/studies', header: () => undefined }, house)!.status // 421
 */
export function refusalOf(caller: Caller, house: House): Problem | null {
  for (const look of looks(caller)) {
    const refused = look(caller, house)
    if (refused) return refused
  }
  return null
}
