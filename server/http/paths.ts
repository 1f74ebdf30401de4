import { LIMITS } from '../../shared/limits'

/** A route of the API: the methods that it takes, and the largest body in bytes. */
interface ApiRoute {
  readonly methods: readonly string[]
  readonly body?: number
}

/**
 * Every path of the API; a star stands for one segment. A test compares it with the files in
 * `server/api`.
 */
const ROUTES: Readonly<Record<string, ApiRoute>> = {
  '/api/backups': { methods: ['GET'] },
  '/api/backups/*': { methods: ['POST'] },
  '/api/bin': { methods: ['GET'] },
  '/api/datasets/*/columns/*': { methods: ['GET'] },
  '/api/health': { methods: ['GET'] },
  '/api/jobs/*': { methods: ['GET', 'DELETE'] },
  '/api/regions/*': { methods: ['GET'] },
  '/api/regions/*/currencies': { methods: ['GET'] },
  '/api/regions/*/measures': { methods: ['GET'] },
  '/api/studies': { methods: ['GET', 'POST'], body: LIMITS.table },
  '/api/studies/*': { methods: ['GET', 'PUT', 'DELETE'] },
  '/api/studies/*/copy': { methods: ['POST'] },
  '/api/studies/*/datasets': { methods: ['POST'], body: LIMITS.table },
  '/api/studies/*/datasets/*/columns': { methods: ['POST'] },
  '/api/studies/*/datasets/*/roles': { methods: ['POST'] },
  '/api/studies/*/events': { methods: ['GET'] },
  '/api/studies/*/export': { methods: ['GET'] },
  '/api/studies/*/file': { methods: ['GET'] },
  '/api/studies/*/name': { methods: ['PUT'] },
  '/api/studies/*/picture': { methods: ['GET'] },
  '/api/studies/*/restore': { methods: ['POST'] },
  '/api/studies/*/revisions': { methods: ['GET'] },
  '/api/studies/*/revisions/*': { methods: ['GET', 'PUT'] },
  '/api/studies/file': { methods: ['POST'], body: LIMITS.table },
  '/api/stylebook': { methods: ['GET', 'POST'] },
  '/api/stylebook/*': { methods: ['DELETE'] },
}
const patterns = Object.entries(ROUTES).map(([path, route]) => ({
  ...route,
  parts: path.split('/'),
  pattern: new RegExp(`^${path.replaceAll('*', '[^/]+')}$`),
}))
/** Every beginning of a route. */
const beginnings = new Set(
  patterns.flatMap(({ parts }) => parts.map((_, at) => parts.slice(0, at + 1).join('/'))),
)
/**
 * Whether the router never tries a route for some segments: where a segment stands in the table as
 * it is, the router takes it for that, and for no name, whatever follows.
 */
const isShadowed = (parts: readonly string[], segments: readonly string[]): boolean =>
  parts.some(
    (part, at) =>
      part === '*' &&
      at < parts.length - 1 &&
      beginnings.has([...parts.slice(0, at), segments[at]].join('/')),
  )
const routesAt = (path: string) => {
  const segments = path.split('/')
  return patterns.filter(({ pattern, parts }) => pattern.test(path) && !isShadowed(parts, segments))
}

/** All paths of the API with their methods. */
export const apiPaths = (): Readonly<Record<string, readonly string[]>> =>
  Object.fromEntries(Object.entries(ROUTES).map(([path, { methods }]) => [path, methods]))

/**
 * The methods that a path takes; none if there is no such path.
 *
 * @param path in normal form, as `requestPath` gives it
 * @example methodsAt('/api/studies/1/copy') // ['POST']
 */
export const methodsAt = (path: string): string[] => [
  ...new Set(routesAt(path).flatMap(({ methods }) => methods)),
]

/**
 * The largest body, in bytes, that a path takes with a method.
 *
 * @example largestBodyAt('/api/studies/1/name', 'PUT') // 4194304
 */
export const largestBodyAt = (path: string, method: string): number =>
  Math.max(
    LIMITS.body,
    ...routesAt(path).flatMap(({ methods, body }) =>
      methods.includes(method) && body !== undefined ? [body] : [],
    ),
  )
