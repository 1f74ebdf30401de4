import { createError, defineEventHandler, getRequestHeader, setResponseHeaders } from 'h3'

const LOCAL_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** Names under which this server answers; IVORY_ABACUS_HOSTS adds more, parted by commas. */
const hosts = new Set([
  ...LOCAL_HOSTS,
  ...(process.env.IVORY_ABACUS_HOSTS ?? '')
    .split(',')
    .map((host) => host.trim())
    .filter(Boolean),
])

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()
const ofOrigin = (origin: string): string =>
  URL.canParse(origin) ? nameOf(new URL(origin).host) : origin

/**
 * Refuses pages and names that are not this server's own, so no site on the web can reach the
 * studies.
 */
export default defineEventHandler((event) => {
  const host = getRequestHeader(event, 'host') ?? ''
  if (!hosts.has(nameOf(host)))
    throw createError({
      statusCode: 421,
      statusMessage: 'Misdirected request: this server answers only to its own name',
    })
  const origin = getRequestHeader(event, 'origin')
  if (origin && !hosts.has(ofOrigin(origin))) {
    throw createError({
      statusCode: 403,
      statusMessage: 'Refused: the request comes from another site',
    })
  }
  setResponseHeaders(event, {
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'cross-origin-resource-policy': 'same-origin',
  })
})
