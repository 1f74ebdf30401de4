const MOST = 1000
const LINES = /\r\n|[\n\r\t]/
/** Parts of one line; a comma parts only with a blank behind it, since numbers have commas. */
const PARTS = [/;\s*/, /,\s+/]

function asJson(text: string): string[] | null {
  try {
    const read: unknown = JSON.parse(text)
    return Array.isArray(read) ? read.map((one) => (one === null ? '' : String(one))) : null
  } catch {
    return null
  }
}

/**
 * The labels of a list that was pasted: one a line or a cell, a list of JSON, or parts of one line.
 * An empty one between others leaves its tick the label that the style writes.
 *
 * @example pastedLabels('0, 0.1, 0.3') // ['0', '0.1', '0.3']
 */
export function pastedLabels(text: string): string[] {
  const listed = asJson(text.trim())
  if (listed) return listed.slice(0, MOST)
  const lines = text.replace(/[\r\n\t]+$/, '').split(LINES)
  const parts = PARTS.find((part) => lines.length === 1 && part.test(text))
  const labels = parts ? text.split(parts) : lines
  return labels.map((label) => label.trim()).slice(0, MOST)
}
