import { csvOf } from '~~/shared/proof/csv'
import { WRITERS } from '~~/shared/proof/readers'
import type { WorkTable } from '~~/shared/proof/rows'
import type { ProofView } from '~~/shared/proof/view'
import type { Study } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { useLocaleTables } from '~/stores/localeTables'
import { useProofWorker } from './useProofWorker'

/** What stands in a file, and how it is read. */
export interface OpenWork {
  readonly text: string
  readonly view: ProofView
}
export type Proof = ReturnType<typeof useProof>

/** A study with the rows of a table; none where it has none. */
const studyOf = async ({ name, rows }: WorkTable, file: string): Promise<Study | null> =>
  rows.length < 2
    ? null
    : await request<Study>('/api/studies', { name: name || file, table: { text: csvOf(rows) } })

/** A finished work that is proofed: read beside the page, written anew part by part. */
export function useProof() {
  const regions = useLocaleTables()
  const ask = useProofWorker()
  const name = ref('')
  const trouble = ref('')
  const busy = ref(false)
  const declared = ref<readonly string[]>([])
  const work = shallowRef<OpenWork | null>(null)
  /** What stood before each change, the last one last. */
  const before = shallowRef<readonly OpenWork[]>([])

  async function read(bytes: Uint8Array): Promise<OpenWork | null> {
    await regions.load([...WRITERS, ...declared.value].map((locale) => ({ locale })))
    // What comes from a store is not to be cloned with its watchers.
    const plain = { tables: toRaw(regions.loaded.tables) }
    const answer = await ask({ read: bytes, declared: [...declared.value], regions: plain })
    if ('trouble' in answer) throw new Error(answer.trouble)
    return 'view' in answer ? answer : null
  }
  /** Opens a file; what was open goes. */
  async function open(file: File) {
    name.value = file.name
    trouble.value = ''
    busy.value = true
    before.value = []
    try {
      work.value = await read(new Uint8Array(await file.arrayBuffer()))
    } catch (error) {
      work.value = null
      trouble.value = (error as Error).message
    }
    busy.value = false
  }
  /** The file with the labels of a part written anew, read again. */
  async function preview(part: number, labels: readonly string[]): Promise<OpenWork | null> {
    const answer = await ask({ part, labels: [...labels] })
    return 'view' in answer ? answer : null
  }
  const become = async ({ text }: OpenWork) => {
    work.value = await read(new TextEncoder().encode(text))
  }
  async function accept(next: OpenWork) {
    before.value = [...before.value, work.value!]
    await become(next)
  }
  async function takeBack() {
    const last = before.value.at(-1)
    if (!last) return
    before.value = before.value.slice(0, -1)
    await become(last)
  }
  /** Reads what is open as people of other regions do. */
  async function readAs(tags: readonly string[]) {
    declared.value = tags
    if (work.value) await become(work.value)
  }
  /** A study with the numbers of what is open; none where it has none. */
  async function makeStudy(): Promise<Study | null> {
    const answer = await ask({ table: true })
    return 'table' in answer ? studyOf(answer.table, name.value.replace(/\.\w+$/, '')) : null
  }
  const state = { name, trouble, busy, declared, work, before }
  return { ...state, open, preview, accept, takeBack, readAs, makeStudy }
}
