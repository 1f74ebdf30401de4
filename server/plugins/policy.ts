import { createHash } from 'node:crypto'
import { defineNitroPlugin } from 'nitropack/runtime'
import { isPage } from '../http/pages'

const INLINE_SCRIPT = /<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g

const hashOf = (text: string): string =>
  `'sha256-${createHash('sha256').update(text).digest('base64')}'`

/**
 * A content security policy for each page: its own files, and the inline scripts that it was sent
 * with.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response, { event }) => {
    // The app itself says that there is no such page; programs go by the status.
    if (response.statusCode === 200 && !isPage(event.path.split('?')[0]!)) response.statusCode = 404
    if (typeof response.body !== 'string') return
    const scripts = Array.from(response.body.matchAll(INLINE_SCRIPT), ([, text = '']) =>
      hashOf(text),
    )
    response.headers = {
      ...response.headers,
      'content-security-policy': [
        "default-src 'self'",
        `script-src 'self' ${scripts.join(' ')}`,
        "style-src 'self' 'unsafe-inline'",
        "img-src 'self' data: blob:",
        "font-src 'self'",
        "connect-src 'self'",
        "object-src 'none'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
      ].join('; '),
    }
  })
})
