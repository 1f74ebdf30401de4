import { stemOf } from '~~/shared/import/endings'
import type { Tabular } from '~~/shared/import/files/types'
import { readApart } from './apart'
import { LONG } from './preview'

/** Characters that are shown of a long file. */
const SHOWN = 2000

/** Reads a file, a long one beside the page. What reads files is loaded when one is there. */
async function readBytes(file: {
  bytes: Uint8Array
  name: string
  part?: number
}): Promise<Tabular> {
  if (file.bytes.length > LONG) {
    const read = await readApart(file, () => {}).read
    if ('file' in read) return read.file
  }
  const { readFile } = await import('~~/shared/import/files')
  return readFile(file)
}

/**
 * The text of a table: pasted, typed, or of a file; and of a file that holds several tables or
 * sheets, which of them it is.
 */
export function useTableFile() {
  const text = ref('')
  const name = ref('')
  const trouble = ref('')
  const busy = ref(false)
  const source = shallowRef<{ bytes: Uint8Array; name: string } | null>(null)
  const parts = ref<readonly string[]>([])
  const part = ref(0)
  /** How the file writes its numbers. */
  const styles = shallowRef<Tabular['styles']>()

  async function readPart(wanted?: number) {
    if (!source.value) return
    trouble.value = ''
    try {
      const found = await readBytes({ ...source.value, part: wanted })
      parts.value = found.parts
      part.value = found.part
      styles.value = found.styles
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
    styles.value = undefined
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
  /** Of a long file the first lines are shown, and it is not typed into. */
  const head = computed(() =>
    source.value && text.value.length > LONG ? text.value.slice(0, SHOWN) : null,
  )
  return { text, head, styles, name, trouble, busy, parts, part, readPart, readFrom, paste, clear }
}
