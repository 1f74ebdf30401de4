import { readTable, type Said } from '~~/shared/import/table'
import { readApart } from './apart'
import { LONG, previewOf, type TablePreview } from './preview'

/** JSON may make a table that is far larger than its text. */
const MAY_GROW = /^\s*[[{]/

/** What a text would be as a table: read at once, or beside the page where it is long. */
export function useReading(text: Ref<string>, said: Ref<Said>) {
  const table = shallowRef<TablePreview | null>(null)
  const trouble = ref('')
  /** How much of a long text is read, from 0 to 1; null where none is. */
  const done = ref<number | null>(null)
  let giveUp = () => {}

  function settle(read: TablePreview | null, wrong = '') {
    table.value = read
    trouble.value = wrong
    done.value = null
  }
  function readLong() {
    settle(null)
    done.value = 0
    const own = { text: text.value, said: said.value }
    const reading = readApart(own, (part) => (done.value = part))
    giveUp = reading.cancel
    const isNewest = () => giveUp === reading.cancel
    reading.read.then(
      (read) => isNewest() && 'table' in read && settle(read.table),
      (error: Error) => isNewest() && settle(null, error.message),
    )
  }
  function read() {
    const before = giveUp
    giveUp = () => {}
    before()
    if (text.value.trim() === '') return settle(null)
    if (text.value.length > LONG || MAY_GROW.test(text.value)) return readLong()
    try {
      settle(previewOf(readTable(text.value, said.value)))
    } catch (error) {
      settle(null, (error as Error).message)
    }
  }
  watch([text, said], read, { immediate: true })
  onScopeDispose(() => giveUp())
  return { table, trouble, done }
}
