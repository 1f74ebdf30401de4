/** Does what may fail; what went wrong is said, and nothing is lost. */
export function useAttempt() {
  const trouble = ref('')
  async function attempt(act: () => Promise<unknown>) {
    trouble.value = ''
    try {
      await act()
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
  return { trouble, attempt }
}
