/**
 * Every path of the API with its methods; a star stands for a name. A test holds it to the files.
 */
const PATHS: Readonly<Record<string, readonly string[]>> = {
  '/api/backups': ['GET'],
  '/api/backups/*': ['POST'],
  '/api/bin': ['GET'],
  '/api/datasets/*/columns/*': ['GET'],
  '/api/health': ['GET'],
  '/api/jobs/*': ['GET', 'DELETE'],
  '/api/regions/*': ['GET'],
  '/api/regions/*/currencies': ['GET'],
  '/api/regions/*/measures': ['GET'],
  '/api/studies': ['GET', 'POST'],
  '/api/studies/*': ['GET', 'PUT', 'DELETE'],
  '/api/studies/*/copy': ['POST'],
  '/api/studies/*/datasets': ['POST'],
  '/api/studies/*/datasets/*/columns': ['POST'],
  '/api/studies/*/datasets/*/roles': ['POST'],
  '/api/studies/*/events': ['GET'],
  '/api/studies/*/export': ['GET'],
  '/api/studies/*/file': ['GET'],
  '/api/studies/*/name': ['PUT'],
  '/api/studies/*/picture': ['GET'],
  '/api/studies/*/restore': ['POST'],
  '/api/studies/*/revisions': ['GET'],
  '/api/studies/*/revisions/*': ['GET', 'PUT'],
  '/api/studies/file': ['POST'],
  '/api/stylebook': ['GET', 'POST'],
  '/api/stylebook/*': ['DELETE'],
}
const patterns = Object.entries(PATHS).map(([path, methods]) => ({
  path,
  pattern: new RegExp(`^${path.replaceAll('*', '[^/]+')}/?$`),
  methods,
}))

/** All paths, with their methods. */
export const apiPaths = (): Readonly<Record<string, readonly string[]>> => PATHS

/**
 * The methods that a path takes; none where there is no such path.
 *
 * @example methodsAt('/api/studies/1/copy') // ['POST']
 */
export const methodsAt = (path: string): string[] => [
  ...new Set(
    patterns.filter(({ pattern }) => pattern.test(path)).flatMap(({ methods }) => methods),
  ),
]
