/** Delimiters that a segment may hold as they are or percent-encoded (RFC 3986, 3.3). */
const DELIMITERS = /[!'()*:@$&+,;=]/g
const CONTROLS = /[\u0000-\u001f\u007f]/

const encoded = (character: string): string =>
  `%${character.charCodeAt(0).toString(16).toUpperCase().padStart(2, '0')}`
const withDelimitersEncoded = (segment: string): string =>
  segment.replace(DELIMITERS, encoded).replace(/%[0-9a-f]{2}/gi, (code) => code.toUpperCase())

/** Whether a segment is spelled in the one way in which its text is written. */
function isNormal(segment: string): boolean {
  let text: string
  try {
    text = decodeURIComponent(segment)
  } catch {
    return false
  }
  if (text === '' || text === '.' || text === '..' || CONTROLS.test(text)) return false
  return withDelimitersEncoded(encodeURIComponent(text)) === withDelimitersEncoded(segment)
}

/**
 * The path that a request asks for, if it is in normal form (RFC 3986, 6.2.2): it starts with one
 * slash, has no empty or dot segments, and encodes nothing that needs no encoding. The router
 * decodes paths, so two spellings of one route must not get past the guard as two paths.
 *
 * @param target the request target as the client sent it, query included
 * @returns the path without its query; null if it has another spelling than its normal form
 * @example
 * requestPath('/api/studies?all=1') // '/api/studies'
 * requestPath('/%61pi/studies') // null
 */
export function requestPath(target: string): string | null {
  const [path = ''] = target.split('?')
  if (path === '/') return path
  // Folders of files are asked for with a slash at their end; no route of the API has one.
  const [before, ...segments] = path.replace(/\/$/, '').split('/')
  return before === '' && segments.length > 0 && segments.every(isNormal) ? path : null
}
