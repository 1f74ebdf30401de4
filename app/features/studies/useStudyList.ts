import { studyFileName } from '~~/shared/names'
import type { Study, StudySummary } from '~~/shared/study/study'
import { download } from '~/composables/download'
import { request, requestText } from '~/composables/request'
import { studyList as words } from './words'

/** What a file says, as JSON. @throws Error naming the file where it is none */
async function contentOf(file: File): Promise<object> {
  try {
    return JSON.parse(await file.text())
  } catch {
    throw new Error(words.noStudyNotJson(file.name))
  }
}

/** All studies of the program, and what is done with them. */
export function useStudyList() {
  const studies = shallowRef<StudySummary[] | null>(null)
  const trouble = ref('')
  /** What was removed last, and can be brought back. */
  const removed = shallowRef<StudySummary | null>(null)

  /** Does what may fail; what went wrong is said, and nothing is lost. */
  async function attempt(act: () => Promise<unknown>) {
    trouble.value = ''
    try {
      await act()
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
  const fetchAll = async () => (studies.value = await request<StudySummary[]>('/api/studies'))
  onMounted(() => attempt(fetchAll))
  const change = (path: string, method: string, body: object = {}) =>
    attempt(async () => {
      await request(`/api/studies/${path}`, body, method)
      await fetchAll()
    })
  /** Makes a study and opens it. */
  const open = (path: string, body: object) =>
    attempt(async () => navigateTo(`/study/${(await request<Study>(path, body)).id}`))

  async function remove(study: StudySummary) {
    await change(study.id, 'DELETE')
    if (!trouble.value) removed.value = study
  }
  async function restore() {
    await change(`${removed.value!.id}/restore`, 'POST')
    removed.value = null
  }
  const save = ({ id, name }: StudySummary) =>
    attempt(async () => {
      const text = await requestText(`/api/studies/${id}/file`)
      download(studyFileName(name), text, 'application/json')
    })
  return {
    studies,
    trouble,
    removed,
    begin: (name: string) => open('/api/studies', { name: name.trim() || words.untitledStudy }),
    bringBack: (file: File) =>
      attempt(async () => open('/api/studies/file', await contentOf(file))),
    copy: ({ id }: StudySummary) => change(`${id}/copy`, 'POST'),
    rename: ({ id }: StudySummary, name: string) => change(`${id}/name`, 'PUT', { name }),
    remove,
    restore,
    save,
  }
}
