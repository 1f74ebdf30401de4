import { useDocumentVisibility } from '@vueuse/core'
import { useStudy } from '~/stores/study'

/**
 * Follows what other tabs and people save of the study on the desk. Only a tab in sight listens: a
 * browser has few connections to one server.
 */
export function useFollowing() {
  const study = useStudy()
  const visibility = useDocumentVisibility()
  const latest = ref(0)

  watch(
    () => [study.id, visibility.value] as const,
    ([id, seen], _, onCleanup) => {
      latest.value = 0
      if (!id || seen !== 'visible') return
      const news = new EventSource(`/api/studies/${id}/events`)
      news.onmessage = ({ data }: MessageEvent<string>) => {
        const { revision } = JSON.parse(data) as { revision: number | null }
        if (revision !== null) latest.value = revision
      }
      onCleanup(() => news.close())
    },
    { immediate: true },
  )
  // What was told while this tab saved is looked at again once it has.
  watch(
    () => [latest.value, study.state] as const,
    ([revision]) => {
      // Where it cannot be had now, the next save tells of it.
      study.follow(revision).catch(() => undefined)
    },
  )
}
