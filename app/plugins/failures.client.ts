import { useFailures } from '~/stores/failures'

/**
 * Nothing fails without a word: what goes wrong in the page is told in it, and stays in the
 * browser's log.
 */
export default defineNuxtPlugin((app) => {
  const failures = useFailures()
  app.hook('vue:error', (error) => {
    console.error(error)
    failures.tell(error)
  })
  window.addEventListener('unhandledrejection', ({ reason }) => failures.tell(reason))
})
