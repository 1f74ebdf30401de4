/**
 * A measure in the words of its id: what the interface calls it.
 *
 * @example measureTitle('liter-per-100-kilometer') // 'liter per 100 kilometer'
 */
export const measureTitle = (id: string): string =>
  id
    .replaceAll('-', ' ')
    .replace(/\bofhg\b/, 'of mercury')
    .replace(/\b1e(\d)\b/, '10^$1')
