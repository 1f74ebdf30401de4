import { stemOf } from '~~/shared/import/endings'
import { studyFileName } from '~~/shared/names'
import type { Backup, ListedStudy, Study } from '~~/shared/study/study'
import { download } from '~/composables/download'
import { noteTaken } from '~/composables/taken'
import { request, requestText } from '~/composables/request'
import { readFileApart } from '~/features/data/apart'
import { words as catalogue } from '~~/words'

const words = catalogue.studies.studyList

/** Characters at a file's start among which a study says that it is one. */
const HEAD = 400
/** What a study's file says; null where a file is none, and holds a table. */
async function studyIn(file: File): Promise<object | null> {
  if (!(await file.slice(0, HEAD).text()).includes('ivory-abacus study')) return null
  try {
    return JSON.parse(await file.text()) as object
  } catch {
    throw new Error(words.notAStudy({ name: file.name }))
  }
}
/** Begins a study with what is in a file: a study, or a table. */
async function studyOf(file: File): Promise<Study> {
  const study = await studyIn(file)
  if (study) return request<Study>('/api/studies/file', study)
  const bytes = new Uint8Array(await file.arrayBuffer())
  const { text, styles } = await readFileApart({ bytes, name: file.name }).read
  return request<Study>('/api/studies', { name: stemOf(file.name), table: { text, styles } })
}

/** All studies of the program, and what is done with them. */
export function useStudyList() {
  const studies = shallowRef<ListedStudy[] | null>(null)
  /** What was removed, and can be brought back. */
  const bin = shallowRef<ListedStudy[]>([])
  const backups = shallowRef<readonly Backup[]>([])
  /** Where the studies are that stood before a backup was brought back. */
  const aside = ref('')
  const { trouble, attempt } = useAttempt()

  async function fetchAll() {
    studies.value = await request<ListedStudy[]>('/api/studies')
    bin.value = await request<ListedStudy[]>('/api/bin')
    backups.value = (await request<{ backups: Backup[] }>('/api/backups')).backups
  }
  onMounted(() => attempt(fetchAll))
  const change = (path: string, method: string, body: object = {}) =>
    attempt(async () => {
      await request(`/api/studies/${path}`, body, method)
      await fetchAll()
    })
  /** Makes a study and opens it. */
  const begin = (name: string) =>
    attempt(async () => {
      const made = await request<Study>('/api/studies', {
        name: name.trim() || words.untitled,
      })
      await navigateTo(`/study/${made.id}`)
    })
  /** Brings files in, each a study of its own; a single one is opened. */
  const bringIn = (files: readonly File[]) =>
    attempt(async () => {
      const [only] = files
      if (only && files.length === 1) return navigateTo(`/study/${(await studyOf(only)).id}`)
      try {
        for (const file of files) await studyOf(file)
      } finally {
        await fetchAll()
      }
    })
  /** Brings all studies back to what they were. */
  const goBack = (name: string) =>
    attempt(async () => {
      const path = `/api/backups/${encodeURIComponent(name)}`
      const done = await request<{ aside: string | null }>(path, {}, 'POST')
      aside.value = done.aside ?? ''
      await fetchAll()
    })
  const save = ({ id, name, revision }: ListedStudy) =>
    attempt(async () => {
      const text = await requestText(`/api/studies/${id}/file`)
      download({ name: studyFileName(name), text, type: 'application/json' })
      await noteTaken(id, revision)
    })
  return {
    ...{ studies, bin, backups, aside, trouble, begin, bringIn, save, goBack },
    copy: ({ id }: ListedStudy) => change(`${id}/copy`, 'POST'),
    rename: ({ id }: ListedStudy, name: string) => change(`${id}/name`, 'PUT', { name }),
    remove: ({ id }: ListedStudy) => change(id, 'DELETE'),
    restore: ({ id }: ListedStudy) => change(`${id}/restore`, 'POST'),
  }
}
