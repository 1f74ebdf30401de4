/** Hosts that only this machine reaches and that need no token. */
const NO_TOKEN_HOSTS = ['127.0.0.1', 'localhost']
/** Addresses that stand for all addresses of the machine. */
const WILDCARDS: Readonly<Record<string, string>> = { '0.0.0.0': '127.0.0.1', '::': '::1' }

/** The host that this server listens on, without brackets around IPv6. */
export const listeningHost = (): string =>
  (process.env.NITRO_HOST ?? process.env.HOST ?? '127.0.0.1').replace(/^\[|\]$/g, '')

/** Whether callers need a token: they do unless the server listens on 127.0.0.1 alone. */
export const needsToken = (host: string): boolean => !NO_TOKEN_HOSTS.includes(host)

/**
 * A host as it stands in an address (RFC 3986, 3.2.2).
 *
 * @example hostInAddress('::1') // '[::1]'
 */
export const hostInAddress = (host: string): string => (host.includes(':') ? `[${host}]` : host)

/** An address at which this machine reaches its own server. */
export function ownAddress(): string {
  const { NITRO_PORT, PORT } = process.env
  const host = listeningHost()
  return `http://${hostInAddress(WILDCARDS[host] ?? host)}:${NITRO_PORT ?? PORT ?? 3000}`
}

/**
 * The host that a caller names if it reached this machine by an address: IPv4 inside IPv6 is written
 * as IPv4, as clients do.
 *
 * @param localAddress the address of this machine that a connection came in on
 * @example hostOfConnection('::ffff:192.0.2.2') // '192.0.2.2'
 */
export const hostOfConnection = (localAddress: string): string =>
  hostInAddress(localAddress.replace(/^::ffff:(?=\d+\.)/i, '').replace(/%.*$/, ''))
