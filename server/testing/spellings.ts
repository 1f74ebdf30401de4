const encodeAt = (text: string, at: number): string =>
  `${text.slice(0, at)}%${text.charCodeAt(at).toString(16)}${text.slice(at + 1)}`

/**
 * Twenty ways to spell a path that a lenient router may take for the path itself.
 *
 * @param path a path of the API in normal form
 * @example spellingsOf('/api/bin')[0] // '/%61pi/bin'
 */
export function spellingsOf(path: string): string[] {
  const rest = path.slice('/api'.length)
  const encodedOnce = encodeAt(path, 1)
  return [
    encodedOnce,
    encodeAt(path, 2),
    encodeAt(path, path.length - 1),
    encodedOnce.replace('%', '%25'),
    `/api%2F${rest.slice(1)}`,
    `/api%5C${rest.slice(1)}`,
    `\\api${rest}`,
    `/api\\${rest.slice(1)}`,
    `//api${rest}`,
    `/api/${rest}`,
    `/./api${rest}`,
    `/x/../api${rest}`,
    `/%2e/api${rest}`,
    `/x/%2E%2E/api${rest}`,
    `${path}/`,
    `${path}/.`,
    `${path}%00`,
    `/API${rest}`,
    `http://127.0.0.1${path}`,
    `api${rest}`,
  ]
}
