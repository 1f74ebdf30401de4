import type { ExportFile } from '~~/shared/exports/export'

const bytesOf = (base64: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(base64), (one) => one.charCodeAt(0))

/** Gives a file to the browser. */
export function download({ name, text, type, encoding }: ExportFile): void {
  const link = document.createElement('a')
  const content = encoding === 'base64' ? bytesOf(text) : text
  link.href = URL.createObjectURL(new Blob([content], { type }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
