import { stemOf } from '~~/shared/import/endings'
import type { Tabular } from '~~/shared/import/files/types'
import { readApart, readFileApart } from './apart'
import { LONG } from './preview'

/** Characters that are shown of a long file. */
const SHOWN = 2000

/** Work that can be cancelled while it is awaited. */
function useCancelling() {
  /** Ends the work that is under way; null where none is. */
  const cancelReading = shallowRef<(() => void) | null>(null)
  async function awaited<Result>(work: { read: Promise<Result>; cancel: () => void }) {
    cancelReading.value = work.cancel
    try {
      return await work.read
    } finally {
      cancelReading.value = null
    }
  }
  return { cancelReading, awaited }
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
  const { cancelReading, awaited } = useCancelling()
  const source = shallowRef<{ bytes: Uint8Array; name: string } | null>(null)
  const parts = ref<readonly string[]>([])
  const part = ref(0)
  /** How the file writes its numbers. */
  const styles = shallowRef<Tabular['styles']>()

  async function readPart(wanted?: number) {
    if (!source.value) return
    trouble.value = ''
    try {
      const found = await awaited(readFileApart({ ...source.value, part: wanted }))
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
    const found = await awaited(readApart({ page: html })).catch(() => null)
    text.value = found && 'file' in found ? found.file.text : plain
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
  const state = { text, head, styles, name, trouble, busy, parts, part, cancelReading }
  return { ...state, readPart, readFrom, paste, clear }
}
