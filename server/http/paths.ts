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
  pattern: new RegExp(`^${path.replaceAll('*', '[^/]+')}$`),
}))
const routesAt = (path: string) => patterns.filter(({ pattern }) => pattern.test(path))

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
