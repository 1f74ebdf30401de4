import type { Directive } from 'vue'

const before = new WeakMap<HTMLElement, Element | null>()

/**
 * `v-focus` on a field that comes up when it is asked for: it takes the focus, which `autofocus`
 * does only where nothing has it yet, and gives it back to what had it, where that is still there.
 */
export const vFocus: Directive<HTMLElement> = {
  mounted(field) {
    before.set(field, document.activeElement)
    field.focus()
  },
  unmounted(field) {
    const had = before.get(field)
    if (had instanceof HTMLElement && had.isConnected && document.activeElement === document.body)
      had.focus()
  },
}
