import { defineStore } from 'pinia'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { type Place, type Stylebook, type Update, updatesOf, withLinked } from '~~/shared/stylebook'
import type { StudyDocument } from '~~/shared/study/document'
import type { BookEntry } from '~~/shared/study/linked'
import { request } from '~/composables/request'
import { words as catalogue } from '~~/words'
import { useStudy } from './study'

const words = catalogue.stores.stylebook

const PATH = '/api/stylebook'
const EMPTY: Stylebook = { entries: [], troubles: [], folder: null }

/** The styles that have a name outside studies, and what the study on the desk takes of them. */
export const useStylebook = defineStore('stylebook', () => {
  const study = useStudy()
  const book = shallowRef<Stylebook>(EMPTY)
  const trouble = ref('')

  /** @returns whether it was done; where not, the trouble says why */
  async function tried(act: () => Promise<unknown>): Promise<boolean> {
    try {
      trouble.value = ''
      await act()
      return true
    } catch (error) {
      trouble.value = (error as Error).message
      return false
    }
  }
  const look = async () => {
    book.value = await request<Stylebook>(PATH)
  }
  const load = () => tried(look)

  /** What the study takes of styles that are others now. */
  const updates = computed<Update[]>(() =>
    study.document ? updatesOf(study.document, book.value.entries) : [],
  )
  const change = (what: string, style: Style, next: (document: StudyDocument) => StudyDocument) =>
    study.withTables(
      [inherit(style)],
      () => study.document && study.change(what, next(study.document)),
      words.styleUnchanged,
    )
  const take = (place: Place, entry: BookEntry, where: string) =>
    change(
      words.use({ name: entry.name, version: entry.version, where }),
      entry.style,
      (document) => withLinked(document, place, entry),
    )
  const letGo = (place: Place, where: string) =>
    study.document &&
    study.change(words.stopUsing({ where }), withLinked(study.document, place, null))

  /** @returns the entry as it stands in the book; null where it could not be entered */
  async function enter(name: string, style: Style): Promise<BookEntry | null> {
    let entered: BookEntry | null = null
    await tried(async () => {
      entered = await request<BookEntry>(PATH, { name, style })
      await look()
    })
    return entered
  }
  const remove = (name: string) =>
    tried(async () => {
      await request(`${PATH}/${encodeURIComponent(name)}`, undefined, 'DELETE')
      await look()
    })
  return { book, trouble, load, updates, take, letGo, enter, remove }
})
