// Where a server that listens on a host can be reached, and whether its callers need a token.
import { networkInterfaces } from 'node:os'

const NO_TOKEN_HOSTS = ['127.0.0.1', 'localhost']
const WILDCARDS = { '0.0.0.0': ['IPv4'], '::': ['IPv4', 'IPv6'] }

/** Whether callers need a token: they do unless the server listens on 127.0.0.1 alone. */
export const needsToken = (host) => !NO_TOKEN_HOSTS.includes(host)

const inAddress = (host) => (host.includes(':') ? `[${host}]` : host)

/**
 * The addresses at which a server that listens on a host answers, this machine's own first.
 *
 * @param host a name or an address; 0.0.0.0 and :: stand for all addresses of the machine
 * @example addressesOf('::1', 4317) // ['http://[::1]:4317']
 */
export function addressesOf(host, port) {
  const families = WILDCARDS[host]
  const hosts = families
    ? Object.values(networkInterfaces())
        .flat()
        // Link-local addresses need a zone, which browsers do not take.
        .filter(({ family, address }) => families.includes(family) && !address.startsWith('fe80'))
        .sort((a, b) => Number(b.internal) - Number(a.internal))
        .map(({ address }) => address)
    : [host]
  return hosts.map((one) => `http://${inAddress(one)}:${port}`)
}
