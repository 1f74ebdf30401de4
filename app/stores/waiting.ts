import { defineStore } from 'pinia'

/** A file that was dropped on one screen and opens on another. */
export const useWaiting = defineStore('waiting', () => {
  const file = shallowRef<File | null>(null)
  const keep = (one: File) => (file.value = one)
  function take(): File | null {
    const one = file.value
    file.value = null
    return one
  }
  return { file, keep, take }
})
