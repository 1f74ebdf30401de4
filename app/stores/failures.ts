import { defineStore } from 'pinia'

/** What failed in the page itself, until somebody has read it. */
export const useFailures = defineStore('failures', () => {
  const last = ref<string | null>(null)
  const tell = (error: unknown) => {
    last.value = error instanceof Error ? error.message : String(error)
  }
  const forget = () => (last.value = null)
  return { last, tell, forget }
})
