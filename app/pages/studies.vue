<script setup lang="ts">
import { studyFileName } from '~~/shared/names'
import type { Study, StudySummary } from '~~/shared/study/study'
import { download } from '~/composables/download'
import { request } from '~/composables/request'
import { vFocus } from '~/controls/vFocus'

const studies = shallowRef<StudySummary[] | null>(null)
const trouble = ref('')
const name = ref('')
/** The study that is being renamed, and its name as it is typed. */
const renamed = ref<string | null>(null)
const newName = ref('')
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
const change = (path: string, method: string, body: unknown = {}) =>
  attempt(async () => {
    await request(`/api/studies/${path}`, body, method)
    await fetchAll()
  })

const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
const begin = () =>
  attempt(async () =>
    navigateTo(
      `/study/${(await request<Study>('/api/studies', { name: name.value.trim() || 'Untitled study' })).id}`,
    ),
  )
const copy = ({ id }: StudySummary) => change(`${id}/copy`, 'POST')
async function remove(study: StudySummary) {
  await change(study.id, 'DELETE')
  if (!trouble.value) removed.value = study
}
async function restore() {
  await change(`${removed.value!.id}/restore`, 'POST')
  removed.value = null
}
function startRename(study: StudySummary) {
  renamed.value = study.id
  newName.value = study.name
}
async function rename(study: StudySummary) {
  if (newName.value.trim()) await change(`${study.id}/name`, 'PUT', { name: newName.value.trim() })
  renamed.value = null
}
const save = (study: StudySummary) =>
  attempt(async () => {
    const file = await request<unknown>(`/api/studies/${study.id}/file`)
    download(studyFileName(study.name), JSON.stringify(file), 'application/json')
  })
const bringBack = (event: Event) =>
  attempt(async () => {
    const [file] = (event.target as HTMLInputElement).files ?? []
    if (!file) return
    let content: unknown
    try {
      content = JSON.parse(await file.text())
    } catch {
      throw new Error(
        `${file.name} is no study: it is not JSON. Choose a file that was saved here, such as osprind.study.json.`,
      )
    }
    await navigateTo(`/study/${(await request<Study>('/api/studies/file', content)).id}`)
  })
useHead({ title: 'Studies · Ivory Abacus' })
</script>

<template>
  <main class="studies">
    <h1>Studies</h1>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-if="!studies && !trouble" role="status">Fetching the studies…</p>
    <ul v-if="studies" class="list">
      <li v-for="study in studies" :key="study.id">
        <form v-if="renamed === study.id" @submit.prevent="rename(study)">
          <InputText
            v-model="newName"
            v-focus
            size="small"
            aria-label="New name"
            maxlength="200"
            @focus="($event.target as HTMLInputElement).select()"
            @keydown.esc="renamed = null"
          />
          <Button size="small" type="submit" label="Rename" />
        </form>
        <NuxtLink v-else :to="`/study/${study.id}`">{{ study.name }}</NuxtLink>
        <span class="soft"
          >changed {{ when.format(new Date(study.changedAt)) }}, revision {{ study.revision }}</span
        >
        <span class="acts">
          <QuietButton :aria-label="`Rename ${study.name}`" @click="startRename(study)">
            rename
          </QuietButton>
          <QuietButton :aria-label="`Copy ${study.name}`" @click="copy(study)"> copy </QuietButton>
          <QuietButton :aria-label="`save to a file: ${study.name}`" @click="save(study)">
            save to a file
          </QuietButton>
          <QuietButton :aria-label="`Remove ${study.name}`" @click="remove(study)">
            remove
          </QuietButton>
        </span>
      </li>
    </ul>
    <p v-if="studies?.length === 0" class="soft">
      No study yet. Begin one below, or bring one in from its file.
    </p>
    <p v-if="removed" role="status">
      {{ removed.name }} is removed.
      <QuietButton @click="restore">Bring it back</QuietButton>
    </p>
    <form class="new" @submit.prevent="begin">
      <label for="study-name">A new study</label>
      <InputText id="study-name" v-model="name" placeholder="Untitled study" />
      <Button type="submit" label="Begin" />
      <label class="file"
        >or from a file
        <input
          type="file"
          accept=".json,application/json"
          aria-label="Bring a study in from its file"
          @change="bringBack"
      /></label>
    </form>
  </main>
</template>

<style scoped>
.studies {
  display: grid;
  gap: var(--gap-5);
  align-content: start;
  max-width: 860px;
  margin: 0 auto;
  padding: var(--gap-6) var(--gap-5);
}

h1 {
  font-size: var(--text-title);
  font-weight: 600;
}

.list {
  display: grid;
  gap: 1px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.list li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--gap-4);
  align-items: baseline;
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
}

.list a {
  color: var(--jade);
  font-weight: 600;
}

.file input::file-selector-button {
  padding: var(--gap-1) var(--gap-3);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.list form,
.acts,
.new {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
