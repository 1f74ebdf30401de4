import { stylesIn } from '~~/shared/quantities'
import type { StudyDocument } from '~~/shared/study/document'
import type { RevisionSummary } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.historyList

const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
/** When a revision was made, as people say it. */
export const momentOf = ({ madeAt }: RevisionSummary): string => when.format(new Date(madeAt))

/** Everything that was done to the study, over tabs and restarts, and the way back to it. */
export function useRevisions() {
  const study = useStudy()
  const tables = useLocaleTables()
  const revisions = shallowRef<readonly RevisionSummary[]>([])
  const chosen = ref<number | null>(null)
  const { trouble, attempt } = useAttempt()
  /** Whether there may be revisions before those that are here. */
  const hasMore = computed(() => (revisions.value.at(-1)?.number ?? 1) > 1)

  const path = (rest = '') => `/api/studies/${study.id}/revisions${rest}`
  const open = () =>
    attempt(async () => {
      await study.flush()
      revisions.value = await request<RevisionSummary[]>(path())
      chosen.value = revisions.value[0]?.number ?? null
    })
  const more = () =>
    attempt(async () => {
      const before = revisions.value.at(-1)!.number
      const older = await request<RevisionSummary[]>(path(`?before=${before}`))
      revisions.value = [...revisions.value, ...older]
    })
  const call = (number: number, name: string | null) =>
    attempt(async () => {
      await request(path(`/${number}`), { name }, 'PUT')
      revisions.value = revisions.value.map((one) =>
        one.number === number ? { ...one, name } : one,
      )
    })
  /** Makes the study what it was at a revision: a step like any other, which can be taken back. */
  const goBack = (one: RevisionSummary) =>
    attempt(async () => {
      const { document } = await request<{ document: StudyDocument }>(path(`/${one.number}`))
      await tables.load(stylesIn(document))
      study.change(words.restored({ version: one.name ?? momentOf(one) }), document)
    })
  const picture = computed(() =>
    chosen.value === null ? null : `/api/studies/${study.id}/picture?revision=${chosen.value}`,
  )
  return { revisions, chosen, trouble, hasMore, open, more, call, goBack, picture }
}
