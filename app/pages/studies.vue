<script setup lang="ts">
import type { Study, StudySummary } from '~~/shared/study'
import { request } from '~/composables/request'

const studies = shallowRef<StudySummary[] | null>(null)
const trouble = ref('')
const name = ref('')

onMounted(async () => {
  try {
    studies.value = await request<StudySummary[]>('/api/studies')
  } catch (error) {
    trouble.value = (error as Error).message
  }
})

const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })

async function begin() {
  trouble.value = ''
  try {
    const study = await request<Study>('/api/studies', { name: name.value.trim() || 'Untitled study' })
    await navigateTo(`/study/${study.id}`)
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
useHead({ title: 'Studies · Ivory Abacus' })
</script>

<template>
  <main class="studies">
    <h1>Studies</h1>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-if="!studies && !trouble" role="status">Fetching the studies…</p>
    <ul v-if="studies" class="list">
      <li v-for="study in studies" :key="study.id">
        <NuxtLink :to="`/study/${study.id}`">{{ study.name }}</NuxtLink>
        <span class="soft">changed {{ when.format(new Date(study.changedAt)) }}, revision {{ study.revision }}</span>
      </li>
    </ul>
    <form class="new" @submit.prevent="begin">
      <label for="study-name">A new study</label>
      <InputText id="study-name" v-model="name" placeholder="Untitled study" />
      <Button type="submit" label="Begin" />
    </form>
  </main>
</template>

<style scoped>
.studies {
  display: grid;
  gap: var(--gap-5);
  align-content: start;
  max-width: 640px;
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
  display: flex;
  gap: var(--gap-4);
  align-items: baseline;
  justify-content: space-between;
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
}

.list a {
  color: var(--jade);
  font-weight: 600;
}

.new {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
