import { stemOf } from '~~/shared/import/endings'

/**
 * The text of a table: pasted, typed, or of a file; and of a file that holds several tables or
 * sheets, which of them it is. What reads files is loaded when one is there.
 */
export function useTableFile() {
  const text = ref('')
  const name = ref('')
  const trouble = ref('')
  const busy = ref(false)
  const source = shallowRef<{ bytes: Uint8Array; name: string } | null>(null)
  const parts = ref<readonly string[]>([])
  const part = ref(0)

  async function readPart(wanted?: number) {
    if (!source.value) return
    const { readFile } = await import('~~/shared/import/files')
    trouble.value = ''
    try {
      const found = await readFile({ ...source.value, part: wanted })
      parts.value = found.parts
      part.value = found.part
      text.value = found.text
    } catch (error) {
      text.value = ''
      trouble.value = (error as Error).message
    }
  }
  async function readFrom(file: File | undefined) {
    if (!file) return
    busy.value = true
    source.value = { bytes: new Uint8Array(await file.arrayBuffer()), name: file.name }
    name.value = stemOf(file.name)
    await readPart()
    busy.value = false
  }
  function forget() {
    source.value = null
    parts.value = []
  }
  /** A table of a page or a sheet, whose cells the clipboard has in elements of their own. */
  async function paste(event: ClipboardEvent) {
    const html = event.clipboardData?.getData('text/html') ?? ''
    if (!/<table\b/i.test(html)) return
    event.preventDefault()
    const plain = event.clipboardData?.getData('text/plain') ?? ''
    forget()
    const { tableOfPage } = await import('~~/shared/import/files/html')
    try {
      text.value = tableOfPage(html).text
    } catch {
      text.value = plain
    }
  }
  function clear() {
    text.value = ''
    name.value = ''
    trouble.value = ''
    forget()
  }
  return { text, name, trouble, busy, parts, part, readPart, readFrom, paste, clear }
}
