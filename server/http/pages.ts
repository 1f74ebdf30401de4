/**
 * The addresses of the app's pages; a star stands for one segment. A test compares it with the files
 * in `app/pages`.
 */
const PAGES = [
  '/',
  '/proof',
  '/studies',
  '/study/*',
  '/study/*/compare',
  '/study/*/ladders',
  '/study/*/regions',
  '/study/*/sweep',
  '/study/*/ticks',
] as const
const patterns = PAGES.map((page) => new RegExp(`^${page.replaceAll('*', '[^/]+')}/?$`))

/** All pages of the app. */
export const appPages = (): readonly string[] => PAGES

/**
 * Whether the app has a page at a path, with a slash at its end or without.
 *
 * @example isPage('/study/1/ticks') // true
 */
export const isPage = (path: string): boolean => patterns.some((pattern) => pattern.test(path))
