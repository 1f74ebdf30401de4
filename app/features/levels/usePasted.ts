import type { Style } from '~~/core/style/fields'
import { parseStyle } from '~~/core/style/parse'

/** A style that is pasted as JSON: the style, or what is wrong with the text and where. */
export function usePasted() {
  const text = ref('')
  const read = computed((): { style: Style | null; trouble: string } => {
    if (text.value.trim() === '') return { style: null, trouble: '' }
    try {
      return { style: parseStyle(JSON.parse(text.value)), trouble: '' }
    } catch (error) {
      return { style: null, trouble: (error as Error).message }
    }
  })
  return { text, read }
}
